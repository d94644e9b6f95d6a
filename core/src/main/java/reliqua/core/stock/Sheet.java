package reliqua.core.stock;

import java.util.List;
import reliqua.core.measure.Length;
import reliqua.core.measure.Words;

/**
 * A flat board: plywood, strand board and the like. The grain, where there is one, runs along the
 * length.
 *
 * @param kind what it is made of
 * @param thickness above zero
 * @param width along x, above zero
 * @param length along y, above zero
 * @param flaws areas to avoid; they may overlap and reach over the border
 */
public record Sheet(Kind kind, Length thickness, Length width, Length length, List<FlawArea> flaws)
        implements Material {
    /** What a sheet is made of, with its density in kg/m³ (common figures for dry board). */
    public enum Kind {
        PLYWOOD(600),
        STRAND_BOARD(650),
        BOARD(700);

        private final int density;

        Kind(int density) {
            this.density = density;
        }

        /** Kilograms per cubic metre. */
        public int density() {
            return density;
        }
    }

    /** Refuses sides that are not above zero. */
    public Sheet {
        if (!thickness.isPositive() || !width.isPositive() || !length.isPositive()) {
            throw new IllegalArgumentException(
                    Words.say("stock.sheet.notPositive", thickness, width, length));
        }
        flaws = List.copyOf(flaws);
    }
}
