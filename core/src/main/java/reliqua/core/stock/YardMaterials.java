package reliqua.core.stock;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import reliqua.core.measure.Length;

/** Makes the thing a line is about out of its sizes, once everything else has been taken out. */
final class YardMaterials {
    /** No roll is cut narrower. */
    private static final Length NARROWEST_ROLL = Length.mm(140);

    private static final Pattern NOMINAL =
            Pattern.compile(
                    "(?<![\\d./])(5/4|\\d{1,2}) ?x ?(\\d{1,2})s?(?![\\d./]| ?(?:mm|cm|\"|in\\b|inch|ft|'))");
    private static final Pattern NOMINAL_BEFORE_LENGTH =
            Pattern.compile(
                    "(?<![\\d./])(5/4|\\d{1,2}) ?x ?(\\d{1,2}) ?x ?(" + YardSizes.LENGTH + ")");
    private static final Pattern AT = Pattern.compile("(?:^|[ |])at (?=\\d|\\.)");
    private static final Pattern BROKEN =
            Pattern.compile(
                    "\\b(\\d{1,2}) (?:broken|split|missing)(?: boards?)?\\b|\\b(?:broken|split|missing) boards? ?(\\d{1,2})\\b");
    private static final Pattern KEEP_WHOLE =
            Pattern.compile("\\b(?:keep|leave|stay) (?:it |them )?whole\\b");
    private static final Pattern PRY =
            Pattern.compile(
                    "\\b(?:to )?(?:pry|prise|pull)(?: (?:it|them))? apart\\b|\\bto (?:pry|prise)\\b");
    private static final Pattern SAW_APART =
            Pattern.compile("\\b(?:to )?(?:saw|cut)(?: (?:it|them))? apart\\b");
    private static final int LONGEST_IN_FEET = 20;

    /** A pallet with a shorter side was measured in inches. */
    private static final Length LEAST_PALLET = Length.mm(300);

    /** What comes in lengths. */
    private static final Set<Hardware.Kind> SIZED =
            EnumSet.of(
                    Hardware.Kind.SCREWS,
                    Hardware.Kind.ROOFING_SCREWS,
                    Hardware.Kind.NAILS,
                    Hardware.Kind.STAPLES,
                    Hardware.Kind.BOLTS);

    private final YardSizes sizes;
    private final YardFlaws flaws;
    private final YardShapes shapes;
    private final YardRemarks remarks;
    private final YardScan scan;

    /** Makes things; a number too many may be the count when none has been said. */
    YardMaterials(
            YardSizes sizes,
            YardFlaws flaws,
            YardShapes shapes,
            YardRemarks remarks,
            boolean countMayFollow) {
        this.scan = new YardScan(sizes, countMayFollow);
        this.sizes = sizes;
        this.flaws = flaws;
        this.shapes = shapes;
        this.remarks = remarks;
    }

    /** The thing; refused with how to say it when sizes are missing. */
    Material read(YardKinds.Named named, YardText text) {
        if (shapes.ofSheet() && named.kind() != YardKinds.Kind.SHEET) {
            throw YardScan.unclear("say.shape.sheet");
        }
        if (shapes.ofRoofing() && named.kind() != YardKinds.Kind.ROOFING) {
            throw YardScan.unclear("say.shape.roofing");
        }
        return switch (named.kind()) {
            case STICK -> stick(named, text);
            case SHEET -> new YardSheets(sizes, scan).sheet(named, text, shapes);
            case ROOFING -> new YardSheets(sizes, scan).roofing(text, flaws, shapes);
            case MESH -> mesh(named, text);
            case POLE -> pole(text);
            case PALLET -> pallet(named, text);
            case FOUND -> found(named, text);
            case BLOCK -> block(named, text);
            case HARDWARE -> hardware(YardKinds.hardware(named.words()), text);
        };
    }

    /** Of a screw's two sizes, 4 x 50, the second is how long it is; hinges 4 are four. */
    private Hardware hardware(Hardware.Kind kind, YardText text) {
        boolean sized = SIZED.contains(kind);
        if (!sized && scan.countAlone(text)) {
            return new Hardware(kind, Optional.empty());
        }
        return new Hardware(
                kind, scan.read(text, 2).stream().limit(2).max(Comparator.naturalOrder()));
    }

    /** The count that stood behind the sizes, if there was one. */
    Optional<Integer> surplus() {
        return scan.surplus();
    }

    private FoundPart found(YardKinds.Named named, YardText text) {
        FoundPart.Kind kind = YardKinds.found(named.words());
        if (kind == FoundPart.Kind.PIPE && !text.rest().matches(".*x ?\\d+[ |,;]*")) {
            List<YardSizes.Size> said = sizes.scan(text.rest(), false);
            return new FoundPart(kind, said.stream().map(sizes::read).limit(2).toList());
        }
        List<YardSizes.Size> said =
                sizes.between(
                        YardSense.SMALLEST_FIND,
                        YardSense.largest(kind),
                        scan.of(text, sizesOf(named)));
        return new FoundPart(kind, said.stream().map(sizes::read).limit(3).toList());
    }

    /** Boards known by name have their section already. */
    private static int most(YardKinds.Named named) {
        return YardKinds.section(named.words()).isPresent() ? 1 : 3;
    }

    private static int sizesOf(YardKinds.Named named) {
        return switch (YardKinds.found(named.words())) {
            case WINDOW, DOOR, CABINET_DOOR, PANEL, TARP, FLOORING, PIPE -> 2;
            case WHEEL, HOOP, AXLE -> 1;
            case CRATE, TUB, BUCKET, DRAWER, COOLER, PLATFORM, NEST_BOX, STANDING_WALL -> 3;
        };
    }

    private int poles(YardText text) {
        return text.rest().matches(".*\\d ?(?:to|-) ?\\d.*") ? 3 : 2;
    }

    private Stick stick(YardKinds.Named named, YardText text) {
        boolean at = text.has(AT);
        Optional<Nominal> nominal = nominal(text);
        int most = nominal.map(n -> n.length().isPresent() ? 0 : 1).orElseGet(() -> most(named));
        List<YardSizes.Size> said = scan.of(text, most);
        if (nominal.isPresent()) {
            Section section = nominal.get().section();
            assumed(section);
            return stick(section, length(nominal.get(), said, at));
        }
        List<Length> lengths = said.stream().map(sizes::read).toList();
        if (lengths.size() >= 3) {
            List<Length> rest = new ArrayList<>(lengths.subList(0, 3));
            Length longest = rest.stream().max(Comparator.naturalOrder()).orElseThrow();
            rest.remove(longest);
            return stick(Section.of(rest.get(0), rest.get(1)), longest);
        }
        Optional<Section> section = YardKinds.section(named.words());
        if (section.isPresent() && !lengths.isEmpty()) {
            Length longest = lengths.stream().max(Comparator.naturalOrder()).orElseThrow();
            assumed(section.get());
            return stick(section.get(), longest);
        }
        throw YardScan.unclear(named.words().isEmpty() ? "say.unknown" : "say.stick");
    }

    private void assumed(Section section) {
        sizes.note(
                "say.assumed.nominal",
                sizes.say(section.thickness()) + " x " + sizes.say(section.width()));
    }

    private Stick stick(Section section, Length length) {
        return new Stick(section, length, flaws.on(length), flaws.warp(), remarks.treatment());
    }

    /** A section by its yard name, and the length that was said in one breath with it. */
    private record Nominal(Section section, Optional<String> length) {}

    /** 2x4, and 2x4x8, in which the third is a length. */
    private static Optional<Nominal> nominal(YardText text) {
        for (Pattern pattern : List.of(NOMINAL_BEFORE_LENGTH, NOMINAL)) {
            Matcher m = pattern.matcher(text.rest());
            if (m.find()) {
                Optional<Section> section =
                        NominalSizes.find(m.group(1) + "x" + m.group(2))
                                .or(() -> NominalSizes.find(m.group(2) + "x" + m.group(1)));
                if (section.isPresent()) {
                    Optional<String> length =
                            pattern == NOMINAL_BEFORE_LENGTH
                                    ? Optional.of(m.group(3))
                                    : Optional.empty();
                    text.take(pattern);
                    return Optional.of(new Nominal(section.get(), length));
                }
            }
        }
        return Optional.empty();
    }

    /** After a yard name a small bare number is in feet, unless it is said to be "at" so much. */
    private Length length(Nominal nominal, List<YardSizes.Size> said, boolean at) {
        YardSizes.Size size =
                nominal.length()
                        .map(text -> new YardSizes.Size(text, false, true))
                        .or(() -> said.stream().findFirst())
                        .orElseThrow(() -> YardScan.unclear("say.stick"));
        boolean whole = size.text().matches("\\d{1,2}");
        boolean feet = size.bare() && whole && Integer.parseInt(size.text()) <= LONGEST_IN_FEET;
        return feet && !at && sizes.inches() ? sizes.feet(size) : sizes.read(size);
    }

    private Mesh mesh(YardKinds.Named named, YardText text) {
        boolean hex = named.words().matches(".*(?:hex|chicken|poultry|rabbit|bird|netting).*");
        List<Length> lengths =
                new ArrayList<>(scan.of(text, 4).stream().map(sizes::plain).toList());
        if (lengths.size() == 2) {
            // 50ft 1 inch: the inch is the aperture.
            String apart =
                    text.rest()
                            .replaceAll(
                                    "(ft|feet|foot|') (\\d[\\d/ ]*? ?(?:inch|in\\b|\"))",
                                    "$1 | $2");
            lengths = new ArrayList<>(sizes.scan(apart).stream().map(sizes::plain).toList());
        }
        if (sizes.inches() && isTooNarrow(lengths)) {
            // A roll is longer than any board: 600 of it are inches all the same.
            lengths = sizes.asSaid(text.rest());
        }
        // An aperture of two sizes, 1x2: the larger lets through.
        if (lengths.size() == 4) {
            lengths.sort(Comparator.naturalOrder());
            lengths.removeFirst();
        }
        if (lengths.size() == 2 && lengths.stream().allMatch(l -> l.atLeast(Length.mm(200)))) {
            Length usual = hex ? Length.mm(25) : Length.inches(1, 2);
            sizes.note("say.assumed.aperture", sizes.say(usual));
            lengths.add(usual);
        }
        if (lengths.size() != 3) {
            throw YardScan.unclear("say.mesh");
        }
        lengths.sort(Comparator.naturalOrder());
        Mesh.Kind kind = hex ? Mesh.Kind.HEX_NETTING : Mesh.Kind.WELDED;
        return new Mesh(kind, lengths.get(0), lengths.get(1), lengths.get(2));
    }

    private static boolean isTooNarrow(List<Length> lengths) {
        List<Length> sorted = lengths.stream().sorted().toList();
        return sorted.size() > 1 && sorted.get(sorted.size() - 2).compareTo(NARROWEST_ROLL) < 0;
    }

    private Pole pole(YardText text) {
        List<Length> lengths = scan.read(text, poles(text)).stream().sorted().toList();
        if (lengths.size() < 2) {
            throw YardScan.unclear("say.pole");
        }
        Length tip = lengths.get(0);
        Length butt = lengths.size() > 2 ? lengths.get(1) : tip;
        if (lengths.size() == 2) {
            sizes.note("say.assumed.taper");
        }
        return new Pole(butt, tip, lengths.getLast(), remarks.treatment());
    }

    private Pallet pallet(YardKinds.Named named, YardText text) {
        int broken =
                text.take(BROKEN)
                        .map(m -> Integer.parseInt(m.group(1) == null ? m.group(2) : m.group(1)))
                        .orElse(0);
        Pallet.Kind kind =
                named.words().contains("block") || text.takes(Pattern.compile("\\bblock\\b"))
                        ? Pallet.Kind.BLOCK
                        : Pallet.Kind.STRINGER;
        text.takes(Pattern.compile("\\bstringer\\b"));
        Pallet.Breaking breaking = breaking(text);
        List<Length> lengths = new ArrayList<>(pallet(scan.of(text, 2)));
        if (lengths.size() < 2) {
            lengths.clear();
            lengths.addAll(usualPallet(named.words().contains("euro")));
            sizes.note("say.assumed.pallet", sizes.say(lengths.get(0)), sizes.say(lengths.get(1)));
        }
        if (remarks.stamp() == Pallet.Stamp.NONE) {
            remarks.suspect(Hazard.NO_STAMP);
        }
        return new Pallet(
                kind,
                lengths.get(0),
                lengths.get(1),
                Pallet.USUAL_DECK,
                Pallet.USUAL_BEARERS,
                remarks.stamp(),
                Math.min(broken, Pallet.USUAL_DECK.count()),
                breaking);
    }

    private List<Length> pallet(List<YardSizes.Size> said) {
        boolean inches =
                !sizes.inches()
                        && said.stream()
                                .allMatch(
                                        s -> s.bare() && sizes.read(s).compareTo(LEAST_PALLET) < 0);
        if (inches && !said.isEmpty()) {
            sizes.note("say.assumed.inches");
        }
        return said.stream()
                .map(s -> inches ? sizes.read(s.withUnit("in")) : sizes.read(s))
                .toList();
    }

    /** The narrow one of two common sizes is called by its name. */
    private List<Length> usualPallet(boolean narrow) {
        if (narrow) {
            return List.of(Length.mm(1200), Length.mm(800));
        }
        return sizes.inches()
                ? List.of(Length.inches(48), Length.inches(40))
                : List.of(Length.mm(1200), Length.mm(1000));
    }

    /** What the keeper says is to become of pallets. */
    private static Pallet.Breaking breaking(YardText text) {
        if (text.takes(KEEP_WHOLE)) {
            return Pallet.Breaking.WHOLE;
        }
        if (text.takes(PRY)) {
            return Pallet.Breaking.PRIED;
        }
        return text.takes(SAW_APART) ? Pallet.Breaking.SAWN : Pallet.Breaking.FREE;
    }

    private Block block(YardKinds.Named named, YardText text) {
        List<Length> lengths = scan.countAlone(text) ? List.of() : scan.read(text, 3);
        if (lengths.size() >= 3) {
            return Block.of(lengths.get(0), lengths.get(1), lengths.get(2));
        }
        boolean flat = named.words().matches(".*(?:paver|slab|paving|patio).*");
        sizes.note("say.assumed.block");
        if (lengths.size() == 2 && flat) {
            return Block.of(Length.mm(50), lengths.get(0), lengths.get(1));
        }
        if (named.words().contains("brick")) {
            return Block.of(Length.mm(65), Length.mm(102), Length.mm(215));
        }
        return flat
                ? Block.of(Length.mm(50), Length.mm(450), Length.mm(450))
                : Block.of(Length.mm(190), Length.mm(190), Length.mm(390));
    }
}
