package reliqua.core.coop.family;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import reliqua.core.coop.Axis;
import reliqua.core.coop.Bounds;
import reliqua.core.coop.Corner;
import reliqua.core.coop.Find;
import reliqua.core.coop.Opening;
import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.measure.Length;

/**
 * Walls of pallets on edge, an upper course sawn down to height, a tie beam all round on top, studs
 * and a plate that make the front higher.
 */
final class PalletWalls {
    private final PalletLayout at;
    private final PartsBook book;
    private final Finds.WholePallet pallet;
    private final Length thick;
    private final Length st;
    private final Length sd;

    PalletWalls(PalletLayout at, PartsBook book) {
        this.at = at;
        this.book = book;
        this.pallet = at.pallet;
        this.thick = pallet.thickness();
        this.st = at.wall().thickness();
        this.sd = at.wall().width();
    }

    void frame() {
        course(at.floorTop(), at.courseTop(), true);
        if (at.hasUpperCourse()) {
            course(at.courseTop(), at.wallTop(), false);
        }
        tie();
        rise();
    }

    private void course(Length z0, Length z1, boolean lower) {
        Length behind = at.depth.minus(thick);
        for (PalletRow.Bay bay : at.columns) {
            boolean door = lower && bay.equals(at.columns.getLast());
            if (!door) {
                boolean first = bay.equals(at.columns.getFirst());
                facing(bay, Length.ZERO, z0, z1, lower && first);
            }
            facing(bay, behind, z0, z1, false);
        }
        for (PalletRow.Bay bay : at.rows) {
            sideways(Length.ZERO, bay, z0, z1);
            sideways(at.width.minus(thick), bay, z0, z1);
        }
    }

    /** In the front or the back. */
    private void facing(PalletRow.Bay bay, Length y0, Length z0, Length z1, boolean popDoor) {
        Length y1 = y0.plus(thick);
        PopHole pop = at.popHole();
        List<List<Corner>> holes =
                popDoor
                        ? List.of(Solid.rectangle(pop.from(), pop.to(), pop.sill(), pop.top()))
                        : List.of();
        List<Bounds> ribs =
                stringers(bay).stream()
                        .map(x -> new Bounds(x, x.plus(bay.pallet().stringer()), y0, y1, z0, z1))
                        .toList();
        List<Corner> outline = Solid.rectangle(bay.from(), bay.to(), z0, z1);
        wall(bay, z1.minus(z0), ribs, new Solid(Axis.Y, outline, holes, y0, y1));
    }

    private void sideways(Length x0, PalletRow.Bay bay, Length z0, Length z1) {
        Length x1 = x0.plus(thick);
        List<Bounds> ribs =
                stringers(bay).stream()
                        .map(y -> new Bounds(x0, x1, y, y.plus(bay.pallet().stringer()), z0, z1))
                        .toList();
        wall(bay, z1.minus(z0), ribs, Solid.box(x0, x1, bay.from(), bay.to(), z0, z1));
    }

    private static List<Length> stringers(PalletRow.Bay bay) {
        List<Length> at = new ArrayList<>();
        Finds.WholePallet kind = bay.pallet();
        Length pitch = kind.width().minus(kind.stringer()).dividedBy(kind.stringers() - 1L);
        for (int n = 0; n < kind.stringers(); n++) {
            at.add(bay.from().plus(pitch.times(n)));
        }
        return at;
    }

    private void wall(PalletRow.Bay bay, Length height, List<Bounds> ribs, Solid solid) {
        Length own = bay.pallet().length();
        boolean whole = height.equals(own);
        book.whole(
                Role.WALL_PALLET,
                new Find.OfPallet(own, bay.width()),
                whole ? Optional.empty() : Optional.of(height),
                ribs,
                solid);
    }

    /** Its joints lie over the middles of pallets, so that it ties each to the next. */
    private void tie() {
        Length z0 = at.wallTop();
        Length z1 = at.tieTop();
        List<Length> along = joints(at.width, at.columns);
        for (int i = 0; i + 1 < along.size(); i++) {
            Length x0 = along.get(i);
            Length x1 = along.get(i + 1);
            plate(x1.minus(x0), Solid.box(x0, x1, Length.ZERO, sd, z0, z1));
            plate(x1.minus(x0), Solid.box(x0, x1, at.depth.minus(sd), at.depth, z0, z1));
        }
        List<Length> across = joints(at.depth, at.rows);
        for (int i = 0; i + 1 < across.size(); i++) {
            Length y0 = i == 0 ? sd : across.get(i);
            Length y1 = i + 2 == across.size() ? at.depth.minus(sd) : across.get(i + 1);
            if (y1.compareTo(y0) > 0) {
                plate(y1.minus(y0), Solid.box(Length.ZERO, sd, y0, y1, z0, z1));
                plate(y1.minus(y0), Solid.box(at.width.minus(sd), at.width, y0, y1, z0, z1));
            }
        }
    }

    private List<Length> joints(Length end, List<PalletRow.Bay> row) {
        List<Length> joints = new ArrayList<>();
        joints.add(Length.ZERO);
        row.stream()
                .map(PalletRow.Bay::middle)
                .filter(m -> m.plus(sd).compareTo(end) < 0)
                .forEach(joints::add);
        joints.add(end);
        return joints;
    }

    private void plate(Length length, Solid solid) {
        book.stick(Role.TIE_BEAM, at.wall(), length, solid);
    }

    private static List<Length> riseStuds(PalletLayout at) {
        Length st = at.wall().thickness();
        return Spacing.even(Length.ZERO, at.width, st, ShedLayout.MEMBERS_APART);
    }

    /** Joints of the upper plate, and of boards below it, lie on every second stud. */
    static List<Length> plateJoints(PalletLayout at) {
        List<Length> studs = riseStuds(at);
        List<Length> joints = new ArrayList<>();
        joints.add(Length.ZERO);
        for (int n = 2; n < studs.size() - 1; n += 2) {
            joints.add(studs.get(n).plus(at.wall().thickness().half()));
        }
        joints.add(at.width);
        return joints;
    }

    private void rise() {
        Length z0 = at.tieTop();
        Length z2 = at.roof.frontTop();
        Length z1 = z2.minus(st);
        for (Length x : riseStuds(at)) {
            book.stick(
                    Role.CRIPPLE,
                    at.wall(),
                    z1.minus(z0),
                    Solid.box(x, x.plus(st), Length.ZERO, sd, z0, z1));
        }
        List<Length> joints = plateJoints(at);
        for (int i = 0; i + 1 < joints.size(); i++) {
            Length x0 = joints.get(i);
            Length x1 = joints.get(i + 1);
            plate(x1.minus(x0), Solid.box(x0, x1, Length.ZERO, sd, z1, z2));
        }
    }

    /** Mesh before the open part of the rise. */
    void vent() {
        Length turned = Length.mm(50);
        Length thin = Length.mm(1);
        Length z1 = at.roof.frontTop().minus(st);
        Length z0 = z1.minus(at.vent());
        book.mesh(
                Role.VENT_MESH,
                at.needs.meshAperture(),
                at.vent().plus(turned).ceilTo(at.c.step()),
                at.width.plus(turned).ceilTo(at.c.step()),
                Solid.box(Length.ZERO, at.width, thin.negated(), Length.ZERO, z0, z1));
        book.opening(
                Opening.inFront(
                        Opening.Kind.WALL_VENT,
                        Length.ZERO,
                        at.width,
                        Length.ZERO,
                        z0,
                        z1,
                        at.deckTop()));
    }

    void openings() {
        PopHole pop = at.popHole();
        book.opening(
                Opening.inFront(
                        Opening.Kind.POP_DOOR,
                        pop.from(),
                        pop.to(),
                        Length.ZERO,
                        pop.sill(),
                        pop.top(),
                        at.deckTop()));
        book.opening(
                Opening.inFront(
                        Opening.Kind.CLEAN_OUT_DOOR,
                        at.doorFrom(),
                        at.doorTo(),
                        Length.ZERO,
                        at.floorTop(),
                        at.courseTop(),
                        at.deckTop()));
    }
}
