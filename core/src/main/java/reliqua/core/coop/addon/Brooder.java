package reliqua.core.coop.addon;

import java.util.List;
import reliqua.core.coop.Bounds;
import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.coop.family.Choices;
import reliqua.core.coop.family.Unbuildable;
import reliqua.core.measure.Length;
import reliqua.core.measure.Sum;
import reliqua.core.stock.Section;

/**
 * A corner of the house for chicks: four low walls on battens and a meshed lid, all standing loose,
 * so that the old birds see the young ones before they meet them. A dozen chicks have room in it
 * for their first four weeks, at 0.05 m² each; it stands where nothing roosts above it.
 */
final class Brooder implements Addition {
    private static final Length LONG = Length.mm(900);
    private static final Length SHORT = Length.mm(650);

    /** Chicks of four weeks fly up so high. */
    private static final Length HIGH = Length.mm(450);

    /** Clear above it, for the arms of whoever lifts the lid. */
    private static final Length ARMS = Length.mm(900);

    private static final Length THIN = Length.mm(1);
    private static final Length LAP = Length.mm(25);

    @Override
    public void build(Standing at) throws Unbuildable {
        Bounds place =
                at.place(at.house(), LONG, SHORT, ARMS)
                        .orElseThrow(() -> new Unbuildable(Sum.of("addon.noRoom", LONG, SHORT)));
        walls(at, place);
        Section batten = at.section(Choices.Group.TRIM);
        Length t = at.choices().skin();
        Length w = batten.width();
        Length thick = batten.thickness();
        for (Length x : List.of(place.x0().plus(t), place.x1().minus(t).minus(w))) {
            for (Length y : List.of(place.y0().plus(t), place.y1().minus(t).minus(thick))) {
                Solid post =
                        Solid.box(
                                x, x.plus(w), y, y.plus(thick), place.z0(), place.z0().plus(HIGH));
                at.box(Role.BROODER_POST, batten, post);
            }
        }
        lid(at, place, batten);
    }

    private static void walls(Standing at, Bounds b) {
        Length t = at.choices().skin();
        Length z1 = b.z0().plus(HIGH);
        for (Length y : List.of(b.y0(), b.y1().minus(t))) {
            Solid wall = Solid.box(b.x0(), b.x1(), y, y.plus(t), b.z0(), z1);
            at.book().panel(Role.BROODER_WALL, t, LONG, HIGH, wall);
        }
        for (Length x : List.of(b.x0(), b.x1().minus(t))) {
            Solid wall = Solid.box(x, x.plus(t), b.y0().plus(t), b.y1().minus(t), b.z0(), z1);
            at.book().panel(Role.BROODER_WALL, t, SHORT.minus(t.times(2)), HIGH, wall);
        }
    }

    /** Four battens flat on the walls, and mesh over them. */
    private static void lid(Standing at, Bounds b, Section batten) {
        Length w = batten.width();
        Length z0 = b.z0().plus(HIGH);
        Length z1 = z0.plus(batten.thickness());
        for (Length y : List.of(b.y0(), b.y1().minus(w))) {
            at.box(Role.BROODER_LID, batten, Solid.box(b.x0(), b.x1(), y, y.plus(w), z0, z1));
        }
        for (Length x : List.of(b.x0(), b.x1().minus(w))) {
            Solid end = Solid.box(x, x.plus(w), b.y0().plus(w), b.y1().minus(w), z0, z1);
            at.box(Role.BROODER_LID, batten, end);
        }
        Length step = at.choices().step();
        at.book()
                .mesh(
                        Role.BROODER_MESH,
                        at.needs().meshAperture(),
                        SHORT.plus(LAP.times(2)).ceilTo(step),
                        LONG.plus(LAP.times(2)).ceilTo(step),
                        Solid.box(b.x0(), b.x1(), b.y0(), b.y1(), z1, z1.plus(THIN)));
    }
}
