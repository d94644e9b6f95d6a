package reliqua.core.stock;

import reliqua.core.measure.Length;
import reliqua.core.measure.Words;

/**
 * A rectangle of a sheet that no panel may contain; x runs along the width, y along the length.
 *
 * @param kind what is wrong
 * @param x corner nearest the marked corner
 * @param y corner nearest the marked corner
 * @param width along x, above zero
 * @param length along y, above zero
 */
public record FlawArea(Flaw.Kind kind, Length x, Length y, Length width, Length length) {
    /** Refuses an area without extent. */
    public FlawArea {
        if (!width.isPositive() || !length.isPositive()) {
            throw new IllegalArgumentException(Words.say("stock.flaw.area", width, length));
        }
    }
}
