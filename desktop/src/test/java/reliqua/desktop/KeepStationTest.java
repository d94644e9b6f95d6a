package reliqua.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.time.LocalDate;
import java.util.List;
import java.util.concurrent.TimeoutException;
import javafx.scene.chart.XYChart;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ListView;
import javafx.scene.control.Slider;
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
import reliqua.core.check.WeakSpot;
import reliqua.core.coop.Coop;
import reliqua.core.flock.BirdClass;
import reliqua.core.flock.Predator;
import reliqua.core.flock.Siting;
import reliqua.core.keep.Chore;
import reliqua.core.keep.Entry;
import reliqua.core.keep.Happening;
import reliqua.core.keep.SideSaid;
import reliqua.core.measure.Money;
import reliqua.core.project.Project;
import reliqua.desktop.paint.PictureView;
import reliqua.files.InputException;
import reliqua.files.ProjectFile;

/** The coop in use, in the real window: said, ticked, put off, put right, undone, saved. */
@ExtendWith(ApplicationExtension.class)
class KeepStationTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 11, 27);
    private DrivenWindow window;

    /** Before the window, which must come up in a set time. */
    @BeforeAll
    static void seek() {
        SettledHouse.ternLane();
    }

    @Start
    void start(Stage stage) throws IOException {
        window = new DrivenWindow(stage, SettledHouse.ternLane(), "keep");
    }

    @Stop
    void stop() {
        window.workspace.close();
    }

    private Project project() {
        return window.project();
    }

    private List<Entry> log() {
        return project().book().log();
    }

    @Test
    void aLineSaidHereIsWrittenDownAndUndoneAndSaved(FxRobot robot)
            throws IOException, InputException {
        int before = log().size();
        DrivenWindow.say(robot, "12 eggs, 2 cracked");
        assertThat(robot.lookup(".say-echo").queryLabeled().getText())
                .isEqualTo("12 eggs, 2 cracked");
        DrivenWindow.press(robot, KeyCode.ENTER);
        assertThat(log()).hasSize(before + 1);
        assertThat(log().getLast().what()).isEqualTo(new Happening.Eggs(12, 2));

        DrivenWindow.undo(robot);
        assertThat(log()).hasSize(before);

        DrivenWindow.say(robot, "lost 2 hens to fox");
        DrivenWindow.press(robot, KeyCode.ENTER);
        assertThat(project().flock().hens()).containsEntry(BirdClass.STANDARD, 7);
        robot.interact(window.workspace::saveNow);
        assertThat(ProjectFile.load(window.file)).isEqualTo(project());
    }

    @Test
    void whatIsDueIsTickedOrPutOff(FxRobot robot) throws TimeoutException {
        DrivenWindow.planned(window.workspace);
        PictureView picture = robot.lookup("#keep-picture").queryAs(PictureView.class);
        assertThat(picture.picture().get().shapes()).isNotEmpty();

        robot.interact(() -> robot.lookup("#chore-vents-down").queryAs(CheckBox.class).fire());
        assertThat(project().book().lastDone(Chore.VENTS_DOWN)).contains(TODAY);

        robot.interact(() -> robot.lookup("#chore-mites").query().requestFocus());
        robot.interact(() -> robot.lookup("#chore-off").queryButton().fire());
        assertThat(project().book().putOff()).containsEntry(Chore.MITES, TODAY.plusDays(7));
        DrivenWindow.undo(robot);
        assertThat(project().book().putOff()).isEmpty();
    }

    @Test
    void vesselsEmptyAsDaysGoBy(FxRobot robot) throws TimeoutException {
        DrivenWindow.planned(window.workspace);
        robot.interact(() -> window.fire("keep-stores"));
        PictureView vessels = robot.lookup("#vessels").queryAs(PictureView.class);
        var full = vessels.picture().get();
        robot.interact(() -> robot.lookup("#keep-days").queryAs(Slider.class).setValue(10));
        assertThat(vessels.picture().get()).isNotEqualTo(full);
    }

    @Test
    void aLossIsToldWithItsCauseAndPlaceAndGoesWithUndo(FxRobot robot) throws TimeoutException {
        DrivenWindow.planned(window.workspace);
        robot.interact(() -> window.fire("keep-eggs"));
        DrivenWindow.say(robot, "lost 2 hens to hawk");
        DrivenWindow.press(robot, KeyCode.ENTER);
        DrivenWindow.until(() -> robot.lookup("hawks: lost 2, tries 0").tryQuery().isPresent());
        DrivenWindow.undo(robot);
        DrivenWindow.until(() -> robot.lookup("hawks: lost 2, tries 0").tryQuery().isEmpty());
    }

    @Test
    void weakSpotsAndSeasonsLightUpWhatTheyAreAbout(FxRobot robot) throws TimeoutException {
        DrivenWindow.planned(window.workspace);
        PictureView due = robot.lookup("#keep-picture").queryAs(PictureView.class);
        var before = due.picture().get();
        robot.interact(() -> window.fire("season-WINTER"));
        assertThat(due.picture().get()).isNotEqualTo(before);
        assertThat(robot.lookup("#slip .title").queryLabeled().getText())
                .isEqualTo("For the winter");

        robot.interact(() -> window.fire("keep-audit"));
        assertThat(robot.lookup("#spot-0").tryQuery()).isPresent();
        String first = robot.lookup("#slip .title").queryLabeled().getText();
        DrivenWindow.untilShown(() -> robot.lookup("#mending").tryQuery().isPresent());
        robot.interact(() -> window.fire("spot-1"));
        assertThat(robot.lookup("#slip .title").queryLabeled().getText()).isNotEqualTo(first);
    }

    @Test
    void afterAFoxDugOneWalksRoundAgainstFoxesWhereItDug(FxRobot robot) throws TimeoutException {
        DrivenWindow.planned(window.workspace);
        DrivenWindow.type(robot, "#say", "fox dug behind the house");
        DrivenWindow.untilShown(() -> robot.lookup("#audit-picture").tryQuery().isPresent());
        String shown = robot.lookup("#slip .title").queryLabeled().getText();
        Coop coop = DrivenWindow.design(window.workspace).candidate().coop();
        WeakSpot spot =
                WeakSpot.of(coop, project().site().predators()).stream()
                        .filter(s -> s.what().words(window.workspace.tape()).equals(shown))
                        .findFirst()
                        .orElseThrow();
        assertThat(spot.lets()).contains(Predator.FOX);
        assertThat(spot.marks())
                .anyMatch(m -> SideSaid.isAt(coop.find(m).orElseThrow(), coop, Siting.Wall.BACK));
        assertThat(robot.lookup("#slip .danger").queryLabeled().getText()).contains("back");

        robot.interact(() -> window.fire("keep-due"));
        robot.interact(() -> robot.lookup("#after-audit").queryButton().fire());
        assertThat(robot.lookup("#slip .title").queryLabeled().getText()).isEqualTo(shown);
    }

    @Test
    void whatIsTypedInTheLogStaysWhileOtherThingsChange(FxRobot robot) {
        robot.interact(() -> window.fire("keep-log"));
        ListView<Entry> list = robot.lookup("#log").queryListView();
        robot.interact(() -> list.getSelectionModel().select(0));
        TextField said = robot.lookup("#log-said").queryAs(TextField.class);
        robot.interact(said::selectAll);
        robot.interact(said::requestFocus);
        DrivenWindow.write(robot, "lost 2 hens");
        robot.interact(() -> window.workspace.say("budget 90"));
        assertThat(project().keeper().budget()).isEqualTo(Money.of(90));
        DrivenWindow.write(robot, " to fox");
        assertThat(robot.lookup("#log-said").queryAs(TextField.class).getText())
                .isEqualTo("lost 2 hens to fox");
    }

    @Test
    void eggsArePlottedAndALineOfTheLogIsPutRight(FxRobot robot) {
        robot.interact(() -> window.fire("keep-eggs"));
        XYChart<?, ?> laying = robot.lookup("#laying").queryAs(XYChart.class);
        assertThat(laying.getData()).hasSize(3);
        assertThat(laying.getData().getFirst().getData()).hasSize(19);

        robot.interact(() -> window.fire("keep-log"));
        robot.interact(
                () -> robot.lookup("#log-search").queryAs(TextField.class).setText("egg bound"));
        ListView<Entry> list = robot.lookup("#log").queryListView();
        assertThat(list.getItems()).hasSize(1);
        robot.interact(() -> list.getSelectionModel().select(0));
        DrivenWindow.type(robot, "#log-said", "lost 2 hens to fox");
        assertThat(log())
                .filteredOn(e -> e.day().equals(LocalDate.of(2026, 8, 20)))
                .extracting(Entry::what)
                .anyMatch(w -> w instanceof Happening.Lost l && l.birds().count() == 2);
        assertThat(project().flock().hens()).containsEntry(BirdClass.STANDARD, 8);
    }
}
