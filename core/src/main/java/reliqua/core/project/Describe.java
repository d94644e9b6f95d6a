package reliqua.core.project;

import java.util.ArrayList;
import java.util.List;
import reliqua.core.measure.Length;
import reliqua.core.measure.Tape;
import reliqua.core.measure.Words;
import reliqua.core.stock.Flaw;
import reliqua.core.stock.Material;
import reliqua.core.stock.Mesh;
import reliqua.core.stock.Roofing;
import reliqua.core.stock.Sheet;
import reliqua.core.stock.Stick;

/** Lots in words, by the keeper's tape. */
public final class Describe {
    private Describe() {}

    /** So many of what: {@code 6 sticks 1 1/2 x 3 1/2, 7' 8 5/8"}. */
    public static String lot(int quantity, Material material, Tape tape) {
        return Words.say(
                "lot." + kind(material) + (quantity == 1 ? ".one" : ".many"),
                quantity,
                size(material, tape));
    }

    private static String kind(Material material) {
        return switch (material) {
            case Stick _ -> "stick";
            case Sheet _ -> "sheet";
            case Roofing _ -> "roofing";
            case Mesh _ -> "mesh";
        };
    }

    /** Section and length, thickness and sides, width and length. */
    public static String size(Material material, Tape tape) {
        return switch (material) {
            case Stick s -> group(s, tape) + ", " + tape.sayLong(s.length());
            case Sheet s ->
                    group(s, tape) + ", " + tape.mark(s.width()) + " x " + tape.say(s.length());
            case Roofing r -> group(r, tape) + ", " + tape.sayLong(r.length());
            case Mesh m ->
                    group(m, tape) + ", " + tape.mark(m.width()) + " x " + tape.sayLong(m.length());
        };
    }

    /**
     * What lots are grouped by in the rack: the section, the thickness, the width, the aperture.
     */
    public static String group(Material material, Tape tape) {
        return switch (material) {
            case Stick s -> tape.section(s.section().thickness(), s.section().width());
            case Sheet s -> Words.say("sheet." + s.kind().name(), tape.mark(s.thickness()));
            case Roofing r -> Words.say("group.roofing", tape.mark(r.fullWidth()));
            case Mesh m -> Words.say("mesh." + m.kind().name(), tape.mark(m.aperture()));
        };
    }

    /** Length as it stands in the rack. */
    public static String length(Material material, Tape tape) {
        return switch (material) {
            case Stick s -> tape.sayLong(s.length());
            case Sheet s -> tape.mark(s.width()) + " x " + tape.mark(s.length());
            case Roofing r -> tape.sayLong(r.length());
            case Mesh m -> tape.mark(m.width()) + " x " + tape.sayLong(m.length());
        };
    }

    /** Bow and flaws, one text each. */
    public static List<String> flaws(Material material, Tape tape) {
        List<String> words = new ArrayList<>();
        switch (material) {
            case Stick s -> {
                if (s.bow().isPositive()) {
                    words.add(Words.say("flaw.bow", tape.say(s.bow())));
                }
                s.flaws().forEach(f -> words.add(flaw(f, tape)));
            }
            case Sheet s ->
                    s.flaws()
                            .forEach(
                                    f ->
                                            words.add(
                                                    Words.say(
                                                            "flaw.area",
                                                            Words.say("flaw." + f.kind().name()),
                                                            tape.mark(f.width()),
                                                            tape.mark(f.length()))));
            case Roofing r -> r.flaws().forEach(f -> words.add(flaw(f, tape)));
            case Mesh _ -> {}
        }
        return words;
    }

    private static String flaw(Flaw flaw, Tape tape) {
        Length from = flaw.from().max(Length.ZERO);
        return Words.say(
                "flaw.stretch",
                Words.say("flaw." + flaw.kind().name()),
                tape.mark(from),
                tape.mark(flaw.to()));
    }
}
