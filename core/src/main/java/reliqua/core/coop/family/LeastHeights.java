package reliqua.core.coop.family;

import reliqua.core.flock.Needs;
import reliqua.core.measure.Length;

/** The lowest walls under which birds can stand, a pop door fits, and the keeper, who goes in. */
final class LeastHeights {
    private static final Length DOOR_ROOM = Length.mm(110);

    private static final Length LEAST_STRIP = Length.mm(40);

    private final DesignSpec spec;
    private final Choices choices;
    private final Needs needs;

    LeastHeights(DesignSpec spec, Needs needs) {
        this.spec = spec;
        this.choices = spec.choices();
        this.needs = needs;
    }

    private Length fall() {
        Length sd = choices.section(Choices.Group.WALLS).width();
        return spec.depth().minus(sd).scaled(SingleSlope.PLAIN_LAPS).ceilTo(choices.step());
    }

    /** A strip of vents over front and back that would do without the gaps between the rafters. */
    private Length ventStrip() {
        Length clear =
                spec.width().minus(choices.section(Choices.Group.WALLS).thickness().times(6));
        return needs.vents().over(clear.times(2)).max(LEAST_STRIP);
    }

    /**
     * A front so high that what of the heap closes the keeper's opening fits, plates and vent too.
     */
    private Length frontFor(ShedKind kind) {
        Length st = choices.section(Choices.Group.WALLS).thickness();
        return kind.leaf(choices)
                .map(l -> l.height().plus(st.times(4)).plus(ventStrip()).ceilTo(choices.step()))
                .orElse(Length.ZERO);
    }

    /** The design with the lowest walls for birds alone. */
    DesignSpec forBirds() {
        return withBack(birds().max(frontFor(ShedKind.RAISED).minus(fall())));
    }

    /**
     * The design with the lowest walls for birds, and for somebody of this height in the middle of
     * the floor.
     */
    DesignSpec standing(Length height) {
        Length middle = spec.depth().half();
        Length front = height.plus(middle.scaled(SingleSlope.PLAIN_LAPS));
        Length keeper = front.minus(fall()).ceilTo(choices.step());
        return withBack(birds().max(keeper).max(frontFor(ShedKind.WALK_IN).minus(fall())));
    }

    /** The lowest wall under eaves on both sides that takes the birds' door and a found one. */
    Length underEaves() {
        Length st = choices.section(Choices.Group.WALLS).thickness();
        Length popSill = needs.litterSill().max(st.times(2));
        Length pop = popSill.plus(needs.popDoorHeight()).plus(st.times(2)).plus(DOOR_ROOM);
        return pop.max(frontFor(ShedKind.WALK_IN));
    }

    private DesignSpec withBack(Length back) {
        return spec.with(ShedDimensions.BACK, back).with(ShedDimensions.FRONT, back.plus(fall()));
    }

    /** The lowest back wall under which birds can stand on their bars. */
    Length overRoosts() {
        Length sd = choices.section(Choices.Group.WALLS).width();
        return roostTop(sd)
                .plus(needs.headroom())
                .minus(needs.roostSpacing().scaled(SingleSlope.PLAIN_LAPS));
    }

    private Length birds() {
        Length st = choices.section(Choices.Group.WALLS).thickness();
        Length forBirds = overRoosts();
        Length popSill = needs.litterSill().max(st.times(2));
        Length popTop = popSill.plus(needs.popDoorHeight()).plus(st.times(2));
        Length forDoor = popTop.max(Length.mm(600)).plus(DOOR_ROOM).minus(fall());
        return forBirds.max(forDoor).ceilTo(choices.step());
    }

    private Length roostTop(Length ledger) {
        Length bar = choices.section(Choices.Group.ROOSTS).thickness();
        if (!needs.roost().isPositive()) {
            return Length.ZERO;
        }
        return ShedLayout.roostLedgerBottom(needs).plus(ledger).plus(bar);
    }
}
