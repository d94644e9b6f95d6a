package reliqua.core.flock;

import reliqua.core.measure.Sum;

/**
 * One thing the flock needs.
 *
 * @param kind which
 * @param value a measure or a count
 * @param sum how it came about
 * @param standing whether it must be or is wished
 * @param source school or rule it comes from
 */
public record Need(Kind kind, Object value, Sum sum, Standing standing, Sum source) {
    /** What is needed. */
    public enum Kind {
        FLOOR,
        RUN,
        PENS,
        ROOST,
        ROOST_HEIGHT,
        NESTS,
        NEST_SIZE,
        NEST_BELOW_ROOST,
        VENTS,
        POP_DOOR,
        HEADROOM,
        LITTER_SILL,
        MESH,
        GAP,
        APRON,
        LATCH,
        COVER,
        ROOF_LOAD,
        FEED,
        WATER
    }

    /** How strongly it is asked for. */
    public enum Standing {
        MUST,
        WISH
    }
}
