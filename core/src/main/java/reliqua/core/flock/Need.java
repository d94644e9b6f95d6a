package reliqua.core.flock;

import reliqua.core.measure.Sum;

/**
 * One thing the flock needs.
 *
 * @param kind which
 * @param value a length, an area or a count
 * @param sum how it came about
 */
public record Need(Kind kind, Object value, Sum sum) {
    /** What is needed. */
    public enum Kind {
        FLOOR,
        ROOST,
        ROOST_HEIGHT,
        NESTS,
        NEST_SIZE,
        NEST_BELOW_ROOST,
        VENTS,
        POP_DOOR,
        HEADROOM,
        LITTER_SILL,
        MESH
    }
}
