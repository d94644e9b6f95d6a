package reliqua.core.coop.family;

import java.util.List;
import reliqua.core.measure.Length;

/** How far a keeper's arm must reach who does not go in. */
final class FloorReach {
    /** Points of the floor that are tried, across and along. */
    private static final int POINTS = 24;

    private FloorReach() {}

    /** An opening to reach in by, along a wall at a depth. */
    record Way(Length x0, Length x1, Length y) {
        private double from(double x, double y) {
            double aside = Math.max(0, Math.max(x0.nm() - x, x - x1.nm()));
            return Math.hypot(aside, y - this.y.nm());
        }
    }

    /** From the nearest edge of an opening to the point of the floor that lies farthest. */
    static Length of(Room floor, List<Way> ways) {
        double farthest = 0;
        for (int i = 0; i <= POINTS; i++) {
            for (int j = 0; j <= POINTS; j++) {
                double x = at(floor.x0(), floor.x1(), i);
                double y = at(floor.y0(), floor.y1(), j);
                double nearest = ways.stream().mapToDouble(w -> w.from(x, y)).min().orElse(0);
                farthest = Math.max(farthest, nearest);
            }
        }
        return new Length(Math.round(farthest));
    }

    private static double at(Length from, Length to, int n) {
        return from.nm() + (to.nm() - from.nm()) * (double) n / POINTS;
    }
}
