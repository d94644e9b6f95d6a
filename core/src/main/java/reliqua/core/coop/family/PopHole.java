package reliqua.core.coop.family;

import reliqua.core.measure.Length;
import reliqua.core.stock.Section;

/**
 * The birds' own opening in the front, whose cladding has its inner face at y = 0.
 *
 * @param from left edge
 * @param to right edge
 * @param sill lower edge above the ground
 * @param top upper edge above the ground
 * @param most nothing of the front is higher
 * @param opens how far the door is lifted
 * @param skin thickness of what closes the wall
 * @param door thickness of door and ramp
 * @param trim section of guides, runners and cleats
 * @param step of the keeper's tape
 */
record PopHole(
        Length from,
        Length to,
        Length sill,
        Length top,
        Length most,
        Length opens,
        Length skin,
        Length door,
        Section trim,
        Length step) {
    /** How far the door covers more than its opening, all round. */
    static final Length SLIDE = Length.mm(25);

    Length middle() {
        return from.plus(to).half();
    }
}
