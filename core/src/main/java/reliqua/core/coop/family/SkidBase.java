package reliqua.core.coop.family;

import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.coop.Terrain;
import reliqua.core.measure.Length;
import reliqua.core.stock.Section;

/**
 * Skids on edge under a floor, along the front. On sloping ground they stay level: posts of the
 * same sticks stand beside them where the ground falls away, bolted on as legs are.
 */
final class SkidBase {
    private static final Length SKIDS_APART = Length.mm(1200);

    /** On edge a skid carries its share of a floor over so much. */
    private static final Length POSTS_APART = Length.mm(1200);

    /** Less is packed with flat stones. */
    private static final Length PACKED = Length.mm(40);

    private final Section skid;
    private final Length width;
    private final Length depth;
    private final Length top;
    private final Terrain terrain;
    private final Length step;

    SkidBase(Section skid, Length width, Length depth, Length top, Terrain terrain, Length step) {
        this.skid = skid;
        this.width = width;
        this.depth = depth;
        this.top = top;
        this.terrain = terrain;
        this.step = step;
    }

    /** Across what lies on them, so that each carries all of it. */
    void build(PartsBook book) {
        Length across = skid.thickness();
        Length zero = Length.ZERO;
        for (Length y : Spacing.even(zero, depth, across, SKIDS_APART)) {
            Solid solid = Solid.box(zero, width, y, y.plus(across), zero, top);
            book.stick(Role.SKID, skid, width, solid);
            Length beside = y.isPositive() ? y.minus(across) : across;
            for (Length x : Spacing.even(zero, width, skid.width(), POSTS_APART)) {
                post(book, x, beside);
            }
        }
    }

    /** On the side towards the middle of the floor, where nothing closes the space below. */
    private void post(PartsBook book, Length x, Length y) {
        Length x1 = x.plus(skid.width());
        Length y1 = y.plus(skid.thickness());
        Length below = terrain.below(x.plus(x1).half(), y.plus(y1).half()).ceilTo(step);
        if (below.atLeast(PACKED)) {
            Solid solid = Solid.box(x, x1, y, y1, below.negated(), top);
            book.stick(Role.LEG, skid, top.plus(below), solid);
        }
    }
}
