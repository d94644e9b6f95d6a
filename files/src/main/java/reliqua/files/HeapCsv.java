package reliqua.files;

import java.io.IOException;
import java.io.StringReader;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import org.apache.commons.csv.CSVException;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;
import org.apache.commons.csv.DuplicateHeaderMode;
import reliqua.core.measure.TapeReader;
import reliqua.core.measure.UnitSystem;
import reliqua.core.stock.Condition;
import reliqua.core.stock.Heap;
import reliqua.core.stock.Lot;
import reliqua.core.stock.Photo;

/**
 * The heap as a table, one line a lot. Lengths carry their unit; without one they are in the unit
 * given to the reader. Nothing is lost from writing to reading.
 */
public final class HeapCsv {
    /** What a table is told whose quotes do not match. */
    static final String NO_TABLE =
            "this is not a comma-separated table; look for a quote that is not closed";

    private static final String[] COLUMNS = {
        "id",
        "kind",
        "quantity",
        "thickness",
        "width",
        "length",
        "bow",
        "crook",
        "twist",
        "cup",
        "treatment",
        "cover",
        "profile",
        "ribs",
        "holes",
        "grain",
        "outline",
        "flaws",
        "stamp",
        "boards",
        "bearers",
        "broken",
        "breaking",
        "hazards",
        "verdict",
        "place",
        "source",
        "note",
        "paid",
        "since",
        "parent",
        "photos"
    };
    private static final CSVFormat READ =
            CSVFormat.DEFAULT
                    .builder()
                    .setHeader()
                    .setSkipHeaderRecord(true)
                    .setIgnoreHeaderCase(true)
                    .setAllowMissingColumnNames(true)
                    .setDuplicateHeaderMode(DuplicateHeaderMode.ALLOW_ALL)
                    .setTrim(true)
                    .setIgnoreEmptyLines(true)
                    .get();
    private static final CSVFormat WRITE =
            CSVFormat.DEFAULT.builder().setHeader(COLUMNS).setRecordSeparator('\n').get();

    private HeapCsv() {}

    /** The heap as text. */
    public static String write(Heap heap) {
        StringWriter out = new StringWriter();
        try (CSVPrinter printer = new CSVPrinter(out, WRITE)) {
            for (Lot lot : heap.lots()) {
                printer.printRecord(row(lot));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toString();
    }

    private static List<String> row(Lot lot) {
        Map<String, String> row = new HashMap<>();
        row.put("id", Cells.safe(lot.id()));
        row.put("quantity", String.valueOf(lot.quantity()));
        MaterialCsv.write(lot.material(), row);
        row.put(
                "hazards",
                String.join(
                        "; ", lot.condition().hazards().stream().map(JsonWords::lower).toList()));
        if (lot.condition().verdict() != Condition.Verdict.OPEN) {
            row.put("verdict", JsonWords.lower(lot.condition().verdict()));
        }
        Lot.Provenance p = lot.provenance();
        row.put("place", Cells.safe(p.place()));
        row.put("source", Cells.safe(p.source()));
        row.put("note", Cells.safe(p.note()));
        row.put("paid", Cells.amount(p.paid()));
        p.since().ifPresent(day -> row.put("since", day.toString()));
        row.put("parent", Cells.safe(p.parent()));
        row.put("photos", String.join("; ", p.photos().stream().map(Photo::name).toList()));
        return Arrays.stream(COLUMNS).map(c -> row.getOrDefault(c, "")).toList();
    }

    /** Whether a text is a heap table as it is written here, by its column names. */
    public static boolean isHeap(String text) {
        String first = text.lines().findFirst().orElse("");
        List<String> names =
                Arrays.stream(first.toLowerCase(Locale.ROOT).split(","))
                        .map(String::strip)
                        .toList();
        return names.contains("kind") && names.contains("length");
    }

    /**
     * Reads a heap.
     *
     * @param name how the text is called in messages
     * @param bareUnit unit of numbers without one
     * @throws InputException with a line for every fault: line, column, what and how to mend it
     */
    public static Heap read(String text, String name, UnitSystem bareUnit) throws InputException {
        return read(text, name, bareUnit, _ -> Optional.empty());
    }

    /**
     * Reads a heap with its pictures.
     *
     * @param photos the picture of a name, if there is one
     */
    static Heap read(
            String text, String name, UnitSystem bareUnit, Function<String, Optional<Photo>> photos)
            throws InputException {
        List<String> faults = new ArrayList<>();
        List<Lot> lots = new ArrayList<>();
        Set<String> ids = new HashSet<>();
        try (CSVParser parser = CSVParser.parse(new StringReader(text), READ)) {
            header(parser.getHeaderNames(), name);
            for (CSVRecord record : parser) {
                lot(record, name, new TapeReader(bareUnit), photos, faults, ids, lots);
            }
        } catch (CSVException | UncheckedIOException | IllegalArgumentException e) {
            throw new InputException(name + ": " + NO_TABLE);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        if (!faults.isEmpty()) {
            throw new InputException(faults);
        }
        return new Heap(lots);
    }

    /** A column that is not known would be lost without a word. */
    private static void header(List<String> names, String name) throws InputException {
        List<String> lower = names.stream().map(n -> n.toLowerCase(Locale.ROOT)).toList();
        String where = name + ", line 1: ";
        String known = String.join(",", COLUMNS);
        if (!lower.contains("kind") || !lower.contains("length")) {
            throw new InputException(
                    where
                            + "the first line must name the columns, kind and length among them: "
                            + known);
        }
        List<String> faults = new ArrayList<>();
        for (int n = 0; n < lower.size(); n++) {
            if (lower.get(n).isBlank()) {
                continue;
            }
            if (lower.indexOf(lower.get(n)) < n) {
                faults.add(where + "column " + names.get(n) + " is there twice; keep one of them");
            } else if (!List.of(COLUMNS).contains(lower.get(n))) {
                faults.add(
                        where
                                + "column \""
                                + names.get(n)
                                + "\" is not known; rename it to one of these or leave it out: "
                                + known);
            }
        }
        if (!faults.isEmpty()) {
            throw new InputException(faults);
        }
    }

    private static void lot(
            CSVRecord record,
            String name,
            TapeReader tape,
            Function<String, Optional<Photo>> photos,
            List<String> faults,
            Set<String> ids,
            List<Lot> lots) {
        String where = name + ", line " + (record.getRecordNumber() + 1);
        CsvRow row = new CsvRow(record, tape);
        try {
            row.requireNoMore();
            String id = row.text("id").isEmpty() ? "L" + record.getRecordNumber() : row.text("id");
            if (!ids.add(id)) {
                throw new IllegalArgumentException(
                        "column id: " + id + " occurs twice; give each lot its own");
            }
            Lot.Provenance provenance =
                    new Lot.Provenance(
                            row.text("place"),
                            row.text("source"),
                            row.text("note"),
                            row.money("paid"),
                            row.day("since"),
                            row.text("parent"),
                            row.parts("photos").stream()
                                    .flatMap(each -> photos.apply(each).stream())
                                    .toList());
            lots.add(
                    new Lot(
                            id,
                            row.count("quantity"),
                            MaterialCsv.read(row),
                            provenance,
                            row.condition()));
        } catch (IllegalArgumentException e) {
            faults.add(where + ": " + e.getMessage());
        }
    }
}
