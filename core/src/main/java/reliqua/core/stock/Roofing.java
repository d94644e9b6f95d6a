package reliqua.core.stock;

import java.util.List;
import reliqua.core.measure.Length;
import reliqua.core.measure.Words;

/**
 * Corrugated or box-profile metal sheets. Ribs run down the slope, so a sheet is never turned.
 *
 * @param length down the slope, above zero
 * @param fullWidth edge to edge
 * @param coverWidth what one sheet covers beside its neighbour after the side lap; at most the full
 *     width
 * @param flaws rusted or torn stretches, measured from the upper end
 */
public record Roofing(Length length, Length fullWidth, Length coverWidth, List<Flaw> flaws)
        implements Material {
    /** Refuses sizes that are not above zero and a cover wider than the sheet. */
    public Roofing {
        if (!length.isPositive() || !coverWidth.isPositive()) {
            throw new IllegalArgumentException(
                    Words.say("stock.roofing.notPositive", length, coverWidth));
        }
        if (coverWidth.compareTo(fullWidth) > 0) {
            throw new IllegalArgumentException(
                    Words.say("stock.roofing.cover", coverWidth, fullWidth));
        }
        flaws = List.copyOf(flaws);
    }
}
