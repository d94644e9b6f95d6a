package reliqua.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.concurrent.TimeoutException;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import reliqua.core.flock.BirdClass;
import reliqua.core.measure.Length;
import reliqua.core.project.Project;
import reliqua.desktop.work.DataFolder;
import reliqua.desktop.work.Workspace;
import reliqua.files.DemoProjects;
import reliqua.files.InputException;
import reliqua.files.ProjectFile;
import reliqua.standins.Climates;
import reliqua.standins.Merchants;

/**
 * The real window, driven through the whole job: say, step, fit, settle, tick, undo, save, kill,
 * reopen.
 */
@ExtendWith(ApplicationExtension.class)
class WholeJobTest {
    /** In inches. */
    private static final Map<String, Integer> HEIGHTS = Map.of("legs", 18, "overhang", 6);

    @TempDir static Path home;

    private Workspace workspace;
    private Path file;

    @Start
    void start(Stage stage) throws IOException {
        DataFolder folder = new DataFolder(Files.createTempDirectory(home, "data"));
        file = folder.place("Tern Lane");
        workspace = new Workspace(withHeights(), file, folder);
        ReliquaApp.show(stage, workspace);
    }

    /** The demo, of which width and depth are sought: all there is to seek takes its time. */
    private static Project withHeights() {
        Project demo = DemoProjects.ternLane(Merchants::priceBook, new Climates());
        for (Map.Entry<String, Integer> height : HEIGHTS.entrySet()) {
            demo = demo.hold(height.getKey(), Length.inches(height.getValue()));
        }
        return demo;
    }

    @AfterEach
    void close(FxRobot robot) {
        robot.interact(workspace::close);
    }

    private void fitted() throws TimeoutException {
        DrivenWindow.planned(workspace);
    }

    private Project project() {
        return workspace.project();
    }

    @Test
    void theWholeJobByKeyboard(FxRobot robot) throws TimeoutException, IOException, InputException {
        fitted();
        String before = robot.lookup("#tally-buy .tag-figure").queryAs(Label.class).getText();
        int lots = project().heap().lots().size();

        DrivenWindow.say(robot, "6 of 2x4 at 92 5/8 bow 1/2");
        assertThat(robot.lookup(".say-echo").queryAs(Label.class).getText()).startsWith("6 sticks");
        DrivenWindow.press(robot, KeyCode.ENTER);
        assertThat(project().heap().lots()).hasSize(lots + 1);

        DrivenWindow.say(robot, "hens 14");
        DrivenWindow.press(robot, KeyCode.ENTER);
        assertThat(project().flock().count(BirdClass.STANDARD)).isEqualTo(14);
        fitted();
        assertThat(robot.lookup("#tally-buy .tag-figure").queryAs(Label.class).getText())
                .isNotEqualTo(before);

        DrivenWindow.go(robot, KeyCode.DIGIT3);
        robot.interact(() -> robot.lookup("#settle").queryButton().requestFocus());
        DrivenWindow.press(robot, KeyCode.SPACE);
        DrivenWindow.until(() -> project().chosen().isPresent());
        fitted();

        DrivenWindow.go(robot, KeyCode.DIGIT6);
        robot.interact(() -> robot.lookup("#step-LEG").queryAs(CheckBox.class).requestFocus());
        DrivenWindow.press(robot, KeyCode.SPACE);
        DrivenWindow.until(() -> project().done().contains("step LEG"));

        DrivenWindow.go(robot, KeyCode.DIGIT4);
        robot.interact(() -> robot.lookup("#tickets").queryListView().requestFocus());
        DrivenWindow.press(robot, KeyCode.SPACE);
        DrivenWindow.until(() -> project().cuts().size() == 1);

        DrivenWindow.press(robot, KeyCode.CONTROL, KeyCode.Z);
        DrivenWindow.until(() -> project().cuts().isEmpty());
        DrivenWindow.press(robot, KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.Z);
        DrivenWindow.until(() -> project().cuts().size() == 1);
        assertThat(project().done()).containsExactly("step LEG");

        DrivenWindow.until(() -> workspace.saved().get());
        // Nothing is closed here: this is what is left when the program is killed.
        assertThat(ProjectFile.load(file)).isEqualTo(project());

        Project after = project();
        robot.interact(
                () ->
                        workspace.open(
                                DemoProjects.kerrinRigg(Merchants::priceBook, new Climates()),
                                file.resolveSibling("k.reliqua")));
        DrivenWindow.until(() -> !project().equals(after));
        robot.interact(() -> workspace.open(file));
        DrivenWindow.until(() -> project().equals(after));
        DrivenWindow.until(() -> workspace.folder().recent().contains(file.toAbsolutePath()));
    }

    @Test
    void aDimensionTypedIsHeldAndTheHouseFollows(FxRobot robot) throws TimeoutException {
        fitted();
        DrivenWindow.type(robot, "#dimension-depth", "58");
        assertThat(project().held()).containsEntry("depth", Length.inches(58));
        fitted();
        assertThat(DrivenWindow.design(workspace).candidate().spec().depth())
                .isEqualTo(Length.inches(58));
        DrivenWindow.type(robot, "#dimension-depth", "deep");
        assertThat(project().held()).containsEntry("depth", Length.inches(58));
        robot.interact(() -> robot.lookup("#hold-depth").queryAs(ToggleButton.class).fire());
        assertThat(project().held()).containsOnlyKeys(HEIGHTS.keySet());
        for (String view : new String[] {"FRONT", "SIDE", "PLAN", "SPACE"}) {
            robot.clickOn("#view-" + view);
        }
    }
}
