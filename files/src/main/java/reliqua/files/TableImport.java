package reliqua.files;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import org.apache.commons.csv.CSVException;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import reliqua.core.measure.Money;
import reliqua.core.measure.Tape;
import reliqua.core.measure.Words;
import reliqua.core.stock.Condition;
import reliqua.core.stock.Lot;
import reliqua.core.stock.SayLine;

/**
 * Somebody's own list as a table: columns are guessed from their names, can be named otherwise, and
 * every line is shown as it is understood before anything is added. A line's words and sizes are
 * put together and read as they would be called across the yard.
 */
public final class TableImport {
    /** What a column can hold. */
    public enum Column {
        /** What it is, in words: the whole line, or a kind. */
        WHAT("what", "item", "description", "name", "material", "kind", "type", "thing", "article"),
        QUANTITY("quantity", "qty", "count", "number", "pcs", "pieces", "no", "how many", "amount"),
        THICKNESS("thickness", "thick", "t", "depth", "height"),
        WIDTH("width", "wide", "w", "breadth"),
        LENGTH("length", "long", "l", "len"),
        FLAWS("flaws", "flaw", "damage", "defects", "condition", "faults", "bow", "warp"),
        PLACE("place", "where", "location", "stored", "lies"),
        SOURCE("source", "from", "origin", "came from", "salvaged"),
        NOTE("note", "notes", "remark", "remarks", "comment", "comments"),
        PAID("paid", "price", "cost", "value"),
        /** Left out. */
        NONE;

        private final Set<String> names;

        Column(String... names) {
            this.names = Set.of(names);
        }

        static Column of(String header) {
            String plain = header.toLowerCase(Locale.ROOT).replaceAll("[^a-z ]", " ").strip();
            for (Column column : values()) {
                if (column.names.contains(plain)) {
                    return column;
                }
            }
            for (Column column : values()) {
                boolean part =
                        column.names.stream()
                                .anyMatch(n -> n.length() > 3 && (" " + plain + " ").contains(n));
                if (part) {
                    return column;
                }
            }
            return NONE;
        }
    }

    /**
     * A line of the table.
     *
     * @param number in the file, from 1
     * @param said how it is read
     * @param lot what is understood, under a name of the file's own
     * @param fault why nothing is; empty otherwise
     */
    public record Line(int number, String said, Optional<Lot> lot, String fault) {}

    private final List<String> headers;
    private final List<CSVRecord> records;

    private TableImport(List<String> headers, List<CSVRecord> records) {
        this.headers = List.copyOf(headers);
        this.records = List.copyOf(records);
    }

    /**
     * Reads a table with a line of column names; comma, semicolon or tab, whichever the first line
     * has most of.
     *
     * @param name how the text is called in messages
     * @throws InputException when it is no table
     */
    public static TableImport read(String text, String name) throws InputException {
        String first = text.lines().filter(l -> !l.isBlank()).findFirst().orElse("");
        CSVFormat format =
                CSVFormat.DEFAULT
                        .builder()
                        .setDelimiter(delimiter(first))
                        .setTrim(true)
                        .setIgnoreEmptyLines(true)
                        .get();
        try (CSVParser parser = CSVParser.parse(new StringReader(text), format)) {
            List<CSVRecord> all = parser.getRecords();
            if (all.size() < 2) {
                throw new InputException(
                        name
                                + ": a table needs a line of column names and a line for every thing"
                                + " below it");
            }
            return new TableImport(all.getFirst().toList(), all.subList(1, all.size()));
        } catch (CSVException | UncheckedIOException e) {
            throw new InputException(
                    name + ": this is not a table; look for a quote that is not closed");
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static char delimiter(String line) {
        char best = ',';
        for (char each : new char[] {';', '\t'}) {
            if (count(line, each) > count(line, best)) {
                best = each;
            }
        }
        return best;
    }

    private static long count(String line, char c) {
        return line.chars().filter(each -> each == c).count();
    }

    /** The column names. */
    public List<String> headers() {
        return headers;
    }

    /** What each column seems to hold; of two alike the first counts. */
    public List<Column> guess() {
        List<Column> guessed = new ArrayList<>();
        for (String header : headers) {
            Column column = Column.of(header);
            guessed.add(guessed.contains(column) ? Column.NONE : column);
        }
        return guessed;
    }

    /** The columns of which nothing is taken, when they hold this; what stands in them is lost. */
    public List<String> leftOut(List<Column> columns) {
        return IntStream.range(0, headers.size())
                .filter(n -> columns.get(n) == Column.NONE && !headers.get(n).isBlank())
                .mapToObj(headers::get)
                .toList();
    }

    /** Every line as it is understood when the columns hold this. */
    public List<Line> lines(List<Column> columns, Tape tape) {
        SayLine reader = new SayLine(tape);
        List<Line> lines = new ArrayList<>();
        for (CSVRecord record : records) {
            lines.add(line(record, columns, reader));
        }
        return lines;
    }

    private static Line line(CSVRecord record, List<Column> columns, SayLine reader) {
        Map<Column, String> cells = new LinkedHashMap<>();
        for (int n = 0; n < Math.min(columns.size(), record.size()); n++) {
            if (columns.get(n) != Column.NONE && !record.get(n).isBlank()) {
                cells.put(columns.get(n), Cells.plain(record.get(n)));
            }
        }
        int number = (int) record.getRecordNumber();
        for (int n = columns.size(); n < record.size(); n++) {
            if (!record.get(n).isBlank()) {
                String fault = Words.say("import.noColumn", record.get(n));
                return new Line(number, said(cells), Optional.empty(), fault);
            }
        }
        String said = said(cells);
        return switch (reader.read(said)) {
            case SayLine.Understood.Unclear unclear ->
                    new Line(number, said, Optional.empty(), unclear.message());
            case SayLine.Understood.Added added -> added(number, said, added, cells);
        };
    }

    private static Line added(
            int number, String said, SayLine.Understood.Added added, Map<Column, String> cells) {
        Lot.Provenance heard = added.provenance();
        Lot.Provenance all =
                new Lot.Provenance(
                        cells.getOrDefault(Column.PLACE, heard.place()),
                        cells.getOrDefault(Column.SOURCE, heard.source()),
                        cells.getOrDefault(Column.NOTE, heard.note()),
                        paid(cells).orElse(heard.paid()));
        Condition condition = added.condition();
        Lot lot = new Lot("line " + number, added.quantity(), added.material(), all, condition);
        return new Line(number, said, Optional.of(lot), "");
    }

    private static Optional<Money> paid(Map<Column, String> cells) {
        return Money.read(cells.getOrDefault(Column.PAID, ""));
    }

    /** "6 of stick 1 1/2 x 3 1/2 x 96 rot at one end". */
    private static String said(Map<Column, String> cells) {
        List<String> words = new ArrayList<>();
        String quantity = cells.getOrDefault(Column.QUANTITY, "").replaceAll("\\.0+$", "");
        if (quantity.matches("\\d{1,4}")) {
            words.add(quantity + " of");
        }
        words.add(cells.getOrDefault(Column.WHAT, ""));
        String sizes =
                String.join(
                        " x ",
                        List.of(Column.THICKNESS, Column.WIDTH, Column.LENGTH).stream()
                                .filter(cells::containsKey)
                                .map(cells::get)
                                .toList());
        words.add(sizes);
        words.add(cells.getOrDefault(Column.FLAWS, ""));
        return String.join(" ", words.stream().filter(w -> !w.isBlank()).toList());
    }
}
