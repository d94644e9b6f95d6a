package reliqua.desktop.trial;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.Callable;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.event.EventType;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ListView;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.stage.Stage;
import reliqua.core.build.Step;
import reliqua.core.cutting.Ticket;
import reliqua.core.project.Design;
import reliqua.core.project.Finished;
import reliqua.core.project.PlanReview;
import reliqua.core.project.Project;
import reliqua.desktop.ReliquaApp;
import reliqua.desktop.work.DataFolder;
import reliqua.desktop.work.Workspace;
import reliqua.files.DemoProjects;
import reliqua.files.Examples;
import reliqua.files.FinishedPdf;
import reliqua.files.PacketPdf;
import reliqua.files.ProjectFile;
import reliqua.standins.Climates;
import reliqua.standins.Merchants;

/**
 * Whole builds in the real window: a house is settled on, every line of the list brought home,
 * every ticket cut and every step ticked, in that order, by the controls a keeper has. What is left
 * at the end is told, and packet, page of the finished coop and project are written. {@code build
 * FOLDER [ID...]}.
 */
public final class WholeBuilds extends Application {
    private static final String DEMO = "tern-lane";
    private static final List<String> USUAL =
            List.of(DEMO, "ferry-meadow", "coal-lane", "slip-yard", "saltings");
    private static final long LOOK_AGAIN = 50;

    /** A plan takes seconds; whoever waits longer than this waits in vain. */
    private static final long PATIENCE = 240_000;

    /** Entry point. */
    public static void main(String[] args) {
        launch(WholeBuilds.class, args);
    }

    @Override
    public void start(Stage stage) throws IOException {
        List<String> raw = getParameters().getRaw();
        Path out = Path.of(raw.getFirst());
        Files.createDirectories(out);
        List<String> ids = raw.size() > 1 ? raw.subList(1, raw.size()) : USUAL;
        DataFolder data = new DataFolder(Files.createTempDirectory("reliqua-builds"));
        Workspace workspace = new Workspace(project(ids.getFirst()), data.place("Builds"), data);
        ReliquaApp.show(stage, workspace);
        Thread.ofPlatform().start(() -> walk(stage.getScene(), workspace, ids, out));
    }

    private static Project project(String id) {
        return id.equals(DEMO)
                ? DemoProjects.ternLane(Merchants::priceBook, new Climates())
                : Examples.find(id).orElseThrow().project(Merchants::priceBook);
    }

    private static void walk(Scene scene, Workspace workspace, List<String> ids, Path out) {
        System.out.println(
                "| project | fetched | paid | cut | ticked | still to buy | to cut | to do |"
                        + " hours |");
        System.out.println("|---|---|---|---|---|---|---|---|---|");
        try {
            for (String id : ids) {
                new Walk(scene, workspace, id).all(out);
            }
        } catch (InterruptedException
                | ExecutionException
                | IOException
                | IllegalStateException e) {
            System.out.println("The build came to a stop: " + e);
        }
        Platform.runLater(
                () -> {
                    workspace.close();
                    Platform.exit();
                });
    }

    /** One of them. */
    private static final class Walk {
        private final Scene scene;
        private final Workspace workspace;
        private final String id;
        private int fetched;
        private int cut;
        private int ticked;

        Walk(Scene scene, Workspace workspace, String id) {
            this.scene = scene;
            this.workspace = workspace;
            this.id = id;
        }

        void all(Path out) throws InterruptedException, ExecutionException, IOException {
            Project fresh = project(id);
            Path place = workspace.folder().place(id);
            onWindow(
                    () -> {
                        workspace.open(fresh, place);
                        return true;
                    });
            until(() -> workspace.path().get().equals(place));
            planned();
            go("fit");
            if (workspace.project().chosen().isEmpty()) {
                press("settle");
            }
            planned();
            fetch();
            saw();
            raise();
            tell();
            Project project = workspace.project();
            Files.write(
                    out.resolve(id + "-packet.pdf"),
                    PacketPdf.write(project, design(), PlanReview.of(project, design())));
            Files.write(out.resolve(id + "-finished.pdf"), FinishedPdf.write(project, design()));
            ProjectFile.save(out.resolve(id + ".reliqua"), project);
        }

        /** Line after line, as long as the list gets shorter. */
        private void fetch() throws InterruptedException, ExecutionException {
            go("fetch");
            int most = design().bill().lines().size() * 2;
            while (!design().bill().lines().isEmpty() && fetched < most) {
                press("buy-" + design().bill().lines().getFirst().id());
                Project before = workspace.project();
                press("line-fetched");
                until(() -> workspace.project() != before);
                planned();
                fetched++;
            }
        }

        private void saw() throws InterruptedException, ExecutionException {
            go("saw");
            int most = design().candidate().plan().tickets().size() * 2;
            while (!design().candidate().plan().tickets().isEmpty() && cut < most) {
                Ticket next = design().candidate().plan().tickets().getFirst();
                Project before = workspace.project();
                onWindow(
                        () -> {
                            ListView<?> list = (ListView<?>) scene.lookup("#tickets");
                            list.getSelectionModel().select(list.getItems().size() - left());
                            list.requestFocus();
                            list.fireEvent(space(KeyEvent.KEY_PRESSED));
                            list.fireEvent(space(KeyEvent.KEY_RELEASED));
                            return next;
                        });
                until(() -> workspace.project() != before);
                planned();
                cut++;
            }
        }

        private static KeyEvent space(EventType<KeyEvent> type) {
            return new KeyEvent(type, " ", "", KeyCode.SPACE, false, false, false, false);
        }

        private int left() {
            return design().candidate().plan().tickets().size();
        }

        private void raise() throws InterruptedException, ExecutionException {
            go("raise");
            for (Step step : design().steps()) {
                if (!workspace.project().done().contains(step.key())) {
                    until(() -> scene.lookup("#step-" + step.id()) instanceof CheckBox);
                    press("step-" + step.id());
                    until(() -> workspace.project().done().contains(step.key()));
                    planned();
                    ticked++;
                }
            }
        }

        private void tell() {
            Project project = workspace.project();
            Design design = design();
            long toDo =
                    design.steps().stream().filter(s -> !project.done().contains(s.key())).count();
            Finished finished = Finished.of(project, design);
            System.out.println(
                    String.format(
                            Locale.ENGLISH,
                            "| %s | %d | %.2f | %d | %d | %.2f | %d | %d | %.1f |",
                            project.name(),
                            fetched,
                            finished.paid().amount(),
                            cut,
                            ticked,
                            finished.toBuy().amount(),
                            left(),
                            toDo,
                            finished.minutes() / 60.0));
        }

        private Design design() {
            return workspace.designs().state().get().design().orElseThrow();
        }

        private void planned() throws InterruptedException {
            Thread.sleep(LOOK_AGAIN);
            until(
                    () ->
                            workspace.designs().progress().get() >= 1
                                    && workspace.designs().state().get().design().isPresent());
        }

        private void go(String station) throws InterruptedException, ExecutionException {
            press("go-" + station);
        }

        private void press(String button) throws InterruptedException, ExecutionException {
            onWindow(
                    () -> {
                        Node node = scene.lookup("#" + button);
                        if (!(node instanceof ButtonBase pressed)) {
                            throw new IllegalStateException("there is nothing to press: " + button);
                        }
                        pressed.fire();
                        return button;
                    });
        }

        private static void until(Callable<Boolean> holds) throws InterruptedException {
            long end = System.currentTimeMillis() + PATIENCE;
            try {
                while (!onWindow(holds)) {
                    if (System.currentTimeMillis() > end) {
                        throw new IllegalStateException("waited in vain");
                    }
                    Thread.sleep(LOOK_AGAIN);
                }
            } catch (ExecutionException e) {
                throw new IllegalStateException(e.getCause());
            }
        }

        private static <T> T onWindow(Callable<T> work)
                throws InterruptedException, ExecutionException {
            CompletableFuture<T> done = new CompletableFuture<>();
            Platform.runLater(
                    () -> {
                        try {
                            done.complete(work.call());
                        } catch (Exception e) {
                            done.completeExceptionally(e);
                        }
                    });
            return done.get();
        }
    }
}
