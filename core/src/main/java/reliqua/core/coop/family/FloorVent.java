package reliqua.core.coop.family;

import java.util.List;
import reliqua.core.coop.Opening;
import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.measure.Length;
import reliqua.core.measure.Sum;

/**
 * A hole in the deck between two joists, for hot nights in a closed house: mesh below it, a rim
 * round it that holds the litter back, and a lid that lies on the mesh for the winter. Air that
 * comes in low leaves by the vents above; it stands before the roosts, so that no draught is on the
 * birds and no dropping falls through.
 */
final class FloorVent {
    private static final Length WIDE = Length.mm(240);
    private static final Length DEEP = Length.mm(300);
    private static final Length NARROWEST = Length.mm(120);
    private static final Length FROM_WALL = Length.mm(150);
    private static final Length LAP = Length.mm(25);
    private static final Length MESH = Length.mm(1);
    private static final Length PLAY = Length.mm(3);

    /** A rim so high stops what hens scratch about even on a bare floor. */
    private static final Length RIM_LEAST = Length.mm(60);

    private final ShedLayout at;
    private final DeckHole hole;
    private final Length x0;
    private final Length x1;
    private final Length y0;
    private final Length y1;

    /**
     * Between the two joists nearest the middle that leave it room.
     *
     * @param joists left edges
     * @throws Unbuildable where joists are too close or roosts too near
     */
    FloorVent(ShedLayout at, List<Length> joists) throws Unbuildable {
        this.at = at;
        Length rim = at.skin();
        this.y0 = at.wall().width().plus(FROM_WALL);
        this.y1 = y0.plus(DEEP.ceilTo(at.c.step()));
        this.hole =
                DeckHole.between(at, joists, DeckHole.middle(joists), LAP.max(rim), WIDE, y0, y1);
        Unbuildable.unless(
                hole.wide().atLeast(NARROWEST), Sum.of("family.floorVentNarrow", NARROWEST));
        this.x0 = hole.x0();
        this.x1 = hole.x1();
        Length end = at.roostBars() == 0 ? at.room().y1() : at.roosts().front();
        Unbuildable.unless(y1.plus(rim).atMost(end), Sum.of("family.floorVentDeep", at.d.depth()));
    }

    DeckHole hole() {
        return hole;
    }

    /** Mesh, rim and lid. */
    void build(PartsBook book) {
        Length top = at.joistTop();
        Length step = at.c.step();
        book.mesh(
                Role.FLOOR_VENT_MESH,
                at.needs.meshAperture(),
                x1.minus(x0).plus(LAP.times(2)).ceilTo(step),
                y1.minus(y0).plus(LAP.times(2)).ceilTo(step),
                Solid.box(
                        x0.minus(LAP),
                        x1.plus(LAP),
                        y0.minus(LAP),
                        y1.plus(LAP),
                        top.minus(MESH),
                        top));
        rim(book);
        book.panel(
                Role.FLOOR_VENT_LID,
                at.c.deck(),
                x1.minus(x0).minus(PLAY.times(2)),
                y1.minus(y0).minus(PLAY.times(2)),
                Solid.box(
                        x0.plus(PLAY),
                        x1.minus(PLAY),
                        y0.plus(PLAY),
                        y1.minus(PLAY),
                        top,
                        at.deckTop()));
        book.opening(Opening.inFloor(Opening.Kind.FLOOR_VENT, x0, x1, y0, y1, top));
    }

    private void rim(PartsBook book) {
        Length t = at.skin();
        Length z0 = at.deckTop();
        Length z1 = z0.plus(at.needs.litterSill().max(RIM_LEAST).ceilTo(at.c.step()));
        for (Length x : List.of(x0.minus(t), x1)) {
            Solid side = Solid.box(x, x.plus(t), y0.minus(t), y1.plus(t), z0, z1);
            book.panel(Role.FLOOR_VENT_RIM, t, y1.minus(y0).plus(t.times(2)), z1.minus(z0), side);
        }
        for (Length y : List.of(y0.minus(t), y1)) {
            Solid side = Solid.box(x0, x1, y, y.plus(t), z0, z1);
            book.panel(Role.FLOOR_VENT_RIM, t, x1.minus(x0), z1.minus(z0), side);
        }
    }
}
