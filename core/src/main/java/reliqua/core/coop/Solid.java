package reliqua.core.coop;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;
import reliqua.core.measure.Length;

/**
 * A straight prism: a profile drawn in the plane of two axes and carried along the third. Every
 * part of a coop is one: a stick, a panel with its openings, a sloped rafter with its seats, a
 * sheet of roofing. A value: its box and its profile are worked out once, as contact asks for them
 * again and again.
 */
public final class Solid {
    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    /** Four times a whole number, so that a wheel's lowest corner is on the ground. */
    private static final int DISC_CORNERS = 20;

    private final Axis along;
    private final List<Corner> outline;
    private final List<List<Corner>> holes;
    private final Length from;
    private final Length to;
    private final Bounds bounds;
    private final boolean box;
    private volatile @Nullable Polygon profile;

    /**
     * Refuses fewer than three corners and a prism without extent.
     *
     * @param along the axis it is carried along
     * @param outline corners of the profile in order; no corner twice. For {@code along} X they are
     *     (y, z), for Y (x, z), for Z (x, y)
     * @param holes openings inside the outline, each in order
     * @param from where it begins along the axis
     * @param to where it ends, beyond {@code from}
     */
    public Solid(
            Axis along, List<Corner> outline, List<List<Corner>> holes, Length from, Length to) {
        this.along = along;
        this.outline = List.copyOf(outline);
        this.holes = holes.stream().map(List::copyOf).toList();
        this.from = from;
        this.to = to;
        if (outline.size() < 3 || from.compareTo(to) >= 0) {
            throw new IllegalArgumentException(
                    "a solid along "
                            + along
                            + " from "
                            + from
                            + " to "
                            + to
                            + " with "
                            + outline.size()
                            + " corners has no volume");
        }
        this.bounds = boundsOf(along, this.outline, from, to);
        this.box =
                outline.size() == 4
                        && holes.isEmpty()
                        && (isUpright(this.outline, 0) || isUpright(this.outline, 1));
    }

    /** The axis it is carried along. */
    public Axis along() {
        return along;
    }

    /** Corners of the profile in order. */
    public List<Corner> outline() {
        return outline;
    }

    /** Openings inside the outline. */
    public List<List<Corner>> holes() {
        return holes;
    }

    /** Where it begins along the axis. */
    public Length from() {
        return from;
    }

    /** Where it ends along the axis. */
    public Length to() {
        return to;
    }

    @Override
    public boolean equals(@Nullable Object other) {
        return other instanceof Solid s
                && along == s.along
                && from.equals(s.from)
                && to.equals(s.to)
                && outline.equals(s.outline)
                && holes.equals(s.holes);
    }

    @Override
    public int hashCode() {
        return Objects.hash(along, outline, holes, from, to);
    }

    @Override
    public String toString() {
        return "Solid[along "
                + along
                + ", "
                + outline
                + ", "
                + holes
                + ", "
                + from
                + " to "
                + to
                + "]";
    }

    /** A round disc, with corners at its lowest, highest and outermost points. */
    public static Solid disc(Axis along, Corner centre, Length radius, Length from, Length to) {
        List<Corner> rim = new ArrayList<>();
        for (int n = 0; n < DISC_CORNERS; n++) {
            double angle = 2 * Math.PI * n / DISC_CORNERS;
            rim.add(
                    new Corner(
                            centre.u().plus(radius.scaled(Math.cos(angle))),
                            centre.v().plus(radius.scaled(Math.sin(angle)))));
        }
        return new Solid(along, rim, List.of(), from, to);
    }

    /** Seen in a mirror that stands across an axis half way to {@code twice}. */
    public Solid mirrored(Axis across, Length twice) {
        if (across == along) {
            return new Solid(along, outline, holes, twice.minus(to), twice.minus(from));
        }
        boolean first = along == Axis.X ? across == Axis.Y : across == Axis.X;
        UnaryOperator<List<Corner>> mirror =
                corners ->
                        corners.reversed().stream()
                                .map(
                                        c ->
                                                first
                                                        ? new Corner(twice.minus(c.u()), c.v())
                                                        : new Corner(c.u(), twice.minus(c.v())))
                                .toList();
        return new Solid(
                along, mirror.apply(outline), holes.stream().map(mirror).toList(), from, to);
    }

    /** An upright box. */
    public static Solid box(Length x0, Length x1, Length y0, Length y1, Length z0, Length z1) {
        return new Solid(Axis.Z, rectangle(x0, x1, y0, y1), List.of(), z0, z1);
    }

    /** The four corners of an upright rectangle. */
    public static List<Corner> rectangle(Length u0, Length u1, Length v0, Length v1) {
        return List.of(
                new Corner(u0, v0), new Corner(u1, v0), new Corner(u1, v1), new Corner(u0, v1));
    }

    /** The box that just holds it. */
    public Bounds bounds() {
        return bounds;
    }

    private static Bounds boundsOf(Axis along, List<Corner> outline, Length from, Length to) {
        Length u0 = outline.getFirst().u();
        Length u1 = u0;
        Length v0 = outline.getFirst().v();
        Length v1 = v0;
        for (Corner corner : outline) {
            u0 = u0.min(corner.u());
            u1 = u1.max(corner.u());
            v0 = v0.min(corner.v());
            v1 = v1.max(corner.v());
        }
        return switch (along) {
            case X -> new Bounds(from, to, u0, u1, v0, v1);
            case Y -> new Bounds(u0, u1, from, to, v0, v1);
            case Z -> new Bounds(u0, u1, v0, v1, from, to);
        };
    }

    /** Whether it is an upright box without holes. */
    public boolean isBox() {
        return box;
    }

    /** Whether the sides of four corners are level and plumb by turns, from this corner on. */
    private static boolean isUpright(List<Corner> outline, int first) {
        for (int i = 0; i < 4; i += 2) {
            Corner a = outline.get((first + i) % 4);
            Corner b = outline.get((first + i + 1) % 4);
            Corner c = outline.get((first + i + 2) % 4);
            if (!a.v().equals(b.v()) || !b.u().equals(c.u())) {
                return false;
            }
        }
        return true;
    }

    /** The same box carried along another axis; only for boxes. */
    Solid recast(Axis axis) {
        Bounds b = bounds();
        return switch (axis) {
            case X ->
                    new Solid(
                            Axis.X,
                            rectangle(b.y0(), b.y1(), b.z0(), b.z1()),
                            List.of(),
                            b.x0(),
                            b.x1());
            case Y ->
                    new Solid(
                            Axis.Y,
                            rectangle(b.x0(), b.x1(), b.z0(), b.z1()),
                            List.of(),
                            b.y0(),
                            b.y1());
            case Z -> box(b.x0(), b.x1(), b.y0(), b.y1(), b.z0(), b.z1());
        };
    }

    /**
     * The same at another depth.
     *
     * @param mirrored whether front and back change places
     * @param at where what was at depth zero comes to lie
     */
    public Solid atDepth(boolean mirrored, Length at) {
        UnaryOperator<Length> to = place(mirrored, at);
        return switch (along) {
            case X -> moved(c -> new Corner(to.apply(c.u()), c.v()));
            case Z -> moved(c -> new Corner(c.u(), to.apply(c.v())));
            case Y -> carried(to);
        };
    }

    /**
     * The same farther to the side.
     *
     * @param mirrored whether left and right change places
     * @param at where what was at the left edge, zero, comes to lie
     */
    public Solid atSide(boolean mirrored, Length at) {
        UnaryOperator<Length> to = place(mirrored, at);
        return switch (along) {
            case X -> carried(to);
            case Y, Z -> moved(c -> new Corner(to.apply(c.u()), c.v()));
        };
    }

    private static UnaryOperator<Length> place(boolean mirrored, Length at) {
        return mirrored ? at::minus : at::plus;
    }

    private Solid carried(UnaryOperator<Length> place) {
        Length begin = place.apply(from);
        Length end = place.apply(to);
        return new Solid(along, outline, holes, begin.min(end), begin.max(end));
    }

    private Solid moved(UnaryOperator<Corner> place) {
        return new Solid(
                along,
                outline.stream().map(place).toList(),
                holes.stream().map(h -> h.stream().map(place).toList()).toList(),
                from,
                to);
    }

    /** Whether a solid is this one, or this one with more holes cut into it. */
    public boolean isOrHolds(Solid cut) {
        return along == cut.along
                && outline.equals(cut.outline)
                && from.equals(cut.from)
                && to.equals(cut.to)
                && cut.holes.containsAll(holes);
    }

    /** The profile in millimetres; not to be changed. */
    public Polygon profile() {
        Polygon known = profile;
        if (known == null) {
            known =
                    GEOMETRY.createPolygon(
                            ring(outline),
                            holes.stream().map(Solid::ring).toArray(LinearRing[]::new));
            profile = known;
        }
        return known;
    }

    private static LinearRing ring(List<Corner> corners) {
        Coordinate[] points = new Coordinate[corners.size() + 1];
        for (int i = 0; i < corners.size(); i++) {
            points[i] = new Coordinate(corners.get(i).u().toMm(), corners.get(i).v().toMm());
        }
        points[corners.size()] = points[0].copy();
        return GEOMETRY.createLinearRing(points);
    }

    /** Volume in cubic metres. */
    public double cubicMetres() {
        return profile().getArea() * to.minus(from).toMm() * 1e-9;
    }

    /** The same, moved. */
    public Solid shifted(Length x, Length y, Length z) {
        return switch (along) {
            case X -> moved(x, y, z);
            case Y -> moved(y, x, z);
            case Z -> moved(z, x, y);
        };
    }

    private Solid moved(Length axis, Length u, Length v) {
        return new Solid(
                along,
                moved(outline, u, v),
                holes.stream().map(h -> moved(h, u, v)).toList(),
                from.plus(axis),
                to.plus(axis));
    }

    private static List<Corner> moved(List<Corner> corners, Length u, Length v) {
        return corners.stream().map(c -> new Corner(c.u().plus(u), c.v().plus(v))).toList();
    }

    /**
     * What of it lies between two places along an axis; nothing where that is nothing, or no single
     * prism.
     */
    public Optional<Solid> between(Axis axis, Length low, Length high) {
        List<Solid> pieces = pieces(axis, low, high);
        return pieces.size() == 1 ? Optional.of(pieces.getFirst()) : Optional.empty();
    }

    /** All that lies between two places along an axis, in as many prisms as it falls into. */
    public List<Solid> pieces(Axis axis, Length low, Length high) {
        if (axis == along) {
            Length begin = from.max(low);
            Length end = to.min(high);
            return begin.compareTo(end) < 0
                    ? List.of(new Solid(along, outline, holes, begin, end))
                    : List.of();
        }
        boolean first = axis == Axis.X || along == Axis.X && axis == Axis.Y;
        Envelope all = profile().getEnvelopeInternal();
        all.expandBy(1);
        Envelope cut =
                first
                        ? new Envelope(low.toMm(), high.toMm(), all.getMinY(), all.getMaxY())
                        : new Envelope(all.getMinX(), all.getMaxX(), low.toMm(), high.toMm());
        Geometry left = profile().intersection(GEOMETRY.toGeometry(cut));
        List<Solid> pieces = new ArrayList<>();
        for (int n = 0; n < left.getNumGeometries(); n++) {
            if (left.getGeometryN(n) instanceof Polygon polygon && !polygon.isEmpty()) {
                pieces.add(new Solid(along, corners(polygon), holes(polygon), from, to));
            }
        }
        return pieces;
    }

    private static List<List<Corner>> holes(Polygon polygon) {
        List<List<Corner>> holes = new ArrayList<>();
        for (int n = 0; n < polygon.getNumInteriorRing(); n++) {
            holes.add(corners(polygon.getInteriorRingN(n)));
        }
        return holes;
    }

    private static List<Corner> corners(Polygon polygon) {
        return corners(polygon.getExteriorRing());
    }

    private static List<Corner> corners(LinearRing ring) {
        Coordinate[] points = ring.getCoordinates();
        return Arrays.stream(points)
                .limit(points.length - 1L)
                .map(p -> new Corner(Length.ofMm(p.getX()), Length.ofMm(p.getY())))
                .toList();
    }
}
