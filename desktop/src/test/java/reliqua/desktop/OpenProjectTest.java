package reliqua.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.TimeoutException;
import java.util.function.Supplier;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.FlowPane;
import javafx.stage.Stage;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.framework.junit5.Stop;
import reliqua.core.project.Project;
import reliqua.desktop.work.Workspace;
import reliqua.files.Examples;
import reliqua.files.ProjectFile;

/** An open project in the real window: typed into, refused, replaced by an empty one. */
@ExtendWith(ApplicationExtension.class)
class OpenProjectTest {
    private Workspace workspace;
    private Path file;

    /** Before the window, which must come up in a set time. */
    @BeforeAll
    static void seek() {
        SettledHouse.ternLane();
    }

    @Start
    void start(Stage stage) throws IOException {
        DrivenWindow window = new DrivenWindow(stage, SettledHouse.ternLane(), "fit");
        workspace = window.workspace;
        file = window.file;
    }

    @Stop
    void stop() {
        workspace.close();
    }

    private void fitted() throws TimeoutException {
        DrivenWindow.planned(workspace);
    }

    private Project project() {
        return workspace.project();
    }

    @Test
    void aDigitInTheHeapBeginsALineAndFieldsTakeTapeReadings(FxRobot robot)
            throws TimeoutException {
        fitted();
        DrivenWindow.go(robot, KeyCode.DIGIT2);
        robot.interact(() -> robot.lookup("#rack").queryListView().requestFocus());
        DrivenWindow.write(robot, "3 of 1x4 at 5ft 2in");
        assertThat(robot.lookup("#say").queryAs(TextField.class).getText()).startsWith("3 of");
        DrivenWindow.press(robot, KeyCode.ENTER);
        String id = project().heap().lots().getLast().id();
        ListView<?> rack = robot.lookup("#rack").queryListView();
        assertThat(rack.getSelectionModel().getSelectedItem().toString()).contains(id);

        DrivenWindow.type(robot, "#lot-length", "64-1/2\"");
        assertThat(project().heap().lots().getLast().material().toString()).contains("1638.3");
        DrivenWindow.type(robot, "#lot-length", "nonsense");
        assertThat(robot.lookup(".danger").queryAllAs(Label.class))
                .anySatisfy(label -> assertThat(label.getText()).contains("nonsense"));
        robot.interact(() -> robot.lookup("#remove-lot").queryButton().fire());
        assertThat(project().heap().find(id)).isEmpty();

        DrivenWindow.type(robot, "#find", "roof");
        assertThat(rack.getItems().size()).isBetween(1, 12);
    }

    @Test
    void birdsAreSteppedWithTheMouseAndUndoneByName(FxRobot robot) throws TimeoutException {
        DrivenWindow.go(robot, KeyCode.DIGIT1);
        robot.clickOn("#more-STANDARD");
        robot.clickOn("#more-DUCK");
        assertThat(project().flock().total()).isEqualTo(11);
        assertThat(robot.lookup("#count-DUCK").queryAs(Label.class).getText()).isEqualTo("1");
        assertThat(workspace.history().get().undoName())
                .hasValueSatisfying(n -> assertThat(n).contains("duck"));
        robot.clickOn("#side-ways");
        robot.interact(() -> robot.lookup("#school-vents-BY_BIRD").query().requestFocus());
        DrivenWindow.press(robot, KeyCode.SPACE);
        assertThat(project().needs().vents().toSquareFeet()).isGreaterThan(10);
        // The house settled on is far too small for thirty, and that is said.
        DrivenWindow.say(robot, "30 hens");
        DrivenWindow.press(robot, KeyCode.ENTER);
        DrivenWindow.until(
                () -> robot.lookup("#notice").queryAs(Label.class).getText().contains("nest"));
        assertThat(workspace.designs().state().get().design()).isEmpty();
    }

    @Test
    void aDamagedFileIsToldAndThePresentProjectStays(FxRobot robot)
            throws IOException, TimeoutException {
        fitted();
        Path bad = file.resolveSibling("bad.reliqua");
        Files.createDirectories(bad.getParent());
        Files.writeString(bad, "nonsense");
        Project before = project();
        robot.interact(() -> workspace.open(bad));
        DrivenWindow.until(
                () ->
                        robot.lookup("#notice")
                                .queryAs(Label.class)
                                .getText()
                                .contains("bad.reliqua"));
        assertThat(project()).isEqualTo(before);
    }

    @Test
    void aVersionOfBeforeIsGoneBackToAndUndoLeadsForth(FxRobot robot)
            throws IOException, TimeoutException {
        DrivenWindow.until(() -> workspace.saved().get());
        Project before = workspace.project();
        ProjectFile.saveCopy(file.resolveSibling(file.getFileName() + "~"), before);
        robot.interact(() -> workspace.edit("tick", p -> p.tick("step LEG", true)));
        Project after = workspace.project();
        MenuButton button = robot.lookup("#menu").queryAs(MenuButton.class);
        robot.interact(button::show);
        Menu versions =
                button.getItems().stream()
                        .filter(i -> "menu.versions".equals(i.getId()))
                        .map(i -> (Menu) i)
                        .findFirst()
                        .orElseThrow();
        DrivenWindow.until(
                () ->
                        versions.getItems().stream()
                                .anyMatch(i -> i.getText().matches(".* \\d\\d:\\d\\d")));
        robot.interact(() -> versions.getItems().getFirst().fire());
        DrivenWindow.until(() -> workspace.project().equals(before));
        assertThat(workspace.notice().get()).contains("steps done: 0 then, 1 now");
        robot.interact(button::hide);
        robot.interact(workspace::undo);
        assertThat(workspace.project()).isEqualTo(after);
    }

    @Test
    void aNewEmptyProjectSaysWhatToDoAndGrowsFromThere(FxRobot robot) throws TimeoutException {
        fitted();
        Project empty =
                Project.start(
                        "New coop",
                        project().keeper(),
                        reliqua.core.flock.Flock.EMPTY,
                        reliqua.core.stock.Heap.EMPTY,
                        project().prices());
        robot.interact(() -> workspace.open(empty, file.resolveSibling("new.reliqua")));
        DrivenWindow.until(() -> project().equals(empty));
        DrivenWindow.until(() -> workspace.designs().progress().get() >= 1);
        for (KeyCode digit : DrivenWindow.STATIONS) {
            DrivenWindow.go(robot, digit);
        }
        assertThat(robot.lookup("#notice").queryAs(Label.class).getText()).contains("No birds yet");
        DrivenWindow.say(robot, "hens 4");
        DrivenWindow.press(robot, KeyCode.ENTER);
        fitted();
        assertThat(robot.lookup("#notice").query().isVisible()).isFalse();
        DrivenWindow.say(robot, "any width");
        DrivenWindow.press(robot, KeyCode.ENTER);
        assertThat(project().keeper().limits().width()).isEmpty();
    }

    @Test
    void anotherKindOfCoopIsSoughtAtAPress(FxRobot robot) throws TimeoutException {
        fitted();
        robot.interact(() -> robot.lookup("#kind-walkin").queryAs(ToggleButton.class).fire());
        assertThat(project().family()).isEqualTo("walkin");
        assertThat(workspace.designs().state().get().design()).isEmpty();
        shown("walkin");
        assertThat(robot.lookup("#dimension-legs").tryQuery()).isEmpty();
        DrivenWindow.say(robot, "legs 20");
        assertThat(robot.lookup(".say-detail").queryAs(Label.class).getText())
                .contains("walk-in house")
                .contains("legs");
        robot.interact(workspace::undo);
        assertThat(project().family()).isEqualTo("raised");
        shown("raised");
        assertThat(robot.lookup("#dimension-legs").tryQuery()).isPresent();
    }

    @Test
    void theKindsAreComparedUntilItIsStopped(FxRobot robot) throws TimeoutException {
        fitted();
        DrivenWindow.go(robot, KeyCode.DIGIT3);
        Supplier<String> caption =
                () -> robot.lookup("#compare-kinds").queryAs(Button.class).getText();
        assertThat(caption.get()).isEqualTo("Compare kinds");
        robot.interact(() -> robot.lookup("#compare-kinds").queryAs(Button.class).fire());
        DrivenWindow.untilShown(
                () ->
                        robot.lookup("#kind-raised")
                                .<ToggleButton>tryQuery()
                                .filter(kind -> kind.getText().contains("$"))
                                .isPresent());
        assertThat(caption.get()).isEqualTo("Stop comparing");
        robot.interact(() -> robot.lookup("#compare-kinds").queryAs(Button.class).fire());
        assertThat(caption.get()).isEqualTo("Compare kinds");
        DrivenWindow.say(robot, "width 80");
        DrivenWindow.press(robot, KeyCode.ENTER);
        assertThat(robot.lookup("#kind-raised").queryAs(ToggleButton.class).getText())
                .doesNotContain("$");
    }

    @Test
    void anExampleIsPickedFromDrawnCards(FxRobot robot) throws TimeoutException {
        MenuButton menu = robot.lookup("#menu").queryAs(MenuButton.class);
        MenuItem examples =
                menu.getItems().stream()
                        .filter(item -> "menu.examples".equals(item.getId()))
                        .findFirst()
                        .orElseThrow();
        robot.interact(examples::fire);
        DrivenWindow.untilShown(() -> robot.lookup("#example-drove-side").tryQuery().isPresent());
        assertThat(robot.lookup("#examples").queryAs(FlowPane.class).getChildren())
                .hasSize(Examples.all().size());
        robot.interact(robot.lookup("#example-coal-lane").queryAs(Button.class)::fire);
        assertThat(project().name()).isEqualTo("Coal Lane");
        assertThat(project().family()).isEqualTo("aframe");
    }

    /** A first house of that kind; the search need not come to its end. */
    private void shown(String family) throws TimeoutException {
        DrivenWindow.until(
                () ->
                        workspace
                                .designs()
                                .state()
                                .get()
                                .design()
                                .filter(d -> d.candidate().spec().family().equals(family))
                                .isPresent());
        workspace.designs().stop();
    }
}
