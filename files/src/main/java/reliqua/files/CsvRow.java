package reliqua.files;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.apache.commons.csv.CSVRecord;
import reliqua.core.measure.Length;
import reliqua.core.measure.Money;
import reliqua.core.measure.TapeReader;
import reliqua.core.stock.Condition;
import reliqua.core.stock.Flaw;
import reliqua.core.stock.FlawArea;
import reliqua.core.stock.Hazard;
import reliqua.core.stock.Pallet;
import reliqua.core.stock.Section;
import reliqua.core.stock.SheetOutline;

/** One line of a table; every fault names its column. */
final class CsvRow {
    private static final Pattern FLAW = Pattern.compile("(\\w+)\\s+(.+?)\\s+to\\s+(.+)");
    private static final Pattern AREA =
            Pattern.compile("(\\w+)\\s+(.+?)\\s+x\\s+(.+?)\\s+at\\s+(.+?)\\s*,\\s*(.+)");

    /** Small amounts were written with an exponent by older versions. */
    private static final Pattern AMOUNT =
            Pattern.compile("\\d{1,9}(?:\\.\\d{1,12})?(?:[eE]-?\\d)?");

    private static final Pattern BOARDS = Pattern.compile("(\\d{1,3})\\s+of\\s+(.+?)\\s+x\\s+(.+)");

    private final CSVRecord record;
    private final TapeReader tape;

    CsvRow(CSVRecord record, TapeReader tape) {
        this.record = record;
        this.tape = tape;
    }

    /**
     * A cell without a column means that a comma is too many, so that cells stand in the wrong
     * ones.
     */
    void requireNoMore() {
        List<String> names = record.getParser().getHeaderNames();
        for (int n = 0; n < record.size(); n++) {
            boolean nameless = n >= names.size() || names.get(n).isBlank();
            if (nameless && !record.get(n).isBlank()) {
                throw new IllegalArgumentException(
                        "\""
                                + record.get(n)
                                + "\" stands in no column; put cells with commas in quotes");
            }
        }
    }

    String text(String column) {
        return record.isMapped(column) && record.isSet(column)
                ? Cells.plain(record.get(column))
                : "";
    }

    int count(String column) {
        String text = text(column);
        if (text.isEmpty()) {
            return 1;
        }
        try {
            return Integer.parseInt(text);
        } catch (NumberFormatException e) {
            throw new IllegalArgumentException(
                    "column " + column + ": \"" + text + "\" is no whole number");
        }
    }

    /** What was paid; nothing where the cell is empty. */
    Money money(String column) {
        String text = text(column);
        if (text.isEmpty()) {
            return Money.ZERO;
        }
        if (!AMOUNT.matcher(text).matches()) {
            throw new IllegalArgumentException(
                    "column " + column + ": \"" + text + "\" is no amount of money; write 4.50");
        }
        return Money.of(Double.parseDouble(text));
    }

    Length length(String column) {
        return read(column, text(column));
    }

    Optional<Length> maybeLength(String column) {
        return text(column).isEmpty() ? Optional.empty() : Optional.of(length(column));
    }

    List<Length> lengths(String column) {
        return parts(column).stream().map(part -> read(column, part)).toList();
    }

    /** Corners by semicolons, x and y by a comma; nothing for a rectangle. */
    Optional<SheetOutline> outline() {
        List<SheetOutline.Corner> corners = new ArrayList<>();
        for (String part : parts("outline")) {
            String[] two = part.split(",");
            if (two.length != 2) {
                throw new IllegalArgumentException(
                        "column outline: \"" + part + "\" is unclear; write 0 in, 48 in");
            }
            corners.add(
                    new SheetOutline.Corner(
                            read("outline", two[0].strip()), read("outline", two[1].strip())));
        }
        return corners.isEmpty() ? Optional.empty() : Optional.of(new SheetOutline(corners));
    }

    Length lengthOr(String column, Length otherwise) {
        return text(column).isEmpty() ? otherwise : length(column);
    }

    private Length read(String column, String text) {
        try {
            return tape.read(text);
        } catch (IllegalArgumentException e) {
            throw new IllegalArgumentException("column " + column + ": " + e.getMessage());
        }
    }

    <E extends Enum<E>> E choice(String column, Class<E> type, E otherwise) {
        String text = text(column);
        return text.isEmpty() ? otherwise : choice(column, type, text);
    }

    private static <E extends Enum<E>> E choice(String column, Class<E> type, String text) {
        for (E value : type.getEnumConstants()) {
            if (value.name().equalsIgnoreCase(text)) {
                return value;
            }
        }
        String known =
                String.join(
                        ", ",
                        Arrays.stream(type.getEnumConstants())
                                .map(v -> v.name().toLowerCase(Locale.ROOT))
                                .toList());
        throw new IllegalArgumentException(
                "column " + column + ": \"" + text + "\" is unknown; use " + known);
    }

    /** A day like 2026-03-09, or nothing. */
    Optional<LocalDate> day(String column) {
        String text = text(column);
        if (text.isEmpty()) {
            return Optional.empty();
        }
        try {
            return Optional.of(LocalDate.parse(text));
        } catch (DateTimeParseException e) {
            throw new IllegalArgumentException(
                    "column " + column + ": \"" + text + "\" is no day; write 2026-03-09");
        }
    }

    /** What is suspected and decided. */
    Condition condition() {
        Set<Hazard> hazards = EnumSet.noneOf(Hazard.class);
        parts("hazards").forEach(h -> hazards.add(choice("hazards", Hazard.class, h)));
        return new Condition(
                hazards, choice("verdict", Condition.Verdict.class, Condition.Verdict.OPEN));
    }

    /** So many boards of a section: {@code 12 of 16 mm x 89 mm}. */
    Pallet.Boards boards(String column, Pallet.Boards otherwise) {
        String text = text(column);
        if (text.isEmpty()) {
            return otherwise;
        }
        Matcher m = BOARDS.matcher(text);
        if (!m.matches()) {
            throw new IllegalArgumentException(
                    "column "
                            + column
                            + ": \""
                            + text
                            + "\" is unclear; write 12 of 16 mm x 89 mm");
        }
        return new Pallet.Boards(
                Integer.parseInt(m.group(1)),
                Section.of(read(column, m.group(2)), read(column, m.group(3))));
    }

    List<String> parts(String column) {
        return Arrays.stream(text(column).split(";"))
                .map(String::strip)
                .filter(s -> !s.isEmpty())
                .toList();
    }

    List<Flaw> flaws() {
        List<Flaw> flaws = new ArrayList<>();
        for (String part : parts("flaws")) {
            Matcher m = FLAW.matcher(part);
            if (!m.matches()) {
                throw new IllegalArgumentException(
                        "column flaws: \"" + part + "\" is unclear; write rot 12 in to 14 in");
            }
            flaws.add(
                    new Flaw(
                            choice("flaws", Flaw.Kind.class, m.group(1)),
                            read("flaws", m.group(2)),
                            read("flaws", m.group(3))));
        }
        return flaws;
    }

    List<FlawArea> areas() {
        List<FlawArea> areas = new ArrayList<>();
        for (String part : parts("flaws")) {
            Matcher m = AREA.matcher(part);
            if (!m.matches()) {
                throw new IllegalArgumentException(
                        "column flaws: \""
                                + part
                                + "\" is unclear; write rot 6 in x 8 in at 0 in, 40 in");
            }
            areas.add(
                    new FlawArea(
                            choice("flaws", Flaw.Kind.class, m.group(1)),
                            read("flaws", m.group(4)),
                            read("flaws", m.group(5)),
                            read("flaws", m.group(2)),
                            read("flaws", m.group(3))));
        }
        return areas;
    }
}
