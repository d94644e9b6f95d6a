package reliqua.files;

import static reliqua.files.JsonWords.lower;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import reliqua.core.measure.Length;
import reliqua.core.stock.Block;
import reliqua.core.stock.Flaw;
import reliqua.core.stock.FlawArea;
import reliqua.core.stock.FoundPart;
import reliqua.core.stock.Hardware;
import reliqua.core.stock.Material;
import reliqua.core.stock.Mesh;
import reliqua.core.stock.Pallet;
import reliqua.core.stock.Pole;
import reliqua.core.stock.Roofing;
import reliqua.core.stock.Section;
import reliqua.core.stock.Sheet;
import reliqua.core.stock.Stick;
import reliqua.core.stock.Treatment;
import reliqua.core.stock.Warp;

/** The columns of a heap table that say what a lot is made of. */
final class MaterialCsv {
    private static final String PALLET = "_pallet";

    private MaterialCsv() {}

    static void write(Material material, Map<String, String> row) {
        switch (material) {
            case Stick s -> stick(s, row);
            case Sheet s -> sheet(s, row);
            case Roofing r -> roofing(r, row);
            case Mesh m -> {
                row.put("kind", lower(m.kind()));
                sizes(row, m.aperture(), m.width(), m.length());
            }
            case Pole p -> {
                row.put("kind", "pole");
                sizes(row, p.tip(), p.butt(), p.length());
                row.put("treatment", lower(p.treatment()));
            }
            case Pallet p -> pallet(p, row);
            case FoundPart f -> {
                row.put("kind", lower(f.kind()));
                String[] columns = {"width", "length", "thickness"};
                for (int n = 0; n < f.sizes().size(); n++) {
                    row.put(columns[n], Cells.length(f.sizes().get(n)));
                }
            }
            case Block b -> {
                row.put("kind", "block");
                sizes(row, b.height(), b.width(), b.length());
            }
            case Hardware h -> {
                row.put("kind", lower(h.kind()));
                h.size().ifPresent(l -> row.put("length", Cells.length(l)));
            }
        }
    }

    private static void sheet(Sheet s, Map<String, String> row) {
        row.put("kind", lower(s.kind()));
        sizes(row, s.thickness(), s.width(), s.length());
        row.put("grain", lower(s.grain()));
        s.outline()
                .ifPresent(
                        o ->
                                row.put(
                                        "outline",
                                        o.corners().stream()
                                                .map(
                                                        c ->
                                                                Cells.length(c.x())
                                                                        + ", "
                                                                        + Cells.length(c.y()))
                                                .collect(Collectors.joining("; "))));
        row.put("flaws", areas(s.flaws()));
    }

    private static void roofing(Roofing r, Map<String, String> row) {
        row.put("kind", "roofing");
        row.put("width", Cells.length(r.fullWidth()));
        row.put("length", Cells.length(r.length()));
        row.put("cover", Cells.length(r.coverWidth()));
        row.put("profile", lower(r.profile()));
        r.ribPitch().ifPresent(p -> row.put("ribs", Cells.length(p)));
        row.put("holes", r.holes().stream().map(Cells::length).collect(Collectors.joining("; ")));
        row.put("flaws", flaws(r.flaws()));
    }

    private static void sizes(Map<String, String> row, Length thin, Length wide, Length length) {
        row.put("thickness", Cells.length(thin));
        row.put("width", Cells.length(wide));
        row.put("length", Cells.length(length));
    }

    private static void stick(Stick s, Map<String, String> row) {
        row.put("kind", "stick");
        sizes(row, s.section().thickness(), s.section().width(), s.length());
        Warp w = s.warp();
        gap(row, "bow", w.bow());
        gap(row, "crook", w.crook());
        gap(row, "twist", w.twist());
        gap(row, "cup", w.cup());
        row.put("treatment", lower(s.treatment()));
        row.put("flaws", flaws(s.flaws()));
    }

    private static void gap(Map<String, String> row, String column, Length gap) {
        if (gap.isPositive()) {
            row.put(column, Cells.length(gap));
        }
    }

    private static void pallet(Pallet p, Map<String, String> row) {
        row.put("kind", lower(p.kind()) + PALLET);
        row.put("length", Cells.length(p.length()));
        row.put("width", Cells.length(p.width()));
        row.put("boards", boards(p.deck()));
        row.put("bearers", boards(p.bearers()));
        row.put("stamp", lower(p.stamp()));
        row.put("broken", String.valueOf(p.broken()));
        row.put("breaking", lower(p.breaking()));
    }

    private static String boards(Pallet.Boards boards) {
        return boards.count()
                + " of "
                + Cells.length(boards.section().thickness())
                + " x "
                + Cells.length(boards.section().width());
    }

    private static String flaws(List<Flaw> flaws) {
        return flaws.stream()
                .map(
                        f ->
                                lower(f.kind())
                                        + " "
                                        + Cells.length(f.from())
                                        + " to "
                                        + Cells.length(f.to()))
                .collect(Collectors.joining("; "));
    }

    private static String areas(List<FlawArea> flaws) {
        return flaws.stream()
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
                .collect(Collectors.joining("; "));
    }

    /** The material of a line; refuses with the column and how to mend it. */
    static Material read(CsvRow row) {
        String kind = row.text("kind").toLowerCase(Locale.ROOT);
        return switch (kind) {
            case "stick" -> stick(row);
            case "plywood", "strand_board", "board" -> sheet(row, kind);
            case "roofing" ->
                    new Roofing(
                            row.length("length"),
                            row.length("width"),
                            row.lengthOr("cover", row.length("width")),
                            row.choice(
                                    "profile", Roofing.Profile.class, Roofing.Profile.CORRUGATED),
                            row.maybeLength("ribs"),
                            row.lengths("holes"),
                            row.flaws());
            case "welded", "hex_netting" ->
                    new Mesh(
                            Mesh.Kind.valueOf(kind.toUpperCase(Locale.ROOT)),
                            row.length("thickness"),
                            row.length("width"),
                            row.length("length"));
            case "pole" ->
                    new Pole(
                            row.length("width"),
                            row.lengthOr("thickness", row.length("width")),
                            row.length("length"),
                            row.choice("treatment", Treatment.class, Treatment.UNTREATED));
            case "stringer_pallet", "block_pallet" -> pallet(row, kind);
            case "block" ->
                    Block.of(row.length("thickness"), row.length("width"), row.length("length"));
            default -> odd(row, kind);
        };
    }

    private static Sheet sheet(CsvRow row, String kind) {
        Sheet plain =
                new Sheet(
                        Sheet.Kind.valueOf(kind.toUpperCase(Locale.ROOT)),
                        row.length("thickness"),
                        row.length("width"),
                        row.length("length"),
                        row.areas());
        return new Sheet(
                plain.kind(),
                plain.thickness(),
                plain.width(),
                plain.length(),
                row.choice("grain", Sheet.Grain.class, plain.grain()),
                row.outline(),
                plain.flaws());
    }

    private static Stick stick(CsvRow row) {
        return new Stick(
                Section.of(row.length("thickness"), row.length("width")),
                row.length("length"),
                row.flaws(),
                new Warp(
                        row.lengthOr("bow", Length.ZERO),
                        row.lengthOr("crook", Length.ZERO),
                        row.lengthOr("twist", Length.ZERO),
                        row.lengthOr("cup", Length.ZERO)),
                row.choice("treatment", Treatment.class, Treatment.UNTREATED));
    }

    private static Pallet pallet(CsvRow row, String kind) {
        String type = kind.substring(0, kind.length() - PALLET.length());
        return new Pallet(
                Pallet.Kind.valueOf(type.toUpperCase(Locale.ROOT)),
                row.length("length"),
                row.length("width"),
                row.boards("boards", Pallet.USUAL_DECK),
                row.boards("bearers", Pallet.USUAL_BEARERS),
                row.choice("stamp", Pallet.Stamp.class, Pallet.Stamp.NONE),
                row.text("broken").isEmpty() ? 0 : row.count("broken"),
                row.choice("breaking", Pallet.Breaking.class, Pallet.Breaking.FREE));
    }

    private static Material odd(CsvRow row, String kind) {
        for (FoundPart.Kind each : FoundPart.Kind.values()) {
            if (lower(each).equals(kind)) {
                List<Length> sizes = new ArrayList<>();
                for (String column : List.of("width", "length", "thickness")) {
                    if (!row.text(column).isEmpty()) {
                        sizes.add(row.length(column));
                    }
                }
                return new FoundPart(each, sizes);
            }
        }
        for (Hardware.Kind each : Hardware.Kind.values()) {
            if (lower(each).equals(kind)) {
                Optional<Length> size =
                        row.text("length").isEmpty()
                                ? Optional.empty()
                                : Optional.of(row.length("length"));
                return new Hardware(each, size);
            }
        }
        throw new IllegalArgumentException(
                "column kind: \"" + kind + "\" is unknown; use " + String.join(", ", kinds()));
    }

    private static List<String> kinds() {
        List<String> kinds =
                new ArrayList<>(
                        List.of(
                                "stick",
                                "plywood",
                                "strand_board",
                                "board",
                                "roofing",
                                "welded",
                                "hex_netting",
                                "pole",
                                "stringer_pallet",
                                "block_pallet",
                                "block"));
        Arrays.stream(FoundPart.Kind.values()).forEach(k -> kinds.add(lower(k)));
        Arrays.stream(Hardware.Kind.values()).forEach(k -> kinds.add(lower(k)));
        return kinds;
    }
}
