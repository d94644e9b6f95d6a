package reliqua.core.stock;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;

/** The words for the kinds of things, and the sections behind the names of boards. */
final class YardKinds {
    /** What a line is about. */
    enum Kind {
        PALLET,
        HARDWARE,
        FOUND,
        MESH,
        ROOFING,
        SHEET,
        POLE,
        BLOCK,
        STICK
    }

    private static final Map<Kind, Pattern> WORDS = new LinkedHashMap<>();

    static {
        WORDS.put(
                Kind.MESH,
                Pattern.compile(
                        "\\bhardware cloth\\b|\\bweld ?mesh\\b|\\b(?:welded |hex |hexagonal |wire )?mesh\\b|\\b(?:chicken|hex|poultry|bird|welded|rabbit) (?:wire|netting)\\b(?: mesh)?|\\bnetting\\b"));
        WORDS.put(
                Kind.HARDWARE,
                Pattern.compile(
                        "\\b(?:box(?:es)? of |bag of |packs? of )?(?:(?:deck|wood|drywall|roofing|tek|2-motion) )?(screws|staples|hinges?|latch(?:es)?|bolts|hasps?|washers|strips? of (?:old )?(?:leather|rubber|belt|tyre|tire|inner tube)|(?:old )?(?:leather|rubber|belt|tyre|tire|inner tube) strips?|wood glue|sealant|tins? of (?:paint|(?:wood )?preserv[a-z]+))\\b|^[ |]*(?:[a-z]+ )?nails\\b"));
        WORDS.put(
                Kind.PALLET,
                Pattern.compile(
                        "\\b(?:(?:wood(?:en)?|stringer|block|broken|good|euro) )*pallets?\\b(?! (?:boards?|slats?|wood|stringers?|planks?|timber))"));
        WORDS.put(
                Kind.SHEET,
                Pattern.compile(
                        "\\b(?:sheets? of )?(?:marine |exterior |birch )?(?:ply(?:wood)?|osb|strand ?board|chip ?board|particle ?board|mdf|hard ?board|sterling ?board)\\b(?: sheets?| boards?| off-?cuts?)?"));
        WORDS.put(
                Kind.ROOFING,
                Pattern.compile(
                        "\\b(?:sheets? of )?(?:corrugated|box profile|roofing|roof|wriggly|tin|galvani[sz]ed|corrugated plastic)(?: (?:tin|iron|steel|metal|roofing|roof|plastic|sheets?|sheeting|panels?))*\\b(?! (?:battens?|laths?|timbers?|boards?|felt))|\\b(?:sheets? of )?(?:iron|metal) (?:sheets?|roofing)\\b|\\b(?:corrugated |clear )?(?:polycarbonate|onduline)(?: sheets?)?\\b"));
        WORDS.put(
                Kind.FOUND,
                Pattern.compile(
                        "\\b(window|perspex(?: sheet)?|acrylic(?: sheet)?|plastic sheet(?:ing)?|kennel panel|gate(?= [\\d.]+[^x]*x)|cabinet door|cupboard door|kitchen door|door|milk crate|apple crate|crate|apple box|tub|barrel|bucket|drawer|cooler|cool box|panel|hula hoop|hoop|conduit|pipe|wheel|axle|tarp(?:aulin)?|standing wall|standing fence|garden wall|(?:old |shed |found )floor|floor frame|platform|nest(?:ing)? box|flooring|vinyl floor|lino(?:leum)?)(?:s|es)?\\b(?! (?:frames?|stops?|liners?|lining|casings?|jambs?|trims?|joists?|boards?|boarding)\\b)"));
        WORDS.put(
                Kind.POLE,
                Pattern.compile(
                        "\\b(?:(?:round|cedar|larch|bamboo|fence|utility|telegraph|telephone) )*(?:poles?|rounds?|logs?|branch(?:es)?|bamboo(?: canes?)?|canes?)\\b|\\bround (?:posts?|fence posts?)\\b"));
        WORDS.put(
                Kind.BLOCK,
                Pattern.compile(
                        "\\b(?:(?:concrete|cinder|breeze|patio|paving|house) )*(?:blocks?|bricks?|pavers?|slabs?)\\b"));
        WORDS.put(
                Kind.STICK,
                Pattern.compile(
                        "\\b(?:(?:scaffold(?:ing)?|fence|fencing|floor|barn|pallet|deck|decking|skirting|roof(?:ing)?|old|sawn|rough|pine|oak|spruce|cedar|larch|softwood|hardwood|framing|railway|gravel|weather) ?)*(?:boards?|planks?|battens?|sticks?|posts?|studs?|beams?|joists?|rails?|laths?|pickets?|slats?|sleepers?|decking|stringers?|bearers?|rafters?|timbers?|lumber|bits?|lengths?|strips?|purlins?|trims?|casings?|jambs?|linings?|mouldings?|off-?cuts?|pieces?)\\b"));
    }

    private static final Pattern PART_SHEET =
            Pattern.compile("\\b(full|whole|half|quarter|1/2|1/4)[- ](?:size )?sheets?\\b(?: of)?");
    private static final Pattern PLAIN_SHEET = Pattern.compile("\\bsheets?\\b");

    /** True sections of boards known by name, in millimetres: thickness and width. */
    private static final Map<String, Section> NAMED = new LinkedHashMap<>();

    static {
        NAMED.put("scaffold", Section.mm(38, 225));
        NAMED.put("sleeper", Section.mm(125, 250));
        NAMED.put("picket", Section.mm(16, 140));
        NAMED.put("pallet board", Section.mm(16, 89));
        NAMED.put("pallet slat", Section.mm(16, 89));
        NAMED.put("pallet plank", Section.mm(16, 89));
        NAMED.put("stringer", Section.mm(35, 89));
        NAMED.put("decking", Section.mm(25, 140));
        NAMED.put("deck board", Section.mm(25, 140));
        NAMED.put("fence post", Section.mm(89, 89));
        NAMED.put("roof batten", Section.mm(25, 50));
        NAMED.put("roofing batten", Section.mm(25, 50));
        NAMED.put("batten", Section.mm(19, 38));
        NAMED.put("lath", Section.mm(6, 25));
    }

    /**
     * What was named.
     *
     * @param kind the kind
     * @param words as they were said; empty for a stick by its sizes alone
     */
    record Named(Kind kind, String words) {}

    private YardKinds() {}

    /** Takes the words for the kind out of a line; a line without any is about a stick. */
    static Named take(YardText text) {
        String part = text.take(PART_SHEET).map(m -> m.group(1)).orElse("");
        if (!part.isEmpty()) {
            Optional<java.util.regex.Matcher> of =
                    text.take(WORDS.getOrDefault(Kind.SHEET, PLAIN_SHEET));
            return new Named(Kind.SHEET, part + " " + of.map(m -> m.group()).orElse("sheet"));
        }
        for (Map.Entry<Kind, Pattern> each : WORDS.entrySet()) {
            Optional<java.util.regex.Matcher> said = text.take(each.getValue());
            if (said.isPresent()) {
                text.take(PLAIN_SHEET);
                return new Named(each.getKey(), said.get().group().strip());
            }
        }
        return text.take(PLAIN_SHEET)
                .map(m -> new Named(Kind.SHEET, m.group()))
                .orElse(new Named(Kind.STICK, ""));
    }

    /** The section behind a name, if the name has one. */
    static Optional<Section> section(String words) {
        return NAMED.entrySet().stream()
                .filter(e -> words.contains(e.getKey()))
                .map(Map.Entry::getValue)
                .findFirst();
    }

    static FoundPart.Kind found(String word) {
        Map<String, FoundPart.Kind> names =
                Map.ofEntries(
                        Map.entry("window", FoundPart.Kind.WINDOW),
                        Map.entry("cabinet", FoundPart.Kind.CABINET_DOOR),
                        Map.entry("cupboard", FoundPart.Kind.CABINET_DOOR),
                        Map.entry("kitchen", FoundPart.Kind.CABINET_DOOR),
                        Map.entry("door", FoundPart.Kind.DOOR),
                        Map.entry("milk", FoundPart.Kind.CRATE),
                        Map.entry("apple", FoundPart.Kind.CRATE),
                        Map.entry("crate", FoundPart.Kind.CRATE),
                        Map.entry("tub", FoundPart.Kind.TUB),
                        Map.entry("barrel", FoundPart.Kind.TUB),
                        Map.entry("bucket", FoundPart.Kind.BUCKET),
                        Map.entry("drawer", FoundPart.Kind.DRAWER),
                        Map.entry("cool", FoundPart.Kind.COOLER),
                        Map.entry("panel", FoundPart.Kind.PANEL),
                        Map.entry("kennel", FoundPart.Kind.PANEL),
                        Map.entry("gate", FoundPart.Kind.PANEL),
                        Map.entry("plastic", FoundPart.Kind.TARP),
                        Map.entry("perspex", FoundPart.Kind.WINDOW),
                        Map.entry("acrylic", FoundPart.Kind.WINDOW),
                        Map.entry("hula", FoundPart.Kind.HOOP),
                        Map.entry("hoop", FoundPart.Kind.HOOP),
                        Map.entry("conduit", FoundPart.Kind.PIPE),
                        Map.entry("pipe", FoundPart.Kind.PIPE),
                        Map.entry("wheel", FoundPart.Kind.WHEEL),
                        Map.entry("axle", FoundPart.Kind.AXLE),
                        Map.entry("tarp", FoundPart.Kind.TARP),
                        Map.entry("standing", FoundPart.Kind.STANDING_WALL),
                        Map.entry("garden wall", FoundPart.Kind.STANDING_WALL),
                        Map.entry("platform", FoundPart.Kind.PLATFORM),
                        Map.entry("nest", FoundPart.Kind.NEST_BOX),
                        Map.entry("floor frame", FoundPart.Kind.PLATFORM),
                        Map.entry("old floor", FoundPart.Kind.PLATFORM),
                        Map.entry("shed floor", FoundPart.Kind.PLATFORM),
                        Map.entry("found floor", FoundPart.Kind.PLATFORM));
        List<String> longest =
                names.keySet().stream()
                        .sorted(java.util.Comparator.comparing(String::length).reversed())
                        .toList();
        return longest.stream()
                .filter(word::startsWith)
                .map(names::get)
                .findFirst()
                .orElse(FoundPart.Kind.FLOORING);
    }

    static Hardware.Kind hardware(String words) {
        if (words.contains("roofing") || words.contains("tek")) {
            return Hardware.Kind.ROOFING_SCREWS;
        }
        Map<String, Hardware.Kind> names = new LinkedHashMap<>();
        names.put("screw", Hardware.Kind.SCREWS);
        names.put("staple", Hardware.Kind.STAPLES);
        names.put("hinge", Hardware.Kind.HINGES);
        names.put("latch", Hardware.Kind.LATCHES);
        names.put("hasp", Hardware.Kind.LATCHES);
        names.put("bolt", Hardware.Kind.BOLTS);
        names.put("washer", Hardware.Kind.WASHERS);
        names.put("strip", Hardware.Kind.STRIPS);
        names.put("glue", Hardware.Kind.GLUE);
        names.put("sealant", Hardware.Kind.SEALANT);
        names.put("preserv", Hardware.Kind.PRESERVER);
        names.put("paint", Hardware.Kind.PAINT);
        return names.entrySet().stream()
                .filter(e -> words.contains(e.getKey()))
                .map(Map.Entry::getValue)
                .findFirst()
                .orElse(Hardware.Kind.NAILS);
    }
}
