package reliqua.core.coop;

import java.util.Arrays;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;
import reliqua.core.measure.Length;

/**
 * How two solids meet: by how much they overlap, and over what area they touch. Figures in
 * millimetres.
 */
public final class Contact {
    /** What lies further apart does not touch. */
    public static final Length NEAR = new Length(100_000);

    private static final double NEAR_MM = 0.1;
    private static final int SLICES = 64;

    private Contact() {}

    /** Volume they share, in cubic millimetres; zero when they only touch. */
    public static double overlap(Solid a, Solid b) {
        if (!a.bounds().near(b.bounds(), Length.ZERO)) {
            return 0;
        }
        if (a.isBox() && b.isBox()) {
            return Arrays.stream(common(a.bounds(), b.bounds())).reduce(1, (v, s) -> v * s);
        }
        if (a.along() == b.along() || a.isBox() || b.isBox()) {
            Solid first = a.isBox() ? a.recast(b.along()) : a;
            Solid second = b.isBox() ? b.recast(first.along()) : b;
            double depth = along(first, second);
            return depth <= 0 ? 0 : shared(first.profile(), second.profile()) * depth;
        }
        return sliced(a, b);
    }

    /**
     * Area over which they touch, in square millimetres; zero when they do not meet, meet only
     * along an edge, or are boxes that run into one another.
     */
    public static double area(Solid a, Solid b) {
        if (!a.bounds().near(b.bounds(), NEAR)) {
            return 0;
        }
        if (a.isBox() && b.isBox()) {
            return area(a.bounds(), b.bounds());
        }
        if (a.along() != b.along() && !a.isBox() && !b.isBox()) {
            return 0;
        }
        Solid first = a.isBox() ? a.recast(b.along()) : a;
        Solid second = b.isBox() ? b.recast(first.along()) : b;
        double depth = along(first, second);
        if (Math.abs(depth) <= NEAR_MM) {
            return shared(first.profile(), second.profile());
        }
        if (depth < 0) {
            return 0;
        }
        Geometry grown = first.profile().buffer(NEAR_MM);
        return shared(grown, second.profile()) / NEAR_MM * depth;
    }

    /**
     * Area two profiles share. Edges that all but coincide defeat the plain overlay; the robust one
     * then snaps them together.
     */
    private static double shared(Geometry a, Geometry b) {
        return OverlayNGRobust.overlay(a, b, OverlayNG.INTERSECTION).getArea();
    }

    /** Boxes touch where two of their three sides overlap. */
    private static double area(Bounds a, Bounds b) {
        double area = 1;
        int flat = 0;
        for (double side : common(a, b)) {
            if (side <= NEAR_MM) {
                flat++;
            } else {
                area *= side;
            }
        }
        return flat == 1 ? area : 0;
    }

    /** The sides of what is common to both; below zero where they are apart. */
    private static double[] common(Bounds a, Bounds b) {
        return new double[] {
            common(a.x0(), a.x1(), b.x0(), b.x1()),
            common(a.y0(), a.y1(), b.y0(), b.y1()),
            common(a.z0(), a.z1(), b.z0(), b.z1())
        };
    }

    private static double along(Solid a, Solid b) {
        return common(a.from(), a.to(), b.from(), b.to());
    }

    private static double common(Length from, Length to, Length otherFrom, Length otherTo) {
        return to.min(otherTo).minus(from.max(otherFrom)).toMm();
    }

    /** Prisms along different axes share the third: the overlap is summed over slices across it. */
    private static double sliced(Solid a, Solid b) {
        Axis shared =
                a.along() != Axis.X && b.along() != Axis.X
                        ? Axis.X
                        : a.along() != Axis.Y && b.along() != Axis.Y ? Axis.Y : Axis.Z;
        double[] range = range(a, shared);
        double[] other = range(b, shared);
        double low = Math.max(range[0], other[0]);
        double high = Math.min(range[1], other[1]);
        double sum = 0;
        for (int n = 0; n < SLICES && high > low; n++) {
            double at = low + (n + 0.5) * (high - low) / SLICES;
            double one = width(a, shared, at, b);
            if (one > 0) {
                sum += one * width(b, shared, at, a) * (high - low) / SLICES;
            }
        }
        return sum;
    }

    private static double[] range(Solid solid, Axis axis) {
        Bounds b = solid.bounds();
        return switch (axis) {
            case X -> new double[] {b.x0().toMm(), b.x1().toMm()};
            case Y -> new double[] {b.y0().toMm(), b.y1().toMm()};
            case Z -> new double[] {b.z0().toMm(), b.z1().toMm()};
        };
    }

    /**
     * How wide the profile of {@code solid} is at a height of the shared axis, within the reach of
     * the other prism.
     */
    private static double width(Solid solid, Axis shared, double at, Solid other) {
        Polygon profile = solid.profile();
        // Of (y, z), (x, z) and (x, y) the second is the shared axis when it is z, or y of a prism
        // along z.
        boolean sharedIsV = shared == Axis.Z || shared == Axis.Y && solid.along() == Axis.Z;
        double from = other.from().toMm();
        double to = other.to().toMm();
        Coordinate one = sharedIsV ? new Coordinate(from, at) : new Coordinate(at, from);
        Coordinate two = sharedIsV ? new Coordinate(to, at) : new Coordinate(at, to);
        return new GeometryFactory()
                .createLineString(new Coordinate[] {one, two})
                .intersection(profile)
                .getLength();
    }
}
