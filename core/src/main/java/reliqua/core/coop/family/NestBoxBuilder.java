package reliqua.core.coop.family;

import java.util.List;
import reliqua.core.coop.Axis;
import reliqua.core.coop.Corner;
import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.measure.Length;

/**
 * A row of nests hung outside a side wall, with a lid hinged at the top under a drip board. Drawn
 * for the right side; the left is its mirror image. Where eggs roll away, the floor is a slope with
 * nothing but air under it, so that no mouse nests there, and runs on under a curtain into a tray.
 * Where it is a drawer, floor and the lower part of the outer panel are drawn out together over the
 * rails, litter and all.
 */
final class NestBoxBuilder {
    private static final int LID_FALL = 4;
    private static final Length LID_OVER = Length.mm(30);

    /** One in ten: a flatter floor keeps its eggs, from a steeper one they crack. */
    private static final int EGG_FALL = 10;

    /** Two eggs side by side and the fingers round them. */
    private static final Length TRAY = Length.mm(110);

    /** The largest egg rolls under the curtain, a beak does not reach over the tray. */
    private static final Length EGG_SLOT = Length.mm(60);

    /** So that a drawer does not bind on swollen wood. */
    private static final Length SLIDES = Length.mm(3);

    private final ShedLayout at;
    private final PartsBook book;
    private final boolean right;
    private final ShedLayout.Between row;
    private final int nests;
    private final Length t;
    private final Length nest;
    private final boolean rolls;
    private final boolean drawer;

    /** Out to the outer panel: nests, and the tray behind its curtain. */
    private final Length deep;

    NestBoxBuilder(ShedLayout at, PartsBook book, boolean right, int nests) throws Unbuildable {
        this.at = at;
        this.book = book;
        this.right = right;
        this.nests = nests;
        this.row = at.nestOpening(nests);
        this.t = at.skin();
        this.nest = at.needs.nestSide();
        this.rolls = at.rollAway();
        this.drawer = at.nestDrawer();
        this.deep = rolls ? nest.plus(t).plus(TRAY) : nest;
    }

    /** A place so far out from the face of the wall's skin. */
    private Length x(Length out) {
        return right ? at.d.width().plus(t).plus(out) : t.plus(out).negated();
    }

    private Solid box(Length out0, Length out1, Length y0, Length y1, Length z0, Length z1) {
        return Solid.box(x(out0).min(x(out1)), x(out0).max(x(out1)), y0, y1, z0, z1);
    }

    private Solid carried(List<Corner> outAndUp, Length y0, Length y1) {
        List<Corner> profile = outAndUp.stream().map(c -> new Corner(x(c.u()), c.v())).toList();
        return new Solid(Axis.Y, profile, List.of(), y0, y1);
    }

    /** Underside of the lid so far out. */
    private Length lid(Length out) {
        return at.lidAtWall().minus(out.dividedBy(LID_FALL));
    }

    /** Underside of the floor so far out. */
    private Length under(Length out) {
        Length flat = at.nestFloor().minus(t);
        return rolls ? flat.minus(out.dividedBy(EGG_FALL)).minus(Length.mm(1)) : flat;
    }

    /** Lower edge of the outer panel and of the ends; rails of a slope hang between the ends. */
    private Length bottom() {
        return rolls ? under(deep).minus(at.trim().width()) : under(deep);
    }

    void build() {
        if (rolls) {
            slope();
            curtain();
        } else if (drawer) {
            drawer();
        } else {
            floor();
        }
        uprights();
        outer();
        rails();
        lid();
    }

    private void floor() {
        Length top = at.nestFloor();
        Solid flat = box(Length.ZERO, deep, row.from(), row.to(), top.minus(t), top);
        book.panel(Role.NEST_PANEL, t, row.width(), deep, flat);
    }

    /** Of a floor, a strip along its three inner edges, and the front it is drawn by. */
    private void drawer() {
        Length top = at.nestFloor();
        Length from = row.from().plus(SLIDES);
        Length to = row.to().minus(SLIDES);
        Length wide = to.minus(from);
        book.panel(
                Role.DRAWER_FLOOR, t, wide, deep, box(SLIDES, deep, from, to, top.minus(t), top));
        Length tt = at.trim().thickness();
        Length high = top.plus(at.trim().width());
        for (Length y : List.of(from, to.minus(tt))) {
            Length along = deep.minus(tt).minus(SLIDES);
            Solid side = box(tt.plus(SLIDES), deep, y, y.plus(tt), top, high);
            book.stick(Role.DRAWER_SIDE, at.trim(), along, side);
        }
        Solid back = box(SLIDES, SLIDES.plus(tt), from, to, top, high);
        book.stick(Role.DRAWER_SIDE, at.trim(), wide, back);
        Length low = bottom();
        Solid front =
                box(deep, deep.plus(t), row.from().minus(t), row.to().plus(t), low, drawerTop());
        Length across = row.width().plus(t.times(2));
        book.panel(Role.DRAWER_FRONT, t, across, drawerTop().minus(low), front);
    }

    /** As high as the lip the hens step over. */
    private Length drawerTop() {
        return at.nestLip();
    }

    /** Cut square, so that its upper edge stands a little off the wall. */
    private void slope() {
        double steep = Math.hypot(1, 1.0 / EGG_FALL);
        Length aside = t.scaled(1 / steep / EGG_FALL);
        Length upright = t.scaled(1 / steep);
        Length end = deep.minus(aside);
        Length low = under(Length.ZERO);
        Length lowEnd = under(end);
        List<Corner> profile =
                List.of(
                        new Corner(Length.ZERO, low),
                        new Corner(end, lowEnd),
                        new Corner(deep, lowEnd.plus(upright)),
                        new Corner(aside, low.plus(upright)));
        book.panel(
                Role.NEST_SLOPE,
                t,
                row.width(),
                end.scaled(steep).ceilTo(at.c.step()),
                carried(profile, row.from(), row.to()));
    }

    /** Between nests and tray. */
    private void curtain() {
        Length outer = nest.plus(t);
        Length foot = at.nestFloor().minus(nest.dividedBy(EGG_FALL)).plus(EGG_SLOT);
        Length high = lid(outer).minus(foot).floorTo(at.c.step());
        Solid board = box(nest, outer, row.from(), row.to(), foot, foot.plus(high));
        book.panel(Role.EGG_CURTAIN, t, row.width(), high, board);
    }

    private void outer() {
        Length top = lid(deep.plus(t));
        Length low = drawer ? drawerTop().plus(SLIDES) : bottom();
        Solid board = box(deep, deep.plus(t), row.from().minus(t), row.to().plus(t), low, top);
        book.panel(Role.NEST_PANEL, t, row.width().plus(t.times(2)), top.minus(low), board);
    }

    private void uprights() {
        upright(row.from().minus(t), bottom(), deep);
        upright(row.to(), bottom(), deep);
        Length pitch = row.width().plus(t).dividedBy(nests);
        for (int i = 1; i < nests; i++) {
            Length y = row.from().plus(pitch.times(i)).minus(t);
            // Over a slope it stands level, and no egg fits under it; over a drawer it is clear.
            upright(y, drawer ? drawerTop() : at.nestFloor(), nest);
        }
    }

    private void upright(Length y, Length bottom, Length out) {
        List<Corner> profile =
                List.of(
                        new Corner(Length.ZERO, bottom),
                        new Corner(out, bottom),
                        new Corner(out, lid(out)),
                        new Corner(Length.ZERO, lid(Length.ZERO)));
        book.sloped(
                Role.NEST_PANEL,
                t,
                out,
                lid(Length.ZERO).minus(bottom),
                lid(out).minus(bottom),
                carried(profile, y, y.plus(t)));
    }

    private void rails() {
        Length tt = at.trim().thickness();
        Length tw = at.trim().width();
        for (Length out : List.of(Length.ZERO, deep.minus(tt))) {
            Length top = under(out.plus(tt));
            book.stick(
                    Role.NEST_RAIL,
                    at.trim(),
                    row.width(),
                    box(out, out.plus(tt), row.from(), row.to(), top.minus(tw), top));
        }
        Length foot = under(Length.ZERO);
        Length height = at.nestOpeningTop().minus(foot);
        for (Length y : List.of(row.from().minus(t).minus(tw), row.to().plus(t))) {
            book.stick(
                    Role.NEST_RAIL,
                    at.trim(),
                    height,
                    box(Length.ZERO, tt, y, y.plus(tw), foot, at.nestOpeningTop()));
        }
    }

    private void lid() {
        Length y0 = row.from().minus(t).minus(LID_OVER);
        Length y1 = row.to().plus(t).plus(LID_OVER);
        Length out = deep.plus(t).plus(LID_OVER);
        double steep = Math.hypot(1, 1.0 / LID_FALL);
        Length along = out.scaled(steep).ceilTo(at.c.step());
        // Cut square all round, so that its upper edge stands a little off the wall.
        Length aside = t.scaled(1 / steep / LID_FALL);
        Length above = t.scaled(1 / steep);
        List<Corner> profile =
                List.of(
                        new Corner(Length.ZERO, lid(Length.ZERO)),
                        new Corner(out, lid(out)),
                        new Corner(out.plus(aside), lid(out).plus(above)),
                        new Corner(aside, lid(Length.ZERO).plus(above)));
        book.panel(Role.NEST_LID, t, y1.minus(y0), along, carried(profile, y0, y1));
        Length top = lid(Length.ZERO).plus(above);
        Length tt = at.trim().thickness();
        Length tw = at.trim().width();
        // The drip board stands on the hinge line and throws the water clear of the joint.
        book.stick(
                Role.NEST_RAIL,
                at.trim(),
                y1.minus(y0),
                box(Length.ZERO, tt, y0, y1, top, top.plus(tw)));
        book.stick(
                Role.DRIP_BOARD,
                at.trim(),
                y1.minus(y0),
                box(Length.ZERO, tw, y0, y1, top.plus(tw), top.plus(tw).plus(tt)));
    }
}
