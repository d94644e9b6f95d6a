package reliqua.desktop.paint;

import java.util.Locale;
import java.util.function.Consumer;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.layout.Region;
import javafx.scene.shape.ClosePath;
import javafx.scene.shape.FillRule;
import javafx.scene.shape.Line;
import javafx.scene.shape.LineTo;
import javafx.scene.shape.MoveTo;
import javafx.scene.shape.Path;
import javafx.scene.text.Text;
import reliqua.core.drawing.Ink;
import reliqua.core.drawing.Picture;

/**
 * A picture on the screen, as large as fits, or at a fixed scale. Colours come from the stylesheet
 * by ink.
 */
public final class PictureView extends Region {
    private final ObjectProperty<Picture> picture =
            new SimpleObjectProperty<>(new Picture(java.util.List.of(), 0, 0, 1, 1));
    private final double fixedScale;
    private Consumer<String> onPick = _ -> {};
    private Runnable onPlaced = () -> {};

    /** Sizes of type, in points, by which pictures place their words. */
    private static final double TYPE = 14.25;

    private static final double SMALL_TYPE = 12;

    private Placement placement = new Placement(1, 0, 0);
    private boolean stale = true;
    private boolean steady;
    private double lastWidth;
    private double lastHeight;

    /** Fits its picture into the room it gets. */
    public PictureView() {
        this(0);
    }

    /**
     * Draws at {@code scale} pixels a millimetre and is as large as that makes it; smaller only
     * where that is wider than it may be at most.
     */
    public PictureView(double scale) {
        this.fixedScale = scale;
        getStyleClass().add("picture");
        setMinSize(0, 0);
        picture.addListener(
                (_, _, _) -> {
                    stale = true;
                    requestLayout();
                });
    }

    /** What is shown. */
    public ObjectProperty<Picture> picture() {
        return picture;
    }

    /** Hears of the tag of what is clicked. */
    public void onPick(Consumer<String> pick) {
        this.onPick = pick;
    }

    /** Where the picture lies on the screen; changes with its size and its content. */
    public Placement placement() {
        return placement;
    }

    /** While something in it is dragged the picture keeps its scale and place. */
    public void hold(boolean still) {
        steady = still;
        stale = true;
        requestLayout();
    }

    /** Hears when the picture has been placed anew. */
    public void onPlaced(Runnable action) {
        this.onPlaced = action;
    }

    private double scale() {
        double most = getMaxWidth();
        return fixedScale > 0 && most > 2 && picture.get().width() > 0
                ? Math.min(fixedScale, (most - 2) / picture.get().width())
                : fixedScale;
    }

    @Override
    protected double computePrefWidth(double height) {
        return fixedScale > 0 ? picture.get().width() * scale() + 2 : 200;
    }

    @Override
    protected double computePrefHeight(double width) {
        return fixedScale > 0 ? picture.get().height() * scale() + 2 : 150;
    }

    @Override
    protected void layoutChildren() {
        if (!stale && lastWidth == getWidth() && lastHeight == getHeight()) {
            return;
        }
        stale = false;
        lastWidth = getWidth();
        lastHeight = getHeight();
        getChildren().clear();
        if (getWidth() < 4 || getHeight() < 4) {
            return;
        }
        if (!steady) {
            placement = Placement.of(picture.get(), getWidth(), getHeight(), scale());
        }
        for (Picture.Shape shape : picture.get().shapes()) {
            getChildren().add(node(shape));
        }
        onPlaced.run();
    }

    private Node node(Picture.Shape shape) {
        return switch (shape) {
            case Picture.Area area -> area(area);
            case Picture.Line line -> {
                Line node =
                        new Line(
                                placement.x(line.from()),
                                placement.y(line.from()),
                                placement.x(line.to()),
                                placement.y(line.to()));
                node.getStyleClass().addAll("stroke", ink(line.ink()));
                if (line.heavy()) {
                    node.getStyleClass().add("heavy");
                }
                node.setMouseTransparent(true);
                yield node;
            }
            case Picture.Label label -> label(label);
        };
    }

    private Node area(Picture.Area area) {
        Path path = new Path();
        path.setFillRule(FillRule.EVEN_ODD);
        trace(path, area.outline());
        area.holes().forEach(hole -> trace(path, hole));
        path.getStyleClass().addAll("area", ink(area.fill()), "edge-" + ink(area.edge()));
        if (area.tag().isEmpty()) {
            path.setMouseTransparent(true);
        } else {
            path.setOnMouseClicked(_ -> onPick.accept(area.tag()));
        }
        return path;
    }

    private void trace(Path path, java.util.List<Picture.Point> points) {
        for (int i = 0; i < points.size(); i++) {
            double x = placement.x(points.get(i));
            double y = placement.y(points.get(i));
            path.getElements().add(i == 0 ? new MoveTo(x, y) : new LineTo(x, y));
        }
        path.getElements().add(new ClosePath());
    }

    private Node label(Picture.Label label) {
        Text text = new Text(label.text());
        text.getStyleClass()
                .addAll(
                        "label-" + label.size().name().toLowerCase(Locale.ROOT),
                        "text-" + ink(label.ink()));
        text.setMouseTransparent(true);
        double x = placement.x(label.at());
        double y = placement.y(label.at());
        if (label.turned()) {
            text.setRotate(-90);
        }
        place(text, label, x, y);
        text.layoutBoundsProperty().addListener((_, _, _) -> place(text, label, x, y));
        return text;
    }

    /**
     * By translation, which leaves the bounds alone: they are known only when the stylesheet has
     * set the font.
     */
    private void place(Text text, Picture.Label label, double x, double y) {
        Bounds bounds = text.getLayoutBounds();
        if (label.turned()) {
            text.setTranslateX(
                    x - away(text, label) - bounds.getHeight() / 2 - bounds.getCenterX());
            text.setTranslateY(y - bounds.getCenterY());
            return;
        }
        double shift =
                switch (label.anchor()) {
                    case LEFT -> 0;
                    case MIDDLE -> -bounds.getWidth() / 2;
                    case RIGHT -> -bounds.getWidth();
                };
        text.setTranslateX(Math.clamp(x + shift, 0, Math.max(0, getWidth() - bounds.getWidth())));
        text.setTranslateY(y + away(text, label));
    }

    /** Pictures reckon with type of the usual size; where it is set larger, lines stand wider. */
    private static double away(Text text, Picture.Label label) {
        double usual = label.size() == Picture.Size.NOTE ? SMALL_TYPE : TYPE;
        return label.away() * Math.max(1, text.getFont().getSize() / usual);
    }

    private static String ink(Ink ink) {
        return "ink-" + ink.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
