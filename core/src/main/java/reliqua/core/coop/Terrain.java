package reliqua.core.coop;

import reliqua.core.flock.Ground;
import reliqua.core.measure.Length;

/**
 * The ground under a coop that stands: heights are measured from the highest corner of the plot it
 * takes up, its run included, and what stands on the ground reaches down to it.
 *
 * @param ground how it falls
 * @param x0 left edge of the plot
 * @param x1 right edge of the plot
 * @param y0 front edge of the plot
 * @param y1 back edge of the plot
 */
public record Terrain(Ground ground, Length x0, Length x1, Length y0, Length y1) {
    /** Level ground, or a coop that is moved and lies on it as it is. */
    public static final Terrain LEVEL =
            new Terrain(Ground.LEVEL, Length.ZERO, Length.ZERO, Length.ZERO, Length.ZERO);

    public boolean isLevel() {
        return ground.equals(Ground.LEVEL);
    }

    /** How much lower the ground is at a point; never less than nothing, uphill of the plot too. */
    public Length below(Length x, Length y) {
        return ground.below(x.minus(x0), y.minus(y0), x1.minus(x0), y1.minus(y0));
    }

    /** How much lower it is at the lowest point of an edge or of a rectangle. */
    public Length lowest(Length xa, Length xb, Length ya, Length yb) {
        return below(xa, ya).max(below(xb, yb)).max(below(xa, yb)).max(below(xb, ya));
    }

    /** How much lower it is at the highest point of an edge or of a rectangle. */
    public Length highest(Length xa, Length xb, Length ya, Length yb) {
        return below(xa, ya).min(below(xb, yb)).min(below(xa, yb)).min(below(xb, ya));
    }
}
