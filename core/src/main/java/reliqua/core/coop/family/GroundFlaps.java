package reliqua.core.coop.family;

import reliqua.core.coop.Bounds;
import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.coop.Zone;
import reliqua.core.measure.Length;
import reliqua.core.measure.UnitSystem;
import reliqua.core.stock.Mesh;

/**
 * Light frames of netting that hang from the beams of a wheeled house to the ground all round, for
 * the day: birds scratch on the ground under their house, and walk along inside while it rolls. The
 * sides hang in two parts each, before and behind the timber of the wheels.
 */
final class GroundFlaps {
    /** They swing over short grass. */
    private static final Length OFF_GROUND = Length.mm(30);

    private static final Length GAP = Length.mm(4);
    private static final Length THIN = Length.mm(1);
    private static final Length LAP = Length.mm(50);

    private final ShedLayout at;
    private final PartsBook book;
    private final Length thick;
    private final Length wide;
    private final Length top;

    /** {@code under} is the underside of the beams. */
    GroundFlaps(ShedLayout at, PartsBook book, Length under) {
        this.at = at;
        this.book = book;
        this.thick = at.trim().thickness();
        this.wide = at.trim().width();
        this.top = under.plus(wide);
    }

    /** Of a flap with its netting. */
    static Length thickness(ShedLayout at) {
        return at.trim().thickness().plus(THIN);
    }

    /** The ground they enclose for the day. */
    static Zone zone(ShedLayout at, Length under) {
        Bounds ground =
                new Bounds(
                        Length.ZERO, at.d.width(), Length.ZERO, at.d.depth(), Length.ZERO, under);
        return new Zone(Zone.Kind.YARD, ground, false);
    }

    /**
     * All round.
     *
     * @param axle front face of what carries the wheels
     * @param behind back face of what carries the wheels
     * @param handle thickness of the beams that reach out behind
     */
    void build(Length axle, Length behind, Length handle) {
        Length width = at.d.width();
        Length depth = at.d.depth();
        across(Length.ZERO, width, thick.negated(), thick.negated().minus(THIN));
        across(handle.plus(GAP), width.minus(handle).minus(GAP), depth, depth.plus(thick));
        for (boolean right : new boolean[] {false, true}) {
            Length x = right ? width : thick.negated();
            Length outer = right ? width.plus(thick) : thick.negated().minus(THIN);
            along(x, outer, Length.ZERO, axle.minus(GAP));
            along(x, outer, behind.plus(GAP), depth);
        }
    }

    private void across(Length x0, Length x1, Length y, Length netAt) {
        for (Length z : new Length[] {OFF_GROUND, top.minus(wide)}) {
            stick(Solid.box(x0, x1, y, y.plus(thick), z, z.plus(wide)), x1.minus(x0));
        }
        for (Length x : new Length[] {x0, x1.minus(wide)}) {
            upright(Solid.box(x, x.plus(wide), y, y.plus(thick), low(), top.minus(wide)));
        }
        net(x1.minus(x0), Solid.box(x0, x1, netAt, netAt.plus(THIN), OFF_GROUND, top));
    }

    private void along(Length x, Length netAt, Length y0, Length y1) {
        for (Length z : new Length[] {OFF_GROUND, top.minus(wide)}) {
            stick(Solid.box(x, x.plus(thick), y0, y1, z, z.plus(wide)), y1.minus(y0));
        }
        for (Length y : new Length[] {y0, y1.minus(wide)}) {
            upright(Solid.box(x, x.plus(thick), y, y.plus(wide), low(), top.minus(wide)));
        }
        net(y1.minus(y0), Solid.box(netAt, netAt.plus(THIN), y0, y1, OFF_GROUND, top));
    }

    private Length low() {
        return OFF_GROUND.plus(wide);
    }

    private void stick(Solid solid, Length length) {
        book.stick(Role.GROUND_FLAP, at.trim(), length, solid);
    }

    private void upright(Solid solid) {
        stick(solid, solid.bounds().height());
    }

    private void net(Length along, Solid solid) {
        Length step = at.c.step();
        book.mesh(
                Role.GROUND_FLAP_NET,
                UnitSystem.ofStep(step).natural(Mesh.NETTING),
                top.minus(OFF_GROUND).plus(LAP).ceilTo(step),
                along.plus(LAP).ceilTo(step),
                solid);
    }
}
