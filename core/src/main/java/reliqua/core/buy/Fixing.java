package reliqua.core.buy;

import java.util.List;
import java.util.Optional;
import reliqua.core.coop.Role;
import reliqua.core.measure.Length;
import reliqua.core.measure.Sum;
import reliqua.core.measure.Tape;
import reliqua.core.measure.UnitSystem;
import reliqua.core.stock.Hardware;

/**
 * Small things of one kind that hold one sort of place together.
 *
 * @param kind of hardware
 * @param where what they hold
 * @param least length that holds; none for hinges and latches
 * @param most length that does not come through behind
 * @param outside whether rain gets at them, so that they must not rust
 * @param on the parts that go on when they are driven
 * @param building number of the house they are for, from 0
 * @param count how many
 * @param marks the parts they go into
 */
public record Fixing(
        Hardware.Kind kind,
        Where where,
        Optional<Length> least,
        Optional<Length> most,
        boolean outside,
        Role on,
        int building,
        int count,
        List<String> marks) {
    /** What small things hold. */
    public enum Where {
        /** Sheets and boards on framing. */
        CLADDING,
        /** Sticks on or between sticks. */
        FRAME,
        /** Legs, posts and what else takes the load down: four screws or bolts a joint. */
        LOAD,
        /** What lies on or is made of pallets. */
        PALLETS,
        ROOFING,
        MESH,
        LEAVES,
        /** Painted: outside of walls, doors, nests and ramp. */
        OUTSIDE,
        /** Preserved: cut ends, and wood that meets the ground. */
        ENDS;

        /** Whether it is put on with a brush, when all else is on. */
        public boolean isBrushed() {
            return this == OUTSIDE || this == ENDS;
        }
    }

    private static final List<Length> MILLIMETRES =
            List.of(20, 25, 30, 35, 40, 45, 50, 60, 70, 80, 90, 100, 120).stream()
                    .map(Length::mm)
                    .toList();

    /** In eighths, as they lie in the bins of a store. */
    private static final List<Length> INCHES =
            List.of(6, 8, 10, 13, 16, 20, 24, 28, 32, 40).stream()
                    .map(eighths -> Length.inches(eighths, 8))
                    .toList();

    /** Copies the list. */
    public Fixing {
        marks = List.copyOf(marks);
    }

    /** The length to ask for in a shop: the shortest there that holds and does not come through. */
    public Optional<Length> length(UnitSystem system) {
        List<Length> sold = system == UnitSystem.INCHES ? INCHES : MILLIMETRES;
        Length longest = most.orElse(sold.getLast());
        return least.map(
                l ->
                        sold.stream()
                                .filter(s -> s.atLeast(l) && s.atMost(longest))
                                .findFirst()
                                .or(
                                        () ->
                                                sold.reversed().stream()
                                                        .filter(s -> s.atMost(longest))
                                                        .findFirst())
                                .orElse(sold.getFirst()));
    }

    /** Whether a screw or staple of this length does here. */
    boolean takes(Optional<Length> size) {
        return size.isEmpty()
                || least.isEmpty()
                || size.get().atLeast(least.get().scaled(NEARLY))
                        && size.get().atMost(most.orElse(size.get()));
    }

    /** One that is a little shorter than the rule asks holds as well. */
    private static final double NEARLY = 0.9;

    /** How many, how long and for what, in words. */
    public String words(Tape tape) {
        Sum place = Sum.of("fixing." + where.name());
        Optional<Length> length = length(tape.system());
        if (length.isEmpty()) {
            return Sum.of("fixing.count", count, place).words(tape);
        }
        String key = outside ? "fixing.long.outside" : "fixing.long";
        return Sum.of(key, count, length.get(), place).words(tape);
    }
}
