package reliqua.core.coop.family;

import java.util.Optional;
import reliqua.core.stock.FoundPart;

/**
 * What sets apart the houses under a single slope.
 *
 * @param base what the floor frame rests on
 * @param standing whether the keeper goes in and stands up
 */
record ShedKind(Base base, boolean standing) {
    static final ShedKind RAISED = new ShedKind(Base.LEGS, false);
    static final ShedKind WALK_IN = new ShedKind(Base.SKIDS, true);
    static final ShedKind WHEELED = new ShedKind(Base.WHEELS, false);

    /** What of the heap closes the keeper's opening: a door to walk through, or a hatch. */
    Optional<FoundLeaf> leaf(Choices choices) {
        return standing
                ? FoundLeaf.in(choices, FoundPart.Use.DOOR).map(FoundLeaf::upright)
                : FoundLeaf.in(choices, FoundPart.Use.HATCH);
    }

    /** What a floor frame rests on. */
    enum Base {
        /** Posts inside the corners, up to the deck. */
        LEGS,
        /** Sticks on edge under the whole floor, lying on the ground. */
        SKIDS,
        /** Beams on a pair of wheels and two props. */
        WHEELS
    }
}
