package reliqua.core.coop.family;

import reliqua.core.measure.Sum;

/** These dimensions and choices make no sound house; the reason says which gives way. */
public final class Unbuildable extends Exception {
    private final transient Sum reason;

    /** With the reason to be worded for the keeper. */
    public Unbuildable(Sum reason) {
        super(reason.key(), null, false, false);
        this.reason = reason;
    }

    /**
     * Refuses what does not hold.
     *
     * @throws Unbuildable with the reason, when it does not
     */
    public static void unless(boolean holds, Sum reason) throws Unbuildable {
        if (!holds) {
            throw new Unbuildable(reason);
        }
    }

    /** Why. */
    public Sum reason() {
        return reason;
    }
}
