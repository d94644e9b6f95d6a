package reliqua.desktop.fit;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Line;
import javafx.scene.text.Text;
import javafx.util.StringConverter;
import reliqua.core.fit.Candidate;
import reliqua.core.fit.FitAxis;
import reliqua.core.fit.FitResult;
import reliqua.core.measure.Tape;
import reliqua.desktop.Texts;
import reliqua.desktop.shell.Parts;

/**
 * Every house that was tried, by two things one chooses: the first upwards, the second to the
 * right; the present one large. Nothing where nothing was tried.
 */
final class Scatter extends VBox {
    private static final double ROOM_LEFT = 6;
    private static final double ROOM_BELOW = 20;
    private static final double BOX = 112;

    private final ComboBox<FitAxis> up = box("scatter-up", FitAxis.BILL);
    private final ComboBox<FitAxis> across = box("scatter-across", FitAxis.ROOM);
    private final Plot plot = new Plot();
    private List<FitResult.Tried> tried = List.of();
    private Optional<FitResult.Tried> current = Optional.empty();
    private Tape tape = Tape.METRIC;

    Scatter() {
        super(6);
        HBox choices = Parts.row(6, up, across);
        getChildren().addAll(Parts.text(Texts.get("fit.scatter"), "strong"), choices, plot);
        VBox.setVgrow(plot, Priority.ALWAYS);
        managedProperty().bind(visibleProperty());
        setVisible(false);
    }

    private ComboBox<FitAxis> box(String id, FitAxis first) {
        ComboBox<FitAxis> box = new ComboBox<>();
        box.setId(id);
        box.setAccessibleText(Texts.get("fit." + id));
        box.getItems().setAll(FitAxis.values());
        box.setValue(first);
        box.setPrefWidth(BOX);
        box.setConverter(
                new StringConverter<>() {
                    @Override
                    public String toString(FitAxis each) {
                        return each.title();
                    }

                    @Override
                    public FitAxis fromString(String words) {
                        throw new UnsupportedOperationException("nothing is typed here");
                    }
                });
        box.valueProperty().addListener((_, _, _) -> plot.requestLayout());
        return box;
    }

    /** Drawn anew only where something else is shown: a search tells of itself all the time. */
    void show(Optional<FitResult> result, Optional<Candidate> now, Tape with) {
        List<FitResult.Tried> others = result.map(FitResult::scatter).orElse(List.of());
        Optional<FitResult.Tried> other = now.map(FitResult.Tried::of);
        if (others.equals(tried) && other.equals(current) && with.equals(tape)) {
            return;
        }
        tried = others;
        current = other;
        tape = with;
        setVisible(!tried.isEmpty());
        plot.requestLayout();
    }

    /** The points and their two axes, with the least and the most of each. */
    private final class Plot extends Region {
        private Plot() {
            setMinHeight(90);
            setPrefHeight(150);
            getStyleClass().add("scatter");
        }

        @Override
        protected void layoutChildren() {
            getChildren().clear();
            if (tried.isEmpty()) {
                return;
            }
            double bottom = getHeight() - ROOM_BELOW;
            double right = getWidth() - ROOM_LEFT;
            Span high = Span.of(tried, up.getValue());
            Span wide = Span.of(tried, across.getValue());
            getChildren()
                    .addAll(
                            axis(ROOM_LEFT, ROOM_LEFT, ROOM_LEFT, bottom),
                            axis(ROOM_LEFT, bottom, right, bottom));
            label(wide.leastWords(tape), ROOM_LEFT, bottom + 15, false);
            label(wide.mostWords(tape), right, bottom + 15, true);
            label(high.mostWords(tape), ROOM_LEFT + 6, 16, false);
            for (FitResult.Tried each : tried) {
                point(each, high, wide, 3, "dot");
            }
            current.ifPresent(c -> point(c, high, wide, 6, "dot-now"));
        }

        private void label(String words, double x, double y, boolean endsThere) {
            Text text = new Text(words);
            text.getStyleClass().add("label-note");
            // In the scene it has its own type, and so its own width.
            getChildren().add(text);
            text.applyCss();
            text.setX(endsThere ? x - text.getLayoutBounds().getWidth() : x);
            text.setY(y);
        }

        private Tooltip figures(FitResult.Tried each, Span high, Span wide) {
            return new Tooltip(
                    Texts.get("fit.scatter.point", high.words(each, tape), wide.words(each, tape)));
        }

        private void point(FitResult.Tried each, Span high, Span wide, double r, String style) {
            double bottom = getHeight() - ROOM_BELOW;
            double x = 16 + wide.share(each) * (getWidth() - ROOM_LEFT - 28);
            double y = bottom - 8 - high.share(each) * (bottom - 34);
            Circle dot = new Circle(x, y, r);
            dot.getStyleClass().add(style);
            // Hundreds are drawn and few are looked at.
            dot.setOnMouseEntered(_ -> Tooltip.install(dot, figures(each, high, wide)));
            getChildren().add(dot);
        }
    }

    /** From the least to the most of what was tried; the bill begins at nothing. */
    private record Span(FitAxis axis, FitResult.Tried least, FitResult.Tried most) {
        static Span of(List<FitResult.Tried> tried, FitAxis axis) {
            Comparator<FitResult.Tried> order = Comparator.comparingDouble(axis::of);
            return new Span(
                    axis,
                    tried.stream().min(order).orElseThrow(),
                    tried.stream().max(order).orElseThrow());
        }

        double share(FitResult.Tried each) {
            double from = axis.of(least);
            double room = Math.max(1e-9, axis.of(most) - from);
            return Math.clamp((axis.of(each) - from) / room, 0, 1);
        }

        String words(FitResult.Tried each, Tape tape) {
            return axis.words(each, tape);
        }

        String leastWords(Tape tape) {
            return axis.words(least, tape);
        }

        String mostWords(Tape tape) {
            return axis.words(most, tape);
        }
    }

    private static Line axis(double x0, double y0, double x1, double y1) {
        Line line = new Line(x0, y0, x1, y1);
        line.getStyleClass().addAll("stroke", "ink-soft");
        return line;
    }
}
