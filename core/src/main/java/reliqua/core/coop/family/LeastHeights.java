package reliqua.core.coop.family;

import reliqua.core.flock.Needs;
import reliqua.core.measure.Length;

/** The lowest walls under which the birds of a raised house can stand, and a pop door fits. */
public final class LeastHeights {
    private static final Length DOOR_ROOM = Length.mm(110);

    private LeastHeights() {}

    /**
     * Dimensions with the lowest walls for a roof of the given pitch.
     *
     * @param slope rise over run, above zero
     */
    public static RaisedDimensions with(RaisedDimensions d, Choices c, Needs needs, double slope) {
        Length st = c.section(Choices.Group.WALLS).thickness();
        Length sd = c.section(Choices.Group.WALLS).width();
        Length fall = d.depth().minus(sd).scaled(slope).ceilTo(c.step());
        Length forBirds =
                roostTop(c, needs, sd)
                        .plus(needs.headroom())
                        .minus(Needs.ROOST_SPACING.scaled(slope));
        Length popSill = needs.litterSill().max(st.times(2));
        Length popTop = popSill.plus(needs.popDoorHeight()).plus(st.times(2));
        Length forDoor = popTop.max(Length.mm(600)).plus(DOOR_ROOM).minus(fall);
        Length back = forBirds.max(forDoor).ceilTo(c.step());
        return d.with(RaisedDimensions.Name.BACK, back)
                .with(RaisedDimensions.Name.FRONT, back.plus(fall));
    }

    private static Length roostTop(Choices c, Needs needs, Length ledger) {
        Length bar = c.section(Choices.Group.ROOSTS).thickness();
        if (!needs.roost().isPositive()) {
            return Length.ZERO;
        }
        return RaisedLayout.roostLedgerBottom(needs).plus(ledger).plus(bar);
    }
}
