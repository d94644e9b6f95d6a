package reliqua.core.cutting;

import reliqua.core.measure.Words;

/**
 * What the keeper wants of one piece, whatever it costs.
 *
 * @param mark of the part
 * @param source lot or offer
 * @param on whether it must come from there; else it must not
 */
public record CutWish(String mark, String source, boolean on) implements Comparable<CutWish> {
    /** Refuses a wish about nothing. */
    public CutWish {
        if (mark.isBlank() || source.isBlank()) {
            throw new IllegalArgumentException(Words.say("cutting.wish", mark, source));
        }
    }

    /** A piece comes from one thing only, and not from there if it must not. */
    public boolean contradicts(CutWish other) {
        return mark.equals(other.mark)
                && (on && other.on || on != other.on && source.equals(other.source));
    }

    /** Whether a piece of this mark may come from there. */
    boolean allows(String piece, String from) {
        return !piece.equals(mark) || from.equals(source) == on;
    }

    @Override
    public int compareTo(CutWish other) {
        int byMark = mark.compareTo(other.mark);
        return byMark != 0 ? byMark : (source + on).compareTo(other.source + other.on);
    }
}
