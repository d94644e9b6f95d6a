package reliqua.core.cutting;

import reliqua.core.coop.Part;
import reliqua.core.measure.Length;

/**
 * Everything by which a cut piece can be told from another: what it is for, its section or
 * thickness, its size, its end cuts and its openings. A piece serves wherever a part of this shape
 * is wanted.
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
            case Part.PanelPart p -> box(p) + openings(p);
            case Part.RoofPart r ->
                    join(r.fullWidth(), r.length())
                            + (r.covered().isPositive() ? " under " + r.covered().nm() : "");
            case Part.WholePart w -> w.find() + w.sawnTo().map(to -> " sawn " + to.nm()).orElse("");
            case Part.MeshPart m -> join(m.aperture(), m.width(), m.length());
        };
    }

    /** Whether a piece of this shape is what the part of its own mark asks for. */
    static boolean isOf(Part part, String shape) {
        return shape.equals(of(part))
                || part instanceof Part.PanelPart p && shape.equals(withoutOpenings(p));
    }

    /** As it was told before openings were. */
    private static String withoutOpenings(Part.PanelPart panel) {
        return panel.role() + " " + box(panel);
    }

    private static String box(Part.PanelPart p) {
        return join(p.thickness(), p.width(), p.height(), p.lowSide().orElse(Length.ZERO));
    }

    private static String openings(Part.PanelPart panel) {
        StringBuilder words = new StringBuilder();
        PanelFace.of(panel).stream()
                .flatMap(face -> face.openings().stream())
                .forEach(
                        opening -> {
                            words.append(" open");
                            opening.corners()
                                    .forEach(c -> words.append(' ').append(join(c.x(), c.y())));
                        });
        return words.toString();
    }

    private static String join(Length... sizes) {
        StringBuilder words = new StringBuilder();
        for (Length size : sizes) {
            words.append(words.isEmpty() ? "" : " ").append(size.nm());
        }
        return words.toString();
    }
}
