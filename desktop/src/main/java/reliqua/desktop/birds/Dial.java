package reliqua.desktop.birds;

import java.util.function.Consumer;
import javafx.scene.AccessibleRole;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Line;
import javafx.scene.shape.Polygon;
import reliqua.core.measure.Bearing;
import reliqua.desktop.Texts;
import reliqua.desktop.shell.Parts;

/**
 * A small compass with a hand to drag, or to turn with the left and right arrow keys, by points of
 * the compass. North is up.
 */
final class Dial extends HBox {
    private static final double RADIUS = 25;
    private static final double STEP = 22.5;

    private final Consumer<Bearing> become;
    private final String name;
    private final Pane hand = new Pane();
    private final Label value = Parts.text("", "strong", "note-ink");
    private Bearing shown = Bearing.NORTH;

    /** A dial; {@code become} hears of the direction wanted. */
    Dial(String key, Consumer<Bearing> become) {
        super(8);
        this.become = become;
        this.name = Texts.get("dial." + key);
        Circle rim = new Circle(RADIUS, RADIUS, RADIUS);
        rim.getStyleClass().add("dial-rim");
        Label north = Parts.text("N", "note");
        north.relocate(RADIUS - 5, -9);
        Line shaft = new Line(RADIUS, RADIUS + 14, RADIUS, RADIUS - 12);
        shaft.getStyleClass().add("dial-hand");
        Polygon tip =
                new Polygon(RADIUS - 6, RADIUS - 10, RADIUS + 6, RADIUS - 10, RADIUS, RADIUS - 21);
        tip.getStyleClass().add("dial-tip");
        hand.getChildren().addAll(shaft, tip);
        hand.setPrefSize(2 * RADIUS, 2 * RADIUS);
        Pane face = new Pane(rim, north, hand);
        face.setMinSize(2 * RADIUS, 2 * RADIUS);
        face.setMaxSize(2 * RADIUS, 2 * RADIUS);
        Label words = Parts.text(name, "note");
        words.setWrapText(false);
        value.setWrapText(false);
        VBox beside = new VBox(0, words, value);
        beside.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
        getChildren().addAll(face, beside);
        getStyleClass().add("dial");
        setId("dial-" + key);
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.SLIDER);
        addEventHandler(KeyEvent.KEY_PRESSED, this::key);
        // A scroll pane around would take the focus for itself.
        setOnMousePressed(
                e -> {
                    requestFocus();
                    e.consume();
                });
        face.setOnMouseDragged(e -> turn(towards(e)));
        face.setOnMouseReleased(e -> commit(towards(e)));
    }

    private void key(KeyEvent event) {
        if (event.getCode() == KeyCode.LEFT || event.getCode() == KeyCode.RIGHT) {
            commit(shown.turned(event.getCode() == KeyCode.LEFT ? -STEP : STEP));
            event.consume();
        }
    }

    private static Bearing towards(MouseEvent event) {
        double degrees = Math.toDegrees(Math.atan2(event.getX() - RADIUS, RADIUS - event.getY()));
        return new Bearing(Math.round(degrees / STEP) * STEP);
    }

    private void turn(Bearing to) {
        hand.setRotate(to.degrees());
        value.setText(to.point());
    }

    private void commit(Bearing to) {
        turn(shown);
        if (!to.equals(shown)) {
            become.accept(to);
        }
    }

    void show(Bearing bearing) {
        shown = bearing;
        turn(bearing);
        setAccessibleText(name + " " + bearing.point());
    }
}
