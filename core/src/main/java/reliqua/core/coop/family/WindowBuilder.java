package reliqua.core.coop.family;

import java.util.List;
import reliqua.core.coop.Corner;
import reliqua.core.coop.Opening;
import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.measure.Length;

/**
 * A window in the left wall: sill and header between studs, and in them a found window that bears
 * against the skin from inside; or mesh, and a flap that is what was cut out of the skin.
 */
final class WindowBuilder {
    private static final Length MESH = Length.mm(1);
    private static final Length MESH_LAP = Length.mm(25);

    /** The skin laps so far onto a found window, or the flap onto the frame. */
    private static final Length LAP = Length.mm(12);

    private final ShedLayout at;
    private final PartsBook book;
    private final WindowPlace place;
    private final Length st;
    private final Length sd;

    WindowBuilder(ShedLayout at, PartsBook book, WindowPlace place) {
        this.at = at;
        this.book = book;
        this.place = place;
        this.st = at.wall().thickness();
        this.sd = at.wall().width();
    }

    /** What is cut out of the skin. */
    static List<Corner> hole(WindowPlace place) {
        Length in = place.found().isPresent() ? LAP : LAP.negated();
        return Solid.rectangle(
                place.from().plus(in),
                place.to().minus(in),
                place.sill().plus(in),
                place.top().minus(in));
    }

    /**
     * Sill and header.
     *
     * @param aboveNests where no stud can stand under the sill
     */
    void frame(boolean aboveNests) {
        cross(Role.SILL, place.sill().minus(st));
        cross(Role.HEADER, place.top());
        if (!aboveNests && place.width().compareTo(ShedLayout.MEMBERS_APART) > 0) {
            Length y = place.from().plus(place.to()).minus(st).half();
            Length z0 = at.deckTop().plus(st);
            Length z1 = place.sill().minus(st);
            Solid upright = Solid.box(Length.ZERO, sd, y, y.plus(st), z0, z1);
            book.stick(Role.CRIPPLE, at.wall(), z1.minus(z0), upright);
        }
        book.opening(
                Opening.inSide(
                        Opening.Kind.WINDOW,
                        Length.ZERO,
                        place.from(),
                        place.to(),
                        place.sill(),
                        place.top(),
                        at.deckTop()));
    }

    private void cross(Role role, Length z) {
        book.stick(
                role,
                at.wall(),
                place.width(),
                Solid.box(Length.ZERO, sd, place.from(), place.to(), z, z.plus(st)));
    }

    /** Closes the hole in the skin of this mark. */
    void fill(String skin) {
        if (place.found().isPresent()) {
            found(place.found().get());
        } else {
            flap(skin);
        }
    }

    private void found(FoundLeaf window) {
        Length y = place.from().plus(WindowPlace.AIR);
        Solid pane =
                Solid.box(
                        Length.ZERO,
                        window.thick().min(sd),
                        y,
                        y.plus(window.width()),
                        place.sill(),
                        place.sill().plus(window.height()));
        book.whole(Role.WINDOW, window.thing().find(), List.of(), pane);
    }

    private void flap(String skin) {
        Length out = LAP.minus(ShedLayout.DOOR_GAP);
        Length y0 = place.from().minus(out);
        Length y1 = place.to().plus(out);
        Length z0 = place.sill().minus(out);
        Length z1 = place.top().plus(out);
        book.cutOut(
                Role.SHUTTER,
                at.skin(),
                y1.minus(y0),
                z1.minus(z0),
                skin,
                Solid.box(at.skin().negated(), Length.ZERO, y0, y1, z0, z1));
        book.mesh(
                Role.WINDOW_MESH,
                at.needs.meshAperture(),
                place.top().minus(place.sill()).plus(MESH_LAP.times(2)).ceilTo(at.c.step()),
                place.width().plus(MESH_LAP.times(2)).ceilTo(at.c.step()),
                Solid.box(sd.minus(MESH), sd, place.from(), place.to(), place.sill(), place.top()));
    }
}
