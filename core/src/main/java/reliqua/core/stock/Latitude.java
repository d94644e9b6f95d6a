package reliqua.core.stock;

import java.util.Optional;
import reliqua.core.measure.Length;
import reliqua.core.measure.Words;

/**
 * How far a stick may be larger than a piece asks, or a pole stand in for it. What a piece asks is
 * its least section; anything at least as thick and as wide serves where there is room for it.
 *
 * @param thicker how much thicker a stick may be, zero or more
 * @param wider how much wider, zero or more
 * @param round which poles serve instead, if any
 */
public record Latitude(Length thicker, Length wider, Optional<Round> round) {
    /** The section as asked and nothing else. */
    public static final Latitude NONE = new Latitude(Length.ZERO, Length.ZERO, Optional.empty());

    /** Refuses less than nothing. */
    public Latitude {
        if (thicker.nm() < 0 || wider.nm() < 0) {
            throw new IllegalArgumentException(Words.say("stock.latitude", thicker, wider));
        }
    }

    /** Diameters of poles that serve, over the whole length of the piece. */
    public record Round(Length from, Length to) {
        /** Refuses diameters not above zero or in the wrong order. */
        public Round {
            if (!from.isPositive() || from.compareTo(to) > 0) {
                throw new IllegalArgumentException(Words.say("stock.round", from, to));
            }
        }
    }

    /** Millimetres, no pole. */
    public static Latitude mm(long thicker, long wider) {
        return new Latitude(Length.mm(thicker), Length.mm(wider), Optional.empty());
    }

    /** The same, or a pole of these diameters in millimetres. */
    public Latitude orRound(long from, long to) {
        return new Latitude(thicker, wider, Optional.of(new Round(Length.mm(from), Length.mm(to))));
    }

    /** Whether a sawn section serves where another is asked. */
    public boolean takes(Length askedThickness, Length askedWidth, Length thickness, Length width) {
        return thickness.atLeast(askedThickness)
                && width.atLeast(askedWidth)
                && thickness.atMost(askedThickness.plus(thicker))
                && width.atMost(askedWidth.plus(wider));
    }
}
