package reliqua.core.stock;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import reliqua.core.measure.Length;
import reliqua.core.measure.Words;

/**
 * A sawn board, batten or post.
 *
 * @param section true section
 * @param length whole length
 * @param flaws stretches to avoid; they may overlap and reach over the ends
 * @param bow largest gap under a string over the whole length, zero or more
 * @param treatment against rot
 */
public record Stick(
        Section section, Length length, List<Flaw> flaws, Length bow, Treatment treatment)
        implements Material {
    /** Refuses a length that is not above zero and a negative bow; sorts the flaws. */
    public Stick {
        if (!length.isPositive()) {
            throw new IllegalArgumentException(Words.say("stock.length.notPositive", length));
        }
        if (bow.nm() < 0) {
            throw new IllegalArgumentException(Words.say("stock.bow.negative", bow));
        }
        flaws =
                flaws.stream()
                        .sorted(Comparator.comparing(Flaw::from).thenComparing(Flaw::to))
                        .toList();
    }

    /** A sound, straight, untreated stick. */
    public static Stick sound(Section section, Length length) {
        return new Stick(section, length, List.of(), Length.ZERO, Treatment.UNTREATED);
    }

    /** The stretches between flaws, in order from the marked end; none is empty. */
    public List<Span> clearSpans() {
        List<Span> clear = new ArrayList<>();
        Length at = Length.ZERO;
        for (Flaw flaw : flaws) {
            Length end = flaw.from().min(length);
            if (end.compareTo(at) > 0) {
                clear.add(new Span(at, end));
            }
            at = at.max(flaw.to());
        }
        if (length.compareTo(at) > 0) {
            clear.add(new Span(at, length));
        }
        return List.copyOf(clear);
    }

    /** The longest piece that can be cut between flaws; zero when there is none. */
    public Length longestClear() {
        return clearSpans().stream().map(Span::length).reduce(Length.ZERO, Length::max);
    }

    /**
     * The bow a piece keeps: bow x (piece / whole)², for a curve of even bend. Short pieces come
     * out straight.
     *
     * @param piece length of the piece, from zero to the whole
     */
    public Length bowOfPiece(Length piece) {
        double ratio = piece.ratio(length);
        return bow.scaled(ratio * ratio);
    }

    /**
     * The longest piece whose bow stays within 1/{@code tolerance} of its length: length² / (bow x
     * tolerance), but never more than the whole stick.
     */
    public Length straightTo(int tolerance) {
        if (bow.nm() == 0) {
            return length;
        }
        return length.scaled(length.ratio(bow.times(tolerance))).min(length);
    }
}
