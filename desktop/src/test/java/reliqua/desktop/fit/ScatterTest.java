package reliqua.desktop.fit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.scene.Scene;
import javafx.scene.control.ComboBox;
import javafx.scene.layout.StackPane;
import javafx.scene.shape.Circle;
import javafx.scene.text.Text;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import reliqua.core.fit.FitAxis;
import reliqua.core.fit.FitResult;
import reliqua.core.measure.Area;
import reliqua.core.measure.Money;
import reliqua.core.measure.Tape;
import reliqua.core.measure.Weight;

@ExtendWith(ApplicationExtension.class)
class ScatterTest {
    private Scatter scatter;

    @Start
    void start(Stage stage) {
        scatter = new Scatter();
        stage.setScene(new Scene(new StackPane(scatter), 240, 260));
        stage.show();
    }

    private static FitResult.Tried house(double bill, double room, double weight, int pieces) {
        return new FitResult.Tried(
                Money.of(bill),
                Area.ofSquareMetres(room),
                Weight.ofKilograms(weight),
                pieces,
                bill / 100);
    }

    private static FitResult of(FitResult.Tried... tried) {
        return new FitResult(
                Optional.empty(),
                List.of(),
                Optional.empty(),
                tried.length,
                0,
                Optional.empty(),
                List.of(tried));
    }

    private void show(FxRobot robot, FitResult result) {
        robot.interact(() -> scatter.show(Optional.of(result), Optional.empty(), Tape.METRIC));
        robot.interact(scatter::layout);
    }

    private List<Circle> dots(FxRobot robot) {
        return robot.from(scatter).lookup(".dot").queryAllAs(Circle.class).stream().toList();
    }

    private List<String> words(FxRobot robot) {
        Stream<Text> labels =
                robot.from(scatter).lookup(".label-note").queryAllAs(Text.class).stream();
        return labels.map(Text::getText).toList();
    }

    @Test
    void whereNothingWasTriedThereIsNothingToSee(FxRobot robot) {
        show(robot, of());
        assertThat(scatter.isVisible()).isFalse();
        assertThat(scatter.isManaged()).isFalse();
    }

    @Test
    void theDearerStandsHigherAndTheRoomierFartherToTheRight(FxRobot robot) {
        show(robot, of(house(20, 2, 90, 130), house(60, 3, 80, 120)));
        List<Circle> dots = dots(robot);
        assertThat(dots).hasSize(2);
        assertThat(dots.get(1).getCenterY()).isLessThan(dots.get(0).getCenterY());
        assertThat(dots.get(1).getCenterX()).isGreaterThan(dots.get(0).getCenterX());
        assertThat(words(robot)).anyMatch(w -> w.contains("60.00")).anyMatch(w -> w.contains("3"));
    }

    @Test
    @SuppressWarnings("unchecked")
    void anyTwoThingsAreComparedByTheirOwnFigures(FxRobot robot) {
        show(robot, of(house(20, 2, 90, 130), house(60, 3, 80, 120)));
        ComboBox<FitAxis> up = robot.from(scatter).lookup("#scatter-up").queryAs(ComboBox.class);
        ComboBox<FitAxis> across =
                robot.from(scatter).lookup("#scatter-across").queryAs(ComboBox.class);
        assertThat(up.getItems()).containsExactly(FitAxis.values());
        robot.interact(() -> up.setValue(FitAxis.WEIGHT));
        robot.interact(() -> across.setValue(FitAxis.PIECES));
        robot.interact(scatter::layout);
        List<Circle> dots = dots(robot);
        assertThat(dots.get(1).getCenterY()).as("lighter").isGreaterThan(dots.get(0).getCenterY());
        assertThat(dots.get(1).getCenterX()).as("fewer").isLessThan(dots.get(0).getCenterX());
        assertThat(words(robot)).contains("120 pieces", "130 pieces", "90 kg");
    }
}
