package reliqua.files;

import reliqua.core.measure.Tape;
import reliqua.core.stock.Material;
import reliqua.core.stock.Mesh;
import reliqua.core.stock.Roofing;
import reliqua.core.stock.Sheet;
import reliqua.core.stock.Stick;

/** The size of a thing as it is called in the yard. */
public final class Sizes {
    private Sizes() {}

    /** Section and length, thickness and sides, width and length. */
    public static String of(Material material, Tape tape) {
        return switch (material) {
            case Stick s ->
                    tape.section(s.section().thickness(), s.section().width())
                            + "  "
                            + tape.sayLong(s.length());
            case Sheet s ->
                    tape.mark(s.thickness())
                            + " sheet  "
                            + tape.mark(s.width())
                            + " x "
                            + tape.say(s.length());
            case Roofing r -> "roofing  " + tape.mark(r.fullWidth()) + " x " + tape.say(r.length());
            case Mesh m ->
                    "mesh "
                            + tape.mark(m.aperture())
                            + "  "
                            + tape.mark(m.width())
                            + " x "
                            + tape.sayLong(m.length());
        };
    }
}
