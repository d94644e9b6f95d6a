package reliqua.core.build;

import java.util.List;
import reliqua.core.buy.Fixing;
import reliqua.core.coop.Part;
import reliqua.core.measure.Length;

/**
 * How long a step takes, from what is handled in it: every piece is marked, held and trued, every
 * screw, staple and hinge is set, mesh is unrolled by the metre. Figures are those of one person
 * with a cordless drill who is not in a hurry; a team of two hardly halves them.
 */
final class StepTime {
    /** To lay out tools and read the step. */
    private static final double BEGIN = 5;

    /** What of the minutes a piece takes to fit goes into holding and truing it. */
    private static final double TRUING = 0.5;

    /** A mark on a board longer than a metre is walked to. */
    private static final double A_METRE = 0.6;

    /** To unroll, pull taut and trim mesh, by the metre of its edge. */
    private static final double MESH_A_METRE = 0.8;

    private static final double SCREW = 0.4;
    private static final double STAPLE = 0.12;
    private static final double HINGE = 5;

    private StepTime() {}

    /**
     * Whole minutes.
     *
     * @param parts that go on
     * @param fixings that are driven then
     */
    static int minutes(List<Part> parts, List<Fixing> fixings) {
        double minutes =
                BEGIN
                        + parts.stream().mapToDouble(StepTime::minutes).sum()
                        + fixings.stream().mapToDouble(StepTime::minutes).sum();
        return (int) Math.ceil(minutes);
    }

    private static double minutes(Part part) {
        double held = part.role().duty().minutes() * TRUING;
        return switch (part) {
            case Part.StickPart stick -> held + metres(stick.length()) * A_METRE;
            case Part.PanelPart panel ->
                    held + metres(panel.width().plus(panel.height())) * A_METRE;
            case Part.RoofPart roof -> held + metres(roof.length()) * A_METRE;
            case Part.MeshPart mesh ->
                    held + metres(mesh.width().plus(mesh.length()).times(2)) * MESH_A_METRE;
            case Part.WholePart _ -> held;
        };
    }

    private static double metres(Length length) {
        return length.toMetres();
    }

    private static double minutes(Fixing fixing) {
        return fixing.count()
                * switch (fixing.kind()) {
                    case STAPLES, NAILS -> STAPLE;
                    case HINGES, LATCHES, STRIPS -> HINGE;
                    case SCREWS, ROOFING_SCREWS, WASHERS, BOLTS -> SCREW;
                    case GLUE, SEALANT, PAINT, PRESERVER -> 0;
                };
    }
}
