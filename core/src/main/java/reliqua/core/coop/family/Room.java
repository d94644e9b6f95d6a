package reliqua.core.coop.family;

import reliqua.core.measure.Area;
import reliqua.core.measure.Length;

/** The clear inside of a house between its walls, from the top of its floor. */
record Room(Length x0, Length x1, Length y0, Length y1, Length floor) {
    /** With so much air on both sides. */
    Room within(Length air) {
        return new Room(x0.plus(air), x1.minus(air), y0, y1, floor);
    }

    Length width() {
        return x1.minus(x0);
    }

    Length depth() {
        return y1.minus(y0);
    }

    Area area() {
        return Area.of(width(), depth());
    }
}
