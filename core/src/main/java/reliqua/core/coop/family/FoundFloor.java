package reliqua.core.coop.family;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import reliqua.core.measure.Length;
import reliqua.core.stock.FoundPart;

/**
 * A floor with its frame as it came out of a shed, that a house is built on: its sides are those of
 * the house, whichever way it is turned.
 *
 * @param thing what was found
 * @param side one side
 * @param other the other
 * @param thick from the underside of its frame to the top of its boards
 */
record FoundFloor(Finds.Thing thing, Length side, Length other, Length thick) {
    /** Where nobody measured it: sticks of 75 mm on edge and boards of 20. */
    private static final Length USUAL = Length.mm(95);

    /** What is chosen, if it was measured both ways. */
    static Optional<FoundFloor> in(Choices choices) {
        return choices.finds()
                .thing(FoundPart.Use.PLATFORM)
                .filter(t -> t.part().sizes().size() >= 2)
                .map(
                        t ->
                                new FoundFloor(
                                        t,
                                        t.part().sizes().get(0),
                                        t.part().sizes().get(1),
                                        t.size(2, USUAL)));
    }

    /** An outer side of a house with nothing but these to choose from, where there is one. */
    static CoopFamily.Side only(CoopFamily.Side free, Choices choices) {
        return in(choices)
                .map(
                        floor ->
                                new CoopFamily.Side(
                                        free.least(),
                                        free.most(),
                                        free.groups(),
                                        free.less(),
                                        Stream.of(floor.side, floor.other).distinct().toList()))
                .orElse(free);
    }

    /** The design of its size, turned so that the width changes least; what is held stays. */
    static DesignSpec under(DesignSpec spec, Map<String, Length> held) {
        return in(spec.choices())
                .filter(floor -> !floor.carries(spec.width(), spec.depth()))
                .map(floor -> floor.sized(spec, held))
                .orElse(spec);
    }

    private DesignSpec sized(DesignSpec spec, Map<String, Length> held) {
        DesignSpec one = spec.with(ShedDimensions.WIDTH, side).with(ShedDimensions.DEPTH, other);
        DesignSpec turned = spec.with(ShedDimensions.WIDTH, other).with(ShedDimensions.DEPTH, side);
        return Stream.of(one, turned)
                .filter(
                        d ->
                                d.lengths().entrySet().stream()
                                        .allMatch(
                                                e ->
                                                        held.getOrDefault(e.getKey(), e.getValue())
                                                                .equals(e.getValue())))
                .min(Comparator.comparing(d -> d.width().minus(spec.width()).abs()))
                .orElse(spec);
    }

    /** Whether a house of these sides stands on it edge to edge. */
    boolean carries(Length width, Length depth) {
        return List.of(width, depth).equals(List.of(side, other))
                || List.of(width, depth).equals(List.of(other, side));
    }
}
