package reliqua.core.coop;

import java.util.Collection;
import reliqua.core.measure.Area;
import reliqua.core.measure.Weight;
import reliqua.core.stock.FoundPart;

/** What parts weigh, dry: one table of densities for rules, steps and files. */
public final class Weights {
    /** Softwood, dry, kg/m³. */
    private static final double WOOD = 450;

    /** Sheet, kg/m³. */
    private static final double SHEET = 620;

    /** Steel roofing of 0.4 mm, kg/m². */
    private static final double ROOFING = 4.5;

    /** Welded mesh of 12.7 mm, kg/m². */
    private static final double MESH = 1.2;

    /** A pallet is half air: hardwood at 700 kg/m³ fills about a fifth of its outline. */
    private static final double PALLET = 140;

    /** Dense concrete, kg/m³. */
    private static final double CONCRETE = 2000;

    /** A pipe of steel or plastic is hollow, kg/m³ of its outline. */
    private static final double PIPE = 1200;

    /** Coated cloth, kg/m³. */
    private static final double TARPAULIN = 300;

    private Weights() {}

    /** Of one part, kg. */
    public static double of(Part part) {
        return switch (part) {
            case Part.StickPart stick -> stick.solid().cubicMetres() * WOOD;
            case Part.PanelPart panel -> panel.solid().cubicMetres() * SHEET;
            case Part.RoofPart roof ->
                    Area.of(roof.length(), roof.fullWidth()).toSquareMetres() * ROOFING;
            case Part.MeshPart mesh -> mesh.area().toSquareMetres() * MESH;
            case Part.WholePart whole -> whole.solid().cubicMetres() * density(whole.find());
        };
    }

    private static double density(Find find) {
        return switch (find) {
            case Find.OfPallet _ -> PALLET;
            case Find.OfBlock _, Find.OfSlab _ -> CONCRETE;
            case Find.OfArch _ -> PIPE;
            case Find.OfCover _ -> TARPAULIN;
            case Find.OfThing thing -> density(thing.kind());
        };
    }

    /** Of its outline, kg/m³: panes and leaves are nearly solid, boxes and wheels mostly air. */
    private static double density(FoundPart.Kind kind) {
        return switch (kind) {
            case WINDOW -> 700;
            case DOOR, CABINET_DOOR, FLOORING -> 500;
            // Boards on a frame with air between its sticks.
            case PLATFORM -> 190;
            // Bars and boards with gaps between, of a gate or a kennel.
            case PANEL -> 250;
            case WHEEL, AXLE -> 600;
            case TUB, BUCKET, CRATE, DRAWER, COOLER -> 60;
            case NEST_BOX -> 110;
            case HOOP, PIPE -> PIPE;
            case TARP -> TARPAULIN;
            // It stands by itself and holds nothing down.
            case STANDING_WALL -> 0;
        };
    }

    /**
     * Of all that stands; what lies out on the ground does not hold a coop down, nor does a yard
     * that stands by itself.
     */
    public static Weight of(Collection<Part> parts) {
        return Weight.ofKilograms(
                parts.stream()
                        .filter(p -> !p.role().is(Duty.Trait.LIES_OUT))
                        .filter(p -> !p.role().is(Duty.Trait.BY_DAY))
                        .mapToDouble(Weights::of)
                        .sum());
    }
}
