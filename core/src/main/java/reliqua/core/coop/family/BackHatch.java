package reliqua.core.coop.family;

import java.util.List;
import reliqua.core.coop.Opening;
import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.measure.Length;
import reliqua.core.measure.Sum;

/**
 * A back that opens from side to side: below, a strip of skin that stiffens the wall and holds the
 * litter in; above it, leaves hinged at their top edge to a strip along the plate. The studs stay,
 * and are what the leaves shut against; one rakes and reaches between them.
 */
final class BackHatch {
    /** Lower skins would leave the wall to lean. */
    private static final Length STIFF = Length.mm(150);

    /** A smaller one lets no rake in. */
    private static final Length LEAST = Length.mm(250);

    /** Narrower strips split along their screws. */
    private static final Length STRIP = Length.mm(15);

    private final ShedLayout at;
    private final PartsBook book;
    private final Length st;
    private final Length t;
    private final Length y;

    /** Lower edge of the openings, on their sills. */
    private final Length from;

    /** Upper edge, under the plate, the sill of the vents, or headers below those. */
    private final Length to;

    private final boolean headed;

    BackHatch(ShedLayout at, PartsBook book, Length skinTop, Length top) {
        this.at = at;
        this.book = book;
        this.st = at.wall().thickness();
        this.t = at.skin();
        this.y = at.d.depth();
        this.from = at.deckTop().plus(at.needs.litterSill().max(STIFF)).ceilTo(at.c.step());
        Length plate = skinTop.minus(st);
        // Where rafters sit low, a leaf that laps onto the plate would leave no strip over it.
        this.headed = top.minus(plate.plus(ShedLayout.DOOR_STOP)).compareTo(STRIP) < 0;
        this.to = headed ? plate.minus(st) : plate;
    }

    /** Between the studs, what a leaf shuts against. */
    void frame(List<Length> studs) {
        between(Role.SILL, studs, from.minus(st));
        if (headed) {
            between(Role.HEADER, studs, to);
        }
    }

    private void between(Role role, List<Length> studs, Length z) {
        Length sd = at.wall().width();
        for (int n = 0; n + 1 < studs.size(); n++) {
            Length x0 = studs.get(n).plus(st);
            Length x1 = studs.get(n + 1);
            if (x1.compareTo(x0) > 0) {
                Solid solid = Solid.box(x0, x1, y.minus(sd), y, z, z.plus(st));
                book.stick(role, at.wall(), x1.minus(x0), solid);
            }
        }
    }

    /** In place of the skins: a strip below, a leaf, and a strip above, from seam to seam. */
    void skins(List<Length> seams, Length top) throws Unbuildable {
        Length low = from.minus(ShedLayout.DOOR_STOP);
        Length high = to.plus(ShedLayout.DOOR_STOP);
        Unbuildable.unless(
                high.minus(low).atLeast(LEAST) && top.minus(high).atLeast(STRIP),
                Sum.of("family.hatchLow", at.d.back()));
        Length half = ShedLayout.DOOR_GAP.half();
        for (int n = 0; n + 1 < seams.size(); n++) {
            Length x0 = seams.get(n);
            Length x1 = seams.get(n + 1);
            panel(Role.SKIN, x0, x1, at.d.clear(), low.minus(half));
            panel(Role.HATCH_LEAF, x0.plus(half), x1.minus(half), low.plus(half), high.minus(half));
            panel(Role.SKIN, x0, x1, high.plus(half), top);
            rails(x0.plus(half), x1.minus(half), low.plus(half), high.minus(half));
            book.opening(
                    Opening.inFront(
                            Opening.Kind.CLEAN_OUT_DOOR, x0, x1, y, from, to, at.deckTop()));
        }
    }

    private void panel(Role role, Length x0, Length x1, Length z0, Length z1) {
        Solid solid = Solid.box(x0, x1, y, y.plus(t), z0, z1);
        book.panel(role, t, x1.minus(x0), z1.minus(z0), solid);
    }

    /** They keep a thin leaf from bowing, and hinges find wood in the upper one. */
    private void rails(Length x0, Length x1, Length z0, Length z1) {
        Length tw = at.trim().width();
        Length outer = y.plus(t);
        for (Length z : List.of(z0, z1.minus(tw))) {
            book.stick(
                    Role.HATCH_RAIL,
                    at.trim(),
                    x1.minus(x0),
                    Solid.box(x0, x1, outer, outer.plus(at.trim().thickness()), z, z.plus(tw)));
        }
    }
}
