package reliqua.core.coop.family;

import reliqua.core.measure.Area;
import reliqua.core.measure.Length;

/** The clear inside of a house between its walls, from the top of its floor. */
record Room(Length x0, Length x1, Length y0, Length y1, Length floor) {
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
