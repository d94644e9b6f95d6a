package reliqua.core.coop.family;

import java.util.List;
import reliqua.core.coop.Axis;
import reliqua.core.coop.Corner;
import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.measure.Length;

/**
 * A row of nests hung outside a side wall, with a lid hinged at the top under a drip board. Drawn
 * for the right side; the left is its mirror image.
 */
final class NestBoxBuilder {
    private static final int LID_FALL = 4;
    private static final Length LID_OVER = Length.mm(30);

    private final ShedLayout at;
    private final PartsBook book;
    private final boolean right;
    private final ShedLayout.Between row;
    private final int nests;
    private final Length t;
    private final Length deep;

    NestBoxBuilder(ShedLayout at, PartsBook book, boolean right, int nests) {
        this.at = at;
        this.book = book;
        this.right = right;
        this.nests = nests;
        this.row = at.nestOpening(nests);
        this.t = at.skin();
        this.deep = at.needs.nestSide();
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

    void build() {
        Length floor = at.nestFloor();
        book.panel(
                Role.NEST_PANEL,
                t,
                row.width(),
                deep,
                box(Length.ZERO, deep, row.from(), row.to(), floor.minus(t), floor));
        uprights();
        Length outer = lid(deep.plus(t));
        book.panel(
                Role.NEST_PANEL,
                t,
                row.width().plus(t.times(2)),
                outer.minus(floor).plus(t),
                box(
                        deep,
                        deep.plus(t),
                        row.from().minus(t),
                        row.to().plus(t),
                        floor.minus(t),
                        outer));
        rails();
        lid();
    }

    private void uprights() {
        Length floor = at.nestFloor();
        upright(row.from().minus(t), floor.minus(t));
        upright(row.to(), floor.minus(t));
        Length pitch = row.width().plus(t).dividedBy(nests);
        for (int i = 1; i < nests; i++) {
            upright(row.from().plus(pitch.times(i)).minus(t), floor);
        }
    }

    private void upright(Length y, Length bottom) {
        List<Corner> profile =
                List.of(
                        new Corner(Length.ZERO, bottom),
                        new Corner(deep, bottom),
                        new Corner(deep, lid(deep)),
                        new Corner(Length.ZERO, lid(Length.ZERO)));
        book.sloped(
                Role.NEST_PANEL,
                t,
                deep,
                lid(Length.ZERO).minus(bottom),
                lid(deep).minus(bottom),
                carried(profile, y, y.plus(t)));
    }

    private void rails() {
        Length tt = at.trim().thickness();
        Length tw = at.trim().width();
        Length under = at.nestFloor().minus(t);
        for (Length out : List.of(Length.ZERO, deep.minus(tt))) {
            book.stick(
                    Role.NEST_RAIL,
                    at.trim(),
                    row.width(),
                    box(out, out.plus(tt), row.from(), row.to(), under.minus(tw), under));
        }
        Length height = at.nestOpeningTop().minus(under);
        for (Length y : List.of(row.from().minus(t).minus(tw), row.to().plus(t))) {
            book.stick(
                    Role.NEST_RAIL,
                    at.trim(),
                    height,
                    box(Length.ZERO, tt, y, y.plus(tw), under, at.nestOpeningTop()));
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
