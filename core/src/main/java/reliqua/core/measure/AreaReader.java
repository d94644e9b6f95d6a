package reliqua.core.measure;

import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Reads an area as it is typed or said: {@code 3.5 sq ft}, {@code 4 square feet}, {@code 0,3 m2}. A
 * bare number is in the keeper's unit.
 */
public final class AreaReader {
    /** A unit of area, for phrases that have an area in them. */
    public static final String UNIT =
            "(?:sq\\.? ?ft|square f(?:ee|oo)t|ft2|sq\\.? ?m|m2|m²|square met(?:er|re)s?)";

    private static final Pattern AREA =
            Pattern.compile("(\\d{1,4}(?:[.,]\\d{1,3})?)\\s*(" + UNIT + ")?");

    private final UnitSystem bareUnit;

    /** A reader for a keeper whose bare numbers are in square feet or square metres. */
    public AreaReader(UnitSystem bareUnit) {
        this.bareUnit = bareUnit;
    }

    /**
     * Reads an area of zero or more.
     *
     * @throws MeasureException with a message for the keeper when the text is not an area
     */
    public Area read(String text) {
        Matcher m = AREA.matcher(text.strip().toLowerCase(Locale.ROOT));
        if (!m.matches()) {
            throw new MeasureException(text, Words.say("measure.area", text.strip()));
        }
        double figure = Double.parseDouble(m.group(1).replace(',', '.'));
        boolean feet =
                m.group(2) == null ? bareUnit == UnitSystem.INCHES : m.group(2).contains("f");
        return feet ? Area.ofSquareFeet(figure) : Area.ofSquareMetres(figure);
    }
}
