package reliqua.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.concurrent.TimeUnit;
import javafx.geometry.VerticalDirection;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Labeled;
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
import reliqua.core.flock.BirdClass;
import reliqua.core.flock.Flock;
import reliqua.core.flock.Pen;
import reliqua.core.flock.Practice;
import reliqua.core.flock.Predator;
import reliqua.core.flock.Reminder;
import reliqua.core.flock.Site;
import reliqua.core.flock.SiteMark;
import reliqua.core.flock.Tool;
import reliqua.core.measure.Area;
import reliqua.core.measure.Length;
import reliqua.core.project.Project;
import reliqua.files.ProjectFile;

/** Birds and place in the real window: stepped, dragged, typed, said, undone and opened again. */
@ExtendWith(ApplicationExtension.class)
class BirdsStationTest {
    private DrivenWindow window;

    /** Before the window, which must come up in a set time. */
    @BeforeAll
    static void seek() {
        SettledHouse.ternLane();
    }

    @Start
    void start(Stage stage) throws IOException {
        window = new DrivenWindow(stage, SettledHouse.ternLane(), "birds");
    }

    @Stop
    void stop() {
        window.workspace.close();
    }

    private Project project() {
        return window.project();
    }

    private Flock flock() {
        return project().flock();
    }

    private Site site() {
        return project().site();
    }

    private void side(FxRobot robot, String name) {
        robot.clickOn("#side-" + name);
        DrivenWindow.settle();
    }

    private void say(FxRobot robot, String line) {
        DrivenWindow.control(robot, KeyCode.K);
        DrivenWindow.enter(robot, "#say", line);
    }

    /** The cursor first: what stands in a field without it may be refreshed at any time. */
    private void type(FxRobot robot, String field, String text) {
        robot.clickOn(field);
        DrivenWindow.enter(robot, field, text);
    }

    @Test
    void aNewcomerSaysAFlockAndAYardInOneBreath(FxRobot robot) {
        say(robot, "12 hens, 1 cock, 2 ducks, foxes, stoats, gate 48 in, wind from nw");
        assertThat(flock().total()).isEqualTo(15);
        assertThat(site().predators()).contains(Predator.FOX, Predator.STOAT);
        assertThat(site().gate()).contains(Length.inches(48));
        Labeled count = robot.lookup("#count-STANDARD").queryAs(Labeled.class);
        assertThat(count.getText()).isEqualTo("12");
        DrivenWindow.undo(robot);
        assertThat(flock().total()).isEqualTo(9);
        assertThat(site().predators()).doesNotContain(Predator.STOAT);
    }

    @Test
    void figuresAreDraggedUpForMore(FxRobot robot) {
        robot.drag("#count-BANTAM").moveBy(0, -30).drop();
        DrivenWindow.settle();
        assertThat(flock().count(BirdClass.BANTAM)).isEqualTo(3);
        assertThat(robot.lookup("#need-FLOOR .difference").queryAs(Labeled.class).getText())
                .startsWith("+");
        DrivenWindow.undo(robot);
        assertThat(flock().count(BirdClass.BANTAM)).isZero();
    }

    @Test
    void cocksPensAndWaysOfLifeAreStepped(FxRobot robot) {
        robot.clickOn("#more-COCKS").clickOn("#more-PEN-BROODY").clickOn("#style-RUN_ONLY");
        robot.clickOn("#purpose-BREEDING");
        DrivenWindow.settle();
        assertThat(flock().cockCount()).isEqualTo(1);
        assertThat(flock().penned(Pen.Kind.BROODY)).isEqualTo(1);
        assertThat(flock().style()).isEqualTo(Flock.Style.RUN_ONLY);
        assertThat(flock().purposes()).contains(Flock.Purpose.BREEDING);
        assertThat(robot.lookup("#advice").queryAs(Node.class).isVisible()).isTrue();
    }

    @Test
    void aQuestionIsTakenUpByPressingIt(FxRobot robot) {
        robot.clickOn("#whatif-THREE_MORE");
        DrivenWindow.settle();
        assertThat(flock().count(BirdClass.STANDARD)).isEqualTo(12);
        assertThat(window.workspace.history().get().undoName()).contains("three hens more");
    }

    @Test
    void anOwnFigureGoesBeforeASchoolUntilASchoolIsChosen(FxRobot robot) {
        side(robot, "ways");
        robot.clickOn("#own-space").write("3.5").type(KeyCode.ENTER);
        DrivenWindow.settle();
        assertThat(flock().practice().own().floor()).contains(Area.ofSquareFeet(3.5));
        assertThat(project().needs().floor()).isEqualTo(Area.ofSquareFeet(3.5).times(11));
        robot.clickOn("#school-space-ROOMY");
        DrivenWindow.settle();
        assertThat(flock().practice().own().floor()).isEmpty();
        assertThat(flock().practice().space()).isEqualTo(Practice.Space.ROOMY);
        robot.clickOn("#own-nests").write("many").type(KeyCode.ENTER);
        DrivenWindow.settle();
        assertThat(flock().practice().own().nests()).isEmpty();
        assertThat(robot.lookup("#ways .danger").queryAll())
                .anySatisfy(n -> assertThat(((Labeled) n).getText()).contains("many"));
    }

    @Test
    void theGroundIsDraggedTurnedAndMovedByKeys(FxRobot robot) {
        side(robot, "ground");
        int gate = index(SiteMark.Kind.GATE);
        Length before = site().marks().get(gate).x();
        robot.drag("#mark-" + gate).moveBy(-120, -40).drop();
        DrivenWindow.settle();
        assertThat(site().marks().get(gate).x()).isLessThan(before);
        Length x = site().marks().get(gate).x();
        DrivenWindow.press(robot, KeyCode.RIGHT);
        assertThat(site().marks().get(gate).x()).isEqualTo(x.plus(Length.mm(250)));
        type(robot, "#chosen-size", "4 ft");
        assertThat(site().gate()).contains(Length.inches(48));
        robot.clickOn("#dial-wind").type(KeyCode.RIGHT);
        DrivenWindow.settle();
        assertThat(site().windFrom().point()).isEqualTo("W");
        robot.clickOn("#put-TREE");
        DrivenWindow.settle();
        int marks = site().marks().size();
        robot.clickOn("#chosen-remove");
        DrivenWindow.settle();
        assertThat(site().marks()).hasSize(marks - 1);
    }

    private int index(SiteMark.Kind kind) {
        return site().marks().indexOf(site().find(kind).orElseThrow());
    }

    @Test
    void theFrontIsTurnedToTheBest(FxRobot robot) {
        side(robot, "ground");
        robot.clickOn("#mark-" + index(SiteMark.Kind.COOP));
        DrivenWindow.settle();
        robot.clickOn("#turn-best");
        DrivenWindow.settle();
        assertThat(site().facing()).isEqualTo(reliqua.core.flock.Siting.of(site()).best());
    }

    @Test
    void weatherTypedWrongIsMarkedAndNothingIsLost(FxRobot robot) {
        side(robot, "ground");
        var snow = site().climate().snow();
        type(robot, "#weather-snow", "lots");
        assertThat(site().climate().snow()).isEqualTo(snow);
        type(robot, "#weather-snow", "60 psf");
        assertThat(window.workspace.tape().say(site().climate().snow())).isEqualTo("60 psf");
        assertThat(site().climate().region()).isEmpty();
    }

    @Test
    void animalsChangeTheMeshAndSayWhose(FxRobot robot) {
        side(robot, "predators");
        robot.clickOn("#animal-WEASEL");
        DrivenWindow.settle();
        assertThat(project().needs().meshAperture()).isEqualTo(Length.mm(6));
        assertThat(robot.lookup("#need-MESH .source").queryAs(Labeled.class).getText())
                .contains("weasels");
        assertThat(robot.lookup("#animal-WEASEL").query().getAccessibleText()).contains("1/4");
        side(robot, "keeper");
        robot.clickOn("#units-mm");
        side(robot, "predators");
        assertThat(robot.lookup("#animal-WEASEL").query().getAccessibleText())
                .doesNotContain("1/4");
    }

    @Test
    void theKeeperIsToldByHandAndTape(FxRobot robot) {
        side(robot, "keeper");
        robot.clickOn("#tool-TABLE_SAW").clickOn("#helper");
        type(robot, "#keeper-height", "6 ft 1");
        assertThat(project().keeper().tools()).contains(Tool.TABLE_SAW);
        assertThat(project().keeper().body().helper()).isTrue();
        assertThat(project().keeper().body().height()).isEqualTo(Length.inches(73));
        type(robot, "#keeper-trim", "1/2 in");
        assertThat(project().keeper().trim()).isEqualTo(Length.inches(1, 2));
        say(robot, "end trim nothing");
        assertThat(project().keeper().trim()).isEqualTo(Length.ZERO);
        robot.clickOn("#units-mm");
        DrivenWindow.settle();
        assertThat(robot.lookup("#keeper-height").queryAs(TextField.class).getText())
                .isEqualTo("1854.2 mm");
    }

    @Test
    void whatWasAskedIsKeptWithItsDayInTheFile(FxRobot robot) throws Exception {
        side(robot, "ask");
        robot.clickOn("#ask-PERMIT");
        DrivenWindow.settle();
        assertThat(robot.lookup("#ask-PERMIT").queryAs(CheckBox.class).isSelected()).isTrue();
        DrivenWindow.type(robot, "#ask-PERMIT-answer", "no permit under 10 m2");
        robot.interact(window.workspace::saveNow);
        Project again = ProjectFile.load(window.file);
        assertThat(again.site().asked().get(Reminder.PERMIT).answer())
                .isEqualTo("no permit under 10 m2");
        assertThat(again.site()).isEqualTo(site());
        assertThat(again.flock()).isEqualTo(flock());
        assertThat(again.keeper()).isEqualTo(project().keeper());
    }

    @Test
    void everySideIsReachedByKeysAndNamedForThoseWhoHear(FxRobot robot) {
        for (String side : new String[] {"flock", "ways", "ground", "predators", "keeper", "ask"}) {
            side(robot, side);
            var unnamed =
                    robot.lookup(
                                    n ->
                                            n.isFocusTraversable()
                                                    && n.isVisible()
                                                    && (n.getAccessibleText() == null
                                                            || n.getAccessibleText().isBlank())
                                                    && !(n instanceof Labeled l
                                                            && !l.getText().isBlank())
                                                    && n.getId() != null)
                            .queryAll();
            assertThat(unnamed).as(side).isEmpty();
        }
        robot.scroll(1, VerticalDirection.DOWN);
        assertThat(WaitForAsyncUtils.waitForAsyncFx(TimeUnit.SECONDS.toMillis(5), () -> true))
                .isTrue();
    }
}
