package reliqua.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.Set;
import java.util.concurrent.TimeoutException;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
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
import reliqua.core.measure.Money;
import reliqua.core.stock.Stick;

/** What else the Saw shows: the story, how a plan is weighed, pieces that change places. */
@ExtendWith(ApplicationExtension.class)
class SawViewsTest {
    private DrivenWindow window;

    /** Before the window, which must come up in a set time. */
    @BeforeAll
    static void seek() {
        SettledHouse.ternLane();
    }

    @Start
    void start(Stage stage) throws IOException {
        window = new DrivenWindow(stage, SettledHouse.ternLane(), "saw");
    }

    @Stop
    void stop() {
        window.workspace.close();
    }

    private void planned() throws TimeoutException {
        DrivenWindow.planned(window.workspace);
    }

    private static String words(FxRobot robot, String within) {
        Set<Node> labels = robot.lookup(within + " .label").queryAll();
        return labels.stream().map(n -> ((Label) n).getText()).collect(Collectors.joining("\n"));
    }

    @Test
    void theStoryTellsOfACutAndThatItWasUndone(FxRobot robot) throws Exception {
        planned();
        robot.clickOn("#told");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(words(robot, "#story")).contains("Nothing has been cut yet");
        robot.clickOn("#cut-done");
        planned();
        assertThat(window.project().cuts()).hasSize(1);
        assertThat(words(robot, "#story")).contains("cut from");
        robot.interact(window.workspace::undo);
        planned();
        assertThat(window.project().cuts()).isEmpty();
        assertThat(words(robot, "#story")).contains("cut from").contains("not cut after all");
    }

    @Test
    void thePlanSaysHowGoodItIsAndAnHourCanBeGivenAPrice(FxRobot robot) throws Exception {
        planned();
        robot.clickOn("#yield");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(words(robot, "#plan-card"))
                .contains("Bill for what is cut")
                .contains("Weighed in this order");
        robot.clickOn("#hour-6");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(window.project().keeper().hour()).isEqualTo(Money.of(6));
    }

    @Test
    void twoPiecesChangePlacesInTwoPresses(FxRobot robot) throws Exception {
        planned();
        ListView<Ticket> list = robot.lookup("#tickets").queryListView();
        int one = stick(list, 0);
        int other = stick(list, one + 1);
        String first = mark(list, one);
        String second = mark(list, other);
        robot.interact(() -> list.getSelectionModel().select(one));
        robot.clickOn("#swap-" + first);
        robot.interact(() -> list.getSelectionModel().select(other));
        robot.clickOn("#swap-" + second);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(window.project().wishes()).hasSize(2).allMatch(CutWish::on);
        assertThat(window.project().wishes())
                .extracting(CutWish::mark)
                .containsExactlyInAnyOrder(first, second);
    }

    /** The next ticket that is a stick of a lot of its own. */
    private static int stick(ListView<Ticket> list, int from) {
        int at = from;
        while (!(list.getItems().get(at).material() instanceof Stick)
                || at > 0
                        && list.getItems()
                                .get(at)
                                .source()
                                .equals(list.getItems().get(at - 1).source())) {
            at++;
        }
        return at;
    }

    private static String mark(ListView<Ticket> list, int at) {
        return list.getItems().get(at).cuts().getFirst().parts().getFirst().mark();
    }
}
