package reliqua.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.concurrent.TimeoutException;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.framework.junit5.Stop;
import reliqua.core.flock.Flock;
import reliqua.core.project.Project;
import reliqua.files.DemoProjects;
import reliqua.standins.Climates;
import reliqua.standins.Merchants;

/** A window of 800 x 600: everything is in sight or can be scrolled to. */
@ExtendWith(ApplicationExtension.class)
class SmallWindowTest {
    private static final double WIDTH = 800;
    private static final double HEIGHT = 600;

    private DrivenWindow window;

    @Start
    void start(Stage stage) throws IOException {
        Project demo = DemoProjects.ternLane(Merchants::priceBook, new Climates());
        // Without birds there is nothing to plan, which would only take time here.
        window = new DrivenWindow(stage, demo.withFlock(Flock.EMPTY), "heap");
        stage.setWidth(WIDTH);
        stage.setHeight(HEIGHT);
    }

    @Stop
    void stop() {
        window.workspace.close();
    }

    private static void inSight(FxRobot robot, String id) {
        Node node = robot.lookup(id).query();
        Bounds b = node.localToScene(node.getBoundsInLocal());
        assertThat(b.getMinX()).as(id).isGreaterThanOrEqualTo(-1);
        assertThat(b.getMaxX()).as(id).isLessThanOrEqualTo(WIDTH + 1);
        assertThat(b.getMinY()).as(id).isGreaterThanOrEqualTo(-1);
        assertThat(b.getMaxY()).as(id).isLessThanOrEqualTo(HEIGHT + 1);
    }

    @Test
    void menuPathTallyAndSayLineStayInSightAndTheRestScrolls(FxRobot robot)
            throws TimeoutException {
        DrivenWindow.until(() -> window.stage.getScene().getWidth() <= WIDTH);
        for (KeyCode digit : DrivenWindow.STATIONS) {
            DrivenWindow.go(robot, digit);
            for (String id : new String[] {"#menu", "#say", "#go-birds", "#go-raise"}) {
                inSight(robot, id);
            }
            inSight(robot, "#tally-buy");
            inSight(robot, "#tally-warnings");
            ScrollPane bench = robot.lookup(".bench-scroll").queryAs(ScrollPane.class);
            inSight(robot, ".bench-scroll");
            assertThat(bench.getContent().getBoundsInLocal().getWidth()).isGreaterThan(600);
        }
    }

    @Test
    void theSlipComesWhenItIsCalled(FxRobot robot) throws TimeoutException {
        DrivenWindow.until(() -> !robot.lookup("#slip").query().isVisible());
        robot.interact(() -> robot.lookup("#slip-toggle").queryButton().fire());
        assertThat(robot.lookup("#slip").query().isVisible()).isTrue();
        robot.interact(() -> window.stage.setWidth(1280));
        DrivenWindow.until(() -> !robot.lookup("#slip-toggle").query().isVisible());
        assertThat(robot.lookup("#slip").query().isVisible()).isTrue();
    }
}
