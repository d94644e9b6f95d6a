package reliqua.core.cutting;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.prep.PreparedGeometry;
import org.locationtech.jts.geom.prep.PreparedGeometryFactory;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;
import reliqua.core.measure.Length;

/**
 * A sheet with what already lies on it: the regions that are still free. A panel is tried with its
 * corners on the corners of a region, in the smallest region that takes it, nearest to the marked
 * corner.
 */
final class NestSheet {
    /** Half of what a plan is checked by: roundings of slanting edges stay within it. */
    private static final double TOUCH = 0.0005;

    /** A place for a panel. */
    record Spot(NestShape shape, double x, double y, double region) {}

    /** A panel in its place. */
    record Placed(NestShape shape, double x, double y) {}

    private final SheetProblem.Bin bin;
    private final double kerf;
    private final List<Placed> placed = new ArrayList<>();
    private Geometry free;
    private List<Region> regions;

    private record Region(Polygon shape, PreparedGeometry roomy, Envelope box) {}

    NestSheet(SheetProblem.Bin bin, long kerf) {
        this.bin = bin;
        this.kerf = new Length(kerf).toMm();
        Geometry whole =
                bin.outline()
                        .map(o -> (Geometry) o.polygon())
                        .orElseGet(
                                () ->
                                        NestShape.rectangle(
                                                new SheetProblem.Rect(
                                                        0, 0, bin.width(), bin.length())));
        for (SheetProblem.Rect flaw : bin.trueFlaws()) {
            whole = without(whole, NestShape.rectangle(flaw));
        }
        this.free = whole;
        this.regions = regions(whole);
    }

    private static Geometry without(Geometry from, Geometry what) {
        return OverlayNGRobust.overlay(from, what, OverlayNG.DIFFERENCE);
    }

    private static List<Region> regions(Geometry free) {
        List<Region> regions = new ArrayList<>();
        for (int n = 0; n < free.getNumGeometries(); n++) {
            if (free.getGeometryN(n) instanceof Polygon polygon && polygon.getArea() > 1) {
                Geometry roomy = NestShape.grown(polygon, TOUCH);
                regions.add(
                        new Region(
                                polygon,
                                PreparedGeometryFactory.prepare(roomy),
                                roomy.getEnvelopeInternal()));
            }
        }
        regions.sort(Comparator.comparingDouble(r -> r.shape().getArea()));
        return regions;
    }

    SheetProblem.Bin bin() {
        return bin;
    }

    List<Placed> placed() {
        return placed;
    }

    /** A place for one of the shapes, in the smallest region that has one. */
    Optional<Spot> best(List<NestShape> shapes) {
        for (Region region : regions) {
            Spot best = null;
            for (NestShape shape : shapes) {
                Optional<Spot> spot =
                        shape.quarters() % 2 == 1 && !shape.turns(bin)
                                ? Optional.empty()
                                : in(region, shape);
                if (spot.isPresent() && (best == null || reach(spot.get()) < reach(best))) {
                    best = spot.get();
                }
            }
            if (best != null) {
                return Optional.of(best);
            }
        }
        return Optional.empty();
    }

    /** How far a panel in its place reaches from the marked corner. */
    private static double reach(Spot spot) {
        Envelope box = spot.shape().shape().getEnvelopeInternal();
        return spot.x() + box.getWidth() + spot.y() + box.getHeight();
    }

    private Optional<Spot> in(Region region, NestShape shape) {
        Envelope box = shape.shape().getEnvelopeInternal();
        if (box.getWidth() > region.box().getWidth()
                || box.getHeight() > region.box().getHeight()
                || shape.shape().getArea() > region.shape().getArea() + 1) {
            return Optional.empty();
        }
        for (Coordinate at : places(region, shape, box)) {
            if (region.roomy().covers(shape.at(at.getX(), at.getY()))) {
                return Optional.of(new Spot(shape, at.getX(), at.getY(), region.shape().getArea()));
            }
        }
        return Optional.empty();
    }

    /** Every corner on every corner, nearest first. */
    private static TreeSet<Coordinate> places(Region region, NestShape shape, Envelope box) {
        TreeSet<Coordinate> places =
                new TreeSet<>(
                        Comparator.<Coordinate>comparingDouble(c -> c.getX() + c.getY())
                                .thenComparingDouble(Coordinate::getX));
        Coordinate[] corners = shape.corners();
        for (Coordinate free : region.shape().getCoordinates()) {
            for (Coordinate corner : corners) {
                double x = free.getX() - corner.getX();
                double y = free.getY() - corner.getY();
                if (region.box()
                        .covers(new Envelope(x, x + box.getWidth(), y, y + box.getHeight()))) {
                    places.add(new Coordinate(x, y));
                }
            }
        }
        return places;
    }

    void place(NestShape shape, double x, double y) {
        placed.add(new Placed(shape, x, y));
        free = without(free, NestShape.grown(shape.at(x, y), kerf));
        regions = regions(free);
    }
}
