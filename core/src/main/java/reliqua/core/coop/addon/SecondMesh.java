package reliqua.core.coop.addon;

import reliqua.core.coop.Bounds;
import reliqua.core.coop.Part;
import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.coop.Zone;
import reliqua.core.coop.family.Unbuildable;
import reliqua.core.measure.Length;
import reliqua.core.measure.Sum;

/**
 * A second layer of fine mesh outside the foot of a run: arms that reach through the first find no
 * bird beside it, and chicks do not slip out.
 */
final class SecondMesh implements Addition {
    /** As high as a bird stands. */
    private static final Length HIGH = Length.mm(600);

    /** Half an inch. */
    private static final Length FINE = Length.mm(13);

    private static final Length THIN = Length.mm(1);

    /** Above the apron. */
    private static final Length UP = Length.mm(5);

    private static final Length LAP = Length.mm(25);

    @Override
    public void build(Standing at) throws Unbuildable {
        Zone run = at.run();
        boolean added = false;
        for (Part.MeshPart first : RunSides.lowest(at, run)) {
            if (!first.aperture().atMost(FINE)) {
                added |= over(at, first, run.floor());
            }
        }
        Unbuildable.unless(added, Sum.of("addon.fineAlready", FINE));
    }

    private static boolean over(Standing at, Part.MeshPart first, Bounds run) {
        Bounds b = first.solid().bounds();
        Length z0 = b.z0().plus(UP);
        Length z1 = b.z1().min(b.z0().plus(HIGH));
        boolean side = RunSides.isSide(b);
        Solid solid =
                side
                        ? Solid.box(outX(b, run), outX(b, run).plus(THIN), b.y0(), b.y1(), z0, z1)
                        : Solid.box(b.x0(), b.x1(), b.y0().minus(THIN), b.y0(), z0, z1);
        if (!at.isFree(solid)) {
            return false;
        }
        Length step = at.choices().step();
        Length along = side ? b.depth() : b.width();
        Length turned = LAP.times(2);
        at.book()
                .mesh(
                        Role.SECOND_MESH,
                        FINE,
                        z1.minus(z0).plus(turned).ceilTo(step),
                        along.plus(turned).ceilTo(step),
                        solid);
        return true;
    }

    private static Length outX(Bounds mesh, Bounds run) {
        boolean left = mesh.x1().atMost(run.x0());
        return left ? mesh.x0().minus(THIN) : mesh.x1();
    }
}
