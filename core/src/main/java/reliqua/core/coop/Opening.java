package reliqua.core.coop;

import reliqua.core.measure.Area;
import reliqua.core.measure.Length;

/**
 * A hole in the closed boundary and what closes it.
 *
 * @param kind what for
 * @param width clear
 * @param height clear
 * @param bottom of the opening above the house floor
 */
public record Opening(Kind kind, Length width, Length height, Length bottom) {
    /** What an opening is for. */
    public enum Kind {
        POP_DOOR,
        CLEAN_OUT_DOOR,
        GATE,
        NEST_ENTRANCE,
        EAVE_VENT,
        WALL_VENT
    }

    public Area area() {
        return Area.of(width, height);
    }

    /** Whether a hinged leaf closes it, which wants hinges and a latch. */
    public boolean isHinged() {
        return kind == Kind.CLEAN_OUT_DOOR || kind == Kind.GATE;
    }

    /** Whether it is a permanent vent, closed by mesh alone. */
    public boolean isVent() {
        return kind == Kind.EAVE_VENT || kind == Kind.WALL_VENT;
    }
}
