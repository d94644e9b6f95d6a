package reliqua.files;

import java.io.IOException;
import java.io.StringReader;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.apache.commons.csv.CSVException;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;
import reliqua.core.measure.Length;
import reliqua.core.measure.Money;
import reliqua.core.measure.TapeReader;
import reliqua.core.measure.UnitSystem;
import reliqua.core.stock.Flaw;
import reliqua.core.stock.FlawArea;
import reliqua.core.stock.Heap;
import reliqua.core.stock.Lot;
import reliqua.core.stock.Material;
import reliqua.core.stock.Mesh;
import reliqua.core.stock.Roofing;
import reliqua.core.stock.Section;
import reliqua.core.stock.Sheet;
import reliqua.core.stock.Stick;
import reliqua.core.stock.Treatment;

/**
 * The heap as a table, one line a lot. Lengths carry their unit; without one they are in the unit
 * given to the reader. Nothing is lost from writing to reading.
 */
public final class HeapCsv {
    private static final String[] COLUMNS = {
        "id",
        "kind",
        "quantity",
        "thickness",
        "width",
        "length",
        "bow",
        "treatment",
        "cover",
        "flaws",
        "place",
        "source",
        "note",
        "paid"
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
        List<String> row = new ArrayList<>();
        row.add(Cells.safe(lot.id()));
        switch (lot.material()) {
            case Stick s -> {
                row.addAll(
                        List.of(
                                "stick",
                                lot.quantity() + "",
                                Cells.length(s.section().thickness())));
                row.addAll(List.of(Cells.length(s.section().width()), Cells.length(s.length())));
                row.addAll(
                        List.of(Cells.length(s.bow()), lower(s.treatment()), "", flaws(s.flaws())));
            }
            case Sheet s -> {
                row.addAll(
                        List.of(lower(s.kind()), lot.quantity() + "", Cells.length(s.thickness())));
                row.addAll(List.of(Cells.length(s.width()), Cells.length(s.length()), "", "", ""));
                row.add(areas(s.flaws()));
            }
            case Roofing r -> {
                row.addAll(
                        List.of("roofing", lot.quantity() + "", "", Cells.length(r.fullWidth())));
                row.addAll(List.of(Cells.length(r.length()), "", "", Cells.length(r.coverWidth())));
                row.add(flaws(r.flaws()));
            }
            case Mesh m -> {
                row.addAll(
                        List.of(lower(m.kind()), lot.quantity() + "", Cells.length(m.aperture())));
                row.addAll(
                        List.of(Cells.length(m.width()), Cells.length(m.length()), "", "", "", ""));
            }
        }
        Lot.Provenance p = lot.provenance();
        row.addAll(List.of(Cells.safe(p.place()), Cells.safe(p.source()), Cells.safe(p.note())));
        row.add(p.paid().amount() + "");
        return row;
    }

    private static String lower(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT);
    }

    private static String flaws(List<Flaw> flaws) {
        return String.join(
                "; ",
                flaws.stream()
                        .map(
                                f ->
                                        lower(f.kind())
                                                + " "
                                                + Cells.length(f.from())
                                                + " to "
                                                + Cells.length(f.to()))
                        .toList());
    }

    private static String areas(List<FlawArea> flaws) {
        return String.join(
                "; ",
                flaws.stream()
                        .map(
                                f ->
                                        lower(f.kind())
                                                + " "
                                                + Cells.length(f.width())
                                                + " x "
                                                + Cells.length(f.length())
                                                + " at "
                                                + Cells.length(f.x())
                                                + ", "
                                                + Cells.length(f.y()))
                        .toList());
    }

    /**
     * Reads a heap.
     *
     * @param name how the text is called in messages
     * @param bareUnit unit of numbers without one
     * @throws InputException with a line for every fault: line, column, what and how to mend it
     */
    public static Heap read(String text, String name, UnitSystem bareUnit) throws InputException {
        List<String> faults = new ArrayList<>();
        List<Lot> lots = new ArrayList<>();
        Set<String> ids = new HashSet<>();
        try (CSVParser parser =
                CSVParser.parse(new StringReader(text.replace("\uFEFF", "")), READ)) {
            if (!parser.getHeaderMap().containsKey("kind")
                    || !parser.getHeaderMap().containsKey("length")) {
                throw new InputException(
                        name
                                + ", line 1: the first line must name the columns, kind and length among "
                                + "them: "
                                + String.join(",", COLUMNS));
            }
            for (CSVRecord record : parser) {
                lot(record, name, new TapeReader(bareUnit), faults, ids, lots);
            }
        } catch (CSVException | UncheckedIOException | IllegalArgumentException e) {
            throw new InputException(
                    name + ": this is not a comma-separated table (" + e.getMessage() + ")");
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        if (!faults.isEmpty()) {
            throw new InputException(faults);
        }
        return new Heap(lots);
    }

    private static void lot(
            CSVRecord record,
            String name,
            TapeReader tape,
            List<String> faults,
            Set<String> ids,
            List<Lot> lots) {
        String where = name + ", line " + (record.getRecordNumber() + 1);
        CsvRow row = new CsvRow(record, tape);
        try {
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
                            Money.of(row.number("paid")));
            lots.add(new Lot(id, row.count("quantity"), material(row), provenance));
        } catch (IllegalArgumentException e) {
            faults.add(where + ": " + e.getMessage());
        }
    }

    private static Material material(CsvRow row) {
        String kind = row.text("kind").toLowerCase(Locale.ROOT);
        return switch (kind) {
            case "stick" ->
                    new Stick(
                            Section.of(row.length("thickness"), row.length("width")),
                            row.length("length"),
                            row.flaws(),
                            row.lengthOr("bow", Length.ZERO),
                            row.choice("treatment", Treatment.class, Treatment.UNTREATED));
            case "plywood", "strand_board", "board" ->
                    new Sheet(
                            Sheet.Kind.valueOf(kind.toUpperCase(Locale.ROOT)),
                            row.length("thickness"),
                            row.length("width"),
                            row.length("length"),
                            row.areas());
            case "roofing" ->
                    new Roofing(
                            row.length("length"),
                            row.length("width"),
                            row.lengthOr("cover", row.length("width")),
                            row.flaws());
            case "welded", "hex_netting" ->
                    new Mesh(
                            Mesh.Kind.valueOf(kind.toUpperCase(Locale.ROOT)),
                            row.length("thickness"),
                            row.length("width"),
                            row.length("length"));
            default ->
                    throw new IllegalArgumentException(
                            "column kind: \""
                                    + kind
                                    + "\" is unknown; use stick, plywood, strand_board, board, roofing, welded or hex_netting");
        };
    }
}
