package reliqua.core.stock;

import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import reliqua.core.measure.Length;
import reliqua.core.measure.Words;

/**
 * The edge of a sheet that is no rectangle: its corners in order, inside the sheet's width and
 * length.
 *
 * @param corners three or more; the last is joined to the first
 */
public record SheetOutline(List<Corner> corners) {
    /** A sloped edge is followed in steps of so much at most, always on the side of the wood. */
    private static final Length STEP = Length.mm(25);

    /** A corner; x along the width, y along the length. */
    public record Corner(Length x, Length y) {}

    /** Refuses fewer than three corners and edges that cross. */
    public SheetOutline {
        corners = List.copyOf(corners);
        if (corners.size() < 3) {
            throw new IllegalArgumentException(Words.say("stock.outline.few", corners.size()));
        }
        if (!polygon(corners).isValid() || polygon(corners).getArea() == 0) {
            throw new IllegalArgumentException(Words.say("stock.outline.crossed"));
        }
    }

    private static Polygon polygon(List<Corner> corners) {
        Coordinate[] ring = new Coordinate[corners.size() + 1];
        for (int i = 0; i < ring.length; i++) {
            Corner corner = corners.get(i % corners.size());
            ring[i] = new Coordinate(corner.x().toMm(), corner.y().toMm());
        }
        return new GeometryFactory().createPolygon(ring);
    }

    /** In millimetres. */
    public Polygon polygon() {
        return polygon(corners);
    }

    /** Area in square metres. */
    public double squareMetres() {
        return polygon(corners).getArea() / 1e6;
    }

    /** Whether every corner lies within a rectangle from the origin. */
    public boolean within(Length width, Length length) {
        return corners.stream()
                .allMatch(
                        c ->
                                c.x().nm() >= 0
                                        && c.y().nm() >= 0
                                        && c.x().atMost(width)
                                        && c.y().atMost(length));
    }

    /**
     * Rectangles that cover everything of width x length that lies outside; along a sloped edge
     * they take a little of the sheet too.
     */
    public List<FlawArea> outside(Length width, Length length) {
        List<FlawArea> areas = new ArrayList<>();
        List<Long> levels = levels(length);
        for (int i = 0; i + 1 < levels.size(); i++) {
            slab(levels.get(i), levels.get(i + 1), width, areas);
        }
        return areas;
    }

    private List<Long> levels(Length length) {
        TreeSet<Long> levels = new TreeSet<>(List.of(0L, length.nm()));
        for (int i = 0; i < corners.size(); i++) {
            Corner a = corners.get(i);
            Corner b = corners.get((i + 1) % corners.size());
            levels.add(a.y().nm());
            if (!a.x().equals(b.x()) && !a.y().equals(b.y())) {
                long low = Math.min(a.y().nm(), b.y().nm());
                long high = Math.max(a.y().nm(), b.y().nm());
                for (long y = low + STEP.nm(); y < high; y += STEP.nm()) {
                    levels.add(y);
                }
            }
        }
        return List.copyOf(levels);
    }

    /** No corner lies between the two levels, so the edges that cross do so all the way. */
    private void slab(long from, long to, Length width, List<FlawArea> areas) {
        List<long[]> crossings = new ArrayList<>();
        for (int i = 0; i < corners.size(); i++) {
            Corner a = corners.get(i);
            Corner b = corners.get((i + 1) % corners.size());
            if (Math.min(a.y().nm(), b.y().nm()) <= from
                    && Math.max(a.y().nm(), b.y().nm()) >= to
                    && !a.y().equals(b.y())) {
                long atFrom = xAt(a, b, from);
                long atTo = xAt(a, b, to);
                crossings.add(new long[] {Math.min(atFrom, atTo), Math.max(atFrom, atTo)});
            }
        }
        crossings.sort((p, q) -> Long.compare(p[0] + p[1], q[0] + q[1]));
        long outsideFrom = 0;
        for (int i = 0; i + 1 < crossings.size(); i += 2) {
            long in = crossings.get(i)[1];
            long out = crossings.get(i + 1)[0];
            if (out > in) {
                add(outsideFrom, in, from, to, areas);
                outsideFrom = out;
            }
        }
        add(outsideFrom, width.nm(), from, to, areas);
    }

    private static long xAt(Corner a, Corner b, long y) {
        double share = (double) (y - a.y().nm()) / (b.y().nm() - a.y().nm());
        return Math.round(a.x().nm() + share * (b.x().nm() - a.x().nm()));
    }

    private static void add(long x0, long x1, long y0, long y1, List<FlawArea> areas) {
        if (x1 > x0) {
            areas.add(
                    new FlawArea(
                            Flaw.Kind.MISSING,
                            new Length(x0),
                            new Length(y0),
                            new Length(x1 - x0),
                            new Length(y1 - y0)));
        }
    }
}
