package reliqua.core.coop.family;

import java.util.Optional;
import reliqua.core.measure.Length;
import reliqua.core.stock.FoundPart;

/**
 * A found door, hatch or window, for which an opening is made.
 *
 * @param thing what it is
 * @param width of it
 * @param height of it
 * @param thick of it
 */
record FoundLeaf(Finds.Thing thing, Length width, Length height, Length thick) {
    /** What is chosen for a place, if it was measured both ways. */
    static Optional<FoundLeaf> in(Choices choices, FoundPart.Use place) {
        return choices.finds()
                .thing(place)
                .filter(t -> t.part().sizes().size() >= 2)
                .map(
                        t ->
                                new FoundLeaf(
                                        t,
                                        t.part().sizes().get(0),
                                        t.part().sizes().get(1),
                                        t.size(2, usual(t.part().kind()))));
    }

    /** Where nobody measured it: a house door, a cabinet's, a sash. */
    private static Length usual(FoundPart.Kind kind) {
        return switch (kind) {
            case DOOR, WINDOW -> Length.mm(40);
            default -> Length.mm(20);
        };
    }

    /** The same with its longer side upright, as a door hangs. */
    FoundLeaf upright() {
        return new FoundLeaf(thing, width.min(height), width.max(height), thick);
    }
}
