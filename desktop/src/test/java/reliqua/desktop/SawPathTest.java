package reliqua.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeoutException;
import java.util.stream.Stream;
import javafx.scene.control.Label;
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
import reliqua.core.coop.Part;
import reliqua.core.cutting.Ticket;
import reliqua.core.cutting.WorkPlan;
import reliqua.core.project.Design;
import reliqua.core.project.Project;
import reliqua.core.stock.Lot;
import reliqua.files.ProjectFile;

/** From a fitted coop to the last cut in the real window, with what goes wrong on the way. */
@ExtendWith(ApplicationExtension.class)
class SawPathTest {
    private static final int SOME_TICKETS = 150;

    private DrivenWindow window;

    private static Design found;

    /** Before the window, which must come up in a set time. */
    @BeforeAll
    static void seek() {
        found = SmallPen.design();
    }

    @Start
    void start(Stage stage) throws IOException {
        window = new DrivenWindow(stage, stocked(), "saw");
    }

    @Stop
    void stop() {
        window.workspace.close();
    }

    /** A house settled on, and everything fetched that had to be bought. */
    private static Project stocked() {
        Project settled = SmallPen.sought().settledOn(found.candidate());
        for (Ticket ticket : found.candidate().plan().tickets()) {
            if (ticket.bought()) {
                settled =
                        settled.withHeap(
                                settled.heap()
                                        .plus(
                                                new Lot(
                                                        settled.freshId(ticket.material()),
                                                        3,
                                                        ticket.material(),
                                                        Lot.Provenance.UNKNOWN)));
            }
        }
        return settled;
    }

    private Optional<WorkPlan> plan() {
        return window.workspace.designs().state().get().design().map(d -> d.candidate().plan());
    }

    private int cut() {
        return window.project().cuts().size();
    }

    /** Until the plan knows of every cut. */
    private void replanned() throws TimeoutException {
        DrivenWindow.until(
                () ->
                        plan().filter(p -> p.made().size() == cut()).isPresent()
                                && window.workspace.designs().progress().get() >= 1);
    }

    private void atTheSaw(FxRobot robot) {
        robot.clickOn("#at-saw");
        WaitForAsyncUtils.waitForFxEvents();
    }

    @Test
    void toTheLastCutWithTwoSpoiledPiecesAndASurpriseBoard(FxRobot robot) throws Exception {
        replanned();
        List<String> wanted = marks(plan().orElseThrow());
        atTheSaw(robot);
        int spoiled = 0;
        for (int n = 0; n < SOME_TICKETS && !plan().orElseThrow().tickets().isEmpty(); n++) {
            if (n == 3 || n == 10) {
                DrivenWindow.press(robot, KeyCode.DIGIT1);
                spoiled++;
            }
            if (n == 6) {
                surprise(robot);
            }
            int before = cut();
            DrivenWindow.press(robot, KeyCode.SPACE);
            DrivenWindow.until(() -> cut() == before + 1);
            replanned();
            assertThat(marks(plan().orElseThrow())).isEqualTo(wanted);
        }
        assertThat(spoiled).isEqualTo(2);
        WorkPlan last = plan().orElseThrow();
        assertThat(last.tickets()).isEmpty();
        assertThat(last.missing()).isEmpty();
        assertThat(robot.lookup("#at-the-saw .saw-count").queryAs(Label.class).getText())
                .contains(cut() + " cut");
        robot.interact(window.workspace::saveNow);
        assertThat(ProjectFile.load(window.file)).isEqualTo(window.project());
    }

    /** A neighbour brings a board in the middle of it. */
    private void surprise(FxRobot robot) {
        DrivenWindow.press(robot, KeyCode.ESCAPE);
        int lots = window.project().heap().lots().size();
        DrivenWindow.press(robot, KeyCode.CONTROL, KeyCode.K);
        robot.interact(() -> robot.lookup("#say").queryAs(TextField.class).setText("2x4 at 10ft"));
        DrivenWindow.press(robot, KeyCode.ENTER);
        assertThat(window.project().heap().lots()).hasSize(lots + 1);
        atTheSaw(robot);
    }

    /** Every part is cut, or on a ticket, or missing; never twice. */
    private static List<String> marks(WorkPlan plan) {
        List<String> all = new ArrayList<>();
        Stream.concat(plan.made().stream(), plan.tickets().stream())
                .flatMap(t -> t.cuts().stream())
                .flatMap(c -> c.parts().stream())
                .map(Part::mark)
                .forEach(all::add);
        plan.missing().forEach(p -> all.add(p.mark()));
        all.sort(null);
        return all;
    }
}
