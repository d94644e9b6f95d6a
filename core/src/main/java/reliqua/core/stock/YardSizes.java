package reliqua.core.stock;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import reliqua.core.measure.Length;
import reliqua.core.measure.Tape;
import reliqua.core.measure.UnitSystem;
import reliqua.core.measure.Words;

/**
 * The sizes in a line. A unit said once holds for the bare numbers it is joined to by x; a bare
 * number that stands alone is in the keeper's unit, unless it would be absurd in it.
 */
final class YardSizes {
    static final String NUMBER = "(?:\\d+[ -]\\d+/\\d+|\\d+/\\d+|\\d+(?:[.,]\\d+)?|\\.\\d+)";
    static final String UNIT =
            "(?:mm\\b|cm\\b|met(?:er|re)s?\\b|m\\b|inch(?:es)?\\b|ins?\\b\\.?|\"|''|ft\\b\\.?|feet\\b|foot\\b|')";
    private static final String FEET = "(?:ft\\b\\.?|feet\\b|foot\\b|'(?!'))";
    static final String LENGTH =
            "(?:"
                    + NUMBER
                    + " ?"
                    + FEET
                    + " ?-?"
                    + NUMBER
                    + "(?: ?(?:inch(?:es)?\\b|ins?\\b|\"|''))?|"
                    + NUMBER
                    + "[ -]?"
                    + UNIT
                    + "|"
                    + NUMBER
                    + ")";
    private static final Pattern SIZE = Pattern.compile("(" + LENGTH + ")( ?x ?)?");
    private static final Pattern BARE = Pattern.compile(NUMBER);

    /** A board longer than this was not measured in inches. */
    private static final double ABSURD_INCHES = 300;

    /** A thing shorter than this was not measured in millimetres. */
    private static final double ABSURD_MILLIMETRES = 13;

    private final Tape tape;
    private final List<String> assumed;

    YardSizes(Tape tape, List<String> assumed) {
        this.tape = tape;
        this.assumed = assumed;
    }

    /**
     * A size as said.
     *
     * @param text number and unit, if there is one
     * @param joined whether an x follows
     * @param after whether an x goes before
     */
    record Size(String text, boolean joined, boolean after) {
        boolean bare() {
            return BARE.matcher(text).matches();
        }

        Size withUnit(String unit) {
            return new Size(text + " " + unit, joined, after);
        }

        String unit() {
            return bare() ? "" : text.replaceFirst("^" + NUMBER + "[ -]?", "").strip();
        }
    }

    /** The sizes in order, with units spread over what they are joined to. */
    List<Size> scan(String text) {
        return scan(text, true);
    }

    /**
     * The sizes in order.
     *
     * @param pairs whether 4 x 8ft means both in feet; not so for pipe, 1 x 10ft
     */
    List<Size> scan(String text, boolean pairs) {
        List<Size> sizes = new ArrayList<>();
        Matcher matcher = SIZE.matcher(text);
        boolean after = false;
        while (matcher.find()) {
            boolean joined = matcher.group(2) != null;
            sizes.add(new Size(matcher.group(1).strip(), joined, after));
            after = joined;
        }
        return metric(spread(sizes, pairs));
    }

    /** All in the keeper's unit, however long that is. */
    List<Length> asSaid(String text) {
        assumed.remove(Words.say("say.assumed.mm"));
        List<Length> lengths = new ArrayList<>();
        Matcher matcher = SIZE.matcher(text);
        while (matcher.find()) {
            lengths.add(tape.reader().read(matcher.group(1).strip()));
        }
        return lengths;
    }

    /**
     * On an inch tape a line that names a metric unit, or a number no inch is meant by, was
     * measured in millimetres, and so were its other bare numbers; fractions are of an inch all the
     * same.
     */
    private List<Size> metric(List<Size> sizes) {
        boolean metric =
                inches()
                        && sizes.stream()
                                .anyMatch(
                                        s ->
                                                s.bare()
                                                        ? number(s) > ABSURD_INCHES
                                                        : s.unit()
                                                                .matches("mm|cm|m|met(?:er|re)s?"));
        boolean bare = sizes.stream().anyMatch(s -> isPlain(s));
        if (!metric || !bare) {
            return sizes;
        }
        note("say.assumed.mm");
        return all(sizes, "mm");
    }

    /**
     * Bare numbers that are absurd for a thing in the keeper's unit were measured in the other: on
     * an inch tape one that is larger than such a thing ever is, on a metric one all that are
     * smaller.
     */
    List<Size> between(Length least, Length most, List<Size> sizes) {
        List<Size> plain = sizes.stream().filter(YardSizes::isPlain).toList();
        if (inches() && plain.stream().anyMatch(s -> plain(s).compareTo(most) > 0)) {
            note("say.assumed.mm");
            return all(sizes, "mm");
        }
        boolean whole = plain.size() == sizes.size() && !plain.isEmpty();
        if (!inches() && whole && plain.stream().allMatch(s -> read(s).compareTo(least) < 0)) {
            note("say.assumed.inches");
            return all(sizes, "in");
        }
        return sizes;
    }

    private static List<Size> all(List<Size> sizes, String unit) {
        return sizes.stream().map(s -> isPlain(s) ? s.withUnit(unit) : s).toList();
    }

    private static boolean isPlain(Size size) {
        return size.bare() && !size.text().contains("/");
    }

    private static double number(Size size) {
        return isPlain(size) ? Double.parseDouble(size.text().replace(',', '.')) : 0;
    }

    private static List<Size> spread(List<Size> sizes, boolean pairs) {
        List<Size> spread = new ArrayList<>(sizes);
        for (int end = 0; end < spread.size(); end++) {
            if (spread.get(end).joined() || spread.get(end).bare()) {
                continue;
            }
            int start = end;
            while (spread.get(start).after()) {
                start--;
            }
            String unit = spread.get(end).unit();
            boolean small = unit.startsWith("mm") || unit.startsWith("cm") || isInch(unit);
            boolean pair = pairs && end - start == 1 && few(spread.get(start));
            boolean metres = unit.startsWith("m") && !unit.startsWith("mm");
            for (int n = start; n < end; n++) {
                boolean middle = pairs && end - start == 2 && n == start + 1 && few(spread.get(n));
                boolean decimal = metres && spread.get(n).text().matches("[0-4][.,]\\d+");
                if (spread.get(n).bare() && (small || pair || middle && !small || decimal)) {
                    spread.set(n, spread.get(n).withUnit(unit));
                }
            }
        }
        return spread;
    }

    /** So few that it can be feet or metres. */
    private static boolean few(Size size) {
        return size.text().matches("\\d{1,2}") && Integer.parseInt(size.text()) <= 12;
    }

    private static boolean isInch(String unit) {
        return unit.startsWith("in") || unit.equals("\"") || unit.equals("''");
    }

    /**
     * The length of one size; an absurd bare number is taken in another unit, and that is noted.
     */
    Length read(Size size) {
        if (!size.bare()) {
            return tape.reader().read(size.text().replaceFirst("(?<=\\d)-(?=[a-z])", " "));
        }
        double number = number(size);
        if (tape.system() == UnitSystem.INCHES && number > ABSURD_INCHES) {
            note("say.assumed.mm");
            return tape.reader().read(size.text() + " mm");
        }
        boolean fraction = size.text().contains("/");
        if (tape.system() == UnitSystem.MILLIMETRES && fraction) {
            return tape.reader().read(size.text() + " in");
        }
        boolean decimal = size.text().matches(".*[.,].*");
        if (tape.system() == UnitSystem.MILLIMETRES && decimal && number < ABSURD_MILLIMETRES) {
            note("say.assumed.metres");
            return tape.reader().read(size.text() + " m");
        }
        return tape.reader().read(size.text());
    }

    /** The length of one size; a bare number is in the keeper's unit however small it is. */
    Length plain(Size size) {
        return size.bare() && !size.text().contains("/")
                ? tape.reader().read(size.text())
                : read(size);
    }

    /** A bare number of feet. */
    Length feet(Size size) {
        note("say.assumed.feet");
        return tape.reader().read(size.text() + " ft");
    }

    Length read(String text) {
        return read(new Size(text.strip(), false, false));
    }

    void note(String key, Object... terms) {
        String words = Words.say(key, terms);
        if (!assumed.contains(words)) {
            assumed.add(words);
        }
    }

    boolean inches() {
        return tape.system() == UnitSystem.INCHES;
    }

    String say(Length length) {
        return tape.say(length);
    }
}
