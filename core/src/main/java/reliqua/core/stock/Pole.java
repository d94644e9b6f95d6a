package reliqua.core.stock;

import reliqua.core.measure.Length;
import reliqua.core.measure.Words;

/**
 * A round: pole, branch, bamboo. It tapers evenly from butt to tip.
 *
 * @param butt diameter at the thick end
 * @param tip diameter at the thin end, at most the butt
 * @param length above zero
 * @param treatment against rot
 */
public record Pole(Length butt, Length tip, Length length, Treatment treatment)
        implements Material {
    /** Refuses sizes that are not above zero and a tip thicker than the butt. */
    public Pole {
        if (!tip.isPositive() || !length.isPositive() || tip.compareTo(butt) > 0) {
            throw new IllegalArgumentException(Words.say("stock.pole", butt, tip, length));
        }
    }

    /**
     * Diameter so far from the butt, for an even taper.
     *
     * @param from from zero to the whole length
     */
    public Length diameterAt(Length from) {
        return butt.minus(butt.minus(tip).scaled(from.ratio(length)));
    }

    /** What is left when it is cut off at both places, {@code from} before {@code to}. */
    public Pole part(Length from, Length to) {
        return new Pole(diameterAt(from), diameterAt(to), to.minus(from), treatment);
    }
}
