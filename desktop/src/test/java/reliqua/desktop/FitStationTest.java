package reliqua.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.TimeoutException;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.BooleanSupplier;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.SubScene;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.Slider;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.scene.shape.Shape3D;
import javafx.stage.Stage;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.framework.junit5.Stop;
import reliqua.core.coop.family.AddOn;
import reliqua.core.coop.family.DesignSpec;
import reliqua.core.measure.Length;
import reliqua.core.project.Project;
import reliqua.desktop.paint.HouseView;

/** Choosing in the real window: lengths pulled on a view, designs kept and compared. */
@ExtendWith(ApplicationExtension.class)
class FitStationTest {
    private DrivenWindow window;

    /** Before the window, which must come up in a set time. */
    @BeforeAll
    static void seek() {
        SettledHouse.ternLane();
    }

    @Start
    void start(Stage stage) throws IOException {
        window = new DrivenWindow(stage, SettledHouse.ternLane(), "fit");
    }

    @Stop
    void stop() {
        window.workspace.close();
    }

    private Length width() {
        return DrivenWindow.design(window.workspace).candidate().spec().width();
    }

    @Test
    void whatIsBuiltOnIsTickedInItsPartOfTheList(FxRobot robot) {
        MenuButton list = robot.lookup("#build-on").queryAs(MenuButton.class);
        CheckMenuItem wire = (CheckMenuItem) part(list, "FLOOR").getItems().getFirst();
        robot.interact(() -> wire.setSelected(true));
        robot.interact(wire::fire);
        assertThat(window.project().addOns()).contains(AddOn.WIRE_FLOOR);
        assertThat(part(list, "FLOOR").getText()).isEqualTo("Floor: wire floor");
        assertThat(list.getItems()).as("a small screen").hasSizeLessThan(12);
        assertThat(
                        list.getItems().stream()
                                .flatMap(part -> ((Menu) part).getItems().stream())
                                .map(MenuItem::getId))
                .as("all that there is room for")
                .hasSameSizeAs(window.project().kind().addOns());
        robot.interact(window.workspace::undo);
        assertThat(part(list, "FLOOR").getText()).isEqualTo("Floor");
    }

    private static Menu part(MenuButton list, String about) {
        return list.getItems().stream()
                .filter(i -> i.getId().equals("build-on-" + about))
                .map(Menu.class::cast)
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aWidthPulledShorterIsHeldAndUndoLetsGo(FxRobot robot) throws TimeoutException {
        DrivenWindow.planned(window.workspace);
        Length before = width();
        robot.interact(() -> window.fire("view-FRONT"));
        DrivenWindow.settle();
        Node handle = robot.lookup("#pull-width").query();
        robot.drag(handle, MouseButton.PRIMARY).moveBy(-8, 0).moveBy(-8, 0).drop();
        DrivenWindow.until(() -> window.project().held().containsKey("width"));
        assertThat(window.project().held().get("width")).isLessThan(before);
        assertThat(window.project().chosen()).isEmpty();

        DrivenWindow.undo(robot);
        assertThat(window.project().held()).doesNotContainKey("width");
        assertThat(window.project().chosen()).isPresent();
    }

    @Test
    void anArrowKeyPullsByAStepOfTheTape(FxRobot robot) throws TimeoutException {
        DrivenWindow.planned(window.workspace);
        Length before = DrivenWindow.design(window.workspace).candidate().spec().depth();
        robot.interact(() -> window.fire("view-SIDE"));
        DrivenWindow.settle();
        robot.interact(() -> robot.lookup("#pull-depth").query().requestFocus());
        DrivenWindow.press(robot, KeyCode.LEFT);
        DrivenWindow.until(() -> window.project().held().containsKey("depth"));
        assertThat(window.project().held().get("depth"))
                .isEqualTo(before.minus(Length.inches(1, 4)));
    }

    @Test
    void aDesignKeptUnderANameIsComparedAndComeBackTo(FxRobot robot) throws TimeoutException {
        DrivenWindow.planned(window.workspace);
        Project.Chosen kept = window.project().chosen().orElseThrow();
        robot.interact(() -> window.fire("view-BESIDE"));
        DrivenWindow.type(robot, "#variant-name", "first one");
        assertThat(window.project().variants()).containsOnlyKeys("first one");

        robot.interact(
                () ->
                        window.workspace.edit(
                                "bar",
                                p ->
                                        p.with(AddOn.DOOR_BAR, true)
                                                .withChosen(Optional.of(with(kept)))));
        DrivenWindow.planned(window.workspace);
        robot.interact(() -> window.fire("with-kept-0"));
        DrivenWindow.until(
                () -> seen(robot, () -> robot.lookup("#take-other").tryQuery().isPresent()));
        robot.interact(() -> robot.lookup("#take-other").queryButton().fire());
        assertThat(window.project().chosen()).contains(kept);
        assertThat(window.project().addOns()).isEqualTo(kept.spec().addOns());
    }

    @Test
    void whatWouldBecomeOfItWithThreeMoreBirdsIsFittedBeside(FxRobot robot)
            throws TimeoutException {
        DrivenWindow.planned(window.workspace);
        Project before = window.project();
        robot.interact(() -> window.fire("view-BESIDE"));
        MenuButton questions = robot.lookup("#what-if").queryAs(MenuButton.class);
        MenuItem birds =
                questions.getItems().stream()
                        .filter(i -> i.getId().equals("if-birds"))
                        .findFirst()
                        .orElseThrow();
        robot.interact(birds::fire);
        DrivenWindow.until(
                () ->
                        seen(
                                robot,
                                () ->
                                        robot.lookup("#beside")
                                                .lookup((Label l) -> l.getText().equals("floor"))
                                                .tryQuery()
                                                .isPresent()));
        assertThat(window.project()).isEqualTo(before);
    }

    /** The floor is ticked, then another width is sought: the floor stays what it is. */
    @Test
    void whatStandsStaysWhenTheSearchGoesOnAndIsToldWhenItWouldNot(FxRobot robot)
            throws TimeoutException {
        DrivenWindow.planned(window.workspace);
        Length width = width();
        List<String> floor = List.of("step LEG", "step RIM", "step JOIST", "step DECK");
        robot.interact(
                () -> floor.forEach(key -> window.workspace.edit(key, p -> p.tick(key, true))));
        DrivenWindow.planned(window.workspace);
        Label becomes = robot.lookup("#becomes").queryAs(Label.class);
        DrivenWindow.until(becomes::isVisible);
        assertThat(becomes.getText()).contains("stays as it is");

        robot.interact(() -> robot.lookup("#settle").queryButton().fire());
        DrivenWindow.planned(window.workspace);
        assertThat(window.project().chosen()).isEmpty();
        assertThat(width()).isEqualTo(width);

        robot.interact(
                () ->
                        window.workspace.edit(
                                "untick",
                                p -> {
                                    Project undone = p;
                                    for (String key : floor) {
                                        undone = undone.tick(key, false);
                                    }
                                    return undone;
                                }));
        DrivenWindow.planned(window.workspace);
        DrivenWindow.until(() -> !becomes.isVisible());
    }

    @Test
    void theGuideOpensAtTheStationAndEscLeadsBack(FxRobot robot) throws TimeoutException {
        DrivenWindow.planned(window.workspace);
        DrivenWindow.press(robot, KeyCode.F1);
        DrivenWindow.until(() -> robot.lookup("#guide").tryQuery().isPresent());
        assertThat(robot.lookup("#guide-fit").queryAs(ToggleButton.class).isSelected()).isTrue();
        robot.interact(() -> window.fire("guide-talk"));
        DrivenWindow.press(robot, KeyCode.ESCAPE);
        DrivenWindow.until(() -> robot.lookup("#bench").tryQuery().isPresent());
        assertThat(robot.lookup("#guide").tryQuery()).isEmpty();
    }

    /** Looked at on the window's own thread, which may be filling what is looked through. */
    private static boolean seen(FxRobot robot, BooleanSupplier there) {
        AtomicBoolean is = new AtomicBoolean();
        robot.interact(() -> is.set(there.getAsBoolean()));
        return is.get();
    }

    private static Project.Chosen with(Project.Chosen kept) {
        Set<AddOn> more = new HashSet<>(kept.spec().addOns());
        more.add(AddOn.DOOR_BAR);
        return new Project.Chosen(
                new DesignSpec(
                        kept.spec().family(), kept.spec().lengths(), kept.spec().choices(), more));
    }

    @Test
    void itIsCutOpenAsFarAsTheSliderSays(FxRobot robot) throws TimeoutException {
        DrivenWindow.planned(window.workspace);
        DrivenWindow.settle();
        ComboBox<?> lookIn = robot.lookup("#look-in").queryComboBox();
        Slider at = robot.lookup("#cut-at").queryAs(Slider.class);
        assertThat(at.isVisible()).isFalse();
        int closed = shapes(robot);
        robot.interact(() -> lookIn.getSelectionModel().select(2));
        assertThat(at.isVisible()).isTrue();
        robot.interact(() -> at.setValue(0.05));
        int open = shapes(robot);
        robot.interact(() -> at.setValue(0.9));
        assertThat(shapes(robot)).isBetween(1, open - 1);
        robot.interact(() -> lookIn.getSelectionModel().select(0));
        assertThat(shapes(robot)).isEqualTo(closed);
    }

    /** What is drawn of the house, which here is shown in space. */
    private static int shapes(FxRobot robot) {
        DrivenWindow.settle();
        HouseView view = robot.lookup(HouseView.class::isInstance).query();
        return view.getChildrenUnmodifiable().stream()
                .filter(SubScene.class::isInstance)
                .mapToInt(scene -> solids(((SubScene) scene).getRoot()))
                .sum();
    }

    private static int solids(Node node) {
        if (node instanceof Parent parent) {
            return parent.getChildrenUnmodifiable().stream().mapToInt(FitStationTest::solids).sum();
        }
        return node instanceof Shape3D ? 1 : 0;
    }
}
