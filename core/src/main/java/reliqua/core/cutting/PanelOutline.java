package reliqua.core.cutting;

import java.util.List;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;
import reliqua.core.measure.Length;
import reliqua.core.stock.SheetOutline;

/**
 * The edge of a panel that is no rectangle, and what is cut out of it. Its corners lie in the
 * panel's least rectangle, x along the width, y along the length.
 *
 * @param edge around it
 * @param openings inside it; what comes out of them is free for other panels
 */
public record PanelOutline(SheetOutline edge, List<SheetOutline> openings) {
    /** Copies the list. */
    public PanelOutline {
        openings = List.copyOf(openings);
    }

    /** The four corners of a rectangle. */
    public static SheetOutline rectangle(Length x0, Length y0, Length x1, Length y1) {
        return new SheetOutline(
                List.of(
                        new SheetOutline.Corner(x0, y0),
                        new SheetOutline.Corner(x1, y0),
                        new SheetOutline.Corner(x1, y1),
                        new SheetOutline.Corner(x0, y1)));
    }

    /** As a polygon, in millimetres. */
    public Polygon polygon() {
        Geometry left = edge.polygon();
        for (SheetOutline opening : openings) {
            left = left.difference(opening.polygon());
        }
        return left instanceof Polygon one ? one : edge.polygon();
    }

    /** Whether all of it lies within a rectangle from the origin. */
    boolean within(Length width, Length length) {
        return edge.within(width, length)
                && openings.stream().allMatch(o -> o.within(width, length));
    }

    /**
     * A shape of a rectangle so wide and long, turned by so many quarters against the clock, its
     * near corner again at the origin.
     */
    public static Geometry turned(Geometry shape, Length width, Length length, int quarters) {
        double w = width.toMm();
        double l = length.toMm();
        AffineTransformation turn =
                switch (Math.floorMod(quarters, 4)) {
                    case 1 -> new AffineTransformation(0, -1, l, 1, 0, 0);
                    case 2 -> new AffineTransformation(-1, 0, w, 0, -1, l);
                    case 3 -> new AffineTransformation(0, 1, 0, -1, 0, w);
                    default -> new AffineTransformation();
                };
        return turn.transform(shape);
    }
}
