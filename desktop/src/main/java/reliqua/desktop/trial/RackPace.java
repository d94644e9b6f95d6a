package reliqua.desktop.trial;

import java.io.IOException;
import java.nio.file.Files;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import javafx.animation.AnimationTimer;
import javafx.animation.PauseTransition;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.stage.Stage;
import javafx.util.Duration;
import reliqua.core.flock.Flock;
import reliqua.core.project.Project;
import reliqua.core.stock.Heap;
import reliqua.core.stock.Lot;
import reliqua.desktop.ReliquaApp;
import reliqua.desktop.work.DataFolder;
import reliqua.desktop.work.Workspace;
import reliqua.files.DemoProjects;
import reliqua.standins.Climates;
import reliqua.standins.Merchants;

/**
 * Measures how fast the rack is: the real window on 5,000 lots, letters typed to find something and
 * each timed; then a few rows further in every frame, and the frames counted.
 */
public final class RackPace extends Application {
    private static final int LOTS = 5_000;
    private static final int ROWS_A_FRAME = 3;
    private static final double SECONDS = 8;

    /** Entry point; no arguments. */
    public static void main(String[] args) {
        launch(RackPace.class, args);
    }

    @Override
    public void start(Stage stage) throws IOException {
        DataFolder data = new DataFolder(Files.createTempDirectory("reliqua-pace"));
        Project demo =
                DemoProjects.ternLane(Merchants::priceBook, new Climates()).withFlock(Flock.EMPTY);
        Workspace workspace =
                new Workspace(demo.withHeap(large(demo.heap())), data.place("Pace"), data);
        ReliquaApp.show(stage, workspace);
        if (stage.getScene().lookup("#go-heap") instanceof javafx.scene.control.ToggleButton heap) {
            heap.fire();
        }
        PauseTransition pause = new PauseTransition(Duration.seconds(3));
        pause.setOnFinished(
                _ -> {
                    search(stage);
                    scroll(stage);
                });
        pause.play();
    }

    private static Heap large(Heap heap) {
        List<Lot> lots = new ArrayList<>();
        while (lots.size() < LOTS) {
            Lot lot = heap.lots().get(lots.size() % heap.lots().size());
            lots.add(lot.withId(lot.id() + "-" + lots.size()));
        }
        return new Heap(lots);
    }

    private static void search(Stage stage) {
        TextField find = (TextField) stage.getScene().lookup("#find");
        List<Double> times = new ArrayList<>();
        for (String typed : List.of("b", "bo", "boa", "boat", "rot", "1 1/2 shed", "", "tin", "")) {
            long start = System.nanoTime();
            find.setText(typed);
            stage.getScene().getRoot().applyCss();
            stage.getScene().getRoot().layout();
            times.add((System.nanoTime() - start) / 1e6);
        }
        System.out.println(
                "search, ms a change: "
                        + String.join(
                                ", ",
                                times.stream()
                                        .map(t -> String.format(Locale.ENGLISH, "%.0f", t))
                                        .toList()));
    }

    private static void scroll(Stage stage) {
        ListView<?> rack = (ListView<?>) stage.getScene().lookup("#rack");
        new AnimationTimer() {
            private long begun;
            private long last;
            private long longest;
            private int frames;

            @Override
            public void handle(long now) {
                if (begun == 0) {
                    begun = now;
                } else {
                    longest = Math.max(longest, now - last);
                }
                last = now;
                frames++;
                rack.scrollTo(frames * ROWS_A_FRAME % rack.getItems().size());
                double seconds = (now - begun) / 1e9;
                if (seconds > SECONDS) {
                    stop();
                    System.out.printf(
                            Locale.ENGLISH,
                            "%d lots: %.1f frames a second, longest frame %.0f ms%n",
                            LOTS,
                            (frames - 1) / seconds,
                            longest / 1e6);
                    Platform.exit();
                }
            }
        }.start();
    }
}
