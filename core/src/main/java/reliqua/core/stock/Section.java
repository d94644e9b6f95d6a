package reliqua.core.stock;

import reliqua.core.measure.Length;
import reliqua.core.measure.Words;

/**
 * The true cross-section of a stick. Thickness is never more than width, so 38 x 89 has one name
 * only.
 *
 * @param thickness smaller side, above zero
 * @param width larger side
 */
public record Section(Length thickness, Length width) implements Comparable<Section> {
    /** Refuses sides that are not above zero, and a thickness above the width. */
    public Section {
        if (!thickness.isPositive() || !width.isPositive()) {
            throw new IllegalArgumentException(
                    Words.say("stock.section.notPositive", thickness, width));
        }
        if (thickness.compareTo(width) > 0) {
            throw new IllegalArgumentException(Words.say("stock.section.turned", thickness, width));
        }
    }

    /** A section from its two sides in any order. */
    public static Section of(Length oneSide, Length otherSide) {
        return new Section(oneSide.min(otherSide), oneSide.max(otherSide));
    }

    /** A section in whole millimetres. */
    public static Section mm(long thickness, long width) {
        return of(Length.mm(thickness), Length.mm(width));
    }

    /** At least as thick and as wide. */
    public boolean serves(Section least) {
        return thickness.atLeast(least.thickness) && width.atLeast(least.width);
    }

    @Override
    public int compareTo(Section other) {
        int byThickness = thickness.compareTo(other.thickness);
        return byThickness != 0 ? byThickness : width.compareTo(other.width);
    }
}
