package reliqua.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.Scene;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Spinner;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Pane;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import reliqua.core.flock.BirdClass;
import reliqua.core.flock.Flock;
import reliqua.core.measure.UnitSystem;
import reliqua.core.project.Project;
import reliqua.desktop.shell.FirstQuestions;

/** What somebody new is asked, in a real window. */
@ExtendWith(ApplicationExtension.class)
class FirstQuestionsTest {
    private final List<Project> answers = new ArrayList<>();

    @Start
    void start(Stage stage) {
        stage.setScene(new Scene(new Pane(), 300, 200));
        stage.show();
        FirstQuestions.show(stage, answers::add);
    }

    @Test
    void birdsTapeAndPlaceMakeAProject(FxRobot robot) {
        Spinner<Integer> count = robot.lookup("#first-count").query();
        ComboBox<?> where = robot.lookup("#first-where").queryComboBox();
        robot.interact(() -> count.getValueFactory().setValue(9));
        robot.interact(() -> where.getSelectionModel().select(3));
        robot.clickOn("#first-MILLIMETRES").clickOn("#first-show");
        assertThat(answers).hasSize(1);
        Project project = answers.getFirst();
        assertThat(project.flock()).isEqualTo(Flock.of(BirdClass.STANDARD, 9));
        assertThat(project.keeper().tape().system()).isEqualTo(UnitSystem.MILLIMETRES);
        assertThat(project.site().climate()).isEqualTo(where.getItems().get(3));
        assertThat(project.heap().lots()).isEmpty();
        assertThat(project.prices().offers()).isNotEmpty();
    }

    @Test
    void theOneWhoWantsToLookRoundIsLeftAlone(FxRobot robot) {
        DrivenWindow.press(robot, KeyCode.ESCAPE);
        assertThat(robot.lookup("#first-questions").tryQuery()).isEmpty();
        assertThat(answers).isEmpty();
    }
}
