package reliqua.core.coop;

import reliqua.core.measure.Length;

/** The box that just holds a solid. */
public record Bounds(Length x0, Length x1, Length y0, Length y1, Length z0, Length z1) {

    /** The box that just holds both. */
    public Bounds with(Bounds other) {
        return new Bounds(
                x0.min(other.x0),
                x1.max(other.x1),
                y0.min(other.y0),
                y1.max(other.y1),
                z0.min(other.z0),
                z1.max(other.z1));
    }

    /** Whether both come within {@code gap} of each other. */
    public boolean near(Bounds other, Length gap) {
        return apart(x0, x1, other.x0, other.x1, gap)
                && apart(y0, y1, other.y0, other.y1, gap)
                && apart(z0, z1, other.z0, other.z1, gap);
    }

    private static boolean apart(Length a0, Length a1, Length b0, Length b1, Length gap) {
        return a0.minus(gap).compareTo(b1) <= 0 && b0.minus(gap).compareTo(a1) <= 0;
    }

    public Length width() {
        return x1.minus(x0);
    }

    public Length depth() {
        return y1.minus(y0);
    }

    public Length height() {
        return z1.minus(z0);
    }

    /**
     * The same at another depth.
     *
     * @param mirrored whether front and back change places
     * @param at where what was at depth zero comes to lie
     */
    public Bounds atDepth(boolean mirrored, Length at) {
        return mirrored
                ? new Bounds(x0, x1, at.minus(y1), at.minus(y0), z0, z1)
                : new Bounds(x0, x1, at.plus(y0), at.plus(y1), z0, z1);
    }

    /**
     * The same farther to the side.
     *
     * @param mirrored whether left and right change places
     * @param at where what was at the left edge, zero, comes to lie
     */
    public Bounds atSide(boolean mirrored, Length at) {
        return mirrored
                ? new Bounds(at.minus(x1), at.minus(x0), y0, y1, z0, z1)
                : new Bounds(at.plus(x0), at.plus(x1), y0, y1, z0, z1);
    }
}
