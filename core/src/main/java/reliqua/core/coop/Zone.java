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
 * @param building number of the house that it is in, or that it lies before: from 0
 */
public record Zone(Kind kind, Bounds floor, boolean stand, int building) {
    /** In or before the only house. */
    public Zone(Kind kind, Bounds floor, boolean stand) {
        this(kind, floor, stand, 0);
    }

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
