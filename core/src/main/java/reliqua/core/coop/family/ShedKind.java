package reliqua.core.coop.family;

/**
 * What sets apart the houses under a single slope.
 *
 * @param base what the floor frame rests on
 * @param standing whether the keeper goes in and stands up
 */
record ShedKind(Base base, boolean standing) {
    /** What a floor frame rests on. */
    enum Base {
        /** Posts inside the corners, up to the deck. */
        LEGS,
        /** Sticks on edge under the whole floor, lying on the ground. */
        SKIDS
    }
}
