package reliqua.core.coop.family;

import java.util.List;
import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
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
        new BracedLeaf(book, at.trim(), at.c.step())
                .build(Role.DOOR_FRAME, x0, x1, z0, z1, t.negated().minus(tt));
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
