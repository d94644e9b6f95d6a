package reliqua.desktop.birds;

import java.util.regex.Matcher;
import java.util.regex.Pattern;
import reliqua.core.measure.Area;
import reliqua.core.measure.Tape;
import reliqua.core.measure.UnitSystem;
import reliqua.desktop.Texts;

/** Reads areas and counts typed by a keeper. */
final class Tapes {
    private static final Pattern AREA =
            Pattern.compile("(\\d{1,4}(?:[.,]\\d{1,3})?)\\s*(sq ?ft|ft2|sq ?m|m2|m²)?");

    private Tapes() {}

    /** An area; a bare number is in the keeper's unit. Refuses anything else with a message. */
    static Area area(String text, Tape tape) {
        Matcher m = AREA.matcher(text.strip().toLowerCase(java.util.Locale.ROOT));
        if (!m.matches()) {
            throw new IllegalArgumentException(Texts.get("own.area.wrong", text));
        }
        double figure = Double.parseDouble(m.group(1).replace(',', '.'));
        String unit = m.group(2) == null ? "" : m.group(2);
        boolean feet = unit.isEmpty() ? tape.system() == UnitSystem.INCHES : unit.contains("f");
        return feet ? Area.ofSquareFeet(figure) : Area.ofSquareMetres(figure);
    }

    /** A count. Refuses anything else with a message. */
    static int count(String text) {
        try {
            return Integer.parseInt(text);
        } catch (NumberFormatException e) {
            throw new IllegalArgumentException(Texts.get("own.count.wrong", text), e);
        }
    }
}
