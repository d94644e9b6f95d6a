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
        for (int n = 0; n < at.columns; n++) {
            Length x0 = thick.plus(pallet.width().times(n));
            boolean door = lower && n == at.columns - 1;
            if (!door) {
                facing(x0, Length.ZERO, z0, z1, lower && n == 0);
            }
            facing(x0, behind, z0, z1, false);
        }
        for (int n = 0; n < at.rows; n++) {
            Length y0 = pallet.width().times(n);
            sideways(Length.ZERO, y0, z0, z1);
            sideways(at.width.minus(thick), y0, z0, z1);
        }
    }

    /** In the front or the back. */
    private void facing(Length x0, Length y0, Length z0, Length z1, boolean popDoor) {
        Length x1 = x0.plus(pallet.width());
        Length y1 = y0.plus(thick);
        PopHole pop = at.popHole();
        List<List<Corner>> holes =
                popDoor
                        ? List.of(Solid.rectangle(pop.from(), pop.to(), pop.sill(), pop.top()))
                        : List.of();
        List<Bounds> ribs =
                stringers(x0).stream()
                        .map(x -> new Bounds(x, x.plus(pallet.stringer()), y0, y1, z0, z1))
                        .toList();
        wall(z1.minus(z0), ribs, new Solid(Axis.Y, Solid.rectangle(x0, x1, z0, z1), holes, y0, y1));
    }

    private void sideways(Length x0, Length y0, Length z0, Length z1) {
        Length x1 = x0.plus(thick);
        Length y1 = y0.plus(pallet.width());
        List<Bounds> ribs =
                stringers(y0).stream()
                        .map(y -> new Bounds(x0, x1, y, y.plus(pallet.stringer()), z0, z1))
                        .toList();
        wall(z1.minus(z0), ribs, Solid.box(x0, x1, y0, y1, z0, z1));
    }

    private List<Length> stringers(Length from) {
        List<Length> at = new ArrayList<>();
        Length pitch = pallet.width().minus(pallet.stringer()).dividedBy(pallet.stringers() - 1L);
        for (int n = 0; n < pallet.stringers(); n++) {
            at.add(from.plus(pitch.times(n)));
        }
        return at;
    }

    private void wall(Length height, List<Bounds> ribs, Solid solid) {
        boolean whole = height.equals(pallet.length());
        book.whole(
                Role.WALL_PALLET,
                new Find.OfPallet(pallet.length(), pallet.width()),
                whole ? Optional.empty() : Optional.of(height),
                ribs,
                solid);
    }

    /** Its joints lie over the middles of pallets, so that it ties each to the next. */
    private void tie() {
        Length z0 = at.wallTop();
        Length z1 = at.tieTop();
        List<Length> along = joints(at.width, thick.plus(pallet.width().half()));
        for (int i = 0; i + 1 < along.size(); i++) {
            Length x0 = along.get(i);
            Length x1 = along.get(i + 1);
            plate(x1.minus(x0), Solid.box(x0, x1, Length.ZERO, sd, z0, z1));
            plate(x1.minus(x0), Solid.box(x0, x1, at.depth.minus(sd), at.depth, z0, z1));
        }
        List<Length> across = joints(at.depth, pallet.width().half());
        for (int i = 0; i + 1 < across.size(); i++) {
            Length y0 = i == 0 ? sd : across.get(i);
            Length y1 = i + 2 == across.size() ? at.depth.minus(sd) : across.get(i + 1);
            if (y1.compareTo(y0) > 0) {
                plate(y1.minus(y0), Solid.box(Length.ZERO, sd, y0, y1, z0, z1));
                plate(y1.minus(y0), Solid.box(at.width.minus(sd), at.width, y0, y1, z0, z1));
            }
        }
    }

    private List<Length> joints(Length end, Length first) {
        List<Length> joints = new ArrayList<>();
        joints.add(Length.ZERO);
        for (Length x = first; x.plus(sd).compareTo(end) < 0; x = x.plus(pallet.width())) {
            joints.add(x);
        }
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
