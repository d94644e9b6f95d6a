package reliqua.core.stock;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import reliqua.core.measure.Length;

/** A stretch along a stick, from {@code from} to {@code to}. */
public record Span(Length from, Length to) {
    public Length length() {
        return to.minus(from);
    }

    /**
     * What lies clear of barred stretches, in order; none is empty.
     *
     * @param barred in any order; they may overlap and reach over the ends
     * @param length of the whole
     */
    public static List<Span> clear(List<Span> barred, Length length) {
        List<Span> clear = new ArrayList<>();
        Length at = Length.ZERO;
        for (Span bar : barred.stream().sorted(Comparator.comparing(Span::from)).toList()) {
            Length end = bar.from().min(length);
            if (end.compareTo(at) > 0) {
                clear.add(new Span(at, end));
            }
            at = at.max(bar.to());
        }
        if (length.compareTo(at) > 0) {
            clear.add(new Span(at, length));
        }
        return List.copyOf(clear);
    }
}
