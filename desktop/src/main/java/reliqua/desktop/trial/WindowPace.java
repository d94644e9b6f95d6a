package reliqua.desktop.trial;

import java.io.IOException;
import java.nio.file.Files;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import javafx.animation.KeyFrame;
import javafx.animation.PauseTransition;
import javafx.animation.Timeline;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.scene.control.ButtonBase;
import javafx.stage.Stage;
import javafx.util.Duration;
import reliqua.desktop.ReliquaApp;
import reliqua.desktop.work.DataFolder;
import reliqua.desktop.work.Workspace;
import reliqua.files.DemoProjects;
import reliqua.standins.Climates;
import reliqua.standins.Merchants;

/**
 * How smooth the window stays under edits: at each station two edits a second while the search goes
 * on beside it, and once in a frame how long the window takes to get to something new that is asked
 * of it. {@code pace [SECONDS] [STATION...]}: every station, or only those named.
 */
public final class WindowPace extends Application {
    private static final int USUAL_SECONDS = 8;
    private static final Duration EDITS_APART = Duration.millis(500);

    /** About once in a frame. */
    private static final long ASKED_APART = 16;

    private static final double FRAME = 16;
    private static final double MOST = 0.95;

    private static final List<String> EVERY_STATION =
            List.of("birds", "heap", "fit", "saw", "fetch", "raise", "keep");

    private final Deque<String> stations = new ArrayDeque<>();

    /** Written and read on the JavaFX thread. */
    private final List<Double> waits = new ArrayList<>();

    /** Entry point. */
    public static void main(String[] args) {
        launch(WindowPace.class, args);
    }

    @Override
    public void start(Stage stage) throws IOException {
        List<String> raw = getParameters().getRaw();
        double seconds = raw.isEmpty() ? USUAL_SECONDS : Double.parseDouble(raw.getFirst());
        stations.addAll(raw.size() > 1 ? raw.subList(1, raw.size()) : EVERY_STATION);
        DataFolder data = new DataFolder(Files.createTempDirectory("reliqua-pace"));
        Workspace workspace =
                new Workspace(
                        DemoProjects.ternLane(Merchants::priceBook, new Climates()),
                        data.place("Pace"),
                        data);
        ReliquaApp.show(stage, workspace);
        Thread.ofPlatform().daemon().start(this::ask);
        System.out.println(
                "| station | asked | half within, ms | 95 % within, ms | longest, ms | within 16 ms |");
        System.out.println("|---|---|---|---|---|---|");
        PauseTransition warm = new PauseTransition(Duration.seconds(USUAL_SECONDS));
        warm.setOnFinished(_ -> next(stage, workspace, seconds));
        warm.play();
    }

    /** Asks the window for something, again and again; never twice at a time. */
    private void ask() {
        try {
            while (true) {
                long asked = System.nanoTime();
                var answered = new java.util.concurrent.CountDownLatch(1);
                Platform.runLater(
                        () -> {
                            waits.add((System.nanoTime() - asked) / 1e6);
                            answered.countDown();
                        });
                answered.await();
                Thread.sleep(ASKED_APART);
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    private void next(Stage stage, Workspace workspace, double seconds) {
        if (stations.isEmpty()) {
            workspace.close();
            Platform.exit();
            return;
        }
        String station = stations.removeFirst();
        if (stage.getScene().lookup("#go-" + station) instanceof ButtonBase button) {
            button.fire();
        }
        PauseTransition shown = new PauseTransition(Duration.seconds(1));
        shown.setOnFinished(_ -> edits(stage, workspace, seconds, station));
        shown.play();
    }

    private void edits(Stage stage, Workspace workspace, double seconds, String station) {
        waits.clear();
        RandomLines lines = new RandomLines(new Random(station.hashCode()));
        Timeline edits = new Timeline(new KeyFrame(EDITS_APART, _ -> lines.edit(workspace)));
        edits.setCycleCount((int) (seconds * 1000 / EDITS_APART.toMillis()));
        edits.setOnFinished(
                _ -> {
                    tell(station);
                    next(stage, workspace, seconds);
                });
        edits.play();
    }

    private void tell(String station) {
        List<Double> sorted = waits.stream().sorted().toList();
        int last = sorted.size() - 1;
        System.out.println(
                String.format(
                        Locale.ENGLISH,
                        "| %s | %d | %.1f | %.1f | %.0f | %.1f %% |",
                        station,
                        sorted.size(),
                        sorted.get(last / 2),
                        sorted.get((int) (last * MOST)),
                        sorted.get(last),
                        100.0 * sorted.stream().filter(w -> w <= FRAME).count() / sorted.size()));
    }
}
