package reliqua.core.coop.addon;

import reliqua.core.coop.Bounds;
import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.coop.Zone;
import reliqua.core.coop.family.Unbuildable;
import reliqua.core.measure.Length;

/**
 * Mesh on the ground under a pen, stapled to its rails: grass grows through, nothing digs in. A
 * house above the ground has its own, laid with the frame of its floor.
 */
final class WireFloor implements Addition {
    private static final Length THICK = Length.mm(1);
    private static final Length TURNED_UP = Length.mm(25);

    @Override
    public void build(Standing at) throws Unbuildable {
        Zone pen = at.coop().zones().getFirst();
        Bounds floor = pen.floor();
        if (floor.z0().isPositive()) {
            return;
        }
        at.book()
                .mesh(
                        Role.WIRE_FLOOR,
                        at.needs().meshAperture(),
                        floor.depth().plus(TURNED_UP.times(2)).ceilTo(at.choices().step()),
                        floor.width().plus(TURNED_UP.times(2)).ceilTo(at.choices().step()),
                        Solid.box(
                                floor.x0(),
                                floor.x1(),
                                floor.y0(),
                                floor.y1(),
                                THICK.negated(),
                                Length.ZERO));
    }
}
