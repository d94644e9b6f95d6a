package reliqua.core.drawing;

import reliqua.core.coop.Duty;
import reliqua.core.coop.Part;

/** What a part is drawn with. */
public final class Inks {
    private Inks() {}

    /** Inside of a part. */
    public static Ink fill(Part part) {
        return switch (part) {
            case Part.StickPart _ -> Ink.WOOD;
            case Part.PanelPart panel ->
                    panel.role().is(Duty.Trait.LEAF) ? Ink.SHEET_SIDE : Ink.SHEET;
            case Part.RoofPart _ -> Ink.METAL;
            case Part.WholePart _ -> Ink.WOOD;
            case Part.MeshPart _ -> Ink.MESH;
        };
    }

    /** Outline of a part. */
    public static Ink edge(Part part) {
        return switch (part) {
            case Part.StickPart _, Part.PanelPart _, Part.WholePart _ -> Ink.WOOD_EDGE;
            case Part.RoofPart _, Part.MeshPart _ -> Ink.METAL_EDGE;
        };
    }
}
