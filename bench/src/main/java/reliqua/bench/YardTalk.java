package reliqua.bench;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import reliqua.core.measure.Length;
import reliqua.core.measure.Tape;
import reliqua.core.stock.Block;
import reliqua.core.stock.Flaw;
import reliqua.core.stock.FlawArea;
import reliqua.core.stock.FoundPart;
import reliqua.core.stock.Hardware;
import reliqua.core.stock.Lot;
import reliqua.core.stock.Material;
import reliqua.core.stock.Mesh;
import reliqua.core.stock.Pallet;
import reliqua.core.stock.Pole;
import reliqua.core.stock.Roofing;
import reliqua.core.stock.SayLine;
import reliqua.core.stock.Sheet;
import reliqua.core.stock.Stick;
import reliqua.core.stock.Treatment;

/**
 * Two hundred lines as they are called across a yard, varied, misspelt, in both units, each with
 * what is meant; and the share the say line understands right.
 */
public final class YardTalk {
    /**
     * A line.
     *
     * @param tape of the keeper who says it
     * @param said as said
     * @param meant in short, or ? when it must be asked back
     */
    record Line(Tape tape, String said, String meant) {
        String understood() {
            return shortly(new SayLine(tape).read(said));
        }

        boolean right() {
            return understood().equals(meant);
        }
    }

    private YardTalk() {}

    /** Entry point; prints the share understood right and every line that is not. */
    public static void main(String[] args) throws IOException {
        List<Line> lines = lines();
        List<Line> wrong = lines.stream().filter(l -> !l.right()).toList();
        double share = 100.0 * (lines.size() - wrong.size()) / lines.size();
        System.out.printf(
                Locale.ENGLISH,
                "%d of %d lines right: %.1f %%%n",
                lines.size() - wrong.size(),
                lines.size(),
                share);
        wrong.forEach(
                l ->
                        System.out.println(
                                l.said()
                                        + "\n  meant      "
                                        + l.meant()
                                        + "\n  understood "
                                        + l.understood()));
    }

    static List<Line> lines() throws IOException {
        try (InputStream in = YardTalk.class.getResourceAsStream("yard-talk.tsv")) {
            String text =
                    new String(
                            java.util.Objects.requireNonNull(in).readAllBytes(),
                            StandardCharsets.UTF_8);
            return text.lines()
                    .filter(l -> !l.startsWith("#"))
                    .map(l -> l.split("\t", -1))
                    .map(c -> new Line(c[0].equals("inches") ? Tape.INCH : Tape.METRIC, c[1], c[2]))
                    .toList();
        }
    }

    private static String shortly(SayLine.Understood understood) {
        return switch (understood) {
            case SayLine.Understood.Unclear _ -> "?";
            case SayLine.Understood.Added added -> {
                List<String> parts = new ArrayList<>();
                parts.add((added.quantity() + " " + material(added.material())).strip());
                parts.addAll(details(added.material()));
                added.condition().hazards().forEach(h -> parts.add("!" + lower(h)));
                parts.addAll(provenance(added.provenance()));
                yield String.join(" | ", parts);
            }
        };
    }

    private static String lower(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT);
    }

    private static String mm(Length length) {
        return String.format(Locale.ENGLISH, "%.1f", length.toMm()).replaceAll("\\.0$", "");
    }

    private static String sizes(Length... sizes) {
        return Stream.of(sizes).map(YardTalk::mm).collect(Collectors.joining(" x "));
    }

    private static String material(Material material) {
        return switch (material) {
            case Stick s ->
                    "stick " + sizes(s.section().thickness(), s.section().width(), s.length());
            case Sheet s ->
                    "sheet:" + lower(s.kind()) + " " + sizes(s.thickness(), s.width(), s.length());
            case Roofing r -> "roofing " + sizes(r.fullWidth(), r.length(), r.coverWidth());
            case Mesh m ->
                    "mesh:" + lower(m.kind()) + " " + sizes(m.aperture(), m.width(), m.length());
            case Pole p -> "pole " + sizes(p.butt(), p.tip(), p.length());
            case Pallet p -> "pallet:" + lower(p.kind()) + " " + sizes(p.length(), p.width());
            case FoundPart f ->
                    "found:" + lower(f.kind()) + " " + sizes(f.sizes().toArray(Length[]::new));
            case Block b -> "block " + sizes(b.height(), b.width(), b.length());
            case Hardware h ->
                    "hardware:" + lower(h.kind()) + " " + h.size().map(YardTalk::mm).orElse("");
        };
    }

    private static List<String> details(Material material) {
        List<String> details = new ArrayList<>();
        switch (material) {
            case Stick s -> {
                gap(details, "bow", s.warp().bow());
                gap(details, "crook", s.warp().crook());
                gap(details, "twist", s.warp().twist());
                gap(details, "cup", s.warp().cup());
                s.flaws().forEach(f -> details.add(flaw(f)));
                treatment(details, s.treatment());
            }
            case Roofing r -> roofing(details, r);
            case Pole p -> treatment(details, p.treatment());
            case Pallet p -> {
                if (p.stamp() != Pallet.Stamp.NONE) {
                    details.add("stamp " + lower(p.stamp()));
                }
                if (p.broken() > 0) {
                    details.add("broken " + p.broken());
                }
                if (p.breaking().pinned()) {
                    details.add(lower(p.breaking()));
                }
            }
            case Sheet s -> sheet(details, s);
            case Mesh _, FoundPart _, Block _, Hardware _ -> {}
        }
        return details;
    }

    private static void sheet(List<String> details, Sheet s) {
        s.outline().ifPresent(o -> details.add(o.corners().size() + " corners"));
        if (s.grain() == Sheet.Grain.ACROSS) {
            details.add("grain across");
        }
        for (FlawArea f : s.flaws()) {
            details.add(
                    lower(f.kind())
                            + " "
                            + sizes(f.width(), f.length())
                            + " at "
                            + mm(f.x())
                            + ", "
                            + mm(f.y()));
        }
    }

    private static void roofing(List<String> details, Roofing r) {
        if (r.profile() != Roofing.Profile.CORRUGATED) {
            details.add(lower(r.profile()));
        }
        r.ribPitch().ifPresent(p -> details.add("ribs " + mm(p)));
        if (!r.holes().isEmpty()) {
            details.add(
                    "holes "
                            + r.holes().stream()
                                    .map(YardTalk::mm)
                                    .collect(Collectors.joining(", ")));
        }
        r.flaws().forEach(f -> details.add(flaw(f)));
    }

    private static void gap(List<String> details, String name, Length gap) {
        if (gap.isPositive()) {
            details.add(name + " " + mm(gap));
        }
    }

    private static void treatment(List<String> details, Treatment treatment) {
        if (treatment != Treatment.UNTREATED) {
            details.add(lower(treatment));
        }
    }

    private static String flaw(Flaw flaw) {
        return lower(flaw.kind()) + " " + mm(flaw.from()) + "-" + mm(flaw.to());
    }

    private static List<String> provenance(Lot.Provenance provenance) {
        List<String> parts = new ArrayList<>();
        if (!provenance.source().isEmpty()) {
            parts.add("from " + provenance.source());
        }
        if (!provenance.place().isEmpty()) {
            parts.add("at " + provenance.place());
        }
        if (provenance.paid().micros() != 0) {
            parts.add("paid " + Math.round(provenance.paid().amount()));
        }
        return parts;
    }
}
