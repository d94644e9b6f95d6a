package reliqua.core.coop.addon;

import java.util.List;
import reliqua.core.coop.Bounds;
import reliqua.core.coop.Part;
import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.coop.Zone;
import reliqua.core.coop.family.Unbuildable;
import reliqua.core.measure.Length;
import reliqua.core.measure.Sum;

/**
 * Boards or sheets inside both sides of a run, as high as a bird stands: out of wind and driven
 * rain hens scratch outside the winter through. The front stays open to the sun.
 */
final class Windbreak implements Addition {
    private static final Length HIGH = Length.mm(600);

    /** The guides of a pop door in the corner stand out before the front by less. */
    private static final Length GUIDES = Length.mm(80);

    /** Off the wet ground. */
    private static final Length UP = Length.mm(20);

    @Override
    public void build(Standing at) throws Unbuildable {
        Zone run = at.run();
        boolean added = false;
        for (Part.MeshPart mesh : RunSides.lowest(at, run)) {
            if (RunSides.isSide(mesh.solid().bounds())) {
                added |= inside(at, mesh.solid().bounds(), run.floor());
            }
        }
        Unbuildable.unless(added, Sum.of("addon.noWindbreakRoom"));
    }

    /** What stands under the run on sloping ground reaches up inside its rails. */
    private static Length overFeet(Standing at) {
        return at.coop().of(Role.RUN_FOOT).stream()
                .map(p -> p.solid().bounds().z1())
                .reduce(Length.ZERO, Length::max);
    }

    private static boolean inside(Standing at, Bounds mesh, Bounds run) {
        Length t = at.choices().skin();
        boolean left = mesh.x1().atMost(run.x0());
        Length x0 = left ? run.x0() : run.x1().minus(t);
        Length y0 = mesh.y0().max(run.y0());
        Length y1 = mesh.y1().min(run.y1());
        Length z0 = overFeet(at).max(run.z0()).plus(UP);
        for (Length end : List.of(y1, y1.minus(GUIDES))) {
            Solid solid = Solid.box(x0, x0.plus(t), y0, end, z0, z0.plus(HIGH));
            if (at.isFree(solid)) {
                at.book().panel(Role.WINDBREAK, t, end.minus(y0), HIGH, solid);
                return true;
            }
        }
        return false;
    }
}
