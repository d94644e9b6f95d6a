package reliqua.core.buy;

import java.util.SortedMap;
import java.util.TreeMap;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Duty;
import reliqua.core.coop.Joints;
import reliqua.core.coop.Opening;
import reliqua.core.coop.Part;
import reliqua.core.measure.Area;
import reliqua.core.measure.Length;
import reliqua.core.stock.Hardware;

/** Screws, staples, hinges and latches, counted from what the design joins, meshes and hinges. */
public final class HardwareCount {
    private static final int SCREWS_A_JOINT = 2;
    private static final int SCREWS_A_BOLTED_JOINT = 4;
    private static final Length PANEL_SCREWS_APART = Length.mm(200);

    /** A pallet carries a panel on stringers about so far apart. */
    private static final Length CARRIERS_APART = Length.mm(450);

    private static final Length STAPLES_APART = Length.mm(80);
    private static final double ROOF_SCREWS_A_SQUARE_METRE = 8;

    private HardwareCount() {}

    /** How many of each are needed. */
    public static SortedMap<Hardware.Kind, Integer> of(Coop coop) {
        SortedMap<Hardware.Kind, Integer> counts = new TreeMap<>();
        Joints.of(coop)
                .forEach(joint -> counts.merge(Hardware.Kind.SCREWS, screws(joint), Integer::sum));
        double roof = 0;
        for (Part part : coop.parts()) {
            switch (part) {
                case Part.RoofPart sheet ->
                        roof += Area.of(sheet.length(), sheet.fullWidth()).toSquareMetres();
                case Part.MeshPart mesh -> {
                    Length edge = mesh.width().plus(mesh.length()).times(2);
                    counts.merge(
                            Hardware.Kind.STAPLES,
                            (int) Math.ceil(edge.ratio(STAPLES_APART)),
                            Integer::sum);
                }
                case Part.StickPart _, Part.PanelPart _, Part.WholePart _ -> {}
            }
        }
        counts.merge(
                Hardware.Kind.ROOFING_SCREWS,
                (int) Math.ceil(roof * ROOF_SCREWS_A_SQUARE_METRE),
                Integer::sum);
        int lids = coop.that(Duty.Trait.LID).size();
        int doors = (int) coop.openings().stream().filter(Opening::isHinged).count();
        counts.merge(Hardware.Kind.HINGES, 2 * (lids + doors), Integer::sum);
        counts.merge(Hardware.Kind.LATCHES, lids + doors, Integer::sum);
        counts.values().removeIf(n -> n == 0);
        return counts;
    }

    private static int screws(Joints.Joint joint) {
        boolean flat =
                joint.first() instanceof Part.PanelPart || joint.second() instanceof Part.PanelPart;
        boolean roofing =
                joint.first() instanceof Part.RoofPart || joint.second() instanceof Part.RoofPart;
        if (roofing || loose(joint.first()) || loose(joint.second())) {
            return 0;
        }
        if (flat) {
            return panelScrews(joint);
        }
        boolean bolted = bolted(joint.first()) || bolted(joint.second());
        return bolted ? SCREWS_A_BOLTED_JOINT : SCREWS_A_JOINT;
    }

    private static boolean loose(Part part) {
        return part.role().is(Duty.Trait.LOOSE);
    }

    private static boolean bolted(Part part) {
        return part.role().is(Duty.Trait.BOLTED);
    }

    /**
     * A row of screws along the stick a panel lies on, or along every stringer of a pallet; panels
     * edge to edge take none of their own.
     */
    private static int panelScrews(Joints.Joint joint) {
        if (joint.first() instanceof Part.WholePart || joint.second() instanceof Part.WholePart) {
            double each = PANEL_SCREWS_APART.toMm() * CARRIERS_APART.toMm();
            return 1 + (int) Math.ceil(joint.area() / each);
        }
        if (!(joint.first() instanceof Part.StickPart)
                && !(joint.second() instanceof Part.StickPart)) {
            return 0;
        }
        Part.StickPart stick =
                joint.first() instanceof Part.StickPart s ? s : (Part.StickPart) joint.second();
        double length =
                Math.min(stick.length().toMm(), joint.area() / stick.section().thickness().toMm());
        return 1 + (int) Math.ceil(length / PANEL_SCREWS_APART.toMm());
    }
}
