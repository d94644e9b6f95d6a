package reliqua.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.concurrent.TimeoutException;
import javafx.scene.control.Labeled;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.framework.junit5.Stop;
import reliqua.core.coop.family.AddOn;
import reliqua.core.flock.BirdClass;
import reliqua.core.measure.Language;
import reliqua.core.measure.Words;
import reliqua.desktop.shell.Shell;
import reliqua.desktop.work.Workspace;
import reliqua.files.Examples;
import reliqua.standins.Merchants;

/** The window in Spanish: changed to while a project is open, with the work kept. */
@ExtendWith(ApplicationExtension.class)
class SpanishWindowTest {
    private DrivenWindow window;
    private Workspace spanish;
    private Shell shell;

    @Start
    void start(Stage stage) throws IOException {
        window =
                new DrivenWindow(
                        stage,
                        Examples.find("saltings").orElseThrow().project(Merchants::priceBook),
                        "birds");
        window.workspace.say("hens 5");
        spanish = ReliquaApp.reopened(window.workspace, Language.SPANISH);
        shell = ReliquaApp.show(stage, spanish);
        shell.go("birds");
    }

    @Stop
    void stop() {
        spanish.close();
        Words.speak(Language.ENGLISH);
    }

    private static String text(FxRobot robot, String id) {
        return ((Labeled) robot.lookup(id).query()).getText();
    }

    @Test
    void theWorkIsKeptAndBothLanguagesAreUnderstood(FxRobot robot) throws TimeoutException {
        assertThat(spanish).isNotSameAs(window.workspace);
        assertThat(spanish.project().flock().hens()).containsEntry(BirdClass.STANDARD, 5);
        assertThat(text(robot, "#side-flock")).isEqualTo("Bandada");

        DrivenWindow.type(robot, "#say", "7 gallinas");
        assertThat(spanish.project().flock().hens()).containsEntry(BirdClass.STANDARD, 7);
        DrivenWindow.type(robot, "#say", "con barra de la puerta");
        assertThat(spanish.project().addOns()).contains(AddOn.DOOR_BAR);
        DrivenWindow.type(robot, "#say", "hens 6");
        assertThat(spanish.project().flock().hens()).containsEntry(BirdClass.STANDARD, 6);

        for (String station : new String[] {"heap", "fit", "saw", "fetch", "raise", "keep"}) {
            robot.interact(() -> shell.go(station));
            assertThat(shell.at()).isEqualTo(station);
        }
    }
}
