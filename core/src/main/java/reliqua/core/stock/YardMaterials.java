package reliqua.core.stock;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import reliqua.core.measure.Length;
import reliqua.core.measure.Words;

/** Makes the thing a line is about out of its sizes, once everything else has been taken out. */
final class YardMaterials {
    private static final Pattern NOMINAL =
            Pattern.compile(
                    "(?<![\\d./])(5/4|\\d{1,2}) ?x ?(\\d{1,2})s?(?![\\d./]| ?(?:mm|cm|\"|in\\b|inch|ft|'))");
    private static final Pattern NOMINAL_BEFORE_LENGTH =
            Pattern.compile(
                    "(?<![\\d./])(5/4|\\d{1,2}) ?x ?(\\d{1,2}) ?x ?(" + YardSizes.LENGTH + ")");
    private static final Pattern AT = Pattern.compile("(?:^|[ |])at (?=\\d|\\.)");
    private static final Pattern COVER =
            Pattern.compile(
                    "\\bcover(?:s|ing|age)?(?: width)?(?: of)? ?(" + YardSizes.LENGTH + ")");
    private static final Pattern BROKEN =
            Pattern.compile(
                    "\\b(\\d{1,2}) (?:broken|split|missing)(?: boards?)?\\b|\\b(?:broken|split|missing) boards? ?(\\d{1,2})\\b");
    private static final Length SIDE_LAP = Length.mm(76);
    private static final int LONGEST_IN_FEET = 20;

    private final YardSizes sizes;
    private final YardFlaws flaws;
    private final YardRemarks remarks;
    private final boolean countMayFollow;
    private Optional<Integer> surplus = Optional.empty();
    private Optional<String> joinedLength = Optional.empty();

    /** Makes things; a number too many may be the count when none has been said. */
    YardMaterials(YardSizes sizes, YardFlaws flaws, YardRemarks remarks, boolean countMayFollow) {
        this.countMayFollow = countMayFollow;
        this.sizes = sizes;
        this.flaws = flaws;
        this.remarks = remarks;
    }

    /** The thing; refused with how to say it when sizes are missing. */
    Material read(YardKinds.Named named, YardText text) {
        return switch (named.kind()) {
            case STICK -> stick(named, text);
            case SHEET -> sheet(named, text);
            case ROOFING -> roofing(text);
            case MESH -> mesh(named, text);
            case POLE -> pole(text);
            case PALLET -> pallet(named, text);
            case FOUND -> found(named, text);
            case BLOCK -> block(named, text);
            case HARDWARE ->
                    new Hardware(
                            YardKinds.hardware(named.words()), read(text, 1).stream().findFirst());
        };
    }

    private List<Length> read(YardText text, int most) {
        return scan(text, most).stream().map(sizes::read).toList();
    }

    /** The sizes; one more than there can be, bare and behind an x, is the count. */
    private List<YardSizes.Size> scan(YardText text, int most) {
        List<YardSizes.Size> said = sizes.scan(text.rest());
        if (countMayFollow && said.size() == most + 1) {
            YardSizes.Size last = said.getLast();
            boolean behind =
                    last.after()
                            || text.rest().matches("[ |]*x ?\\d+[ |,;]*")
                            || text.rest().matches(".*, ?\\d+[ |,;]*");
            if (behind && last.text().matches("\\d{1,3}")) {
                surplus = Optional.of(Integer.parseInt(last.text()));
                return said.subList(0, most);
            }
        }
        return said;
    }

    /** The count that stood behind the sizes, if there was one. */
    Optional<Integer> surplus() {
        return surplus;
    }

    private FoundPart found(YardKinds.Named named, YardText text) {
        FoundPart.Kind kind = YardKinds.found(named.words());
        if (kind == FoundPart.Kind.PIPE && !text.rest().matches(".*x ?\\d+[ |,;]*")) {
            List<YardSizes.Size> said = sizes.scan(text.rest(), false);
            return new FoundPart(kind, said.stream().map(sizes::read).limit(2).toList());
        }
        return new FoundPart(kind, read(text, sizesOf(named)).stream().limit(3).toList());
    }

    /** Boards known by name have their section already. */
    private static int most(YardKinds.Named named) {
        return YardKinds.section(named.words()).isPresent() ? 1 : 3;
    }

    private static int sizesOf(YardKinds.Named named) {
        return switch (YardKinds.found(named.words())) {
            case WINDOW, DOOR, CABINET_DOOR, PANEL, TARP, FLOORING, PIPE -> 2;
            case WHEEL, HOOP, AXLE -> 1;
            case CRATE, TUB, BUCKET, DRAWER, COOLER -> 3;
        };
    }

    private int poles(YardText text) {
        return text.rest().matches(".*\\d ?(?:to|-) ?\\d.*") ? 3 : 2;
    }

    private static IllegalArgumentException unclear(String key, Object... terms) {
        return new IllegalArgumentException(Words.say(key, terms));
    }

    private Stick stick(YardKinds.Named named, YardText text) {
        boolean at = text.has(AT);
        Optional<Section> nominal = nominal(text);
        int most = nominal.isEmpty() ? most(named) : joinedLength.isPresent() ? 0 : 1;
        List<YardSizes.Size> said = scan(text, most);
        if (nominal.isPresent()) {
            Section section = nominal.get();
            sizes.note(
                    "say.assumed.nominal",
                    sizes.say(section.thickness()) + " x " + sizes.say(section.width()));
            return stick(section, nominalLength(said, at));
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
            Section s = section.get();
            sizes.note(
                    "say.assumed.nominal", sizes.say(s.thickness()) + " x " + sizes.say(s.width()));
            return stick(s, longest);
        }
        throw unclear(named.words().isEmpty() ? "say.unknown" : "say.stick");
    }

    private Stick stick(Section section, Length length) {
        return new Stick(section, length, flaws.on(length), flaws.warp(), remarks.treatment());
    }

    /** 2x4, and 2x4x8, in which the third is a length. */
    private Optional<Section> nominal(YardText text) {
        for (Pattern pattern : List.of(NOMINAL_BEFORE_LENGTH, NOMINAL)) {
            Matcher m = pattern.matcher(text.rest());
            if (m.find()) {
                Optional<Section> section = NominalSizes.find(m.group(1) + "x" + m.group(2));
                if (section.isPresent()) {
                    boolean third = pattern == NOMINAL_BEFORE_LENGTH;
                    text.take(pattern);
                    if (third) {
                        return Optional.of(withLength(section.get(), m.group(3)));
                    }
                    return section;
                }
            }
        }
        return Optional.empty();
    }

    private Section withLength(Section section, String length) {
        joinedLength = Optional.of(length);
        return section;
    }

    /** After a yard name a small bare number is in feet, unless it is said to be "at" so much. */
    private Length nominalLength(List<YardSizes.Size> said, boolean at) {
        YardSizes.Size size =
                joinedLength
                        .map(text -> new YardSizes.Size(text, false, true))
                        .or(() -> said.stream().findFirst())
                        .orElseThrow(() -> unclear("say.stick"));
        boolean whole = size.text().matches("\\d{1,2}");
        boolean feet = size.bare() && whole && Integer.parseInt(size.text()) <= LONGEST_IN_FEET;
        return feet && !at && sizes.inches() ? sizes.feet(size) : sizes.read(size);
    }

    private Sheet sheet(YardKinds.Named named, YardText text) {
        String part = named.words().split(" ", 2)[0];
        boolean parted = List.of("full", "whole", "half", "quarter", "1/2", "1/4").contains(part);
        boolean inches = sizes.inches();
        Length fullWidth = inches ? Length.inches(48) : Length.mm(1220);
        Length fullLength = inches ? Length.inches(96) : Length.mm(2440);
        List<Length> lengths = new ArrayList<>(sides(scan(text, 3)));
        Length thickness = Length.mm(12);
        Optional<Length> thin =
                lengths.stream()
                        .min(Comparator.naturalOrder())
                        .filter(l -> l.atMost(Length.mm(45)));
        if (thin.isPresent()) {
            thickness = thin.get();
            lengths.remove(thickness);
        } else {
            sizes.note("say.assumed.thickness", sizes.say(thickness));
        }
        if (lengths.isEmpty()) {
            if (thin.isEmpty() && !parted) {
                throw unclear("say.sheet", inches ? "1/2 x 48 x 96" : "12 x 1220 x 2440");
            }
            Length length =
                    part.startsWith("half")
                                    || part.equals("1/2")
                                    || part.startsWith("quarter")
                                    || part.equals("1/4")
                            ? fullLength.half()
                            : fullLength;
            Length width =
                    part.startsWith("quarter") || part.equals("1/4") ? fullWidth.half() : fullWidth;
            sizes.note("say.assumed.fullSheet", sizes.say(width), sizes.say(length));
            lengths.addAll(List.of(width, length));
        }
        if (lengths.size() < 2) {
            throw unclear("say.sheet", inches ? "1/2 x 48 x 96" : "12 x 1220 x 2440");
        }
        return new Sheet(
                sheetKind(named.words()), thickness, lengths.get(0), lengths.get(1), List.of());
    }

    private static Sheet.Kind sheetKind(String words) {
        if (words.contains("osb") || words.contains("strand") || words.contains("sterling")) {
            return Sheet.Kind.STRAND_BOARD;
        }
        boolean board = words.matches(".*(?:chip|particle|mdf|hard ?board).*");
        return board ? Sheet.Kind.BOARD : Sheet.Kind.PLYWOOD;
    }

    /** A pair of small whole numbers on an inch tape is a sheet in feet: 4x8. */
    private List<Length> sides(List<YardSizes.Size> said) {
        List<Length> lengths = new ArrayList<>();
        for (int n = 0; n < said.size(); n++) {
            YardSizes.Size size = said.get(n);
            boolean pair = size.joined() != size.after();
            boolean alone = said.size() - n >= 2 && size.joined() && !said.get(n + 1).joined();
            boolean feet =
                    sizes.inches()
                            && pair
                            && (alone && small(said.get(n + 1)) && small(size)
                                    || size.after()
                                            && small(size)
                                            && n > 0
                                            && small(said.get(n - 1))
                                            && !said.get(n - 1).after());
            lengths.add(feet ? sizes.feet(size) : sizes.read(size));
        }
        return lengths;
    }

    private static boolean small(YardSizes.Size size) {
        return size.bare()
                && size.text().matches("\\d{1,2}")
                && Integer.parseInt(size.text()) <= 12;
    }

    private Roofing roofing(YardText text) {
        Optional<Length> covers = text.take(COVER).map(m -> sizes.read(m.group(1)));
        List<Length> lengths = sides(scan(text, 2)).stream().sorted().toList();
        if (lengths.isEmpty()) {
            throw unclear("say.roofing");
        }
        Length length = lengths.getLast();
        Length full;
        if (lengths.size() > 1) {
            full = lengths.get(lengths.size() - 2);
        } else {
            full = sizes.inches() ? Length.inches(26) : Length.mm(840);
            sizes.note("say.assumed.width", sizes.say(full));
        }
        Length cover = covers.orElseGet(() -> full.minus(SIDE_LAP));
        if (covers.isEmpty()) {
            sizes.note("say.assumed.cover", sizes.say(cover));
        }
        return new Roofing(length, full, cover, flaws.on(length));
    }

    private Mesh mesh(YardKinds.Named named, YardText text) {
        boolean hex = named.words().matches(".*(?:hex|chicken|poultry|rabbit|bird|netting).*");
        List<Length> lengths = new ArrayList<>(scan(text, 4).stream().map(sizes::plain).toList());
        if (lengths.size() == 2) {
            // 50ft 1 inch: the inch is the aperture.
            String apart =
                    text.rest()
                            .replaceAll(
                                    "(ft|feet|foot|') (\\d[\\d/ ]*? ?(?:inch|in\\b|\"))",
                                    "$1 | $2");
            lengths = new ArrayList<>(sizes.scan(apart).stream().map(sizes::plain).toList());
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
            throw unclear("say.mesh");
        }
        lengths.sort(Comparator.naturalOrder());
        Mesh.Kind kind = hex ? Mesh.Kind.HEX_NETTING : Mesh.Kind.WELDED;
        return new Mesh(kind, lengths.get(0), lengths.get(1), lengths.get(2));
    }

    private Pole pole(YardText text) {
        List<Length> lengths = read(text, poles(text)).stream().sorted().toList();
        if (lengths.size() < 2) {
            throw unclear("say.pole");
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
        List<Length> lengths = new ArrayList<>(read(text, 2));
        if (lengths.size() < 2) {
            lengths.clear();
            boolean inches = sizes.inches();
            lengths.addAll(
                    inches
                            ? List.of(Length.inches(48), Length.inches(40))
                            : List.of(Length.mm(1200), Length.mm(1000)));
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
                Math.min(broken, Pallet.USUAL_DECK.count()));
    }

    private Block block(YardKinds.Named named, YardText text) {
        if (countMayFollow && text.rest().matches("[ |]*\\d{1,4}[ |]*")) {
            surplus = Optional.of(Integer.parseInt(text.rest().replaceAll("\\D", "")));
        }
        List<Length> lengths = surplus.isPresent() ? List.of() : read(text, 3);
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
