package reliqua.core.drawing;

import java.util.List;
import java.util.stream.Stream;
import reliqua.core.coop.Axis;
import reliqua.core.coop.Bounds;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Part;
import reliqua.core.coop.Solid;
import reliqua.core.measure.Length;

/**
 * A coop cut open along a plane, so that one sees in: what lies between the plane and the eye is
 * taken away.
 *
 * @param from from which side
 * @param share how much of the way through is taken away, 0 to 1
 */
public record Cutaway(From from, double share) {
    private static final Length BEYOND = Length.mm(1000);

    /** From which side it is cut open. */
    public enum From {
        FRONT,
        SIDE,
        ABOVE
    }

    /** Refuses a share that is none. */
    public Cutaway {
        if (!(share >= 0 && share <= 1)) {
            throw new IllegalArgumentException("a share of " + share + " is not from 0 to 1");
        }
    }

    /** What is left of it, for an eye at that corner. */
    public Coop of(Coop coop, FromCorner eye) {
        Bounds all = coop.bounds();
        List<Part> left =
                switch (from) {
                    case FRONT -> cut(coop, Axis.Y, all.y0(), all.y1(), eye.isBehind());
                    case SIDE -> cut(coop, Axis.X, all.x0(), all.x1(), !eye.isLeft());
                    case ABOVE -> cut(coop, Axis.Z, all.z0(), all.z1(), true);
                };
        return coop.withParts(left);
    }

    /** {@code high} where the far end of the axis is nearer to the eye. */
    private List<Part> cut(Coop coop, Axis axis, Length low, Length top, boolean high) {
        Length gone = top.minus(low).scaled(share);
        Length begin = high ? low.minus(BEYOND) : low.plus(gone);
        Length end = high ? top.minus(gone) : top.plus(BEYOND);
        return coop.parts().stream().flatMap(part -> cut(part, axis, begin, end)).toList();
    }

    private static Stream<Part> cut(Part part, Axis axis, Length begin, Length end) {
        Solid solid = part.solid();
        if (Dwellers.isBird(part)) {
            // A bird is not cut: one in the way has gone.
            return isBetween(solid.bounds(), axis, begin, end) ? Stream.of(part) : Stream.empty();
        }
        return solid.pieces(axis, begin, end).stream().map(part::at);
    }

    private static boolean isBetween(Bounds bounds, Axis axis, Length begin, Length end) {
        Length low =
                switch (axis) {
                    case X -> bounds.x0();
                    case Y -> bounds.y0();
                    case Z -> bounds.z0();
                };
        Length high =
                switch (axis) {
                    case X -> bounds.x1();
                    case Y -> bounds.y1();
                    case Z -> bounds.z1();
                };
        return low.atLeast(begin) && high.atMost(end);
    }
}
