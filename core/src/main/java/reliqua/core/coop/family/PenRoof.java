package reliqua.core.coop.family;

import java.util.List;
import reliqua.core.coop.Axis;
import reliqua.core.coop.Corner;
import reliqua.core.coop.Solid;
import reliqua.core.measure.Length;

/**
 * The roof of a pen: rafters and purlins over all of it, roofing over one end, mesh over the rest.
 */
record PenRoof(SingleSlope all, Length closed, PartsBook book, PenMesh mesh) {
    private static final Length STRIP = Length.mm(860);

    /** Frame, roofing, and mesh in the eaves. */
    void build() {
        RoofBuilder roof = new RoofBuilder(all, book);
        roof.rafters();
        roof.purlins();
        overClosed().roofing();
        roof.vents();
    }

    /** The closed part alone, under the same slope. */
    private RoofBuilder overClosed() {
        SingleSlope roofed =
                new SingleSlope(
                        closed,
                        all.depth(),
                        all.overhang(),
                        all.frontTop(),
                        all.backTop(),
                        all.seat(),
                        all.cladding(),
                        all.floor(),
                        all.needs(),
                        all.choices());
        return new RoofBuilder(roofed, book);
    }

    /** On the purlins of the open part, in strips across it. */
    void overMesh() {
        Length from = closed.plus(overClosed().side());
        Length to = all.width();
        Length low = all.purlin().thickness();
        int strips = (int) Math.max(1, Math.ceilDiv(to.minus(from).nm(), STRIP.nm()));
        Length head = all.overhang().negated();
        Length tail = all.depth().plus(all.overhang());
        List<Corner> profile =
                List.of(
                        all.onRoof(head, low),
                        all.onRoof(tail, low),
                        all.onRoof(tail, low.plus(PenMesh.THIN)),
                        all.onRoof(head, low.plus(PenMesh.THIN)));
        Length slope = tail.minus(head).scaled(1 / all.pitch().cos());
        for (int n = 0; n < strips; n++) {
            Length x0 = from.plus(to.minus(from).times(n).dividedBy(strips));
            Length x1 = from.plus(to.minus(from).times(n + 1L).dividedBy(strips));
            mesh.strip(x1.minus(x0), slope, new Solid(Axis.X, profile, List.of(), x0, x1));
        }
    }
}
