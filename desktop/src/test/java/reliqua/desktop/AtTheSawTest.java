package reliqua.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeoutException;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.framework.junit5.Stop;
import org.testfx.util.WaitForAsyncUtils;
import reliqua.core.cutting.CutWish;
import reliqua.core.cutting.Ticket;
import reliqua.core.flock.BirdClass;
import reliqua.core.project.Project;
import reliqua.core.stock.Stick;
import reliqua.desktop.work.Workspace;

/** The cutting of a house settled on, by hand and by keys, and what of it outlives a change. */
@ExtendWith(ApplicationExtension.class)
class AtTheSawTest {
    private Workspace workspace;

    /** Before the window, which must come up in a set time. */
    @BeforeAll
    static void seek() {
        SettledHouse.ternLane();
    }

    @Start
    void start(Stage stage) throws IOException {
        workspace = new DrivenWindow(stage, SettledHouse.ternLane(), "saw").workspace;
    }

    @Stop
    void stop() {
        workspace.close();
    }

    private void planned() throws TimeoutException {
        DrivenWindow.planned(workspace);
    }

    private Project project() {
        return workspace.project();
    }

    @Test
    void atTheSawOneTicketAfterTheOtherIsCutByKeysAlone(FxRobot robot) throws TimeoutException {
        planned();
        robot.clickOn("#at-saw");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup("#at-the-saw").queryAll()).hasSize(1);
        DrivenWindow.press(robot, KeyCode.SPACE);
        DrivenWindow.until(() -> cutAtTheSaw(robot).contains("1 cut"));
        robot.interact(workspace::undo);
        DrivenWindow.until(() -> cutAtTheSaw(robot).contains("0 cut"));
        robot.interact(workspace::redo);
        DrivenWindow.until(() -> cutAtTheSaw(robot).contains("1 cut"));
        planned();
        DrivenWindow.press(robot, KeyCode.RIGHT);
        DrivenWindow.press(robot, KeyCode.SPACE);
        DrivenWindow.until(() -> cutAtTheSaw(robot).contains("2 cut"));
        assertThat(project().chosen()).isPresent();
        DrivenWindow.press(robot, KeyCode.ESCAPE);
        assertThat(robot.lookup("#at-the-saw").queryAll()).isEmpty();
        DrivenWindow.until(() -> robot.lookup("#go-saw").queryAll().size() == 1);
        robot.interact(workspace::undo);
        assertThat(project().cuts()).hasSize(1);
    }

    @Test
    void aHandThatRestsOnTheSpaceBarCutsOnce(FxRobot robot) throws TimeoutException {
        planned();
        robot.clickOn("#at-saw");
        DrivenWindow.held(robot, KeyCode.SPACE);
        DrivenWindow.until(() -> cutAtTheSaw(robot).contains("1 cut"));
        planned();
        DrivenWindow.held(robot, KeyCode.M);
        assertThat(robot.lookup("#saw-measured").queryAs(TextField.class).getText()).isEmpty();
        DrivenWindow.write(robot, "m");
        assertThat(robot.lookup("#saw-measured").queryAs(TextField.class).getText()).isEqualTo("m");
        DrivenWindow.held(robot, KeyCode.ESCAPE);
        assertThat(robot.lookup("#at-the-saw").queryAll()).hasSize(1);
        DrivenWindow.press(robot, KeyCode.SPACE);
        DrivenWindow.until(() -> cutAtTheSaw(robot).contains("2 cut"));
        DrivenWindow.press(robot, KeyCode.ESCAPE);
        DrivenWindow.until(() -> robot.lookup("#at-the-saw").queryAll().isEmpty());
        robot.interact(() -> robot.lookup("#tickets").queryListView().requestFocus());
        DrivenWindow.held(robot, KeyCode.SPACE);
        assertThat(project().cuts()).hasSize(3);
    }

    @Test
    void aSpoiledPieceComesUpAgainOnAnotherTicket(FxRobot robot) throws TimeoutException {
        planned();
        robot.clickOn("#at-saw");
        WaitForAsyncUtils.waitForFxEvents();
        String mark =
                robot.lookup("#at-the-saw .saw-mark")
                        .queryAllAs(Label.class)
                        .iterator()
                        .next()
                        .getText();
        DrivenWindow.press(robot, KeyCode.DIGIT1);
        assertThat(robot.lookup("#at-the-saw .saw-mark.danger").queryAll()).hasSize(1);
        DrivenWindow.press(robot, KeyCode.SPACE);
        DrivenWindow.until(() -> cutAtTheSaw(robot).contains("1 cut"));
        planned();
        assertThat(project().cuts().getFirst().pieces()).noneMatch(p -> p.marks().equals(mark));
        assertThat(tickets())
                .anyMatch(t -> t.cuts().stream().anyMatch(c -> c.marks().equals(mark)));
    }

    @Test
    void theTapeSaysOtherwiseAtTheSaw(FxRobot robot) throws TimeoutException {
        planned();
        robot.clickOn("#at-saw");
        WaitForAsyncUtils.waitForFxEvents();
        int lots = project().heap().lots().size();
        said(robot, KeyCode.M, "#saw-measured", "61 1/4");
        DrivenWindow.until(() -> project().heap().lots().size() == lots + 1);
        assertThat(project().heap().lots().getLast().quantity()).isEqualTo(1);
        robot.interact(workspace::undo);
        assertThat(project().heap().lots()).hasSize(lots);
    }

    /** A key leads to a field, and its letter does not land in it. */
    private static void said(FxRobot robot, KeyCode key, String field, String words) {
        DrivenWindow.press(robot, key);
        assertThat(robot.lookup(field).queryAs(TextField.class).getText()).isEmpty();
        DrivenWindow.write(robot, words);
        DrivenWindow.press(robot, KeyCode.ENTER);
    }

    private static int danger(FxRobot robot) {
        return robot.lookup("#at-the-saw .saw-mark.danger").queryAll().size();
    }

    @Test
    void aStickThatSplitsIsPlannedAgainOrCutRoundTheSplit(FxRobot robot) throws TimeoutException {
        planned();
        robot.clickOn("#at-saw");
        WaitForAsyncUtils.waitForFxEvents();
        Project before = project();
        said(robot, KeyCode.S, "#saw-split", "nonsense");
        assertThat(robot.lookup("#at-the-saw .danger").queryAllAs(Label.class))
                .anyMatch(l -> l.getText().contains("nonsense"));
        DrivenWindow.press(robot, KeyCode.ESCAPE);
        said(robot, KeyCode.S, "#saw-split", "2 to 4");
        assertThat(danger(robot)).isEqualTo(1);
        assertThat(project()).isEqualTo(before);
        DrivenWindow.press(robot, KeyCode.S);
        assertThat(danger(robot)).isZero();
        said(robot, KeyCode.S, "#saw-split", "2 to 4");
        DrivenWindow.press(robot, KeyCode.R);
        DrivenWindow.until(() -> project().heap().lots().size() > before.heap().lots().size());
        assertThat(project().cuts()).isEmpty();
        robot.interact(workspace::undo);
        assertThat(project().heap()).isEqualTo(before.heap());
        planned();
        said(robot, KeyCode.S, "#saw-split", "2 to 4");
        DrivenWindow.press(robot, KeyCode.SPACE);
        DrivenWindow.until(() -> cutAtTheSaw(robot).contains("1 cut"));
        assertThat(project().cuts().getFirst().uncut()).hasSize(1);
    }

    @Test
    void whatIsSpoiledBeforeTheCutFollowsItsStickThroughANewPlan(FxRobot robot)
            throws TimeoutException {
        planned();
        robot.clickOn("#at-saw");
        Ticket first = tickets().getFirst();
        DrivenWindow.press(robot, KeyCode.DIGIT1);
        DrivenWindow.until(() -> danger(robot) == 1);
        robot.interact(() -> workspace.say("1 of 2x2 at 12"));
        planned();
        assertThat(tickets().getFirst()).isEqualTo(first);
        assertThat(danger(robot)).isEqualTo(1);
        CutWish elsewhere = new CutWish(first.cuts().getFirst().marks(), first.source(), false);
        robot.interact(() -> workspace.edit("elsewhere", p -> p.wish(elsewhere, true)));
        planned();
        assertThat(tickets()).doesNotContain(first);
        DrivenWindow.until(() -> danger(robot) == 0);
    }

    private List<Ticket> tickets() {
        return DrivenWindow.design(workspace).candidate().plan().tickets();
    }

    @Test
    void aPieceThatWasCutIsSpoiledByItsNumber(FxRobot robot) throws TimeoutException {
        planned();
        robot.clickOn("#at-saw");
        DrivenWindow.press(robot, KeyCode.SPACE);
        DrivenWindow.until(() -> cutAtTheSaw(robot).contains("1 cut"));
        planned();
        int good = project().cuts().getFirst().pieces().size();
        DrivenWindow.press(robot, KeyCode.LEFT);
        DrivenWindow.press(robot, KeyCode.DIGIT1);
        DrivenWindow.until(() -> project().cuts().getFirst().pieces().size() == good - 1);
        assertThat(project().cuts().getFirst().spoiled()).hasSize(1);
        DrivenWindow.undo(robot);
        assertThat(project().cuts().getFirst().spoiled()).isEmpty();
    }

    @Test
    void aPieceIsBarredFromALotAndTheWishSaysWhatItCosts(FxRobot robot) throws TimeoutException {
        planned();
        robot.interact(
                () -> robot.lookup("#tickets").queryListView().getSelectionModel().select(4));
        WaitForAsyncUtils.waitForFxEvents();
        robot.interact(
                () ->
                        robot.lookup("#slip .button").queryAllAs(Button.class).stream()
                                .filter(b -> b.getId().startsWith("bar-"))
                                .findFirst()
                                .orElseThrow()
                                .fire());
        DrivenWindow.until(() -> project().wishes().size() == 1);
        DrivenWindow.until(
                () ->
                        robot.lookup("#slip .wish .label").queryAllAs(Label.class).stream()
                                .anyMatch(l -> l.getText().contains("costs")));
        robot.interact(workspace::undo);
        assertThat(project().wishes()).isEmpty();
    }

    private static String cutAtTheSaw(FxRobot robot) {
        return robot.lookup("#at-the-saw .saw-count").queryAs(Label.class).getText();
    }

    @Test
    void whatWasCutBeforeThePlanChangedIsNotForgotten(FxRobot robot) throws TimeoutException {
        planned();
        robot.interact(
                () -> {
                    ListView<Ticket> tickets = robot.lookup("#tickets").queryListView();
                    tickets.requestFocus();
                    // The longest piece; short ones may serve a smaller house just as well.
                    tickets.getItems().stream()
                            .filter(t -> t.material() instanceof Stick)
                            .max(Comparator.comparing(t -> t.cuts().getFirst().across()))
                            .ifPresent(tickets.getSelectionModel()::select);
                });
        DrivenWindow.press(robot, KeyCode.SPACE);
        DrivenWindow.until(() -> project().cuts().size() == 1);
        robot.interact(
                () ->
                        workspace.edit(
                                "another flock",
                                p ->
                                        p.withFlock(p.flock().with(BirdClass.STANDARD, 3))
                                                .withChosen(Optional.empty())));
        DrivenWindow.until(
                () ->
                        robot.lookup("#slip .danger").queryAllAs(Label.class).stream()
                                .anyMatch(l -> l.getText().contains("of no use")));
        assertThat(project().cuts()).hasSize(1);
        int lots = project().heap().lots().size();
        robot.interact(() -> robot.lookup("#slip .caution .button").queryButton().fire());
        assertThat(project().heap().lots()).hasSize(lots + 1);
    }
}
