package reliqua.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.TimeoutException;
import javafx.event.Event;
import javafx.scene.control.Label;
import javafx.stage.Stage;
import javafx.stage.WindowEvent;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.framework.junit5.Stop;
import org.testfx.util.WaitForAsyncUtils;
import reliqua.core.flock.Flock;
import reliqua.core.project.Project;
import reliqua.desktop.work.Trouble;
import reliqua.desktop.work.Workspace;
import reliqua.files.DemoProjects;
import reliqua.files.InputException;
import reliqua.files.ProjectFile;
import reliqua.files.ProjectStore;
import reliqua.files.disk.Generations;
import reliqua.standins.Climates;
import reliqua.standins.Merchants;

/** Work is on the disk soon, and where the disk or another program is in the way, it is kept. */
@ExtendWith(ApplicationExtension.class)
class SavingTest {
    private DrivenWindow window;
    private Workspace workspace;
    private Path file;

    @Start
    void start(Stage stage) throws IOException {
        Project demo = DemoProjects.kerrinRigg(Merchants::priceBook, new Climates());
        // Without birds there is nothing to plan, which would only take time here.
        window = new DrivenWindow(stage, demo.withFlock(Flock.EMPTY), "heap");
        workspace = window.workspace;
        file = window.file;
    }

    @Stop
    void stop() {
        workspace.close();
    }

    private void tick(FxRobot robot, String step) {
        robot.interact(() -> workspace.edit("tick " + step, p -> p.tick(step, true)));
    }

    private void saved(FxRobot robot, String step) throws TimeoutException {
        tick(robot, step);
        DrivenWindow.until(() -> workspace.saved().get());
    }

    private Project onDisk() throws IOException, InputException {
        return ProjectFile.load(file);
    }

    private void trouble(Trouble.Kind kind) throws TimeoutException {
        DrivenWindow.until(
                () -> workspace.trouble().get().filter(t -> t.kind() == kind).isPresent());
    }

    private Path rescued() throws TimeoutException {
        DrivenWindow.until(() -> workspace.trouble().get().flatMap(Trouble::rescue).isPresent());
        return workspace.trouble().get().flatMap(Trouble::rescue).orElseThrow();
    }

    private static void press(FxRobot robot, String id) {
        robot.interact(() -> robot.lookup("#trouble-" + id).queryButton().fire());
    }

    /** As if the disk were full: what must be written first cannot be replaced. */
    private void full() throws IOException {
        for (int n = 1; n < 3; n++) {
            Files.deleteIfExists(Generations.place(file, n));
            Files.createDirectories(Generations.place(file, n).resolve("in the way"));
        }
    }

    private void roomAgain() throws IOException {
        for (int n = 1; n < 3; n++) {
            Files.delete(Generations.place(file, n).resolve("in the way"));
            Files.delete(Generations.place(file, n));
        }
    }

    @Test
    void workWithoutAPauseIsSavedAllTheSame(FxRobot robot) throws Exception {
        for (int n = 0; n < 20; n++) {
            tick(robot, "step " + n);
            WaitForAsyncUtils.sleep(150, java.util.concurrent.TimeUnit.MILLISECONDS);
        }
        // Not a moment's pause in three seconds, and most of it is there.
        assertThat(onDisk().done()).contains("step 0", "step 5", "step 8");
        DrivenWindow.until(() -> workspace.saved().get());
        DrivenWindow.until(() -> workspace.folder().recent().contains(file.toAbsolutePath()));
    }

    @Test
    void onAFullDiskNothingIsLostByOpeningAnotherProject(FxRobot robot) throws Exception {
        saved(robot, "a");
        full();
        tick(robot, "b");
        trouble(Trouble.Kind.FAILED);
        Project mine = window.project();
        assertThat(ProjectFile.load(rescued())).isEqualTo(mine);
        Project other = mine.withFlock(Flock.EMPTY).tick("other", true);
        robot.interact(() -> workspace.open(other, file.resolveSibling("other.reliqua")));
        DrivenWindow.until(() -> workspace.trouble().get().orElseThrow().waiting());
        assertThat(window.project()).isEqualTo(mine);
        assertThat(workspace.saved().get()).isFalse();
        assertThat(robot.lookup("#trouble-words").queryAs(Label.class).getText())
                .contains("heap.reliqua");
        press(robot, "stay");
        roomAgain();
        press(robot, "retry");
        DrivenWindow.until(() -> workspace.saved().get());
        assertThat(onDisk()).isEqualTo(mine);
        assertThat(workspace.trouble().get()).isEmpty();
        assertThat(rescuedFiles()).isEmpty();
    }

    private List<Path> rescuedFiles() throws IOException {
        try (var files = Files.list(file.resolveSibling("rescued"))) {
            return files.toList();
        }
    }

    @Test
    void closingWaitsForTheDiskOrTheKeeper(FxRobot robot) throws Exception {
        saved(robot, "a");
        full();
        tick(robot, "b");
        trouble(Trouble.Kind.FAILED);
        robot.interact(
                () ->
                        Event.fireEvent(
                                window.stage,
                                new WindowEvent(window.stage, WindowEvent.WINDOW_CLOSE_REQUEST)));
        DrivenWindow.until(() -> workspace.trouble().get().orElseThrow().waiting());
        assertThat(window.stage.isShowing()).isTrue();
        Path copy = rescued();
        press(robot, "goOn");
        assertThat(window.stage.isShowing()).isFalse();
        assertThat(ProjectFile.load(copy).done()).contains("b");
        roomAgain();
    }

    @Test
    void whatAnotherProgramWroteIsAskedAbout(FxRobot robot) throws Exception {
        saved(robot, "a");
        Project theirs = window.project().tick("theirs", true);
        ProjectFile.save(file, theirs);
        tick(robot, "mine");
        trouble(Trouble.Kind.CHANGED);
        assertThat(onDisk()).isEqualTo(theirs);
        assertThat(ProjectFile.load(rescued()).done()).contains("mine");
        press(robot, "mine");
        DrivenWindow.until(() -> workspace.saved().get());
        assertThat(onDisk().done()).contains("mine").doesNotContain("theirs");
        assertThat(ProjectFile.load(Generations.place(file, 1))).isEqualTo(theirs);

        ProjectFile.save(file, theirs);
        robot.interact(workspace::look);
        trouble(Trouble.Kind.CHANGED);
        tick(robot, "a moment before");
        press(robot, "theirs");
        DrivenWindow.until(() -> window.project().equals(theirs));
        assertThat(workspace.trouble().get()).isEmpty();
        saved(robot, "on");
        assertThat(onDisk().done()).contains("theirs", "on").doesNotContain("a moment before");
        // What had not been saved when theirs was opened is kept.
        assertThat(rescuedFiles()).hasSize(1);
        assertThat(ProjectFile.load(rescuedFiles().getFirst()).done()).contains("a moment before");
    }

    @Test
    void aFileThatWasRenamedIsNotWrittenAnewUnasked(FxRobot robot) throws Exception {
        saved(robot, "a");
        Files.move(file, file.resolveSibling("renamed.reliqua"));
        tick(robot, "b");
        trouble(Trouble.Kind.GONE);
        assertThat(file).doesNotExist();
        press(robot, "anew");
        DrivenWindow.until(() -> workspace.saved().get());
        assertThat(onDisk()).isEqualTo(window.project());
    }

    @Test
    void aProjectOpenInAnotherWindowIsForReadingUntilTakenOver(FxRobot robot) throws Exception {
        Path other = file.resolveSibling("shared.reliqua");
        try (ProjectStore elsewhere = ProjectStore.fresh(other)) {
            Project shared = window.project().tick("shared", true);
            elsewhere.save(shared);
            robot.interact(() -> workspace.open(other));
            trouble(Trouble.Kind.HELD_ELSEWHERE);
            assertThat(window.project()).isEqualTo(shared);
            tick(robot, "mine");
            assertThat(ProjectFile.load(rescued()).done()).contains("mine");
            assertThat(ProjectFile.load(other)).isEqualTo(shared);
            press(robot, "over");
            DrivenWindow.until(() -> workspace.saved().get());
            assertThat(ProjectFile.load(other).done()).contains("mine");
            assertThat(elsewhere.save(shared)).isInstanceOf(ProjectStore.Outcome.TakenOver.class);
        }
    }

    @Test
    void aDamagedFileIsShownWithWhatIsMissingAndTheVersionBeforeIsOffered(FxRobot robot)
            throws Exception {
        Path other = file.resolveSibling("damaged.reliqua");
        Project good = window.project();
        ProjectFile.save(other, good);
        ProjectFile.save(other, good.tick("later", true));
        byte[] bytes = Files.readAllBytes(other);
        byte[] cut = java.util.Arrays.copyOf(bytes, bytes.length - 25);
        Files.write(other, cut);
        robot.interact(() -> workspace.open(other));
        trouble(Trouble.Kind.DAMAGED);
        assertThat(robot.lookup("#trouble-words").queryAs(Label.class).getText())
                .contains("damaged.reliqua")
                .contains("end of the file");
        tick(robot, "more");
        assertThat(ProjectFile.load(rescued()).done()).contains("later", "more");
        assertThat(Files.readAllBytes(other)).isEqualTo(cut);
        Path saved = file.resolveSibling("saved.reliqua");
        robot.interact(() -> workspace.saveAs(saved));
        DrivenWindow.until(() -> workspace.saved().get());
        assertThat(ProjectFile.load(saved).done()).contains("later", "more");
        robot.interact(() -> workspace.open(other));
        trouble(Trouble.Kind.DAMAGED);
        press(robot, "before");
        DrivenWindow.until(() -> window.project().equals(good));
    }

    @Test
    void aFaultOfTheProgramIsSaidAndTheWorkIsSaved(FxRobot robot) throws Exception {
        var before = Thread.getDefaultUncaughtExceptionHandler();
        try {
            ReliquaApp.watchFaults(workspace);
            Thread faulty =
                    new Thread(
                            () -> {
                                throw new IllegalStateException("of the test");
                            });
            tick(robot, "a");
            faulty.start();
            faulty.join();
            DrivenWindow.until(() -> workspace.notice().get().contains("not in what you did"));
            DrivenWindow.until(() -> workspace.saved().get());
            assertThat(onDisk().done()).contains("a");
        } finally {
            Thread.setDefaultUncaughtExceptionHandler(before);
        }
    }
}
