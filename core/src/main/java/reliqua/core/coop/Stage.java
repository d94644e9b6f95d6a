package reliqua.core.coop;

/** When a part goes on, in the order of the build. */
public enum Stage {
    FLOOR,
    WALLS,
    RAFTERS,
    SKINS,
    ROOF,
    DOORS,
    NESTS,
    ROOSTS,
    RAMP,
    RUN,
    MESH
}
