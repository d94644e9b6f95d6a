package reliqua.desktop.birds;

import java.util.function.IntConsumer;
import javafx.geometry.Pos;
import javafx.scene.Cursor;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import reliqua.desktop.Texts;
import reliqua.desktop.shell.Parts;

/**
 * A count with a button to either side; the figure itself is dragged up for more and down for
 * fewer.
 */
final class Stepper extends VBox {
    /** Pixels dragged for one more. */
    private static final double A_STEP = 10;

    private final Label figure = Parts.text("0", "stepper-figure");
    private final IntConsumer become;
    private int shown;
    private double pressedAt;

    /** A stepper; {@code become} hears of the count wanted, never below zero. */
    Stepper(String key, String name, IntConsumer become) {
        super(2);
        this.become = become;
        figure.setId("count-" + key);
        figure.setWrapText(false);
        figure.setCursor(Cursor.V_RESIZE);
        Button fewer = Parts.button("fewer-" + key, "\u2212", () -> step(-1), "step");
        fewer.setAccessibleText(Texts.get("birds.fewer", name));
        Button more = Parts.button("more-" + key, "+", () -> step(1), "step");
        more.setAccessibleText(Texts.get("birds.more", name));
        Label words = Parts.text(name, "note-ink");
        words.setWrapText(false);
        getChildren().addAll(words, Parts.row(4, fewer, figure, more));
        setAlignment(Pos.CENTER);
        getStyleClass().add("stepper");
        drag();
    }

    private void step(int by) {
        become.accept(Math.max(0, shown + by));
    }

    private void drag() {
        figure.setOnMousePressed(e -> pressedAt = e.getScreenY());
        figure.setOnMouseDragged(e -> figure.setText(String.valueOf(dragged(e.getScreenY()))));
        figure.setOnMouseReleased(
                e -> {
                    int wanted = dragged(e.getScreenY());
                    figure.setText(String.valueOf(shown));
                    if (wanted != shown) {
                        become.accept(wanted);
                    }
                });
    }

    private int dragged(double y) {
        return Math.max(0, shown + (int) Math.round((pressedAt - y) / A_STEP));
    }

    void show(int count) {
        shown = count;
        figure.setText(String.valueOf(count));
    }
}
