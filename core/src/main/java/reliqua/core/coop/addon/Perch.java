package reliqua.core.coop.addon;

import java.util.List;
import reliqua.core.coop.Bounds;
import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.coop.Zone;
import reliqua.core.coop.family.Choices;
import reliqua.core.coop.family.Unbuildable;
import reliqua.core.measure.Length;
import reliqua.core.measure.Sum;
import reliqua.core.stock.Section;

/** A bar on two stakes in the run: birds low in the order get out of the way of the others. */
final class Perch implements Addition {
    private static final Length HIGH = Length.mm(450);
    private static final Length IN_THE_GROUND = Length.mm(300);
    private static final Length LONG = Length.mm(1200);
    private static final Length OVER = Length.mm(100);

    @Override
    public void build(Standing at) throws Unbuildable {
        Zone run = at.run();
        Section bar = at.section(Choices.Group.ROOSTS);
        Length wide = bar.width();
        Length high = HIGH.plus(bar.thickness());
        Bounds place =
                at.place(run, LONG, wide, high)
                        .orElseThrow(() -> new Unbuildable(Sum.of("addon.noRoom", LONG, wide)));
        Length t = bar.thickness();
        Length foot = place.z0().minus(IN_THE_GROUND);
        Length under = place.z0().plus(HIGH);
        for (Length x : List.of(place.x0().plus(OVER), place.x1().minus(OVER).minus(t))) {
            Solid stake = Solid.box(x, x.plus(t), place.y0(), place.y1(), foot, under);
            at.box(Role.PERCH_STAKE, bar, stake);
        }
        Solid over = Solid.box(place.x0(), place.x1(), place.y0(), place.y1(), under, place.z1());
        at.box(Role.PERCH, bar, over);
    }
}
