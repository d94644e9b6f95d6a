package reliqua.core.coop.family;

import java.util.List;
import reliqua.core.coop.Axis;
import reliqua.core.coop.Corner;
import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.measure.Angle;
import reliqua.core.measure.Length;

/**
 * The sliding pop door with its guides, the framed and braced clean-out door, and the board that
 * holds the litter in.
 */
final class DoorBuilder {
    private static final Length RETAINER_OVER = Length.mm(15);

    private final ShedLayout at;
    private final PartsBook book;
    private final Length t;
    private final Length tt;
    private final Length tw;

    DoorBuilder(ShedLayout at, PartsBook book) {
        this.at = at;
        this.book = book;
        this.t = at.skin();
        this.tt = at.trim().thickness();
        this.tw = at.trim().width();
    }

    void build(String doorPanel) {
        popDoor();
        door(doorPanel);
        litterBoard();
    }

    private void popDoor() {
        Length over = at.slide();
        Length x0 = at.pop().from().minus(over);
        Length x1 = at.pop().to().plus(over);
        Length z0 = at.popSill().minus(over);
        Length z1 = at.popTop().plus(over);
        book.panel(
                Role.POP_DOOR,
                t,
                x1.minus(x0),
                z1.minus(z0),
                Solid.box(x0, x1, t.times(-2), t.negated(), z0, z1));
        Length top = z1.plus(at.needs.popDoorHeight().half()).min(at.frontTop());
        Length outer = t.negated().minus(tt);
        for (boolean left : List.of(true, false)) {
            Length edge = left ? x0.minus(tw) : x1;
            guide(edge, outer, z0, top);
            Length over2 = left ? edge.plus(RETAINER_OVER) : edge.minus(RETAINER_OVER);
            guide(over2, outer.minus(tt), z0, top);
        }
    }

    private void guide(Length x, Length y, Length z0, Length z1) {
        book.stick(
                Role.POP_GUIDE,
                at.trim(),
                z1.minus(z0),
                Solid.box(x, x.plus(tw), y, y.plus(tt), z0, z1));
    }

    private void door(String doorPanel) {
        Length inset = ShedLayout.DOOR_STOP.minus(ShedLayout.DOOR_GAP);
        Length x0 = at.door().from().minus(inset);
        Length x1 = at.door().to().plus(inset);
        Length z0 = at.doorBottom().minus(inset);
        Length z1 = at.doorTop().plus(inset);
        book.cutOut(
                Role.DOOR_LEAF,
                t,
                x1.minus(x0),
                z1.minus(z0),
                doorPanel,
                Solid.box(x0, x1, t.negated(), Length.ZERO, z0, z1));
        Length y = t.negated().minus(tt);
        for (Length x : List.of(x0, x1.minus(tw))) {
            frame(z1.minus(z0), Solid.box(x, x.plus(tw), y, t.negated(), z0, z1));
        }
        for (Length z : List.of(z0, z1.minus(tw))) {
            frame(
                    x1.minus(x0).minus(tw.times(2)),
                    Solid.box(x0.plus(tw), x1.minus(tw), y, t.negated(), z, z.plus(tw)));
        }
        brace(x0.plus(tw), x1.minus(tw), z0.plus(tw), z1.minus(tw), y);
    }

    private void frame(Length length, Solid solid) {
        book.stick(Role.DOOR_FRAME, at.trim(), length, solid);
    }

    /**
     * From the lower hinge corner (right) to the upper latch corner (left), so that it is pressed
     * and holds the leaf square. Its ends are cut to the corner: along the stile and along the
     * rail.
     */
    private void brace(Length x0, Length x1, Length z0, Length z1, Length y) {
        Length across = x1.minus(x0);
        Length up = z1.minus(z0);
        double diagonal = Math.hypot(across.nm(), up.nm());
        Length alongRail =
                new Length(Math.round(tw.half().nm() * diagonal / up.nm())).min(across.half());
        Length alongStile =
                new Length(Math.round(tw.half().nm() * diagonal / across.nm())).min(up.half());
        List<Corner> profile =
                List.of(
                        new Corner(x1, z0),
                        new Corner(x1, z0.plus(alongStile)),
                        new Corner(x0.plus(alongRail), z1),
                        new Corner(x0, z1),
                        new Corner(x0, z1.minus(alongStile)),
                        new Corner(x1.minus(alongRail), z0));
        Angle angle = Angle.ofSlope(up, across);
        book.stick(
                Role.DOOR_FRAME,
                at.trim(),
                new Length(Math.round(diagonal)).ceilTo(at.c.step()),
                angle,
                angle,
                new Solid(Axis.Y, profile, List.of(), y, t.negated()));
    }

    private void litterBoard() {
        Length st = at.wall().thickness();
        Length sd = at.wall().width();
        Length x0 = at.door().from().minus(st);
        Length x1 = at.door().to().plus(st).min(at.d.width().minus(sd));
        Length z1 = at.deckTop().plus(at.needs.litterSill());
        book.panel(
                Role.LITTER_BOARD,
                t,
                x1.minus(x0),
                at.needs.litterSill(),
                Solid.box(x0, x1, sd, sd.plus(t), at.deckTop(), z1));
    }
}
