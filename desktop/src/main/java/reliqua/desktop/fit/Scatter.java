package reliqua.desktop.fit;

import java.util.Optional;
import javafx.scene.layout.Region;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Line;
import javafx.scene.text.Text;
import reliqua.core.fit.Candidate;
import reliqua.core.fit.FitResult;
import reliqua.desktop.Texts;

/** Every house that was tried: its bill upwards, its floor to the right; the present one large. */
final class Scatter extends Region {
    private Optional<FitResult> fit = Optional.empty();
    private Optional<Candidate> current = Optional.empty();

    Scatter() {
        setMinHeight(80);
        setPrefHeight(150);
        getStyleClass().add("scatter");
        setAccessibleText(Texts.get("fit.scatter"));
    }

    void show(Optional<FitResult> result, Optional<Candidate> now) {
        fit = result;
        current = now;
        requestLayout();
    }

    @Override
    protected void layoutChildren() {
        getChildren().clear();
        double bottom = getHeight() - 20;
        double right = getWidth() - 6;
        getChildren().addAll(axis(6, 6, 6, bottom), axis(6, bottom, right, bottom));
        Text across = new Text(Texts.get("fit.scatter.floor"));
        across.getStyleClass().add("label-note");
        across.setX(right - 60);
        across.setY(bottom + 15);
        Text up = new Text(Texts.get("fit.scatter.bill"));
        up.getStyleClass().add("label-note");
        up.setX(12);
        up.setY(16);
        getChildren().addAll(across, up);
        fit.ifPresent(result -> points(result, bottom, right));
    }

    private void points(FitResult result, double bottom, double right) {
        double mostCost =
                result.scatter().stream().mapToDouble(FitResult.Tried::cost).max().orElse(1);
        double mostFloor =
                result.scatter().stream().mapToDouble(FitResult.Tried::floor).max().orElse(1);
        double leastFloor =
                result.scatter().stream().mapToDouble(FitResult.Tried::floor).min().orElse(0);
        for (FitResult.Tried tried : result.scatter()) {
            getChildren()
                    .add(
                            dot(
                                    tried.cost(),
                                    tried.floor(),
                                    leastFloor,
                                    mostFloor,
                                    mostCost,
                                    bottom,
                                    right,
                                    3,
                                    "dot"));
        }
        current.ifPresent(
                c ->
                        getChildren()
                                .add(
                                        dot(
                                                c.cost().amount(),
                                                c.coop().measures().floor().toSquareMetres(),
                                                leastFloor,
                                                mostFloor,
                                                mostCost,
                                                bottom,
                                                right,
                                                6,
                                                "dot-now")));
    }

    private static Circle dot(
            double cost,
            double floor,
            double least,
            double most,
            double mostCost,
            double bottom,
            double right,
            double r,
            String style) {
        double x = 16 + (floor - least) / Math.max(1e-9, most - least) * (right - 28);
        double y = bottom - 8 - cost / Math.max(1e-9, mostCost) * (bottom - 34);
        Circle dot = new Circle(x, y, r);
        dot.getStyleClass().add(style);
        return dot;
    }

    private static Line axis(double x0, double y0, double x1, double y1) {
        Line line = new Line(x0, y0, x1, y1);
        line.getStyleClass().addAll("stroke", "ink-soft");
        return line;
    }
}
