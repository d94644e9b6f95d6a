package reliqua.core.coop.family;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import reliqua.core.coop.Bounds;
import reliqua.core.coop.Find;
import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.measure.Length;
import reliqua.core.stock.FoundPart;

/**
 * A floor that was found and that a house is built on: one with its frame as it came out of a shed,
 * whichever way it is turned, or pallets side by side, their stringers from front to back. Its
 * sides are those of the house.
 *
 * @param find what takes one of them out of the heap
 * @param side one side of one of them
 * @param other the other
 * @param thick from its underside to its top
 * @param pallet what it is if it is of pallets, on which a deck is laid
 */
record FoundFloor(
        Find find, Length side, Length other, Length thick, Optional<Finds.WholePallet> pallet) {
    /** Where nobody measured it: sticks of 75 mm on edge and boards of 20. */
    private static final Length USUAL = Length.mm(95);

    /** More of them side by side are as long as no beam of the heap. */
    private static final int MOST_PALLETS = 4;

    /** Sides of a house that stands on it. */
    private record Sides(Length width, Length depth) {}

    /** What is chosen: a floor that was measured both ways, else pallets. */
    static Optional<FoundFloor> in(Choices choices) {
        return choices.finds()
                .thing(FoundPart.Use.PLATFORM)
                .filter(t -> t.part().sizes().size() >= 2)
                .map(FoundFloor::of)
                .or(() -> choices.finds().pallet().map(FoundFloor::of));
    }

    private static FoundFloor of(Finds.Thing thing) {
        List<Length> sizes = thing.part().sizes();
        return new FoundFloor(
                thing.find(), sizes.get(0), sizes.get(1), thing.size(2, USUAL), Optional.empty());
    }

    private static FoundFloor of(Finds.WholePallet pallet) {
        return new FoundFloor(
                new Find.OfPallet(pallet.length(), pallet.width()),
                pallet.width(),
                pallet.length(),
                pallet.thickness(),
                Optional.of(pallet));
    }

    private Stream<Sides> sides() {
        return pallet.map(
                        p ->
                                IntStream.rangeClosed(1, Math.min(p.count(), MOST_PALLETS))
                                        .mapToObj(n -> new Sides(side.times(n), other)))
                .orElseGet(() -> Stream.of(new Sides(side, other), new Sides(other, side)));
    }

    /** The width of a house with nothing but these to choose from, where there is a floor. */
    static CoopFamily.Side width(CoopFamily.Side free, Choices choices) {
        return in(choices)
                .map(f -> only(free, f.sides().map(Sides::width).distinct().toList()))
                .orElse(free);
    }

    /** Its depth in the same way. */
    static CoopFamily.Side depth(CoopFamily.Side free, Choices choices) {
        return in(choices)
                .map(f -> only(free, f.sides().map(Sides::depth).distinct().toList()))
                .orElse(free);
    }

    private static CoopFamily.Side only(CoopFamily.Side free, List<Length> sizes) {
        return new CoopFamily.Side(free.least(), free.most(), free.groups(), free.less(), sizes);
    }

    /** The design of its size, so that the width changes least; what is held stays. */
    static DesignSpec under(DesignSpec spec, Map<String, Length> held) {
        return in(spec.choices())
                .filter(floor -> !floor.carries(spec.width(), spec.depth()))
                .map(floor -> floor.sized(spec, held))
                .orElse(spec);
    }

    private DesignSpec sized(DesignSpec spec, Map<String, Length> held) {
        return sides().map(
                        s ->
                                spec.with(ShedDimensions.WIDTH, s.width())
                                        .with(ShedDimensions.DEPTH, s.depth()))
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
        return sides().anyMatch(new Sides(width, depth)::equals);
    }

    /** Lays it between two heights, as wide and deep as the house. */
    void lay(Length width, Length depth, Length under, Length top, PartsBook book) {
        if (pallet.isEmpty()) {
            Solid whole = Solid.box(Length.ZERO, width, Length.ZERO, depth, under, top);
            book.whole(Role.FOUND_FLOOR, find, List.of(), whole);
            return;
        }
        for (Length x = Length.ZERO; x.compareTo(width) < 0; x = x.plus(side)) {
            Bounds one = new Bounds(x, x.plus(side), Length.ZERO, depth, under, top);
            Solid place = Solid.box(one.x0(), one.x1(), one.y0(), one.y1(), under, top);
            book.whole(Role.FLOOR_PALLET, find, boards(pallet.get(), one), place);
        }
    }

    /** The upper boards, which a deck is screwed to. */
    private static List<Bounds> boards(Finds.WholePallet kind, Bounds one) {
        return kind.boardEdges().stream()
                .map(
                        y ->
                                new Bounds(
                                        one.x0(),
                                        one.x1(),
                                        y,
                                        y.plus(kind.board()),
                                        one.z0(),
                                        one.z1()))
                .toList();
    }
}
