package reliqua.core.coop.family;

import java.util.List;
import reliqua.core.coop.Corner;
import reliqua.core.coop.Opening;
import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.measure.Length;
import reliqua.core.stock.Section;

/**
 * A row of nests within a side wall: the bay between its studs is their back half, a box on a
 * bearer inside the front. Eggs are taken from outside by a hatch that lets down; nothing stands
 * out into the weather.
 */
final class WallNests {
    /** Rain that runs down the wall drips off before the joint of the hatch. */
    private static final Length DRIP_OVER = Length.mm(30);

    private final ShedLayout at;
    private final PartsBook book;
    private final boolean right;
    private final int nests;
    private final ShedLayout.Between row;
    private final Length t;
    private final Length sd;

    /** From the outer face of the frame to the front of the nests. */
    private final Length deep;

    private final Length floor;
    private final Length top;

    WallNests(ShedLayout at, PartsBook book, boolean right, int nests) {
        this.at = at;
        this.book = book;
        this.right = right;
        this.nests = nests;
        this.row = at.nestOpening(nests);
        this.t = at.skin();
        this.sd = at.wall().width();
        this.deep = at.needs.nestSide();
        this.floor = at.nestFloor();
        this.top = at.nestOpeningTop();
    }

    /** Out of the wall's skin, given by its mark. */
    void build(String skin) {
        box();
        bearer();
        hatch(skin);
    }

    /** A place so far in from the outer face of the frame; less than nothing is outside. */
    private Length x(Length in) {
        return right ? at.d.width().minus(in) : in;
    }

    private Solid solid(Length in0, Length in1, Length y0, Length y1, Length z0, Length z1) {
        return Solid.box(x(in0).min(x(in1)), x(in0).max(x(in1)), y0, y1, z0, z1);
    }

    private void box() {
        Length from = row.from().minus(t);
        Length to = row.to().plus(t);
        Length inside = deep.minus(sd);
        panel(row.width(), inside, solid(sd, deep, row.from(), row.to(), floor.minus(t), floor));
        Length high = top.minus(floor).plus(t);
        panel(inside, high, solid(sd, deep, from, row.from(), floor.minus(t), top));
        panel(inside, high, solid(sd, deep, row.to(), to, floor.minus(t), top));
        Length pitch = row.width().plus(t).dividedBy(nests);
        // Clear of the hatch, which swings.
        Length gap = ShedLayout.DOOR_GAP;
        for (int n = 1; n < nests; n++) {
            Length y = row.from().plus(pitch.times(n)).minus(t);
            panel(deep.minus(gap), top.minus(floor), solid(gap, deep, y, y.plus(t), floor, top));
        }
        Length wide = to.minus(from);
        Length lip = at.nestLip();
        panel(
                wide,
                lip.minus(floor).plus(t),
                solid(deep, deep.plus(t), from, to, floor.minus(t), lip));
        panel(wide, inside.plus(t), solid(sd, deep.plus(t), from, to, top, top.plus(t)));
        book.opening(
                Opening.inSide(
                        Opening.Kind.NEST_ENTRANCE,
                        x(deep),
                        row.from(),
                        row.to(),
                        lip,
                        top,
                        at.deckTop()));
    }

    private void panel(Length width, Length height, Solid solid) {
        book.panel(Role.NEST_PANEL, t, width, height, solid);
    }

    /** On posts, under the front of the floor; behind, it lies against the sill. */
    private void bearer() {
        Section trim = at.trim();
        Length from = row.from().minus(t);
        Length to = row.to().plus(t);
        Length high = floor.minus(t);
        Length low = high.minus(trim.width());
        Length in = deep.minus(trim.thickness());
        book.stick(Role.NEST_RAIL, trim, to.minus(from), solid(in, deep, from, to, low, high));
        for (Length y : List.of(from, to.minus(trim.width()))) {
            book.stick(
                    Role.NEST_RAIL,
                    trim,
                    low.minus(at.deckTop()),
                    solid(in, deep, y, y.plus(trim.width()), at.deckTop(), low));
        }
    }

    /** The opening in the skin, which laps onto studs, sill and header and so has its stop. */
    static List<Corner> hole(ShedLayout at, int nests) {
        ShedLayout.Between row = at.nestOpening(nests);
        Length lap = ShedLayout.DOOR_STOP;
        return Solid.rectangle(
                row.from().minus(lap),
                row.to().plus(lap),
                at.nestFloor().minus(lap),
                at.nestOpeningTop().plus(lap));
    }

    private void hatch(String skin) {
        Length inset = ShedLayout.DOOR_STOP.minus(ShedLayout.DOOR_GAP);
        Length y0 = row.from().minus(inset);
        Length y1 = row.to().plus(inset);
        Length z0 = floor.minus(inset);
        Length z1 = top.plus(inset);
        Length out = t.negated();
        Solid leaf = solid(out, Length.ZERO, y0, y1, z0, z1);
        book.cutOut(Role.EGG_HATCH, t, y1.minus(y0), z1.minus(z0), skin, leaf);
        Section trim = at.trim();
        Length face = out.minus(trim.thickness());
        for (Length z : List.of(z0, z1.minus(trim.width()))) {
            Solid rail = solid(face, out, y0, y1, z, z.plus(trim.width()));
            book.stick(Role.HATCH_RAIL, trim, y1.minus(y0), rail);
        }
        Length over = top.plus(ShedLayout.DOOR_STOP.times(2));
        Length drip = out.minus(trim.width());
        book.stick(
                Role.DRIP_BOARD,
                trim,
                row.width().plus(DRIP_OVER.times(2)),
                solid(
                        drip,
                        out,
                        row.from().minus(DRIP_OVER),
                        row.to().plus(DRIP_OVER),
                        over,
                        over.plus(trim.thickness())));
        book.opening(
                Opening.inSide(
                        Opening.Kind.HAND_HATCH,
                        x(Length.ZERO),
                        row.from(),
                        row.to(),
                        floor,
                        top,
                        at.deckTop()));
    }
}
