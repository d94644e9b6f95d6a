package reliqua.core.coop;

import reliqua.core.measure.Area;
import reliqua.core.measure.Length;

/**
 * A hole in the closed boundary and what closes it.
 *
 * @param kind what for
 * @param width clear; of a triangle or an arc, of its foot
 * @param height clear; of a triangle or an arc, half its height
 * @param bottom of the opening above the house floor
 * @param place the flat box it fills in its wall
 */
public record Opening(Kind kind, Length width, Length height, Length bottom, Bounds place) {
    /** A rectangle in a wall along the front, in the plane {@code y}. */
    public static Opening inFront(
            Kind kind, Length x0, Length x1, Length y, Length z0, Length z1, Length floor) {
        Bounds place = new Bounds(x0, x1, y, y, z0, z1);
        return new Opening(kind, x1.minus(x0), z1.minus(z0), z0.minus(floor), place);
    }

    /** A rectangle in a wall from front to back, in the plane {@code x}. */
    public static Opening inSide(
            Kind kind, Length x, Length y0, Length y1, Length z0, Length z1, Length floor) {
        Bounds place = new Bounds(x, x, y0, y1, z0, z1);
        return new Opening(kind, y1.minus(y0), z1.minus(z0), z0.minus(floor), place);
    }

    /** A rectangle in a floor, at the height {@code z}. */
    public static Opening inFloor(Kind kind, Length x0, Length x1, Length y0, Length y1, Length z) {
        Bounds place = new Bounds(x0, x1, y0, y1, z, z);
        return new Opening(kind, x1.minus(x0), y1.minus(y0), Length.ZERO, place);
    }

    /** A triangle or an arc over a foot on the ground, in the plane {@code x}. */
    public static Opening arched(Kind kind, Length x, Length y0, Length y1, Length high) {
        Bounds place = new Bounds(x, x, y0, y1, Length.ZERO, high);
        return new Opening(kind, y1.minus(y0), high.half(), Length.ZERO, place);
    }

    /**
     * The same at another depth.
     *
     * @param mirrored whether front and back change places
     * @param at where what was at depth zero comes to lie
     */
    public Opening atDepth(boolean mirrored, Length at) {
        return new Opening(kind, width, height, bottom, place.atDepth(mirrored, at));
    }

    /**
     * The same farther to the side.
     *
     * @param mirrored whether left and right change places
     * @param at where what was at the left edge, zero, comes to lie
     */
    public Opening atSide(boolean mirrored, Length at) {
        return new Opening(kind, width, height, bottom, place.atSide(mirrored, at));
    }

    /** What an opening is for. */
    public enum Kind {
        POP_DOOR,
        CLEAN_OUT_DOOR,
        GATE,
        YARD_GATE,
        NEST_ENTRANCE,
        /** A small one that only a hand goes through, for eggs or water. */
        HAND_HATCH,
        EAVE_VENT,
        WALL_VENT,
        /** Lets air in from below on hot nights; no vent to rely on, as it is low. */
        FLOOR_VENT,
        /** Birds go down through it, and a lid is laid over it at night. */
        FLOOR_HATCH,
        WINDOW
    }

    public Area area() {
        return Area.of(width, height);
    }

    /** Whether a hinged leaf closes it, which wants hinges and a latch. */
    public boolean isHinged() {
        return switch (kind) {
            case CLEAN_OUT_DOOR, GATE, YARD_GATE, HAND_HATCH, FLOOR_HATCH -> true;
            case POP_DOOR, NEST_ENTRANCE, EAVE_VENT, WALL_VENT, FLOOR_VENT, WINDOW -> false;
        };
    }

    /** Whether it is a permanent vent, closed by mesh alone. */
    public boolean isVent() {
        return kind == Kind.EAVE_VENT || kind == Kind.WALL_VENT;
    }
}
