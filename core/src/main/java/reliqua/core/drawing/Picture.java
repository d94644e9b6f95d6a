package reliqua.core.drawing;

import java.util.ArrayList;
import java.util.List;

/**
 * A drawing.
 *
 * @param shapes back to front
 * @param x0 left edge in millimetres
 * @param y0 upper edge
 * @param x1 right edge
 * @param y1 lower edge
 */
public record Picture(List<Shape> shapes, double x0, double y0, double x1, double y1) {
    /** Copies the shapes. */
    public Picture {
        shapes = List.copyOf(shapes);
    }

    /** A point in millimetres. */
    public record Point(double x, double y) {}

    /** How a label hangs on its point. */
    public enum Anchor {
        LEFT,
        MIDDLE,
        RIGHT
    }

    /** Size of a label; each surface has its own. */
    public enum Size {
        NOTE,
        BODY,
        FIGURE
    }

    /** Something drawn. */
    public sealed interface Shape {}

    /**
     * A filled outline.
     *
     * @param outline corners in order
     * @param holes not filled
     * @param fill inside
     * @param edge outline
     * @param tag what it stands for, such as a mark; may be empty
     */
    public record Area(List<Point> outline, List<List<Point>> holes, Ink fill, Ink edge, String tag)
            implements Shape {}

    /** A line; heavy ones are twice as wide. */
    public record Line(Point from, Point to, Ink ink, boolean heavy) implements Shape {}

    /**
     * A text; turned ones read upwards. {@code away} is how far it stands below its point (turned
     * ones: to the left), in points of the surface, so that words keep clear of lines at any scale.
     */
    public record Label(
            Point at, String text, Size size, Anchor anchor, Ink ink, boolean turned, double away)
            implements Shape {}

    public double width() {
        return x1 - x0;
    }

    public double height() {
        return y1 - y0;
    }

    /** With another drawing of the same scale on top. */
    public Picture under(Picture other) {
        if (other.shapes.isEmpty()) {
            return this;
        }
        List<Shape> all = new ArrayList<>(shapes);
        all.addAll(other.shapes);
        return new Picture(
                all,
                Math.min(x0, other.x0),
                Math.min(y0, other.y0),
                Math.max(x1, other.x1),
                Math.max(y1, other.y1));
    }

    /** Left for right; words stay as they read. */
    Picture mirrored() {
        return new Picture(shapes.stream().map(Picture::mirrored).toList(), -x1, y0, -x0, y1);
    }

    private static Shape mirrored(Shape shape) {
        return switch (shape) {
            case Area a ->
                    new Area(
                            mirrored(a.outline()),
                            a.holes().stream().map(Picture::mirrored).toList(),
                            a.fill(),
                            a.edge(),
                            a.tag());
            case Line l -> new Line(mirrored(l.from()), mirrored(l.to()), l.ink(), l.heavy());
            case Label l ->
                    new Label(
                            mirrored(l.at()),
                            l.text(),
                            l.size(),
                            l.anchor(),
                            l.ink(),
                            l.turned(),
                            l.away());
        };
    }

    private static Point mirrored(Point p) {
        return new Point(-p.x(), p.y());
    }

    private static List<Point> mirrored(List<Point> points) {
        return points.stream().map(Picture::mirrored).toList();
    }

    /** The tag of the topmost tagged area at a point, or an empty text. */
    public String tagAt(double x, double y) {
        for (int i = shapes.size() - 1; i >= 0; i--) {
            if (shapes.get(i) instanceof Area area
                    && !area.tag().isEmpty()
                    && inside(area.outline(), x, y)) {
                return area.tag();
            }
        }
        return "";
    }

    private static boolean inside(List<Point> outline, double x, double y) {
        boolean in = false;
        for (int i = 0, j = outline.size() - 1; i < outline.size(); j = i++) {
            Point a = outline.get(i);
            Point b = outline.get(j);
            boolean crosses = a.y() > y != b.y() > y;
            if (crosses && x < (b.x() - a.x()) * (y - a.y()) / (b.y() - a.y()) + a.x()) {
                in = !in;
            }
        }
        return in;
    }

    /** Gathers shapes and keeps the bounds. */
    static final class Sketch {
        /** Corners that look round at any size on the page. */
        private static final int ROUND = 28;

        private final List<Shape> shapes = new ArrayList<>();
        private double x0 = Double.POSITIVE_INFINITY;
        private double y0 = Double.POSITIVE_INFINITY;
        private double x1 = Double.NEGATIVE_INFINITY;
        private double y1 = Double.NEGATIVE_INFINITY;

        void area(List<Point> outline, List<List<Point>> holes, Ink fill, Ink edge, String tag) {
            outline.forEach(this::reach);
            shapes.add(new Area(List.copyOf(outline), holes, fill, edge, tag));
        }

        void rectangle(
                double left,
                double top,
                double right,
                double bottom,
                Ink fill,
                Ink edge,
                String tag) {
            area(
                    List.of(
                            new Point(left, top),
                            new Point(right, top),
                            new Point(right, bottom),
                            new Point(left, bottom)),
                    List.of(),
                    fill,
                    edge,
                    tag);
        }

        /** A round thing about a point, {@code rx} to either side and {@code ry} up and down. */
        void ellipse(double x, double y, double rx, double ry, Ink fill, Ink edge, String tag) {
            List<Point> round = new ArrayList<>();
            for (int n = 0; n < ROUND; n++) {
                double a = n * 2 * Math.PI / ROUND;
                round.add(new Point(x + rx * Math.cos(a), y + ry * Math.sin(a)));
            }
            area(round, List.of(), fill, edge, tag);
        }

        void line(double ax, double ay, double bx, double by, Ink ink, boolean heavy) {
            reach(new Point(ax, ay));
            reach(new Point(bx, by));
            shapes.add(new Line(new Point(ax, ay), new Point(bx, by), ink, heavy));
        }

        void label(double x, double y, String text, Size size, Anchor anchor, Ink ink) {
            label(x, y, text, size, anchor, ink, 0);
        }

        void label(
                double x, double y, String text, Size size, Anchor anchor, Ink ink, double away) {
            reach(new Point(x, y));
            shapes.add(new Label(new Point(x, y), text, size, anchor, ink, false, away));
        }

        void turnedLabel(double x, double y, String text, Size size, Ink ink, double away) {
            reach(new Point(x, y));
            shapes.add(new Label(new Point(x, y), text, size, Anchor.MIDDLE, ink, true, away));
        }

        void reach(Point p) {
            x0 = Math.min(x0, p.x());
            y0 = Math.min(y0, p.y());
            x1 = Math.max(x1, p.x());
            y1 = Math.max(y1, p.y());
        }

        double right() {
            return x1;
        }

        double bottom() {
            return y1;
        }

        double left() {
            return x0;
        }

        double top() {
            return y0;
        }

        Picture picture() {
            return shapes.isEmpty()
                    ? new Picture(shapes, 0, 0, 1, 1)
                    : new Picture(shapes, x0, y0, x1, y1);
        }
    }
}
