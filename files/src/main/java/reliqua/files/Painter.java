package reliqua.files;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Line2D;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.util.List;
import reliqua.core.drawing.Ink;
import reliqua.core.drawing.Picture;

/**
 * Paints pictures on paper and into SVG: line weights and hatches that survive a black-and-white
 * printer.
 */
final class Painter {
    private static final float THIN = 0.25f;
    private static final float MIDDLING = 0.5f;
    private static final float HEAVY = 0.8f;
    private static final float POINTS_PER_MM = 72 / 25.4f;
    private static final double HATCH = 9;

    /** Type on paper is smaller than on the screen. */
    private static final double PAPER = 0.7;

    /** What is lit stands out from what is faded on any printer. */
    private static final Color LIT = new Color(0x8A8A8A);

    private static final Color FADED = new Color(0xA8A8A8);

    private final Graphics2D g;

    Painter(Graphics2D g) {
        this.g = g;
    }

    /**
     * Paints a picture as large as fits into a box (in points), and returns its scale in points per
     * millimetre.
     */
    double fit(Picture picture, double x, double y, double width, double height, double mostScale) {
        double scale =
                Math.min(mostScale, Math.min(width / picture.width(), height / picture.height()));
        double left = x + (width - picture.width() * scale) / 2;
        double top = y + (height - picture.height() * scale) / 2;
        paint(picture, left, top, scale);
        return scale;
    }

    /** Paints a picture with its upper left corner at x, y. */
    void paint(Picture picture, double x, double y, double scale) {
        AffineTransform place =
                new AffineTransform(
                        scale, 0, 0, scale, x - picture.x0() * scale, y - picture.y0() * scale);
        for (Picture.Shape shape : picture.shapes()) {
            switch (shape) {
                case Picture.Area area -> area(area, place);
                case Picture.Line line -> line(line, place);
                case Picture.Label label -> label(label, place);
            }
        }
    }

    private void area(Picture.Area area, AffineTransform place) {
        Path2D path = new Path2D.Double(Path2D.WIND_EVEN_ODD);
        trace(path, area.outline());
        area.holes().forEach(hole -> trace(path, hole));
        Shape shape = place.createTransformedShape(path);
        Color fill = fill(area.fill());
        if (fill != null) {
            g.setColor(fill);
            g.fill(shape);
        }
        if (area.fill() == Ink.FLAW || area.fill() == Ink.MESH) {
            hatch(shape, area.fill() == Ink.MESH);
        }
        g.setColor(area.edge() == Ink.HAIRLINE ? FADED : Color.BLACK);
        g.setStroke(new BasicStroke(weight(area.edge()) * POINTS_PER_MM));
        g.draw(shape);
    }

    private static void trace(Path2D path, List<Picture.Point> points) {
        for (int i = 0; i < points.size(); i++) {
            if (i == 0) {
                path.moveTo(points.get(i).x(), points.get(i).y());
            } else {
                path.lineTo(points.get(i).x(), points.get(i).y());
            }
        }
        path.closePath();
    }

    private static @org.jspecify.annotations.Nullable Color fill(Ink ink) {
        return switch (ink) {
            case NONE, MESH -> null;
            case OPEN, INK -> Color.DARK_GRAY;
            case METAL -> new Color(0xE9ECEE);
            case SHEET, SHEET_SIDE, WOOD -> new Color(0xF7F3EA);
            case GRASS -> Color.WHITE;
            case LEAF, WATER -> new Color(0xEEEEEE);
            case HOLDS -> new Color(0xD9D9D9);
            case CHOSEN -> LIT;
            case WASTE -> new Color(0xFFFFFF);
            default -> Color.WHITE;
        };
    }

    private static float weight(Ink ink) {
        return switch (ink) {
            case INK, DANGER -> MIDDLING;
            case HAIRLINE -> THIN / 2;
            default -> THIN;
        };
    }

    private void hatch(Shape shape, boolean crossed) {
        Shape before = g.getClip();
        Rectangle2D box = shape.getBounds2D();
        g.clip(shape);
        g.setColor(Color.GRAY);
        g.setStroke(new BasicStroke(THIN));
        double reach = box.getWidth() + box.getHeight();
        for (double d = 0; d < reach; d += HATCH) {
            g.draw(
                    new Line2D.Double(
                            box.getX() + d,
                            box.getY(),
                            box.getX() + d - box.getHeight(),
                            box.getMaxY()));
            if (crossed) {
                double x = box.getX() + d - box.getHeight();
                g.draw(new Line2D.Double(x, box.getY(), x + box.getHeight(), box.getMaxY()));
            }
        }
        g.setClip(before);
    }

    private void line(Picture.Line line, AffineTransform place) {
        g.setColor(Color.BLACK);
        g.setStroke(new BasicStroke((line.heavy() ? HEAVY : MIDDLING) * 0.7f * POINTS_PER_MM));
        Path2D path = new Path2D.Double();
        path.moveTo(line.from().x(), line.from().y());
        path.lineTo(line.to().x(), line.to().y());
        g.draw(place.createTransformedShape(path));
    }

    /** How far words stand out above the upper edge of a picture, in points. */
    static float above(Picture picture, double scale) {
        return (float)
                picture.shapes().stream()
                        .filter(s -> s instanceof Picture.Label label && !label.turned())
                        .map(s -> (Picture.Label) s)
                        .mapToDouble(l -> over(picture, l, scale))
                        .max()
                        .orElse(0);
    }

    private static double over(Picture picture, Picture.Label label, double scale) {
        double baseline = (label.at().y() - picture.y0()) * scale + label.away() * PAPER;
        return Math.max(0, size(label) - baseline);
    }

    private static float size(Picture.Label label) {
        return switch (label.size()) {
            case NOTE -> 7;
            case BODY -> 9;
            case FIGURE -> 10;
        };
    }

    private void label(Picture.Label label, AffineTransform place) {
        float size = size(label);
        g.setFont(label.size() == Picture.Size.FIGURE ? Fonts.bold(size) : Fonts.regular(size));
        g.setColor(Color.BLACK);
        double[] at = {label.at().x(), label.at().y()};
        place.transform(at, 0, at, 0, 1);
        double width = g.getFontMetrics().stringWidth(label.text());
        double shift =
                switch (label.anchor()) {
                    case LEFT -> 0;
                    case MIDDLE -> -width / 2;
                    case RIGHT -> -width;
                };
        AffineTransform before = g.getTransform();
        g.translate(at[0], at[1]);
        if (label.turned()) {
            g.rotate(-Math.PI / 2);
        }
        // Turned or not, away is measured along the text's own downward side: turned, that is to
        // the right.
        float down = (float) (label.turned() ? -label.away() : label.away() * PAPER);
        g.drawString(label.text(), (float) shift, down);
        g.setTransform(before);
    }
}
