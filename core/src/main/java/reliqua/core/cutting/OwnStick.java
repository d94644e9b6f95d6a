package reliqua.core.cutting;

import java.util.List;
import java.util.Optional;
import reliqua.core.measure.Length;
import reliqua.core.measure.Words;
import reliqua.core.stock.Span;

/**
 * Own sticks of one description; {@code bow} is the gap under a string over the whole length.
 *
 * @param tip of a pole: its diameter at the other end, tapering evenly from {@code thickness} at
 *     the marked end, which is the thicker one
 * @param looks how poor it looks, zero or more: zero is fair
 */
public record OwnStick(
        String id,
        Length thickness,
        Length width,
        Length length,
        int quantity,
        List<CutJob.Stretch> flaws,
        Length bow,
        Optional<Length> tip,
        int looks) {
    /**
     * Refuses sizes not above zero, a quantity below one, a negative bow, and a pole that is not
     * round or thicker at its tip.
     */
    public OwnStick {
        Sizes.positive(id, thickness, width, length);
        Sizes.counted(id, quantity);
        if (tip.isPresent()
                && !(thickness.equals(width)
                        && tip.get().isPositive()
                        && tip.get().atMost(thickness))) {
            throw new IllegalArgumentException(Words.say("cutting.tip", id));
        }
        if (looks < 0) {
            throw new IllegalArgumentException(Words.say("cutting.looks", id, looks));
        }
        if (bow.nm() < 0) {
            throw new IllegalArgumentException(Words.say("stock.bow.negative", bow));
        }
        flaws = List.copyOf(flaws);
    }

    /** Of fair looks. */
    public OwnStick(
            String id,
            Length thickness,
            Length width,
            Length length,
            int quantity,
            List<CutJob.Stretch> flaws,
            Length bow,
            Optional<Length> tip) {
        this(id, thickness, width, length, quantity, flaws, bow, tip, 0);
    }

    /** A sawn stick. */
    public OwnStick(
            String id,
            Length thickness,
            Length width,
            Length length,
            int quantity,
            List<CutJob.Stretch> flaws,
            Length bow) {
        this(id, thickness, width, length, quantity, flaws, bow, Optional.empty());
    }

    /** The stretches between flaws, in order; none is empty. */
    public List<Span> clearSpans() {
        return Span.clear(flaws.stream().map(f -> new Span(f.from(), f.to())).toList(), length);
    }

    /** So many of them. */
    OwnStick counted(int some) {
        return new OwnStick(id, thickness, width, length, some, flaws, bow, tip, looks);
    }
}
