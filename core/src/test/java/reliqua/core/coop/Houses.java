package reliqua.core.coop;

import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import reliqua.core.coop.addon.CoopBuilder;
import reliqua.core.coop.family.AddOn;
import reliqua.core.coop.family.Brief;
import reliqua.core.coop.family.Choices;
import reliqua.core.coop.family.CoopFamily;
import reliqua.core.coop.family.DesignSpec;
import reliqua.core.coop.family.Families;
import reliqua.core.coop.family.Finds;
import reliqua.core.coop.family.Unbuildable;
import reliqua.core.flock.BirdClass;
import reliqua.core.flock.Flock;
import reliqua.core.flock.Keeper;
import reliqua.core.flock.Needs;
import reliqua.core.flock.Practice;
import reliqua.core.flock.Predator;
import reliqua.core.flock.Site;
import reliqua.core.measure.Bearing;
import reliqua.core.measure.Length;
import reliqua.core.measure.Tape;
import reliqua.core.stock.Block;
import reliqua.core.stock.FoundPart;
import reliqua.core.stock.Pallet;
import reliqua.core.stock.Section;

/** Raised houses for tests: one ordinary, and any number of random ones. */
public final class Houses {
    /** One in a thousand is enough; a kind that refuses more has no room for what is asked. */
    private static final int MOST_TRIES = 3000;

    private Houses() {}

    /** Every kind of coop, for tests that hold for all of them. */
    public static List<CoopFamily> families() {
        return Families.all();
    }

    /** Every kind a run can be built on to. */
    public static List<CoopFamily> familiesWithRun() {
        return families().stream().filter(f -> f.addOns().contains(AddOn.RUN)).toList();
    }

    /** Every kind that can have a window. */
    public static List<CoopFamily> familiesWithWindow() {
        return families().stream().filter(f -> f.addOns().contains(AddOn.WINDOW)).toList();
    }

    /** Every kind that can stand on slats over a bed. */
    public static List<CoopFamily> familiesWithSlats() {
        return families().stream().filter(f -> f.addOns().contains(AddOn.SLATTED_FLOOR)).toList();
    }

    /** A kind of coop and something that is built on to it. */
    public record Pair(CoopFamily family, AddOn addOn) {
        @Override
        public String toString() {
            return family.id() + " with " + addOn.id();
        }
    }

    /** Every kind with everything that can be built on to it. */
    public static List<Pair> pairs() {
        return families().stream()
                .flatMap(f -> f.addOns().stream().map(a -> new Pair(f, a)))
                .toList();
    }

    /** A random one of a pair; what wants a run has one. */
    public static Coop random(Pair pair, Random random) {
        Set<AddOn> both =
                pair.addOn().wantsRun() ? Set.of(AddOn.RUN, pair.addOn()) : Set.of(pair.addOn());
        return random(pair.family(), both, random);
    }

    public static Needs needs(int hens) {
        return Needs.of(Flock.of(BirdClass.STANDARD, hens));
    }

    /** Needs of a flock kept in any way, with any animals about. */
    private static Needs needs(int hens, Random random) {
        Practice practice =
                Practice.DEFAULT
                        .withLitter(any(Practice.Litter.values(), random))
                        .withApron(any(Practice.Apron.values(), random))
                        .withRoosts(any(Practice.Roosts.values(), random));
        Site level = Site.BARE.with(any(Predator.values(), random), random.nextBoolean());
        Site site =
                random.nextInt(3) > 0
                        ? level
                        : level.withSlope(new Bearing(random.nextInt(360)), 2 + random.nextInt(14));
        return Needs.of(Flock.of(BirdClass.STANDARD, hens).with(practice), site);
    }

    private static <E> E any(E[] values, Random random) {
        return values[random.nextInt(values.length)];
    }

    public static Choices choices(Section wall, Section trim, Length skin, Length step) {
        return new Choices(
                List.of(
                        Section.mm(89, 89),
                        Section.mm(38, 89),
                        wall,
                        Section.mm(38, 89),
                        Section.mm(19, 64),
                        trim,
                        Section.mm(38, 64),
                        Section.mm(19, 64),
                        Section.mm(16, 89)),
                Length.mm(15),
                skin,
                Length.mm(1220),
                new Choices.RoofingChoice(Length.mm(840), Length.mm(760), Length.mm(2400)),
                Practice.Underside.CLOSED_IN,
                step);
    }

    /** A raised house of these lengths in millimetres, in the order of its keys. */
    public static DesignSpec raised(Choices choices, Length... lengths) {
        return spec("raised", choices, lengths);
    }

    private static DesignSpec spec(String family, Choices choices, Length... lengths) {
        List<String> keys = Families.find(family).orElseThrow().keys();
        Map<String, Length> byKey = new HashMap<>();
        for (int n = 0; n < keys.size(); n++) {
            byKey.put(keys.get(n), lengths[n]);
        }
        return new DesignSpec(family, byKey, choices, Set.of());
    }

    /** Draws it up for a keeper of ordinary height. */
    public static Coop build(DesignSpec spec, Needs needs) throws Unbuildable {
        return CoopBuilder.build(spec, new Brief(needs, Keeper.with(Tape.METRIC)));
    }

    /** The ordinary one's design. */
    public static DesignSpec ordinarySpec() {
        return raised(
                choices(Section.mm(38, 64), Section.mm(19, 38), Length.mm(12), Length.mm(1)),
                Length.mm(1600),
                Length.mm(1400),
                Length.mm(500),
                Length.mm(1350),
                Length.mm(1150),
                Length.mm(180));
    }

    public static Coop ordinary() {
        try {
            return build(ordinarySpec(), needs(8));
        } catch (Unbuildable e) {
            throw new AssertionError(e.reason().words(Tape.METRIC), e);
        }
    }

    /** A random raised house; draws again until the family accepts the dimensions. */
    public static Coop random(Random random) {
        return random(Families.find("raised").orElseThrow(), random);
    }

    /** A random house of a family; draws again until it accepts the lengths. */
    public static Coop random(CoopFamily family, Random random) {
        return random(family, Set.of(), random);
    }

    /** The same with a run before it, for families that have room for one. */
    public static Coop randomWithRun(CoopFamily family, Random random) {
        return random(family, Set.of(AddOn.RUN), random);
    }

    /** With all of these built on. */
    public static Coop random(CoopFamily family, Set<AddOn> addOns, Random random) {
        for (int tries = 0; tries < MOST_TRIES; tries++) {
            Needs needs = needs(3 + random.nextInt(14), random);
            Brief brief = new Brief(needs, Keeper.with(Tape.METRIC), addOns);
            try {
                return CoopBuilder.build(drawn(family, brief, random), brief);
            } catch (Unbuildable e) {
                continue;
            }
        }
        throw new AssertionError("no " + family.id() + " with " + addOns + " can be drawn");
    }

    /** Of any lengths; where whole things decide, of the sizes they give. */
    private static DesignSpec drawn(CoopFamily family, Brief brief, Random random) {
        Choices bare = choices(random).with(any(family.claddings(), random));
        Choices choices = bare.with(bare.finds().with(things(family, brief, random)));
        if (family.builtOf().isPresent()) {
            Finds built = built(family.builtOf().get(), random);
            Choices whole = choices.with(built.with(choices.finds().things()));
            return family.sized(
                    whole, brief, Map.of(), mm(random, 1500, 4000), mm(random, 800, 3000));
        }
        Map<String, Length> lengths = new HashMap<>();
        family.keys().forEach(key -> lengths.put(key, length(family.id() + " " + key, random)));
        if (brief.addOns().contains(AddOn.PALLET_FLOOR)) {
            return onPallets(
                    family,
                    choices.with(choices.finds().without(FoundPart.Use.PLATFORM)),
                    brief,
                    random);
        }
        choices.finds()
                .thing(FoundPart.Use.PLATFORM)
                .ifPresent(
                        floor -> {
                            lengths.put("width", floor.part().sizes().get(0));
                            lengths.put("depth", floor.part().sizes().get(1));
                        });
        if (brief.addOns().contains(AddOn.RUN)) {
            lengths.put(AddOn.RUN.keys().getFirst(), mm(random, 1800, 2600));
        }
        if (brief.addOns().contains(AddOn.PORCH)) {
            lengths.put(AddOn.PORCH.keys().getFirst(), mm(random, 700, 1300));
        }
        if (brief.addOns().contains(AddOn.GROUND_LEVEL)) {
            lengths.put(AddOn.GROUND_LEVEL.keys().getFirst(), mm(random, 380, 560));
        }
        if (brief.addOns().contains(AddOn.YARD)) {
            lengths.put(AddOn.YARD.keys().getFirst(), mm(random, 1500, 5000));
        }
        return new DesignSpec(family.id(), lengths, choices, brief.addOns());
    }

    /** On as many of one size as it is wide. */
    private static DesignSpec onPallets(
            CoopFamily family, Choices choices, Brief brief, Random random) {
        Choices floored =
                choices.with(
                        Finds.of(finds(random).pallets().getFirst(), Optional.empty())
                                .among(choices.finds()));
        return family.sized(
                floored, brief, Map.of(), mm(random, 1000, 2600), mm(random, 900, 1400));
    }

    /** Choices a family can be sized with. */
    public static Choices bareChoices(CoopFamily family) {
        Random random = new Random(4);
        Choices bare = choices(random).with(family.claddings().getFirst());
        Choices placed =
                family.musts().isEmpty()
                        ? bare
                        : bare.with(bare.finds().with(musts(family.musts(), random)));
        return family.builtOf().map(kind -> bare.with(built(kind, random))).orElse(placed);
    }

    /** Something found for most of the places there are. */
    private static List<Finds.Thing> things(CoopFamily family, Brief brief, Random random) {
        Set<FoundPart.Use> places = EnumSet.noneOf(FoundPart.Use.class);
        places.addAll(family.places());
        brief.addOns().forEach(a -> places.addAll(a.places()));
        return places.stream()
                .filter(p -> p != FoundPart.Use.RUN_WALL)
                .filter(p -> p == FoundPart.Use.WHEELS || random.nextInt(3) > 0)
                .filter(p -> p != FoundPart.Use.PLATFORM || random.nextInt(3) == 0)
                .map(p -> new Finds.Thing(p, thing(p, random), 4))
                .toList();
    }

    private static List<Finds.Thing> musts(Set<FoundPart.Use> places, Random random) {
        return places.stream().map(p -> new Finds.Thing(p, thing(p, random), 4)).toList();
    }

    private static FoundPart thing(FoundPart.Use place, Random random) {
        return switch (place) {
            case DOOR ->
                    found(
                            FoundPart.Kind.DOOR,
                            mm(random, 650, 850),
                            mm(random, 1600, 2000),
                            Length.mm(35));
            case HATCH ->
                    found(
                            FoundPart.Kind.CABINET_DOOR,
                            mm(random, 380, 600),
                            mm(random, 380, 800),
                            Length.mm(18));
            case GLAZING ->
                    found(FoundPart.Kind.WINDOW, mm(random, 300, 800), mm(random, 250, 500));
            case NEST ->
                    found(
                            FoundPart.Kind.CRATE,
                            mm(random, 300, 380),
                            mm(random, 280, 330),
                            mm(random, 300, 380));
            case NEST_BOX ->
                    found(
                            FoundPart.Kind.NEST_BOX,
                            mm(random, 600, 1000),
                            mm(random, 330, 420),
                            mm(random, 300, 400));
            case PLATFORM ->
                    found(
                            FoundPart.Kind.PLATFORM,
                            mm(random, 1600, 3000),
                            mm(random, 1500, 2400),
                            mm(random, 70, 140));
            case FEEDER ->
                    found(
                            FoundPart.Kind.BUCKET,
                            mm(random, 240, 340),
                            mm(random, 240, 340),
                            mm(random, 280, 420));
            case LINING ->
                    found(FoundPart.Kind.FLOORING, mm(random, 500, 2600), mm(random, 500, 1800));
            case WHEELS -> found(FoundPart.Kind.WHEEL, mm(random, 150, 400), mm(random, 30, 90));
            default ->
                    found(
                            FoundPart.Kind.TUB,
                            mm(random, 300, 600),
                            mm(random, 300, 600),
                            mm(random, 300, 600));
        };
    }

    private static FoundPart found(FoundPart.Kind kind, Length... sizes) {
        return new FoundPart(kind, List.of(sizes));
    }

    private static Finds finds(Random random) {
        Pallet.Kind kind = any(Pallet.Kind.values(), random);
        Pallet pallet =
                new Pallet(
                        kind,
                        Length.mm(1000 + 20L * random.nextInt(15)),
                        Length.mm(800 + 20L * random.nextInt(20)),
                        new Pallet.Boards(8 + random.nextInt(7), Section.mm(16, 89)),
                        Pallet.USUAL_BEARERS,
                        Pallet.Stamp.HT,
                        0);
        Optional<Finds.Footing> footing =
                random.nextBoolean()
                        ? Optional.of(
                                new Finds.Footing(
                                        Block.of(Length.mm(190), Length.mm(190), Length.mm(390)),
                                        100))
                        : Optional.empty();
        Finds alone = Finds.of(Finds.WholePallet.of(pallet, 10 + random.nextInt(40)), footing);
        if (random.nextBoolean()) {
            return alone;
        }
        Pallet narrower =
                new Pallet(
                        pallet.kind(),
                        pallet.length().plus(Length.mm(random.nextInt(3) * 60L)),
                        pallet.width().minus(Length.mm(60 + 20L * random.nextInt(7))),
                        new Pallet.Boards(7 + random.nextInt(4), Section.mm(16, 95)),
                        Pallet.USUAL_BEARERS,
                        Pallet.Stamp.HT,
                        0);
        return alone.and(Finds.WholePallet.of(narrower, 6 + random.nextInt(30)));
    }

    private static Finds built(Finds.Kind kind, Random random) {
        return switch (kind) {
            case PALLETS -> finds(random);
            case HOOPS -> hoops(random);
            case PANELS -> panels(random);
        };
    }

    private static Finds panels(Random random) {
        Length wide = mm(random, 600, 1300);
        Length high = mm(random, 900, 1900);
        Length thick = Length.mm(20 + random.nextInt(25));
        FoundPart part = found(FoundPart.Kind.PANEL, high, wide, thick);
        return Finds.of(new Finds.Panels(wide, high, thick, part, 8 + random.nextInt(12)));
    }

    private static Finds hoops(Random random) {
        return Finds.of(
                new Finds.Hoops(mm(random, 2400, 4200), Length.mm(15 + random.nextInt(12)), 20));
    }

    private static <E> E any(List<E> values, Random random) {
        return values.get(random.nextInt(values.size()));
    }

    /** Wider apart than any search goes. */
    private static Length length(String key, Random random) {
        return switch (key) {
            case "raised width" -> mm(random, 1000, 2600);
            case "raised depth" -> mm(random, 900, 2000);
            case "raised legs" -> mm(random, 350, 700);
            case "raised front" -> mm(random, 1000, 1700);
            case "raised back" -> mm(random, 900, 1500);
            case "gable width" -> mm(random, 1500, 4000);
            case "gable depth" -> mm(random, 1700, 3000);
            case "gable eaves" -> mm(random, 1750, 2200);
            case "gable rise" -> mm(random, 260, 700);
            case "split width" -> mm(random, 1500, 4200);
            case "split depth" -> mm(random, 1900, 3600);
            case "split front" -> mm(random, 1750, 2300);
            case "split back" -> mm(random, 1200, 1700);
            case "split rise" -> mm(random, 250, 500);
            case "walkin width" -> mm(random, 1500, 3700);
            case "walkin depth" -> mm(random, 1400, 2500);
            case "walkin front" -> mm(random, 1800, 2500);
            case "walkin back" -> mm(random, 1400, 2100);
            case "aframe width" -> mm(random, 1300, 3700);
            case "aframe depth" -> mm(random, 1000, 2000);
            case "aframe peak" -> mm(random, 800, 1900);
            case "aframe shelter" -> mm(random, 700, 2000);
            case "boxpen width" -> mm(random, 1700, 3700);
            case "boxpen depth" -> mm(random, 1000, 2400);
            case "boxpen front" -> mm(random, 600, 1300);
            case "boxpen shelter" -> mm(random, 700, 2000);
            case "pole width" -> mm(random, 1900, 4200);
            case "pole depth" -> mm(random, 1500, 2400);
            case "pole front" -> mm(random, 2000, 2600);
            case "pole back" -> mm(random, 1500, 2100);
            case "wheeled width" -> mm(random, 1000, 2400);
            case "wheeled depth" -> mm(random, 900, 1850);
            case "wheeled front" -> mm(random, 1000, 1700);
            case "wheeled back" -> mm(random, 900, 1500);
            case "raised overhang",
                    "walkin overhang",
                    "gable overhang",
                    "split overhang",
                    "pole overhang",
                    "wheeled overhang" ->
                    mm(random, 100, 260);
            default -> throw new IllegalArgumentException("no range for " + key);
        };
    }

    private static Choices choices(Random random) {
        Section wall = random.nextBoolean() ? Section.mm(38, 64) : Section.mm(38, 89);
        Section trim = random.nextBoolean() ? Section.mm(19, 38) : Section.mm(22, 64);
        Length skin = Length.mm(random.nextBoolean() ? 9 : 12);
        Length step = random.nextBoolean() ? Length.mm(1) : Length.inches(1, 16);
        return choices(wall, trim, skin, step);
    }

    private static Length mm(Random random, int least, int most) {
        return new Length((long) ((least + random.nextDouble() * (most - least)) * 1e6));
    }
}
