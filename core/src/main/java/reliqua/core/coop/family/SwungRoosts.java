package reliqua.core.coop.family;

import java.util.List;
import java.util.function.UnaryOperator;
import reliqua.core.coop.Corner;
import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.measure.Length;
import reliqua.core.measure.Sum;

/**
 * Roosts on a frame that is hinged to a rail along the back wall and stands on legs: swung up and
 * hooked to a rafter, it leaves the floor below free to the shovel. Each leg turns on one screw, so
 * that it hangs plumb whatever the slant of the frame.
 *
 * @param roosts the bars, in a room with {@link #AIR} on both sides
 * @param ceiling underside of what is above the frame, by the depth
 */
record SwungRoosts(RoostBuilder roosts, UnaryOperator<Length> ceiling) {
    /** Between the frame and the walls beside it, so that it never binds on swollen wood. */
    static final Length AIR = Length.mm(12);

    /** At a flatter slant the frame is in the way of whoever stoops below it. */
    private static final int LEAST_SLANT = 45;

    private static final int STEEPEST = 80;
    private static final int STEP = 5;

    /** A leg ends so far below the bars, which it must not rub on. */
    private static final Length BELOW_BAR = Length.mm(10);

    /**
     * Adds rail, arms, legs and bars.
     *
     * @throws Unbuildable when the bars find no room, or the frame none to swing
     */
    void build(PartsBook book) throws Unbuildable {
        roosts.check();
        Unbuildable.unless(
                slant() >= LEAST_SLANT, Sum.of("family.swungLow", reach(), roosts.ledgerTop()));
        Room room = roosts.room();
        Length z1 = roosts.ledgerTop();
        Length z0 = z1.minus(roosts.ledger().width());
        book.stick(
                Role.ROOST_RAIL,
                roosts.ledger(),
                room.width(),
                Solid.box(room.x0(), room.x1(), hinge(), room.y1(), z0, z1));
        Length thick = roosts.ledger().thickness();
        List<Length> arms = Spacing.even(room.x0(), room.x1(), thick, RoostBuilder.FARTHEST);
        for (Length x : arms) {
            book.stick(
                    Role.ROOST_ARM,
                    roosts.ledger(),
                    reach(),
                    Solid.box(x, x.plus(thick), roosts.front(), hinge(), z0, z1));
            // Beside the arm, to the right of it but for the last.
            Length beside = x.equals(arms.getLast()) ? x.minus(thick) : x.plus(thick);
            leg(book, beside);
        }
        for (int n = 0; n < roosts.bars(); n++) {
            roosts.bar(book, n);
        }
    }

    private void leg(PartsBook book, Length x) {
        Length top = roosts.ledgerTop().minus(BELOW_BAR);
        Length floor = roosts.room().floor();
        Length x1 = x.plus(roosts.ledger().thickness());
        Length y1 = roosts.front().plus(roosts.ledger().width());
        book.stick(
                Role.ROOST_LEG,
                roosts.ledger(),
                top.minus(floor),
                Solid.box(x, x1, roosts.front(), y1, floor, top));
    }

    /** Face of the rail that the arms are hinged to. */
    private Length hinge() {
        return roosts.room().y1().minus(roosts.ledger().thickness());
    }

    private Length reach() {
        return hinge().minus(roosts.front());
    }

    /** How steep it can be set before its foremost bar meets what is above. */
    private int slant() {
        int slant = 0;
        while (slant < STEEPEST && isClear(slant + STEP)) {
            slant += STEP;
        }
        return slant;
    }

    /** Turned about the upper edge of the rail. */
    private boolean isClear(int degrees) {
        double turn = Math.toRadians(degrees);
        Corner hinge = new Corner(hinge(), roosts.ledgerTop());
        Corner end = hinge.along(reach(), Math.PI - turn);
        Corner top = end.along(roosts.bar().thickness(), Math.PI / 2 - turn);
        return end.v().atMost(ceiling.apply(end.u())) && top.v().atMost(ceiling.apply(top.u()));
    }
}
