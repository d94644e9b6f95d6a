package reliqua.core.stock;

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
 * @param warp how far it is out of true
 * @param treatment against rot
 */
public record Stick(
        Section section, Length length, List<Flaw> flaws, Warp warp, Treatment treatment)
        implements Material {
    /** Refuses a length that is not above zero; sorts the flaws. */
    public Stick {
        if (!length.isPositive()) {
            throw new IllegalArgumentException(Words.say("stock.length.notPositive", length));
        }
        flaws =
                flaws.stream()
                        .sorted(Comparator.comparing(Flaw::from).thenComparing(Flaw::to))
                        .toList();
    }

    /** A sound, straight, untreated stick. */
    public static Stick sound(Section section, Length length) {
        return new Stick(section, length, List.of(), Warp.NONE, Treatment.UNTREATED);
    }

    /** Largest gap under a string over the whole length, over the flat. */
    public Length bow() {
        return warp.bow();
    }

    public Stick with(Warp other) {
        return new Stick(section, length, flaws, other, treatment);
    }

    public Stick with(List<Flaw> other) {
        return new Stick(section, length, other, warp, treatment);
    }

    public Stick with(Section other) {
        return new Stick(other, length, flaws, warp, treatment);
    }

    public Stick with(Treatment other) {
        return new Stick(section, length, flaws, warp, other);
    }

    public Stick withLength(Length other) {
        return new Stick(section, other, flaws, warp, treatment);
    }

    /**
     * What is left when only a stretch is kept: flaws move along with it; bow and crook shrink with
     * the square of its share, twist with the share, cup not at all.
     */
    public Stick part(Length from, Length to) {
        Length kept = to.minus(from);
        double share = kept.ratio(length);
        Warp less =
                new Warp(
                        warp.bow().scaled(share * share),
                        warp.crook().scaled(share * share),
                        warp.twist().scaled(share),
                        warp.cup());
        return new Stick(section, kept, Flaw.within(flaws, from, to), less, treatment);
    }

    /** The stretches between flaws, in order from the marked end; none is empty. */
    public List<Span> clearSpans() {
        return Flaw.clearSpans(flaws, length);
    }

    /** The longest piece that can be cut between flaws; zero when there is none. */
    public Length longestClear() {
        return clearSpans().stream().map(Span::length).reduce(Length.ZERO, Length::max);
    }

    /**
     * The bend a piece keeps: bend x (piece / whole)², for a curve of even bend. Short pieces come
     * out straight.
     *
     * @param piece length of the piece, from zero to the whole
     */
    public Length bowOfPiece(Length piece) {
        double ratio = piece.ratio(length);
        return warp.bend().scaled(ratio * ratio);
    }

    /**
     * The longest piece whose bend stays within 1/{@code tolerance} of its length: length² / (bend
     * x tolerance), but never more than the whole stick.
     */
    public Length straightTo(int tolerance) {
        if (warp.bend().nm() == 0) {
            return length;
        }
        return length.scaled(length.ratio(warp.bend().times(tolerance))).min(length);
    }
}
