package reliqua.desktop;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.Objects;
import javafx.animation.PauseTransition;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.embed.swing.SwingFXUtils;
import javafx.scene.control.ButtonBase;
import javafx.scene.robot.Robot;
import javafx.stage.Stage;
import javafx.util.Duration;
import org.jspecify.annotations.Nullable;
import reliqua.core.project.Project;
import reliqua.desktop.work.DataFolder;
import reliqua.desktop.work.Workspace;
import reliqua.files.DemoProjects;
import reliqua.files.Examples;
import reliqua.standins.Climates;
import reliqua.standins.Merchants;

/**
 * Opens the real window on the demo projects and writes a picture of every station into the folder
 * given.
 */
public final class Shots extends Application {
    /**
     * A picture, or without a file's name only a press.
     *
     * @param click id of what is pressed before, if anything
     */
    private record Shot(String file, String board, String click, String look) {}

    private static final Duration SETTLE = Duration.millis(1500);
    private @Nullable Workspace workspace;
    private @Nullable Runnable planned;
    private final Deque<Shot> shots =
            new ArrayDeque<>(
                    List.of(
                            new Shot("birds", "birds", "side-flock", "whitewash"),
                            new Shot("birds-ways", "birds", "side-ways", "whitewash"),
                            new Shot("birds-ground", "birds", "side-ground", "whitewash"),
                            new Shot("birds-predators", "birds", "side-predators", "whitewash"),
                            new Shot("birds-keeper", "birds", "side-keeper", "whitewash"),
                            new Shot("heap", "heap", "", "whitewash"),
                            new Shot("ledger", "heap", "books", "whitewash"),
                            new Shot("heap-noon", "heap", "books", "noon"),
                            new Shot("fit", "fit", "view-SPACE", "whitewash"),
                            new Shot("saw", "saw", "", "whitewash"),
                            new Shot("saw-yield", "saw", "yield", "whitewash"),
                            new Shot("fetch", "fetch", "", "whitewash"),
                            new Shot("raise", "raise", "step-RAFTER", "whitewash"),
                            new Shot("keep", "keep", "keep-due", "whitewash"),
                            new Shot("keep-eggs", "keep", "keep-eggs", "whitewash"),
                            new Shot("fit-lantern", "fit", "view-SPACE", "lantern"),
                            new Shot("fit-any", "fit", "any-saltings", "whitewash"),
                            new Shot("", "fit", "undo", "whitewash"),
                            new Shot("fit-run", "fit", "example-ferry-meadow", "whitewash"),
                            new Shot("", "fit", "undo", "whitewash"),
                            // Last, as it takes the whole window.
                            new Shot("saw-mode", "saw", "at-saw", "whitewash")));

    /** Always the same day, so that pictures of what is due do not change by themselves. */
    private static final Clock DAY =
            Clock.fixed(Instant.parse("2026-11-27T09:00:00Z"), ZoneOffset.UTC);

    private static final String EXAMPLE = "example-";

    private static final String STEP = "step-";

    /** An example of which any kind may become. */
    private static final String ANY = "any-";

    /** Entry point; the argument is the folder. */
    public static void main(String[] args) {
        launch(Shots.class, args);
    }

    @Override
    public void start(Stage stage) throws IOException {
        Path folder = Path.of(getParameters().getRaw().getFirst());
        Files.createDirectories(folder);
        DataFolder data = new DataFolder(Files.createTempDirectory("reliqua-shots"));
        Project demo = DemoProjects.ternLane(Merchants::priceBook, new Climates());
        Workspace opened = new Workspace(demo, data.place(demo.name()), data, DAY);
        workspace = opened;
        ReliquaApp.show(stage, opened);
        // In the middle of the screen it would light up what lies there.
        new Robot().mouseMove(1, 1);
        opened.designs()
                .progress()
                .addListener(
                        (_, _, share) -> {
                            if (share.doubleValue() >= 1) {
                                planned();
                            }
                        });
        whenPlanned(() -> next(stage, folder));
    }

    private void planned() {
        Runnable next = planned;
        planned = null;
        if (next != null) {
            later(next);
        }
    }

    /** Once no search is going on. */
    private void whenPlanned(Runnable next) {
        planned = next;
        Workspace opened = workspace;
        if (opened != null && opened.designs().progress().get() >= 1) {
            planned();
        }
    }

    private static void later(Runnable action) {
        PauseTransition pause = new PauseTransition(SETTLE);
        pause.setOnFinished(_ -> action.run());
        pause.play();
    }

    private void next(Stage stage, Path folder) {
        Shot shot = shots.poll();
        if (shot == null) {
            Platform.exit();
            return;
        }
        var root = stage.getScene().getRoot();
        root.getStyleClass().removeAll("whitewash", "lantern", "noon");
        root.getStyleClass().add(shot.look());
        fire(stage, "go-" + shot.board());
        later(
                () -> {
                    if (!shot.click().isEmpty()) {
                        press(stage, shot.click());
                    }
                    whenPlanned(
                            () -> {
                                if (!shot.file().isEmpty()) {
                                    save(stage, folder.resolve(shot.file() + ".png"));
                                }
                                next(stage, folder);
                            });
                });
    }

    /** A button; or another project for one picture, and back. */
    private void press(Stage stage, String id) {
        Workspace opened = Objects.requireNonNull(workspace);
        if (id.equals("undo")) {
            opened.undo();
        } else if (id.startsWith(EXAMPLE)) {
            Project example = example(id.substring(EXAMPLE.length()));
            opened.edit(example.name(), _ -> example);
        } else if (id.startsWith(ANY)) {
            Project example = example(id.substring(ANY.length()));
            opened.edit(example.name(), _ -> example.seekingAny());
        } else if (id.startsWith(STEP)) {
            // Looked at, not ticked.
            stage.getScene().lookup("#" + id).requestFocus();
        } else {
            fire(stage, id);
        }
    }

    private static Project example(String id) {
        return Examples.find(id).orElseThrow().project(Merchants::priceBook);
    }

    private static void fire(Stage stage, String id) {
        if (stage.getScene().lookup("#" + id) instanceof ButtonBase button) {
            button.fire();
        }
    }

    private static void save(Stage stage, Path file) {
        var image = SwingFXUtils.fromFXImage(stage.getScene().snapshot(null), null);
        try {
            javax.imageio.ImageIO.write(image, "png", file.toFile());
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }
}
