package reliqua.core.cutting;

import java.util.Collections;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import reliqua.core.measure.Length;
import reliqua.core.measure.Words;
import reliqua.core.stock.Latitude;

/**
 * A wanted stick part; without {@code maxBow} any bow will do.
 *
 * @param only sources it must come from; any, where the set is empty
 * @param never sources it must not come from
 * @param latitude which larger sections and which poles serve as well
 * @param bevel how its ends slant, where pieces may lie nested; its length is from long point to
 *     long point
 * @param seen whether it is in sight when all stands, so that it should look well
 * @param covered how much of its near end may be flawed, because it lies under another piece
 */
public record WantedPiece(
        String id,
        Length thickness,
        Length width,
        Length length,
        int quantity,
        Optional<Length> maxBow,
        Set<String> only,
        Set<String> never,
        Latitude latitude,
        Optional<Bevel> bevel,
        boolean seen,
        Length covered) {
    /**
     * Refuses sizes not above zero, a quantity below one, and a bevel or a covered end longer than
     * the piece.
     */
    public WantedPiece {
        Sizes.positive(id, thickness, width, length);
        Sizes.counted(id, quantity);
        if (covered.nm() < 0 || covered.compareTo(length) >= 0) {
            throw new IllegalArgumentException(Words.say("cutting.covered", id, covered));
        }
        bevel.filter(b -> !b.run().atMost(length))
                .ifPresent(
                        b -> {
                            throw new IllegalArgumentException(
                                    Words.say("cutting.bevelLong", id, b.run()));
                        });
        only = Collections.unmodifiableSet(new TreeSet<>(only));
        never = Collections.unmodifiableSet(new TreeSet<>(never));
    }

    /** From anywhere. */
    public WantedPiece(
            String id,
            Length thickness,
            Length width,
            Length length,
            int quantity,
            Optional<Length> maxBow) {
        this(id, thickness, width, length, quantity, maxBow, Set.of(), Set.of(), Latitude.NONE);
    }

    /** With square ends. */
    public WantedPiece(
            String id,
            Length thickness,
            Length width,
            Length length,
            int quantity,
            Optional<Length> maxBow,
            Set<String> only,
            Set<String> never,
            Latitude latitude) {
        this(
                id,
                thickness,
                width,
                length,
                quantity,
                maxBow,
                only,
                never,
                latitude,
                Optional.empty(),
                false,
                Length.ZERO);
    }

    /** Whether it may come from there. */
    public boolean from(String source) {
        return (only.isEmpty() || only.contains(source)) && !never.contains(source);
    }

    /** So many of them. */
    WantedPiece counted(int some) {
        return new WantedPiece(
                id, thickness, width, length, some, maxBow, only, never, latitude, bevel, seen,
                covered);
    }
}
