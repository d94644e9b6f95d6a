package reliqua.core.coop.family;

import java.util.List;
import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.measure.Length;

/** The sliding pop door before its opening, in guides with retainers. */
final class PopDoorBuilder {
    private static final Length RETAINER_OVER = Length.mm(15);

    private final PopHole hole;
    private final PartsBook book;
    private final Length tt;
    private final Length tw;

    PopDoorBuilder(PopHole hole, PartsBook book) {
        this.hole = hole;
        this.book = book;
        this.tt = hole.trim().thickness();
        this.tw = hole.trim().width();
    }

    void build() {
        Length t = hole.door();
        Length face = hole.skin().negated();
        Length x0 = hole.from().minus(PopHole.SLIDE);
        Length x1 = hole.to().plus(PopHole.SLIDE);
        Length z0 = hole.sill().minus(PopHole.SLIDE);
        Length z1 = hole.top().plus(PopHole.SLIDE);
        book.panel(
                Role.POP_DOOR,
                t,
                x1.minus(x0),
                z1.minus(z0),
                Solid.box(x0, x1, face.minus(t), face, z0, z1));
        Length top = z1.plus(hole.opens()).min(hole.most());
        // door.
        Length outer = face.minus(tt);
        for (boolean left : List.of(true, false)) {
            Length edge = left ? x0.minus(tw) : x1;
            guide(edge, outer, z0, top);
            Length over = left ? edge.plus(RETAINER_OVER) : edge.minus(RETAINER_OVER);
            guide(over, outer.minus(tt), z0, top);
        }
    }

    private void guide(Length x, Length y, Length z0, Length z1) {
        book.stick(
                Role.POP_GUIDE,
                hole.trim(),
                z1.minus(z0),
                Solid.box(x, x.plus(tw), y, y.plus(tt), z0, z1));
    }
}
