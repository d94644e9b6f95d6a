package reliqua.core.stock;

import reliqua.core.measure.Length;
import reliqua.core.measure.Words;

/**
 * A stretch along a stick that no piece may contain.
 *
 * @param kind what is wrong
 * @param from where it begins, measured from the marked end
 * @param to where it ends, beyond {@code from}
 */
public record Flaw(Kind kind, Length from, Length to) {
    /** What is wrong with the stretch. */
    public enum Kind {
        ROT,
        SPLIT,
        KNOT,
        NOTCH,
        NAILS,
        HOLE,
        RUST,
        /** Soaked: swollen or parting layers. */
        WET,
        /** Not there: outside a sheet's edge. */
        MISSING
    }

    /** Refuses a flaw without extent. */
    public Flaw {
        if (from.compareTo(to) >= 0) {
            throw new IllegalArgumentException(Words.say("stock.flaw.order", from, to));
        }
    }
}
