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
    /**
     * What may be as wide only keeps birds in and hawks out, which netting does as well as welded
     * mesh.
     */
    public static final Length NETTING = Length.mm(50);

    /** How mesh is made; only welded mesh stops hands and teeth. */
    public enum Kind {
        WELDED,
        HEX_NETTING
    }

    /** Whether it does where no opening may be wider: only welded mesh stops hands and teeth. */
    public boolean serves(Length widest) {
        boolean holds = kind == Kind.WELDED || widest.atLeast(NETTING);
        return holds && aperture.atMost(widest);
    }

    /** Refuses sizes that are not above zero. */
    public Mesh {
        if (!aperture.isPositive() || !width.isPositive() || !length.isPositive()) {
            throw new IllegalArgumentException(
                    Words.say("stock.mesh.notPositive", aperture, width, length));
        }
    }
}
