package reliqua.files;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Part;

/**
 * A coop in space as an OBJ model, which nearly every program that shows solids reads: metres, y
 * up, a group for every part by its mark, a colour for every kind of material in the MTL file
 * beside it.
 */
public final class ModelObj {
    private static final double MM = 0.001;

    private ModelObj() {}

    /** Materials with their colours, red, green and blue from 0 to 1. */
    private enum Colour {
        WOOD(0.85, 0.66, 0.40),
        SHEET(0.90, 0.77, 0.56),
        ROOFING(0.79, 0.83, 0.84),
        MESH(0.49, 0.58, 0.61),
        FOUND(0.66, 0.78, 0.81);

        private final double red;
        private final double green;
        private final double blue;

        Colour(double red, double green, double blue) {
            this.red = red;
            this.green = green;
            this.blue = blue;
        }

        String id() {
            return name().toLowerCase(Locale.ROOT);
        }

        static Colour of(Part part) {
            return switch (part) {
                case Part.StickPart _ -> WOOD;
                case Part.PanelPart _ -> SHEET;
                case Part.RoofPart _ -> ROOFING;
                case Part.MeshPart _ -> MESH;
                case Part.WholePart _ -> FOUND;
            };
        }
    }

    /**
     * The model.
     *
     * @param materials name of the MTL file beside it
     */
    public static String write(Coop coop, String materials) {
        StringBuilder text = new StringBuilder("mtllib ").append(materials).append('\n');
        int points = 1;
        for (Part part : coop.parts()) {
            text.append("g ").append(part.mark()).append('_').append(part.role().name());
            text.append("\nusemtl ").append(Colour.of(part).id()).append('\n');
            for (ConvexPieces.Piece piece : ConvexPieces.of(part.solid())) {
                piece.points().forEach(p -> point(text, p));
                for (int[] face : piece.faces()) {
                    face(text, face, points);
                }
                points += piece.points().size();
            }
        }
        return text.toString();
    }

    /** Here z is up and y runs to the back; there y is up and z comes to the front. */
    private static void point(StringBuilder text, double[] p) {
        text.append(
                String.format(Locale.ROOT, "v %.5f %.5f %.5f\n", p[0] * MM, p[2] * MM, -p[1] * MM));
    }

    private static void face(StringBuilder text, int[] face, int first) {
        List<String> numbers = new ArrayList<>();
        for (int number : face) {
            numbers.add(String.valueOf(number + first));
        }
        text.append("f ").append(String.join(" ", numbers)).append('\n');
    }

    /** The colours. */
    public static String materials() {
        StringBuilder text = new StringBuilder();
        for (Colour colour : Colour.values()) {
            text.append("newmtl ").append(colour.id()).append('\n');
            text.append(
                    String.format(
                            Locale.ROOT,
                            "Kd %.3f %.3f %.3f\n",
                            colour.red,
                            colour.green,
                            colour.blue));
        }
        return text.toString();
    }
}
