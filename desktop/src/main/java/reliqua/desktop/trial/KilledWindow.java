package reliqua.desktop.trial;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Random;
import javafx.animation.Animation;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.application.Application;
import javafx.stage.Stage;
import javafx.util.Duration;
import reliqua.core.measure.Money;
import reliqua.core.project.PlanReview;
import reliqua.desktop.ReliquaApp;
import reliqua.desktop.work.DataFolder;
import reliqua.desktop.work.Workspace;
import reliqua.files.DemoProjects;
import reliqua.files.HeapCsv;
import reliqua.files.PacketPdf;
import reliqua.standins.Climates;
import reliqua.standins.Merchants;

/**
 * The window that is killed: the numbers of its edits are the budget in cents, and each is told
 * with its time as soon as it is made. Started with a file, a folder for data, and the first
 * number.
 */
public final class KilledWindow extends Application {
    private static final Duration APART = Duration.millis(60);
    private static final int IMPORTS = 25;
    private static final int PRINTS = 40;

    private int number;

    /** Entry point. */
    public static void main(String[] args) {
        launch(KilledWindow.class, args);
    }

    @Override
    public void start(Stage stage) {
        List<String> raw = getParameters().getRaw();
        DataFolder data = new DataFolder(Path.of(raw.get(1)));
        number = Integer.parseInt(raw.get(2));
        Workspace workspace =
                new Workspace(
                        DemoProjects.ternLane(Merchants::priceBook, new Climates()),
                        data.place("Other"),
                        data);
        workspace.openNow(Path.of(raw.getFirst()));
        ReliquaApp.show(stage, workspace);
        RandomLines lines = new RandomLines(new Random(number));
        Timeline edits = new Timeline(new KeyFrame(APART, _ -> edit(workspace, lines)));
        edits.setCycleCount(Animation.INDEFINITE);
        edits.play();
    }

    private void edit(Workspace workspace, RandomLines lines) {
        lines.edit(workspace);
        Money budget = Money.cents(number);
        workspace.edit("budget", p -> p.withKeeper(p.keeper().withBudget(budget)));
        System.out.println(number + " " + System.currentTimeMillis());
        if (number % IMPORTS == 0) {
            imported(workspace);
        }
        if (number % PRINTS == 0) {
            printed(workspace);
        }
        number++;
    }

    /** The heap out as a table and back in. */
    private static void imported(Workspace workspace) {
        String table = HeapCsv.write(workspace.project().heap());
        workspace
                .background()
                .run(
                        () -> HeapCsv.read(table, "heap.csv", workspace.tape().system()),
                        heap -> workspace.edit("import", p -> p.withHeap(heap)),
                        e -> System.err.println(e.getMessage()));
    }

    private static void printed(Workspace workspace) {
        workspace
                .designs()
                .state()
                .get()
                .design()
                .ifPresent(
                        design ->
                                workspace
                                        .background()
                                        .run(
                                                () ->
                                                        Files.write(
                                                                workspace
                                                                        .folder()
                                                                        .place("packet.pdf"),
                                                                PacketPdf.write(
                                                                        workspace.project(),
                                                                        design,
                                                                        PlanReview.NONE)),
                                                _ -> {},
                                                e -> System.err.println(e.getMessage())));
    }
}
