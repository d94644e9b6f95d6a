package reliqua.core.stock;

import reliqua.core.measure.Length;

/** A clear stretch along a stick, from {@code from} to {@code to}. */
public record Span(Length from, Length to) {
    public Length length() {
        return to.minus(from);
    }
}
