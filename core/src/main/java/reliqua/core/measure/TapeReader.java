package reliqua.core.measure;

import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Reads a length in every way it is called out from a tape: {@code 5' 4 1/2"}, {@code 5ft 4.5in},
 * {@code 64-1/2"}, {@code 1.64 m}, {@code 163.8cm}, {@code 1638}, unicode fractions and primes. A
 * bare number is in the keeper's unit.
 */
public final class TapeReader {
    private static final Map<Character, String> FRACTIONS =
            Map.ofEntries(
                    Map.entry('½', "1/2"),
                    Map.entry('¼', "1/4"),
                    Map.entry('¾', "3/4"),
                    Map.entry('⅓', "1/3"),
                    Map.entry('⅔', "2/3"),
                    Map.entry('⅛', "1/8"),
                    Map.entry('⅜', "3/8"),
                    Map.entry('⅝', "5/8"),
                    Map.entry('⅞', "7/8"));

    private static final String NUMBER =
            "(?:\\d+[ -]+\\d+/\\d+|\\d+/\\d+|\\d+(?:[.,]\\d+)?|[.,]\\d+)";
    private static final String FEET_MARK = "(?:'|ft\\.?|feet|foot)";
    private static final String INCH_MARK = "(?:\"|''|in\\.?|ins|inch|inches)";
    private static final Pattern FEET_INCHES =
            Pattern.compile(
                    "("
                            + NUMBER
                            + ")\\s*"
                            + FEET_MARK
                            + "\\s*-?\\s*(?:("
                            + NUMBER
                            + ")\\s*"
                            + INCH_MARK
                            + "?)?");
    private static final Pattern WITH_UNIT =
            Pattern.compile(
                    "("
                            + NUMBER
                            + ")\\s*("
                            + INCH_MARK
                            + "|mm|millimet(?:er|re)s?|cm|centimet(?:er|re)s?|m|met(?:er|re)s?)?");
    private static final Length LONGEST = Length.mm(1_000_000);

    private final UnitSystem bareUnit;

    /** A reader for a keeper whose bare numbers are in {@code bareUnit}. */
    public TapeReader(UnitSystem bareUnit) {
        this.bareUnit = bareUnit;
    }

    /**
     * Reads a length of zero or more, up to one kilometre.
     *
     * @throws MeasureException with a message for the keeper when the text is not a length
     */
    public Length read(String text) {
        String plain = plain(text);
        if (plain.isEmpty()) {
            throw new MeasureException(text, Words.say("measure.empty"));
        }
        Length length = parse(text, plain);
        if (!length.atMost(LONGEST)) {
            throw new MeasureException(text, Words.say("measure.tooLong", text.strip()));
        }
        return length;
    }

    private Length parse(String text, String plain) {
        Matcher feet = FEET_INCHES.matcher(plain);
        if (feet.matches()) {
            Length whole = inches(text, feet.group(1), 12);
            return feet.group(2) == null ? whole : whole.plus(inches(text, feet.group(2), 1));
        }
        Matcher single = WITH_UNIT.matcher(plain);
        if (single.matches()) {
            return withUnit(text, single.group(1), single.group(2));
        }
        throw new MeasureException(text, Words.say("measure.unreadable", text.strip(), example()));
    }

    private Length withUnit(String text, String number, String unit) {
        if (unit == null) {
            return bareUnit == UnitSystem.INCHES
                    ? inches(text, number, 1)
                    : millimetres(text, number, 1);
        }
        if (unit.startsWith("mm") || unit.startsWith("milli")) {
            return millimetres(text, number, 1);
        }
        if (unit.startsWith("c")) {
            return millimetres(text, number, 10);
        }
        return unit.startsWith("m") ? millimetres(text, number, 1000) : inches(text, number, 1);
    }

    private static Length inches(String text, String number, int perUnit) {
        return rational(text, number, perUnit * 25_400_000L);
    }

    private static Length millimetres(String text, String number, int perUnit) {
        return rational(text, number, perUnit * 1_000_000L);
    }

    private static Length rational(String text, String number, long nmPerUnit) {
        try {
            int slash = number.indexOf('/');
            if (slash < 0) {
                var decimal = new java.math.BigDecimal(number.replace(',', '.'));
                return new Length(
                        decimal.multiply(java.math.BigDecimal.valueOf(nmPerUnit))
                                .setScale(0, java.math.RoundingMode.HALF_UP)
                                .longValueExact());
            }
            String[] parts = number.split("[ \\-/]+");
            int last = parts.length - 1;
            long whole = parts.length == 3 ? Long.parseLong(parts[0]) : 0;
            long numerator = Long.parseLong(parts[last - 1]);
            long denominator = Long.parseLong(parts[last]);
            if (denominator == 0) {
                throw new MeasureException(
                        text, Words.say("measure.zeroDenominator", text.strip()));
            }
            long scaled = Math.multiplyExact(numerator, nmPerUnit);
            return new Length(
                    Math.addExact(
                            Math.multiplyExact(whole, nmPerUnit),
                            Math.floorDiv(2 * scaled + denominator, 2 * denominator)));
        } catch (ArithmeticException | NumberFormatException e) {
            throw new MeasureException(text, Words.say("measure.tooLong", text.strip()));
        }
    }

    private String example() {
        return bareUnit == UnitSystem.INCHES ? "5' 4 1/2\"" : "1638";
    }

    private static String plain(String text) {
        StringBuilder plain = new StringBuilder();
        for (char c : text.strip().toLowerCase(java.util.Locale.ROOT).toCharArray()) {
            String fraction = FRACTIONS.get(c);
            if (fraction != null) {
                plain.append(' ').append(fraction);
            } else {
                plain.append(
                        switch (c) {
                            case '′', '’', '‘' -> '\'';
                            case '″', '”', '“' -> '"';
                            case '⁄' -> '/';
                            case '–', '—', '‐' -> '-';
                            case '\u00a0', '\u2009' -> ' ';
                            default -> c;
                        });
            }
        }
        return plain.toString().strip().replaceAll("\\s+", " ");
    }
}
