package reliqua.core.cutting;

import reliqua.core.measure.Length;
import reliqua.core.measure.Words;

/**
 * A slanting end cut, one plane across the stick. Two pieces whose ends slant alike are parted by
 * one cut and lie nested, the long point of one beside the short point of the other; a piece may be
 * turned end for end and over for that.
 *
 * @param run from long point to short point, measured along the stick; above zero
 * @param acrossWidth whether the cut slants across the width, else across the thickness
 * @param bothEnds whether both ends are cut so, else one
 */
public record Bevel(Length run, boolean acrossWidth, boolean bothEnds) {
    /** Refuses a run not above zero. */
    public Bevel {
        if (!run.isPositive()) {
            throw new IllegalArgumentException(Words.say("cutting.bevel", run));
        }
    }

    /** The same slant, however many ends have it. */
    Bevel slant() {
        return new Bevel(run, acrossWidth, true);
    }

    /** The side of a section that the cut slants across. */
    public Length depth(Length thickness, Length width) {
        return acrossWidth ? width : thickness;
    }

    /** Whether two slants are the same, on one section. */
    public boolean matches(Bevel other) {
        return run.equals(other.run) && acrossWidth == other.acrossWidth;
    }

    /**
     * How much nearer two nested pieces lie than their lengths and a kerf would have it: the run,
     * less what a slanting cut takes more along the stick than a square one. Zero where nesting
     * saves nothing.
     *
     * @param depth side of the section that the cut slants across
     */
    public Length saving(Length depth, Length kerf) {
        double secant = Math.hypot(run.nm(), depth.nm()) / depth.nm();
        Length more = new Length((long) Math.ceil(kerf.nm() * (secant - 1)));
        return run.minus(more).max(Length.ZERO);
    }
}
