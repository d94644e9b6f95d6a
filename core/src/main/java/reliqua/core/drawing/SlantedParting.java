package reliqua.core.drawing;

import java.util.List;
import java.util.Optional;
import reliqua.core.coop.Axis;
import reliqua.core.coop.Bounds;
import reliqua.core.coop.Corner;
import reliqua.core.coop.Solid;

/**
 * Which of two solids is nearer to somebody who looks from the front, the right and above, told by
 * a plane through an edge of one profile that has the one on this side and the other beyond.
 */
final class SlantedParting {
    /** Towards the eye along x, y and z. */
    private static final double[] EYE = {0.55, -1, 0.9};

    private static final double TOUCHING = 0.2;

    private SlantedParting() {}

    /** Whether the first is nearer; nothing where no such plane parts them, or planes disagree. */
    static Optional<Boolean> of(Solid a, Solid b) {
        Axis axis = a.isBox() ? b.along() : a.along();
        Optional<double[][]> first = outline(a, axis);
        Optional<double[][]> second = outline(b, axis);
        if (first.isEmpty() || second.isEmpty()) {
            return Optional.empty();
        }
        boolean nearer = isNearer(first.get(), second.get(), axis);
        boolean farther = isNearer(second.get(), first.get(), axis);
        return nearer == farther ? Optional.empty() : Optional.of(nearer);
    }

    /** Its profile across an axis; nothing for what is carried along another and is no box. */
    private static Optional<double[][]> outline(Solid solid, Axis axis) {
        if (solid.along() == axis) {
            return Optional.of(points(solid.outline()));
        }
        if (!solid.isBox()) {
            return Optional.empty();
        }
        Bounds b = solid.bounds();
        return Optional.of(
                points(
                        switch (axis) {
                            case X -> Solid.rectangle(b.y0(), b.y1(), b.z0(), b.z1());
                            case Y -> Solid.rectangle(b.x0(), b.x1(), b.z0(), b.z1());
                            case Z -> Solid.rectangle(b.x0(), b.x1(), b.y0(), b.y1());
                        }));
    }

    private static double[][] points(List<Corner> corners) {
        return corners.stream()
                .map(c -> new double[] {c.u().toMm(), c.v().toMm()})
                .toArray(double[][]::new);
    }

    /** Whether an edge of either parts them with the first on the side of the eye. */
    private static boolean isNearer(double[][] near, double[][] far, Axis axis) {
        return byEdgeOf(near, near, far, axis) || byEdgeOf(far, near, far, axis);
    }

    private static boolean byEdgeOf(double[][] edges, double[][] near, double[][] far, Axis axis) {
        for (int n = 0; n < edges.length; n++) {
            double[] p = edges[n];
            double[] q = edges[(n + 1) % edges.length];
            double length = Math.hypot(q[0] - p[0], q[1] - p[1]);
            double[] normal = {(q[1] - p[1]) / length, (p[0] - q[0]) / length};
            if (towardsEye(normal, axis) < 0) {
                normal = new double[] {-normal[0], -normal[1]};
            }
            if (length > 1 && isBeyond(near, p, normal, 1) && isBeyond(far, p, normal, -1)) {
                return true;
            }
        }
        return false;
    }

    private static double towardsEye(double[] normal, Axis axis) {
        return switch (axis) {
            case X -> normal[0] * EYE[1] + normal[1] * EYE[2];
            case Y -> normal[0] * EYE[0] + normal[1] * EYE[2];
            case Z -> normal[0] * EYE[0] + normal[1] * EYE[1];
        };
    }

    private static boolean isBeyond(double[][] points, double[] from, double[] normal, int side) {
        for (double[] point : points) {
            double away = (point[0] - from[0]) * normal[0] + (point[1] - from[1]) * normal[1];
            if (away * side < -TOUCHING) {
                return false;
            }
        }
        return true;
    }
}
