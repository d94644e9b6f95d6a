package reliqua.desktop.trial;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import javafx.animation.AnimationTimer;
import javafx.animation.PauseTransition;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.stage.Stage;
import javafx.util.Duration;
import reliqua.core.project.History;
import reliqua.core.project.Project;
import reliqua.desktop.ReliquaApp;
import reliqua.desktop.work.DataFolder;
import reliqua.desktop.work.Workspace;
import reliqua.files.DemoProjects;
import reliqua.files.Examples;
import reliqua.files.ProjectFile;
import reliqua.standins.Climates;
import reliqua.standins.Merchants;

/**
 * Edits without end in the window's own workspace, with undo and redo at random, then projects
 * opened one after the other: undo must lead back to exactly what was there, and the memory in use
 * must not grow. {@code soak [STEPS] [SEED] [PROJECTS]}.
 */
public final class WindowSoak extends Application {
    private static final int USUAL_STEPS = 10_000;
    private static final int USUAL_PROJECTS = 200;
    private static final int ROUNDS = 5;
    private static final int STEPS_A_FRAME = 4;
    private static final double BACK = 0.35;
    private static final double FORTH = 0.15;
    private static final double MEGA = 1024 * 1024;
    private static final Duration SETTLED = Duration.seconds(2);

    private final Deque<Project> before = new ArrayDeque<>();
    private final Deque<Project> after = new ArrayDeque<>();
    private final List<Path> files = new ArrayList<>();
    private Random random = new Random();
    private RandomLines lines = new RandomLines(random);
    private int steps;
    private int most;
    private int projects;
    private int edits;
    private int wrong;

    /** Entry point. */
    public static void main(String[] args) {
        launch(WindowSoak.class, args);
    }

    private int argument(int n, int usual) {
        List<String> raw = getParameters().getRaw();
        return n < raw.size() ? Integer.parseInt(raw.get(n)) : usual;
    }

    @Override
    public void start(Stage stage) throws IOException {
        most = argument(0, USUAL_STEPS);
        random = new Random(argument(1, 1));
        lines = new RandomLines(random);
        projects = argument(2, USUAL_PROJECTS);
        DataFolder data = new DataFolder(Files.createTempDirectory("reliqua-soak"));
        Project demo = DemoProjects.ternLane(Merchants::priceBook, new Climates());
        Workspace workspace = new Workspace(demo, data.place("Soak"), data);
        ReliquaApp.show(stage, workspace);
        for (Examples.Example each : Examples.all()) {
            Path file = data.place(each.id());
            ProjectFile.save(file, each.project(Merchants::priceBook));
            files.add(file);
        }
        System.out.println("| steps | edits | undone to something else | MB in use |");
        System.out.println("|---|---|---|---|");
        new AnimationTimer() {
            @Override
            public void handle(long now) {
                for (int n = 0; n < STEPS_A_FRAME; n++) {
                    step(workspace);
                    steps++;
                    if (steps % (most / ROUNDS) == 0) {
                        stop();
                        settled(workspace, () -> told(workspace, this));
                        return;
                    }
                }
            }
        }.start();
    }

    /** When searches have come to rest. */
    private static void settled(Workspace workspace, Runnable then) {
        workspace.designs().stop();
        PauseTransition pause = new PauseTransition(SETTLED);
        pause.setOnFinished(_ -> then.run());
        pause.play();
    }

    private void told(Workspace workspace, AnimationTimer timer) {
        System.out.println(
                String.format(
                        Locale.ENGLISH, "| %d | %d | %d | %.0f |", steps, edits, wrong, used()));
        if (steps < most) {
            timer.start();
            return;
        }
        System.out.println("\n| projects opened | MB in use |\n|---|---|");
        open(workspace, 1);
    }

    private void open(Workspace workspace, int n) {
        workspace.open(files.get(n % files.size()));
        PauseTransition look = new PauseTransition(Duration.millis(300));
        look.setOnFinished(
                _ -> {
                    if (!workspace.path().get().equals(files.get(n % files.size()))) {
                        look.playFromStart();
                    } else if (n % (projects / ROUNDS) == 0) {
                        settled(
                                workspace,
                                () -> {
                                    System.out.printf(Locale.ENGLISH, "| %d | %.0f |%n", n, used());
                                    next(workspace, n);
                                });
                    } else {
                        next(workspace, n);
                    }
                });
        look.play();
    }

    private void next(Workspace workspace, int n) {
        if (n < projects) {
            open(workspace, n + 1);
        } else {
            workspace.close();
            Platform.exit();
        }
    }

    private static double used() {
        System.gc();
        Runtime runtime = Runtime.getRuntime();
        return (runtime.totalMemory() - runtime.freeMemory()) / MEGA;
    }

    private void step(Workspace workspace) {
        double what = random.nextDouble();
        History history = workspace.history().get();
        if (what < BACK && history.undoName().isPresent()) {
            after.addLast(history.now());
            workspace.undo();
            compare(before.pollLast(), workspace);
        } else if (what < BACK + FORTH && history.redoName().isPresent()) {
            before.addLast(history.now());
            workspace.redo();
            compare(after.pollLast(), workspace);
        } else {
            edit(workspace, history);
        }
    }

    private void compare(@org.jspecify.annotations.Nullable Project expected, Workspace workspace) {
        wrong += workspace.project().equals(expected) ? 0 : 1;
    }

    private void edit(Workspace workspace, History history) {
        lines.edit(workspace);
        History next = workspace.history().get();
        if (next != history) {
            before.addLast(history.now());
            after.clear();
            edits++;
            while (before.size() > next.past().size()) {
                before.pollFirst();
            }
        }
    }
}
