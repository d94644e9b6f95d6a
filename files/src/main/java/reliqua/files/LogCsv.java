package reliqua.files;

import java.io.IOException;
import java.io.StringReader;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import org.apache.commons.csv.CSVException;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;
import reliqua.core.flock.BirdClass;
import reliqua.core.flock.Predator;
import reliqua.core.keep.Birds;
import reliqua.core.keep.Chore;
import reliqua.core.keep.Entry;
import reliqua.core.keep.Happening;
import reliqua.core.measure.Money;
import reliqua.core.measure.TapeReader;
import reliqua.core.measure.Temperature;
import reliqua.core.measure.UnitSystem;
import reliqua.core.measure.Volume;
import reliqua.core.measure.Weight;
import reliqua.core.stock.Photo;

/**
 * The logbook as a table, a line each: kilograms, litres, degrees Celsius. Nothing is lost from
 * writing to reading.
 */
public final class LogCsv {
    private static final String[] COLUMNS = {
        "day", "kind", "count", "cracked", "kg", "litres", "money", "minutes", "birds", "cocks",
        "cause", "animal", "attack", "chore", "low", "high", "text", "said", "photos"
    };
    private static final CSVFormat READ =
            CSVFormat.DEFAULT
                    .builder()
                    .setHeader()
                    .setSkipHeaderRecord(true)
                    .setIgnoreHeaderCase(true)
                    .setTrim(true)
                    .setIgnoreEmptyLines(true)
                    .get();
    private static final CSVFormat WRITE =
            CSVFormat.DEFAULT.builder().setHeader(COLUMNS).setRecordSeparator('\n').get();

    private LogCsv() {}

    /** The log as text. */
    public static String write(List<Entry> log) {
        StringWriter out = new StringWriter();
        try (CSVPrinter printer = new CSVPrinter(out, WRITE)) {
            for (Entry entry : log) {
                Map<String, String> row = new HashMap<>();
                row.put("day", entry.day().toString());
                row.put("said", Cells.safe(entry.said()));
                row.put(
                        "photos",
                        String.join("; ", entry.photos().stream().map(Photo::name).toList()));
                write(entry.what(), row);
                printer.printRecord(
                        Arrays.stream(COLUMNS).map(c -> row.getOrDefault(c, "")).toList());
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toString();
    }

    private static void write(Happening what, Map<String, String> row) {
        switch (what) {
            case Happening.Eggs e -> {
                kind(row, "eggs", e.count());
                row.put("cracked", String.valueOf(e.cracked()));
            }
            case Happening.Fed f -> {
                row.put("kind", "fed");
                row.put("kg", String.valueOf(f.feed().toKilograms()));
                money(row, f.cost());
            }
            case Happening.Watered w -> {
                row.put("kind", "watered");
                row.put("litres", String.valueOf(w.water().litres()));
            }
            case Happening.Bedding b -> {
                kind(row, "bedding", b.bales());
                money(row, b.cost());
            }
            case Happening.Paid p -> {
                text(row, "paid", p.what());
                money(row, p.cost());
            }
            case Happening.Sold s -> {
                kind(row, "sold", s.eggs());
                money(row, s.taken());
            }
            case Happening.Lost l -> {
                text(row, "lost", l.who());
                birds(row, l.birds());
                row.put("cause", JsonWords.lower(l.cause()));
                l.animal().ifPresent(a -> row.put("animal", JsonWords.lower(a)));
            }
            case Happening.Joined j -> {
                row.put("kind", "joined");
                birds(row, j.birds());
                money(row, j.cost());
            }
            case Happening.Left l -> {
                row.put("kind", "left");
                birds(row, l.birds());
                money(row, l.taken());
            }
            case Happening.Mended m -> {
                text(row, "mended", m.what());
                row.put("minutes", String.valueOf(m.minutes()));
                money(row, m.cost());
            }
            case Happening.Worked w -> {
                row.put("kind", "worked");
                row.put("chore", JsonWords.lower(w.chore()));
                row.put("minutes", String.valueOf(w.minutes()));
            }
            case Happening.Weather w -> {
                text(row, "weather", w.what());
                w.low().ifPresent(t -> row.put("low", String.valueOf(t.celsius())));
                w.high().ifPresent(t -> row.put("high", String.valueOf(t.celsius())));
            }
            case Happening.Seen s -> {
                text(row, "seen", s.what());
                s.animal().ifPresent(a -> row.put("animal", JsonWords.lower(a)));
                row.put("attack", s.attack() ? "yes" : "");
            }
            case Happening.Note n -> text(row, "note", n.text());
            case Happening.NextTime n -> text(row, "next", n.text());
        }
    }

    private static void kind(Map<String, String> row, String kind, int count) {
        row.put("kind", kind);
        row.put("count", String.valueOf(count));
    }

    private static void text(Map<String, String> row, String kind, String text) {
        row.put("kind", kind);
        row.put("text", Cells.safe(text));
    }

    private static void money(Map<String, String> row, Money money) {
        if (!money.isZero()) {
            row.put("money", Cells.amount(money));
        }
    }

    private static void birds(Map<String, String> row, Birds birds) {
        row.put("count", String.valueOf(birds.count()));
        row.put("birds", JsonWords.lower(birds.kind()));
        row.put("cocks", birds.cocks() ? "yes" : "");
    }

    /**
     * Reads a log.
     *
     * @param name of the table, for messages
     * @throws InputException with a line for every fault
     */
    public static List<Entry> read(String text, String name) throws InputException {
        return read(text, name, _ -> Optional.empty());
    }

    /**
     * Reads a log with its pictures.
     *
     * @param photos the picture of a name, if there is one
     */
    static List<Entry> read(String text, String name, Function<String, Optional<Photo>> photos)
            throws InputException {
        List<String> faults = new ArrayList<>();
        List<Entry> log = new ArrayList<>();
        try (CSVParser parser = CSVParser.parse(new StringReader(text), READ)) {
            for (CSVRecord record : parser) {
                try {
                    log.add(entry(new Row(record), photos));
                } catch (IllegalArgumentException e) {
                    faults.add(
                            name
                                    + ", line "
                                    + (record.getRecordNumber() + 1)
                                    + ": "
                                    + e.getMessage());
                }
            }
        } catch (CSVException | UncheckedIOException | IllegalArgumentException e) {
            faults.add(name + ": " + HeapCsv.NO_TABLE);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        if (!faults.isEmpty()) {
            throw new InputException(faults);
        }
        return log;
    }

    private static Entry entry(Row row, Function<String, Optional<Photo>> photos) {
        LocalDate day =
                row.cells
                        .day("day")
                        .orElseThrow(() -> new IllegalArgumentException("column day: it is empty"));
        List<Photo> shown =
                row.cells.parts("photos").stream()
                        .flatMap(each -> photos.apply(each).stream())
                        .toList();
        return new Entry(day, what(row), row.cells.text("said"), shown);
    }

    private static Happening what(Row row) {
        String kind = row.cells.text("kind");
        return switch (kind) {
            case "eggs" -> new Happening.Eggs(row.whole("count"), row.whole("cracked"));
            case "fed" ->
                    new Happening.Fed(Weight.ofKilograms(row.number("kg").orElse(0)), row.money());
            case "watered" -> new Happening.Watered(new Volume(row.number("litres").orElse(0)));
            case "bedding" -> new Happening.Bedding(row.whole("count"), row.money());
            case "paid" -> new Happening.Paid(row.text(), row.money());
            case "sold" -> new Happening.Sold(row.whole("count"), row.money());
            case "lost" ->
                    new Happening.Lost(
                            row.birds(),
                            row.text(),
                            row.cells.choice(
                                    "cause", Happening.Cause.class, Happening.Cause.UNKNOWN),
                            row.animal());
            case "joined" -> new Happening.Joined(row.birds(), row.money());
            case "left" -> new Happening.Left(row.birds(), row.money());
            case "mended" -> new Happening.Mended(row.text(), row.whole("minutes"), row.money());
            case "worked" ->
                    new Happening.Worked(row.chosen("chore", Chore.class), row.whole("minutes"));
            case "weather" ->
                    new Happening.Weather(row.degrees("low"), row.degrees("high"), row.text());
            case "seen" -> new Happening.Seen(row.animal(), row.flag("attack"), row.text());
            case "note" -> new Happening.Note(row.text());
            case "next" -> new Happening.NextTime(row.text());
            default ->
                    throw new IllegalArgumentException(
                            "column kind: \""
                                    + kind
                                    + "\" is unknown; use eggs, fed, watered,"
                                    + " bedding, paid, sold, lost, joined, left, mended, worked,"
                                    + " weather, seen, note, next");
        };
    }

    /** The cells of one line. */
    private static final class Row {
        private final CsvRow cells;

        Row(CSVRecord record) {
            cells = new CsvRow(record, new TapeReader(UnitSystem.MILLIMETRES));
            cells.requireNoMore();
        }

        String text() {
            return cells.text("text");
        }

        Money money() {
            return cells.money("money");
        }

        int whole(String column) {
            return cells.text(column).isEmpty() ? 0 : cells.count(column);
        }

        boolean flag(String column) {
            return cells.text(column).equalsIgnoreCase("yes");
        }

        OptionalDouble number(String column) {
            String text = cells.text(column);
            if (text.isEmpty()) {
                return OptionalDouble.empty();
            }
            if (!text.matches("-?\\d{1,7}(?:\\.\\d{1,18})?(?:E-?\\d{1,2})?")) {
                throw new IllegalArgumentException(
                        "column " + column + ": \"" + text + "\" is no number");
            }
            return OptionalDouble.of(Double.parseDouble(text));
        }

        Optional<Temperature> degrees(String column) {
            OptionalDouble number = number(column);
            return number.isEmpty()
                    ? Optional.empty()
                    : Optional.of(new Temperature(number.getAsDouble()));
        }

        Birds birds() {
            return new Birds(
                    cells.count("count"),
                    cells.choice("birds", BirdClass.class, BirdClass.STANDARD),
                    flag("cocks"));
        }

        Optional<Predator> animal() {
            return maybe("animal", a -> chosen(a, Predator.class));
        }

        private <T> Optional<T> maybe(String column, Function<String, T> read) {
            return cells.text(column).isEmpty()
                    ? Optional.empty()
                    : Optional.of(read.apply(column));
        }

        <E extends Enum<E>> E chosen(String column, Class<E> type) {
            return cells.choice(column, type, type.getEnumConstants()[0]);
        }
    }
}
