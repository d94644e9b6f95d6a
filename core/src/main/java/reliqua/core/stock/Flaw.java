package reliqua.core.stock;

import java.util.List;
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

    /** What lies clear of flaws, in order; none is empty. */
    static List<Span> clearSpans(List<Flaw> flaws, Length length) {
        return Span.clear(flaws.stream().map(f -> new Span(f.from(), f.to())).toList(), length);
    }

    /** The flaws of a stretch, measured from where it begins. */
    static List<Flaw> within(List<Flaw> flaws, Length from, Length to) {
        return flaws.stream()
                .filter(f -> f.to().compareTo(from) > 0 && f.from().compareTo(to) < 0)
                .map(
                        f ->
                                new Flaw(
                                        f.kind(),
                                        f.from().max(from).minus(from),
                                        f.to().min(to).minus(from)))
                .toList();
    }

    /** Refuses a flaw without extent. */
    public Flaw {
        if (from.compareTo(to) >= 0) {
            throw new IllegalArgumentException(Words.say("stock.flaw.order", from, to));
        }
    }
}
