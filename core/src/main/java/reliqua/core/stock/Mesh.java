package reliqua.core.stock;

import reliqua.core.measure.Length;
import reliqua.core.measure.Words;

/**
 * A roll or off-cut of mesh.
 *
 * @param kind how it is made
 * @param aperture largest opening, above zero
 * @param width of the roll, above zero
 * @param length left on the roll, above zero
 */
public record Mesh(Kind kind, Length aperture, Length width, Length length) implements Material {
    /** How mesh is made; only welded mesh stops hands and teeth. */
    public enum Kind {
        WELDED,
        HEX_NETTING
    }

    /** Refuses sizes that are not above zero. */
    public Mesh {
        if (!aperture.isPositive() || !width.isPositive() || !length.isPositive()) {
            throw new IllegalArgumentException(
                    Words.say("stock.mesh.notPositive", aperture, width, length));
        }
    }
}
