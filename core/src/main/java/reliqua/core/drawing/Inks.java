package reliqua.core.drawing;

import reliqua.core.coop.Duty;
import reliqua.core.coop.Find;
import reliqua.core.coop.Part;
import reliqua.core.stock.FoundPart;

/** What a part is drawn with. */
public final class Inks {
    private Inks() {}

    /** Inside of a part. */
    public static Ink fill(Part part) {
        if (Dwellers.isBird(part)) {
            return Ink.OPEN;
        }
        return switch (part) {
            case Part.StickPart _ -> Ink.WOOD;
            case Part.PanelPart panel ->
                    panel.role().is(Duty.Trait.LEAF) ? Ink.SHEET_SIDE : Ink.SHEET;
            case Part.RoofPart _ -> Ink.METAL;
            case Part.WholePart whole -> fill(whole.find());
            case Part.MeshPart _ -> Ink.MESH;
        };
    }

    private static Ink fill(Find find) {
        return switch (find) {
            case Find.OfThing thing -> fill(thing.kind());
            case Find.OfPallet _, Find.OfArch _, Find.OfCover _ -> Ink.WOOD;
            case Find.OfBlock _, Find.OfSlab _ -> Ink.METAL;
        };
    }

    private static Ink fill(FoundPart.Kind kind) {
        return switch (kind) {
            case WINDOW, TUB, BUCKET -> Ink.WATER;
            case WHEEL, AXLE, PIPE, HOOP -> Ink.METAL;
            // One sees through its bars.
            case PANEL -> Ink.MESH;
            case STANDING_WALL -> Ink.METAL;
            case DOOR, CABINET_DOOR, CRATE, DRAWER, COOLER, TARP, FLOORING, PLATFORM, NEST_BOX ->
                    Ink.SHEET_SIDE;
        };
    }

    /** Outline of a part. */
    public static Ink edge(Part part) {
        if (Dwellers.isBird(part)) {
            return Ink.SOFT;
        }
        return switch (part) {
            case Part.StickPart _, Part.PanelPart _, Part.WholePart _ -> Ink.WOOD_EDGE;
            case Part.RoofPart _, Part.MeshPart _ -> Ink.METAL_EDGE;
        };
    }
}
