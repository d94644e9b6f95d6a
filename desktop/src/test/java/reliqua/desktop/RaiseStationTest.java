package reliqua.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.function.Predicate;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.Slider;
import javafx.scene.control.TextField;
import javafx.stage.Stage;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.framework.junit5.Stop;
import org.testfx.util.WaitForAsyncUtils;
import reliqua.core.build.Step;
import reliqua.core.drawing.Picture;
import reliqua.core.keep.Happening;
import reliqua.core.measure.Length;
import reliqua.core.measure.Tape;
import reliqua.core.project.Design;
import reliqua.core.project.Project;
import reliqua.desktop.paint.PictureView;

/** The build in the real window: played, turned, measured. */
@ExtendWith(ApplicationExtension.class)
class RaiseStationTest {
    private DrivenWindow window;

    /** Before the window, which must come up in a set time. */
    @BeforeAll
    static void seek() {
        SettledHouse.ternLane();
    }

    @Start
    void start(Stage stage) throws IOException {
        window = new DrivenWindow(stage, SettledHouse.ternLane(), "raise");
    }

    @Stop
    void stop() {
        window.workspace.close();
    }

    private static Picture picture(FxRobot robot) {
        return robot.lookup("#raise-picture").queryAs(PictureView.class).picture().get();
    }

    private static void press(FxRobot robot, String button) {
        robot.interact(() -> robot.lookup("#" + button).queryButton().fire());
    }

    @Test
    void theSliderBuildsItUpAndPlayGoesOn(FxRobot robot) throws TimeoutException {
        DrivenWindow.planned(window.workspace);
        Slider slider = robot.lookup("#build-slider").queryAs(Slider.class);
        int steps = DrivenWindow.design(window.workspace).steps().size();
        assertThat(slider.getMax()).isEqualTo(steps);
        robot.interact(() -> slider.setValue(3));
        int few = picture(robot).shapes().size();
        robot.interact(() -> slider.setValue(steps));
        assertThat(picture(robot).shapes()).hasSizeGreaterThan(few * 2);

        press(robot, "play-build");
        DrivenWindow.until(() -> slider.getValue() >= 3 && slider.getValue() < steps);
        press(robot, "play-build");
        double stopped = slider.getValue();
        DrivenWindow.settle();
        assertThat(slider.getValue()).isEqualTo(stopped);
    }

    @Test
    void itIsTurnedAndShownFlatWithItsMeasures(FxRobot robot) throws TimeoutException {
        DrivenWindow.planned(window.workspace);
        Picture site = picture(robot);
        Slider slider = robot.lookup("#build-slider").queryAs(Slider.class);
        robot.interact(() -> slider.setValue(5));
        Picture first = picture(robot);
        assertThat(first).as("what stands, not where it will").isNotEqualTo(site);
        press(robot, "turn-right");
        assertThat(picture(robot)).isNotEqualTo(first);
        press(robot, "turn-left");
        assertThat(picture(robot)).isEqualTo(first);
        robot.interact(() -> window.fire("build-measures"));
        assertThat(picture(robot).shapes()).anyMatch(s -> s instanceof Picture.Label);
    }

    @Test
    void theLayoutShowsTheFrameOfAStepAndThenOfTheNext(FxRobot robot) throws TimeoutException {
        DrivenWindow.planned(window.workspace);
        Slider slider = robot.lookup("#build-slider").queryAs(Slider.class);
        int walls =
                DrivenWindow.design(window.workspace).steps().stream()
                        .map(s -> s.id())
                        .toList()
                        .indexOf("WALL_FRONT");
        robot.interact(() -> slider.setValue(walls + 1.0));
        robot.interact(() -> window.fire("build-layout"));
        Label words = robot.lookup("#build-words").queryAs(Label.class);
        assertThat(words.isVisible()).isTrue();
        String first = words.getText();
        assertThat(first).startsWith("Front wall").contains("from the left");
        robot.interact(() -> slider.setValue(walls + 2.0));
        assertThat(words.getText()).startsWith("Back wall");
        robot.interact(() -> slider.setValue(walls + 1.0));
        assertThat(words.getText()).isEqualTo(first);
        robot.interact(() -> window.fire("build-layout"));
        assertThat(words.isVisible()).isFalse();
    }

    @Test
    void aStepIsTakenApartAndTurned(FxRobot robot) throws TimeoutException {
        DrivenWindow.planned(window.workspace);
        Slider slider = robot.lookup("#build-slider").queryAs(Slider.class);
        int frame =
                DrivenWindow.design(window.workspace).steps().stream()
                        .map(s -> s.id())
                        .toList()
                        .indexOf("FLOOR_FRAME");
        robot.interact(() -> slider.setValue(frame + 1.0));
        robot.interact(() -> window.fire("build-apart"));
        drawn(robot, p -> p.shapes().stream().anyMatch(s -> s instanceof Picture.Label));
        Picture apart = picture(robot);
        assertThat(robot.lookup("#build-words").queryAs(Label.class).getText()).contains("screws");
        press(robot, "turn-right");
        drawn(robot, p -> !p.equals(apart));
        robot.interact(() -> window.fire("build-apart"));
        assertThat(picture(robot).shapes()).noneMatch(s -> s instanceof Picture.Label);
    }

    /** Waits for a picture that is drawn beside the window. */
    private static void drawn(FxRobot robot, Predicate<Picture> wanted) throws TimeoutException {
        WaitForAsyncUtils.waitFor(10, TimeUnit.SECONDS, () -> wanted.test(picture(robot)));
        WaitForAsyncUtils.waitForFxEvents();
    }

    @Test
    void whatAStepTookIsWrittenDownAndTeachesTheRest(FxRobot robot) throws TimeoutException {
        DrivenWindow.planned(window.workspace);
        Design design = window.workspace.designs().state().get().design().orElseThrow();
        int before = design.minutesLeft(window.workspace.project());
        DrivenWindow.type(robot, "#took", "900");
        String key = design.steps().getFirst().key();
        assertThat(window.workspace.project().note(key).minutes()).isEqualTo(900);
        assertThat(design.minutesLeft(window.workspace.project())).isGreaterThan(before);

        DrivenWindow.type(robot, "#took", "all day");
        assertThat(window.workspace.project().note(key).minutes()).isEqualTo(900);
        robot.interact(() -> window.workspace.undo());
        assertThat(window.workspace.project().note(key).isEmpty()).isTrue();
    }

    @Test
    void whatStandsIsBuiltOnToFromTheMenu(FxRobot robot) throws TimeoutException {
        DrivenWindow.planned(window.workspace);
        Design design = window.workspace.designs().state().get().design().orElseThrow();
        MenuButton menu = robot.lookup("#menu").queryAs(MenuButton.class);
        MenuItem extend =
                menu.getItems().stream()
                        .filter(item -> "menu.extend".equals(item.getId()))
                        .findFirst()
                        .orElseThrow();
        robot.interact(menu::show);
        assertThat(extend.isDisable()).as("nothing stands").isTrue();
        String key = design.steps().getFirst().key();
        robot.interact(
                () -> {
                    menu.hide();
                    window.workspace.edit(
                            "step", p -> p.settledOn(design.candidate()).tick(key, true));
                });
        String before = window.workspace.project().name();
        robot.interact(menu::show);
        assertThat(extend.isDisable()).isFalse();
        robot.interact(extend::fire);
        Project extended = window.workspace.project();
        assertThat(extended.name()).isNotEqualTo(before).startsWith(before);
        assertThat(extended.done()).contains(key);
        assertThat(extended.book().log())
                .as("what to do otherwise")
                .isNotEmpty()
                .allMatch(e -> e.what() instanceof Happening.NextTime);
    }

    /** Half a note stays in its field when a step is ticked or the plan changes beside it. */
    @Test
    void whatIsBeingWrittenStaysWhileThePlanChanges(FxRobot robot) throws TimeoutException {
        DrivenWindow.planned(window.workspace);
        TextField minutes = robot.lookup("#took").queryAs(TextField.class);
        robot.interact(
                () -> {
                    minutes.requestFocus();
                    minutes.setText("4");
                });
        String other = DrivenWindow.design(window.workspace).steps().getLast().key();
        robot.interact(() -> window.workspace.edit("last", p -> p.tick(other, true)));
        DrivenWindow.settle();
        assertThat(robot.lookup("#took").queryAs(TextField.class)).isSameAs(minutes);
        assertThat(minutes.getText()).isEqualTo("4");
        assertThat(minutes.isFocused()).isTrue();
    }

    @Test
    void aFloorThatCameOutWiderIsTypedWhereItsStepIs(FxRobot robot) throws TimeoutException {
        DrivenWindow.planned(window.workspace);
        Design design = window.workspace.designs().state().get().design().orElseThrow();
        Length width = design.candidate().spec().width();
        robot.interact(
                () ->
                        window.workspace.edit(
                                "rims",
                                p ->
                                        p.settledOn(design.candidate())
                                                .tick(Step.key("FLOOR_FRAME"), true)));
        DrivenWindow.planned(window.workspace);
        robot.interact(
                () -> robot.lookup("#step-FLOOR_FRAME").queryAs(CheckBox.class).requestFocus());
        DrivenWindow.untilShown(() -> robot.lookup("#measured-width").tryQuery().isPresent());
        Length wider = width.plus(Length.inches(1, 4));
        DrivenWindow.type(robot, "#measured-width", Tape.INCH.mark(wider));
        DrivenWindow.until(() -> settledWidth().equals(wider));
        assertThat(window.workspace.project().done()).contains(Step.key("FLOOR_FRAME"));

        DrivenWindow.type(robot, "#measured-width", Tape.INCH.mark(width.plus(Length.inches(9))));
        DrivenWindow.until(() -> window.workspace.notice().get().contains("another coop"));
        assertThat(settledWidth()).isEqualTo(wider);
    }

    private Length settledWidth() {
        return window.workspace.project().chosen().orElseThrow().spec().width();
    }
}
