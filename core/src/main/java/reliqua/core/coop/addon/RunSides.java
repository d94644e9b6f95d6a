package reliqua.core.coop.addon;

import java.util.List;
import reliqua.core.coop.Bounds;
import reliqua.core.coop.Part;
import reliqua.core.coop.Role;
import reliqua.core.coop.Zone;
import reliqua.core.measure.Length;

/** The lowest strips of mesh round a run. */
final class RunSides {
    private static final Length FLAT = Length.mm(5);

    private RunSides() {}

    /** Those that stand on the ground round it. */
    static List<Part.MeshPart> lowest(Standing at, Zone run) {
        return at.coop().of(Role.RUN_MESH).stream()
                .filter(p -> p instanceof Part.MeshPart)
                .map(p -> (Part.MeshPart) p)
                .filter(m -> m.solid().bounds().height().compareTo(FLAT) > 0)
                .filter(m -> m.solid().bounds().z0().equals(run.floor().z0()))
                .toList();
    }

    /** Whether it closes the run to the left or the right. */
    static boolean isSide(Bounds mesh) {
        return mesh.width().atMost(FLAT);
    }
}
