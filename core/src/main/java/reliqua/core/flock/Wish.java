package reliqua.core.flock;

import reliqua.core.measure.Sum;

/** How the keeper wants to clean and collect. */
public enum Wish {
    /** Walk in upright. */
    STAND_UP,
    /** Floor at the height of a barrow. */
    BARROW,
    /** Eggs fetched from outside. */
    OUTSIDE_EGGS,
    /** Eggs that roll out of reach of the hens. */
    ROLL_AWAY;

    /** The wish in words. */
    public Sum sum() {
        return Sum.of("wish." + name());
    }
}
