package reliqua.core.cutting;

import reliqua.core.coop.Part;
import reliqua.core.measure.Length;

/**
 * Everything by which a cut piece can be told from another: what it is for, its section or
 * thickness, its size and its end cuts. A piece serves wherever a part of this shape is wanted.
 */
final class PartShape {
    private PartShape() {}

    /** The shape in one word a figure, lengths in nanometres. */
    static String of(Part part) {
        return part.role() + " " + size(part);
    }

    private static String size(Part part) {
        return switch (part) {
            case Part.StickPart s ->
                    join(s.section().thickness(), s.section().width(), s.length())
                            + " "
                            + s.startCut().degrees()
                            + " "
                            + s.endCut().degrees();
            case Part.PanelPart p ->
                    join(p.thickness(), p.width(), p.height(), p.lowSide().orElse(Length.ZERO));
            case Part.RoofPart r ->
                    join(r.fullWidth(), r.length())
                            + (r.covered().isPositive() ? " under " + r.covered().nm() : "");
            case Part.MeshPart m -> join(m.aperture(), m.width(), m.length());
        };
    }

    private static String join(Length... sizes) {
        StringBuilder words = new StringBuilder();
        for (Length size : sizes) {
            words.append(words.isEmpty() ? "" : " ").append(size.nm());
        }
        return words.toString();
    }
}
