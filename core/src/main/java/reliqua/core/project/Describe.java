package reliqua.core.project;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import reliqua.core.coop.Bounds;
import reliqua.core.coop.Part;
import reliqua.core.cutting.Ticket;
import reliqua.core.measure.Length;
import reliqua.core.measure.Tape;
import reliqua.core.measure.Words;
import reliqua.core.stock.Block;
import reliqua.core.stock.Condition;
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
import reliqua.core.stock.Warp;

/** Lots in words, by the keeper's tape. */
public final class Describe {
    private Describe() {}

    /** So many of what: {@code 6 sticks 1 1/2 x 3 1/2, 7' 8 5/8"}. */
    public static String lot(int quantity, Material material, Tape tape) {
        return Words.say(
                "lot." + kind(material) + (quantity == 1 ? ".one" : ".many"),
                quantity,
                size(material, tape));
    }

    private static String kind(Material material) {
        return switch (material) {
            case Stick _ -> "stick";
            case Sheet _ -> "sheet";
            case Roofing _ -> "roofing";
            case Mesh _ -> "mesh";
            case Pole _ -> "pole";
            case Pallet _ -> "pallet";
            case FoundPart _ -> "found";
            case Block _ -> "block";
            case Hardware _ -> "hardware";
        };
    }

    /** Section and length, thickness and sides, width and length. */
    public static String size(Material material, Tape tape) {
        return switch (material) {
            case Stick s -> group(s, tape) + ", " + tape.sayLong(s.length());
            case Sheet s ->
                    group(s, tape) + ", " + tape.mark(s.width()) + " x " + tape.say(s.length());
            case Roofing r -> group(r, tape) + ", " + tape.sayLong(r.length());
            case Mesh m ->
                    group(m, tape) + ", " + tape.mark(m.width()) + " x " + tape.sayLong(m.length());
            case Pole p -> group(p, tape) + ", " + tape.sayLong(p.length());
            case Pallet p -> group(p, tape) + ", " + length(p, tape);
            case FoundPart f -> join(group(f, tape), length(f, tape));
            case Block b -> group(b, tape) + ", " + length(b, tape);
            case Hardware h -> join(group(h, tape), length(h, tape));
        };
    }

    /**
     * What lots are grouped by in the rack: the section, the thickness, the width, the aperture.
     */
    public static String group(Material material, Tape tape) {
        return switch (material) {
            case Stick s -> tape.section(s.section().thickness(), s.section().width());
            case Sheet s -> Words.say("sheet." + s.kind().name(), tape.mark(s.thickness()));
            case Roofing r -> Words.say("group.roofing", tape.mark(r.fullWidth()));
            case Mesh m -> Words.say("mesh." + m.kind().name(), tape.mark(m.aperture()));
            case Pole p -> Words.say("group.pole", tape.mark(p.butt()), tape.mark(p.tip()));
            case Pallet p -> Words.say("group.pallet." + p.kind().name());
            case FoundPart f -> Words.say("found." + f.kind().name());
            case Block _ -> Words.say("group.block");
            case Hardware h -> Words.say("small." + h.kind().name());
        };
    }

    /** Length as it stands in the rack. */
    public static String length(Material material, Tape tape) {
        return switch (material) {
            case Stick s -> tape.sayLong(s.length());
            case Sheet s -> tape.mark(s.width()) + " x " + tape.mark(s.length());
            case Roofing r -> tape.sayLong(r.length());
            case Mesh m -> tape.mark(m.width()) + " x " + tape.sayLong(m.length());
            case Pole p -> tape.sayLong(p.length());
            case Pallet p -> tape.mark(p.length()) + " x " + tape.mark(p.width());
            case FoundPart f -> String.join(" x ", f.sizes().stream().map(tape::mark).toList());
            case Block b ->
                    tape.mark(b.height())
                            + " x "
                            + tape.mark(b.width())
                            + " x "
                            + tape.mark(b.length());
            case Hardware h -> h.size().map(tape::say).orElse("");
        };
    }

    /** What would lower the bill if it turned up. */
    public static String improvement(PlanReview.Improvement improvement, Tape tape) {
        return switch (improvement) {
            case PlanReview.Improvement.Find find ->
                    Words.say("help.find", size(find.like().material(), tape));
            case PlanReview.Improvement.Borrow borrow ->
                    Words.say("help.borrow", borrow.tool().sum().words(tape));
        };
    }

    /** What a piece measures; of one with slanting ends from point to point. */
    public static String piece(Part part, Tape tape) {
        return switch (part) {
            case Part.StickPart s -> tape.mark(s.length());
            case Part.PanelPart p ->
                    p.lowSide()
                            .map(
                                    low ->
                                            Words.say(
                                                    "piece.slope",
                                                    tape.mark(p.width()),
                                                    tape.mark(p.height()),
                                                    tape.mark(low)))
                            .orElse(tape.mark(p.width()) + " x " + tape.mark(p.height()));
            case Part.RoofPart r -> tape.mark(r.length());
            case Part.MeshPart m -> tape.mark(m.width()) + " x " + tape.mark(m.length());
            case Part.WholePart w -> whole(w, tape);
        };
    }

    /** A thing used whole: its outline, largest side first, and what it is sawn down to. */
    public static String whole(Part.WholePart part, Tape tape) {
        Bounds b = part.solid().bounds();
        String outline =
                Stream.of(b.width(), b.depth(), b.height())
                        .sorted(Comparator.reverseOrder())
                        .map(tape::mark)
                        .collect(Collectors.joining(" x "));
        return part.sawnTo()
                .map(to -> Words.say("piece.sawnTo", outline, tape.mark(to)))
                .orElse(outline);
    }

    /** How a stick is made of something larger first, and which of what comes out it is. */
    public static String making(Ticket.Made made, Tape tape) {
        List<String> gives = new ArrayList<>();
        Map<Section, Integer> counted = new LinkedHashMap<>();
        made.making().gives().forEach(s -> counted.merge(s.section(), 1, Integer::sum));
        counted.forEach(
                (section, count) ->
                        gives.add(
                                count
                                        + " of "
                                        + tape.section(section.thickness(), section.width())));
        return Words.say(
                "making." + made.making().how().name(),
                group(made.whole(), tape),
                String.join(", ", gives),
                made.of(),
                made.making().minutes());
    }

    private static String join(String name, String size) {
        return size.isEmpty() ? name : name + ", " + size;
    }

    /** Flaws that can be marked and taken off, one text each, in the order the thing names them. */
    public static List<String> flawsAlone(Material material, Tape tape) {
        return switch (material) {
            case Stick s -> s.flaws().stream().map(f -> flaw(f, tape)).toList();
            case Roofing r -> r.flaws().stream().map(f -> flaw(f, tape)).toList();
            case Sheet s -> s.flaws().stream().map(f -> area(f, tape)).toList();
            default -> List.of();
        };
    }

    /** Bow and flaws, one text each. */
    public static List<String> flaws(Material material, Tape tape) {
        List<String> words = new ArrayList<>();
        switch (material) {
            case Stick s -> {
                warp(s.warp(), tape, words);
                s.flaws().forEach(f -> words.add(flaw(f, tape)));
            }
            case Sheet s -> sheet(s, tape, words);
            case Roofing r -> roofing(r, tape, words);
            case Pallet p -> {
                if (p.stamp() != Pallet.Stamp.NONE) {
                    words.add(Words.say("stamp." + p.stamp().name()));
                }
                if (p.broken() > 0) {
                    words.add(Words.say("flaw.broken", p.broken()));
                }
                if (p.breaking().pinned()) {
                    words.add(Words.say("pallet." + p.breaking().name()));
                }
            }
            case FoundPart f ->
                    words.add(
                            Words.say(
                                    "found.serves",
                                    String.join(
                                            ", ",
                                            f.kind().uses().stream()
                                                    .map(u -> Words.say("use." + u.name()))
                                                    .toList())));
            case Mesh _, Pole _, Block _, Hardware _ -> {}
        }
        return words;
    }

    private static void sheet(Sheet s, Tape tape, List<String> words) {
        s.outline().ifPresent(o -> words.add(Words.say("flaw.outline", o.corners().size())));
        s.flaws().forEach(f -> words.add(area(f, tape)));
    }

    private static String area(FlawArea f, Tape tape) {
        return Words.say(
                "flaw.area",
                Words.say("flaw." + f.kind().name()),
                tape.mark(f.width()),
                tape.mark(f.length()));
    }

    private static void roofing(Roofing r, Tape tape, List<String> words) {
        if (r.profile() != Roofing.Profile.CORRUGATED) {
            words.add(Words.say("profile." + r.profile().name()));
        }
        r.ribPitch().ifPresent(p -> words.add(Words.say("flaw.ribs", tape.mark(p))));
        if (!r.holes().isEmpty()) {
            words.add(
                    Words.say(
                            "flaw.holes",
                            String.join(", ", r.holes().stream().map(tape::mark).toList())));
        }
        r.flaws().forEach(f -> words.add(flaw(f, tape)));
    }

    private static void warp(Warp warp, Tape tape, List<String> words) {
        Map<String, Length> all = new LinkedHashMap<>();
        all.put("flaw.bow", warp.bow());
        all.put("flaw.crook", warp.crook());
        all.put("flaw.twist", warp.twist());
        all.put("flaw.cup", warp.cup());
        all.forEach(
                (key, gap) -> {
                    if (gap.isPositive()) {
                        words.add(Words.say(key, tape.say(gap)));
                    }
                });
    }

    /** What is suspected and decided, one text each. */
    public static List<String> condition(Condition condition) {
        List<String> words = new ArrayList<>();
        condition.hazards().forEach(h -> words.add(Words.say("hazard." + h.name())));
        if (condition.verdict() == Condition.Verdict.MUST) {
            words.add(Words.say("verdict.MUST"));
        }
        if (condition.verdict() == Condition.Verdict.REFUSE) {
            words.add(Words.say("verdict.REFUSE"));
        }
        return words;
    }

    private static String flaw(Flaw flaw, Tape tape) {
        Length from = flaw.from().max(Length.ZERO);
        return Words.say(
                "flaw.stretch",
                Words.say("flaw." + flaw.kind().name()),
                tape.mark(from),
                tape.mark(flaw.to()));
    }
}
