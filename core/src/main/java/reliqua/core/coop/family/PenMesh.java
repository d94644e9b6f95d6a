package reliqua.core.coop.family;

import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.flock.Needs;
import reliqua.core.measure.Length;

/** Mesh over the frame of a pen, stapled with a lap all round. */
record PenMesh(PartsBook book, Needs needs, Length step) {
    /** Drawn so thin. */
    static final Length THIN = Length.mm(1);

    private static final Length LAPS = Length.mm(50);

    void strip(Length across, Length along, Solid solid) {
        book.mesh(
                Role.RUN_MESH,
                needs.meshAperture(),
                across.plus(LAPS).ceilTo(step),
                along.plus(LAPS).ceilTo(step),
                solid);
    }
}
