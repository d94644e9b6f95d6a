package reliqua.core.coop.addon;

import java.util.ArrayList;
import java.util.List;
import reliqua.core.coop.Axis;
import reliqua.core.coop.Bounds;
import reliqua.core.coop.Corner;
import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.coop.family.Choices;
import reliqua.core.coop.family.Unbuildable;
import reliqua.core.measure.Length;
import reliqua.core.measure.Sum;
import reliqua.core.stock.Section;

/**
 * A box for dry feed with ports in its front that a bird puts its head through: it eats, but
 * neither scratches the feed out nor fouls it. One port for three birds; it stands loose on the
 * floor of the house, its lid lifted off to fill it.
 */
final class FeedBox implements Addition {
    private static final int BIRDS_A_PORT = 3;

    /** Shoulder to shoulder. */
    private static final Length PORTS_APART = Length.mm(180);

    private static final Length PORT = Length.mm(75);

    /** Lower edge of a port: at the backs of the birds, above the feed. */
    private static final Length PORT_HIGH = Length.mm(170);

    private static final Length DEEP = Length.mm(220);
    private static final Length HIGH = Length.mm(450);

    /** The lid is lifted off between the arms. */
    private static final Length ARMS = Length.mm(700);

    @Override
    public void build(Standing at) throws Unbuildable {
        Length t = at.choices().skin();
        int ports = Math.max(2, Math.ceilDiv(at.needs().birds(), BIRDS_A_PORT));
        Length wide = PORTS_APART.times(ports).plus(t.times(2));
        Bounds place =
                at.cleanPlace(at.house(), wide, DEEP, ARMS)
                        .orElseThrow(() -> new Unbuildable(Sum.of("addon.noRoom", wide, DEEP)));
        box(at, place, wide, ports);
        battens(at, place);
    }

    private static void box(Standing at, Bounds b, Length wide, int ports) {
        Length t = at.choices().skin();
        Length z0 = b.z0();
        Length z1 = z0.plus(HIGH);
        List<List<Corner>> holes = new ArrayList<>();
        for (int n = 0; n < ports; n++) {
            Length middle = b.x0().plus(t).plus(PORTS_APART.times(n)).plus(PORTS_APART.half());
            Length low = z0.plus(PORT_HIGH);
            Length x = middle.minus(PORT.half());
            holes.add(Solid.rectangle(x, x.plus(PORT), low, low.plus(PORT)));
        }
        Solid front =
                new Solid(
                        Axis.Y,
                        Solid.rectangle(b.x0(), b.x1(), z0, z1),
                        holes,
                        b.y0(),
                        b.y0().plus(t));
        panel(at, Role.FEED_BOX, wide, HIGH, front);
        Solid back = Solid.box(b.x0(), b.x1(), b.y1().minus(t), b.y1(), z0, z1);
        panel(at, Role.FEED_BOX, wide, HIGH, back);
        Length in = DEEP.minus(t.times(2));
        Length y0 = b.y0().plus(t);
        Length y1 = b.y1().minus(t);
        for (Length x : List.of(b.x0(), b.x1().minus(t))) {
            panel(at, Role.FEED_BOX, in, HIGH, Solid.box(x, x.plus(t), y0, y1, z0, z1));
        }
        Length x0 = b.x0().plus(t);
        Length x1 = b.x1().minus(t);
        Solid floor = Solid.box(x0, x1, y0, y1, z0, z0.plus(t));
        panel(at, Role.FEED_BOX, x1.minus(x0), in, floor);
        Solid lid = Solid.box(b.x0(), b.x1(), b.y0(), b.y1(), z1, z1.plus(t));
        panel(at, Role.FEED_LID, wide, DEEP, lid);
    }

    private static void panel(Standing at, Role role, Length width, Length height, Solid solid) {
        at.book().panel(role, at.choices().skin(), width, height, solid);
    }

    /** Upright in the corners and along the floor: what the panels are screwed to. */
    private static void battens(Standing at, Bounds b) {
        Section batten = at.section(Choices.Group.TRIM);
        Length t = at.choices().skin();
        Length w = batten.width();
        Length thick = batten.thickness();
        Length z0 = b.z0().plus(t);
        Length z1 = b.z0().plus(HIGH);
        for (Length x : List.of(b.x0().plus(t), b.x1().minus(t).minus(w))) {
            for (Length y : List.of(b.y0().plus(t), b.y1().minus(t).minus(thick))) {
                Solid post = Solid.box(x, x.plus(w), y, y.plus(thick), z0, z1);
                at.box(Role.FEED_BATTEN, batten, post);
            }
        }
    }
}
