package reliqua.core.stock;

import java.util.Optional;
import reliqua.core.measure.Length;

/**
 * Screws, hinges and other small things, counted.
 *
 * @param kind what
 * @param size length of a screw or staple, if known
 */
public record Hardware(Kind kind, Optional<Length> size) implements Material {
    /** Staples with shorter legs are pulled out of wood by what wants in. */
    public static final Length LEAST_STAPLE = Length.mm(20);

    /** What small things a coop uses. */
    public enum Kind {
        SCREWS,
        ROOFING_SCREWS,
        NAILS,
        STAPLES,
        HINGES,
        LATCHES,
        /** Of belt, leather or rubber: what hangs from them swings both ways. */
        STRIPS,
        WASHERS,
        BOLTS,
        GLUE,
        SEALANT,
        /** In litres, which a quart nearly is. */
        PAINT,
        /** In litres, which a quart nearly is: what keeps rot out of wood and harms no bird. */
        PRESERVER
    }
}
