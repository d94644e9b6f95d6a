package reliqua.core.coop.family;

import java.util.Optional;
import reliqua.core.stock.FoundPart;

/**
 * What sets apart the houses with stud walls on a floor frame.
 *
 * @param base what the floor frame rests on
 * @param standing whether the keeper goes in and stands up
 * @param shape of the roof
 */
record ShedKind(Base base, boolean standing, Shape shape) {
    static final ShedKind RAISED = new ShedKind(Base.LEGS, false, Shape.SINGLE_SLOPE);
    static final ShedKind WALK_IN = new ShedKind(Base.SKIDS, true, Shape.SINGLE_SLOPE);
    static final ShedKind GABLE = new ShedKind(Base.SKIDS, true, Shape.GABLE);
    static final ShedKind SPLIT = new ShedKind(Base.SKIDS, true, Shape.SPLIT);
    static final ShedKind WHEELED = new ShedKind(Base.WHEELS, false, Shape.SINGLE_SLOPE);

    /** What of the heap closes the keeper's opening: a door to walk through, or a hatch. */
    Optional<FoundLeaf> leaf(Choices choices) {
        return standing
                ? FoundLeaf.in(choices, FoundPart.Use.DOOR).map(FoundLeaf::upright)
                : FoundLeaf.in(choices, FoundPart.Use.HATCH);
    }

    /** What roof is over it. */
    enum Shape {
        SINGLE_SLOPE,
        GABLE,
        /** Two planes with a step between them. */
        SPLIT
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
