package reliqua.desktop;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.geometry.Rectangle2D;
import javafx.scene.Scene;
import javafx.scene.text.Font;
import javafx.stage.Screen;
import javafx.stage.Stage;
import javafx.stage.WindowEvent;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import reliqua.core.measure.Language;
import reliqua.core.measure.Words;
import reliqua.core.project.Project;
import reliqua.desktop.shell.FirstQuestions;
import reliqua.desktop.shell.Shell;
import reliqua.desktop.work.DataFolder;
import reliqua.desktop.work.Workspace;
import reliqua.files.DemoProjects;
import reliqua.files.LogFile;
import reliqua.standins.Climates;
import reliqua.standins.Merchants;

/**
 * The application: without an argument it opens the latest project, with {@code demo} the demo,
 * else a file.
 */
public final class ReliquaApp extends Application {
    private static final double WIDTH = 1280;
    private static final double HEIGHT = 800;
    private static final double LEAST_WIDTH = 800;
    private static final double LEAST_HEIGHT = 560;
    private static final String ASKED = "first-questions";
    private static final Logger LOG = LoggerFactory.getLogger(ReliquaApp.class);

    /** A stage that is watched once must not be watched again for the next workspace. */
    private static final String WATCHED = "watched";

    /** Looks whether the file of the workspace that is shown was changed by others. */
    private static Runnable look = () -> {};

    private @Nullable Workspace workspace;

    @Override
    public void start(Stage stage) {
        DataFolder folder = DataFolder.standard();
        Words.speak(language(folder));
        Workspace opened = open(getParameters().getRaw(), folder);
        workspace = opened;
        watchFaults(opened);
        boolean first = getParameters().getRaw().isEmpty() && isFirst(opened.folder());
        Shell shell = show(stage, opened);
        shell.onLanguage(language -> speak(stage, shell.at(), language));
        if (first) {
            FirstQuestions.show(stage, project -> begin(shell, opened, project));
        }
    }

    /** As it was chosen, else the computer's own where it is spoken here. */
    private static Language language(DataFolder folder) {
        String own = Locale.getDefault().getLanguage();
        return Language.find(folder.setting("language", own)).orElse(Language.ENGLISH);
    }

    private void speak(Stage stage, String station, Language language) {
        Workspace fresh = reopened(Objects.requireNonNull(workspace), language);
        if (fresh == workspace) {
            return;
        }
        workspace = fresh;
        watchFaults(fresh);
        Shell shell = show(stage, fresh);
        shell.onLanguage(other -> speak(stage, shell.at(), other));
        shell.go(station);
    }

    /**
     * Closes the project and opens it again in another language; while the work is not safe, all
     * stays as it is.
     */
    static Workspace reopened(Workspace before, Language language) {
        before.saveNow();
        if (!before.isSafe()) {
            before.tell(Texts.get("language.unsafe"));
            return before;
        }
        Words.speak(language);
        Path file = before.path().get();
        before.close();
        Workspace fresh = new Workspace(before.project(), file, before.folder());
        if (Files.exists(file)) {
            fresh.openNow(file);
        }
        return fresh;
    }

    /** Nothing was opened here before, and nothing was asked. */
    private static boolean isFirst(DataFolder folder) {
        return folder.recent().isEmpty() && folder.setting(ASKED, "").isEmpty();
    }

    private static void begin(Shell shell, Workspace workspace, Project project) {
        workspace.open(project, workspace.folder().freshPlace(project.name()));
        shell.go("fit");
        String system = project.keeper().tape().system().name();
        workspace.tell(Texts.get("first.told", Texts.get("first.told." + system)));
        try {
            workspace.folder().set(ASKED, "yes");
        } catch (IOException e) {
            LOG.info("The answer is not kept, it will be asked again: {}", e.getMessage());
        }
    }

    /** What nobody foresaw goes to the log and is said; the window and the work stay. */
    static void watchFaults(Workspace workspace) {
        Thread.setDefaultUncaughtExceptionHandler(
                (thread, fault) -> {
                    LOG.error("Fault in {}", thread.getName(), fault);
                    Platform.runLater(
                            () -> {
                                workspace.save();
                                workspace.tell(Texts.get("fault.told", LogFile.place()));
                            });
                });
    }

    /** Puts a workspace into a window. */
    public static Shell show(Stage stage, Workspace workspace) {
        fonts();
        Shell shell = new Shell(workspace);
        Scene scene = new Scene(shell, WIDTH, HEIGHT);
        scene.getStylesheets()
                .add(
                        Objects.requireNonNull(ReliquaApp.class.getResource("reliqua.css"))
                                .toExternalForm());
        DataFolder folder = workspace.folder();
        scene.getRoot()
                .getStyleClass()
                .addAll(folder.setting("look", "whitewash"), folder.setting("size", "text-normal"));
        stage.setTitle(Texts.get("window.title"));
        stage.setScene(scene);
        fit(stage);
        stage.setOnCloseRequest(request -> closing(stage, workspace, request));
        look = workspace::look;
        if (stage.getProperties().put(WATCHED, true) == null) {
            stage.focusedProperty().addListener((_, _, focused) -> looked(focused));
        }
        stage.show();
        return shell;
    }

    private static void looked(boolean focused) {
        if (focused) {
            look.run();
        }
    }

    /** No larger than the screen, so that menu and say line are always in sight. */
    private static void fit(Stage stage) {
        Rectangle2D screen = Screen.getPrimary().getVisualBounds();
        stage.setMinWidth(Math.min(LEAST_WIDTH, screen.getWidth()));
        stage.setMinHeight(Math.min(LEAST_HEIGHT, screen.getHeight()));
        if (screen.getWidth() < WIDTH || screen.getHeight() < HEIGHT) {
            stage.setX(screen.getMinX());
            stage.setY(screen.getMinY());
            stage.setWidth(Math.min(WIDTH, screen.getWidth()));
            stage.setHeight(Math.min(HEIGHT, screen.getHeight()));
        }
    }

    /** Closes once the work is safe; where the disk refuses, the keeper decides. */
    private static void closing(Stage stage, Workspace workspace, WindowEvent request) {
        if (!workspace.isSafe()) {
            request.consume();
            workspace.leave(stage::close);
        }
    }

    private static void fonts() {
        for (String weight : List.of("400", "500", "700")) {
            Font.loadFont(
                    Objects.requireNonNull(
                                    ReliquaApp.class.getResource(
                                            "fonts/hyperlegible-" + weight + ".ttf"))
                            .toExternalForm(),
                    15);
        }
    }

    private static Workspace open(List<String> arguments, DataFolder folder) {
        Project demo = DemoProjects.ternLane(Merchants::priceBook, new Climates());
        Workspace workspace = new Workspace(demo, folder.freshPlace(demo.name()), folder);
        List<Path> recent = folder.recent();
        if (!arguments.isEmpty() && !arguments.getFirst().equals("demo")) {
            openNamed(workspace, arguments.getFirst());
        } else if (arguments.isEmpty()) {
            recent.stream().filter(workspace::openNow).findFirst();
        }
        return workspace;
    }

    private static void openNamed(Workspace workspace, String file) {
        try {
            workspace.openNow(Path.of(file));
        } catch (InvalidPathException e) {
            workspace.tell(Texts.get("file.cannotOpen", file, Texts.get("reason.missing")));
        }
    }

    @Override
    public void stop() {
        if (workspace != null) {
            workspace.close();
        }
    }
}
