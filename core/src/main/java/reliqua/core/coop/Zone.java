package reliqua.core.coop;

import reliqua.core.measure.Area;
import reliqua.core.measure.Length;

/**
 * A room that birds live in.
 *
 * @param kind what it is to them
 * @param floor its outline on the ground plan; the heights are those of floor and of what is over
 *     it
 * @param stand whether the keeper stands up in it
 */
public record Zone(Kind kind, Bounds floor, boolean stand) {
    /** What a room is to birds. */
    public enum Kind {
        /** Where they sleep. */
        HOUSE,
        /** Where they scratch. */
        RUN,
        /** Where they go by day with somebody about: under netting, and not shut at night. */
        YARD
    }

    /** Area of its outline. */
    public Area area() {
        return Area.of(floor.width(), floor.depth());
    }

    /** Height of its floor above the ground. */
    public Length floorHeight() {
        return floor.z0();
    }

    /** From its floor to the highest of what is over it. */
    public Length headroom() {
        return floor.height();
    }
}
