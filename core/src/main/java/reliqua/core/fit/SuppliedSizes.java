package reliqua.core.fit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.BiFunction;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import reliqua.core.check.Finding;
import reliqua.core.check.Findings;
import reliqua.core.coop.Coop;
import reliqua.core.coop.addon.CoopBuilder;
import reliqua.core.coop.family.Choices;
import reliqua.core.coop.family.DesignSpec;
import reliqua.core.coop.family.Unbuildable;
import reliqua.core.cutting.Progress;
import reliqua.core.measure.Length;
import reliqua.core.stock.Section;

/**
 * Houses whose pieces a heap has nearly as they are: for every width in small steps the sections,
 * thicknesses and seams are chosen together, by what they would leave to buy ({@link Supply}). A
 * search that changes one thing at a time does not get there: at another size every section is
 * wrong.
 */
final class SuppliedSizes {
    private static final int ROUNDS = 3;

    /** Houses kept from one look to the next. */
    private static final int KEPT = 24;

    /** Where rules refuse all of them, more are looked at. */
    private static final int MOST_KEPT = 5 * KEPT;

    /** Houses changed section by section and looked at in finer steps. */
    private static final int REFINED = 4;

    private static final Length APART = Length.mm(8);
    private static final double FAULT = 1e6;

    /** Of two that leave as much to buy, the deeper carries more. */
    private static final double DEPTH = 1e-3;

    /** For a metre of a section that is used up: far less than it would cost to buy. */
    private static final double CROWDING = 0.02;

    private static final Set<Choices.Group> BENT =
            EnumSet.of(Choices.Group.FLOOR, Choices.Group.RAFTERS, Choices.Group.PURLINS);

    private final FitRequest request;
    private final Progress progress;
    private final SectionOptions sections;
    private final SheetOptions sheets;
    private final HouseSizes houses;
    private final Supply supply;
    private final Map<Choices.Group, List<Section>> options = new ConcurrentHashMap<>();

    SuppliedSizes(
            FitRequest request,
            Progress progress,
            SectionOptions sections,
            SheetOptions sheets,
            HouseSizes houses,
            Supply supply) {
        this.request = request;
        this.progress = progress;
        this.sections = sections;
        this.sheets = sheets;
        this.houses = houses;
        this.supply = supply;
    }

    /** A house and about what it leaves to buy. */
    private record Rated(DesignSpec spec, Pieces pieces, double cost) {
        static final Comparator<Rated> ORDER =
                Comparator.comparingDouble(Rated::cost)
                        .thenComparing(r -> r.spec().width())
                        .thenComparing(r -> r.spec().depth());
    }

    /** So many houses with about what each leaves to buy, least first. */
    Map<DesignSpec, Double> best(Choices first, int limit) {
        List<Rated> rough =
                sorted(
                        houses.widthsInSteps(first).parallelStream()
                                .filter(_ -> !progress.cancelled())
                                .flatMap(width -> glanced(first, width).stream()));
        List<Rated> seamed = sound(rough);
        List<Rated> improved = sorted(seamed.parallelStream().limit(REFINED).map(this::improved));
        Stream<Rated> fine = improved.parallelStream().flatMap(this::near).map(this::judged);
        List<Rated> all =
                sorted(Stream.of(seamed.stream(), improved.stream(), fine).flatMap(some -> some));
        Map<DesignSpec, Double> best = new LinkedHashMap<>();
        apart(all).stream().limit(limit).forEach(r -> best.put(r.spec(), r.cost()));
        return best;
    }

    /** Of the least that are left to buy those that no rule refuses, or else all. */
    private List<Rated> sound(List<Rated> rough) {
        List<Rated> seamed = List.of();
        for (int from = 0; from < Math.min(rough.size(), MOST_KEPT); from += KEPT) {
            List<Rated> some = rough.subList(from, Math.min(rough.size(), from + KEPT));
            Stream<Rated> more =
                    some.parallelStream()
                            .flatMap(r -> supplied(r).stream())
                            .map(this::seamed)
                            .map(this::judged);
            seamed = sorted(Stream.concat(seamed.stream(), more));
            if (!seamed.isEmpty() && seamed.getFirst().cost() < FAULT) {
                return seamed;
            }
        }
        return seamed;
    }

    private static List<Rated> sorted(Stream<Rated> rated) {
        return rated.sorted(Rated.ORDER).toList();
    }

    /**
     * With sections changed one by one or changed over, and the house drawn anew each time: a post
     * of another section may be one stick instead of two, a wall lower.
     */
    private Rated improved(Rated house) {
        if (house.cost() == 0) {
            return house;
        }
        Rated best = house;
        for (Choices.Group group : house.pieces().groups()) {
            Choices now = best.spec().choices();
            best =
                    best(
                            best,
                            Stream.concat(with(now, group), exchanged(now, group, best.pieces())));
        }
        Choices sticks = best.spec().choices();
        best = best(best, sheets.decks().stream().map(sticks::withDeck));
        Choices decked = best.spec().choices();
        best = best(best, sheets.skins().stream().map(decked::withSkin));
        Choices clad = best.spec().choices();
        return best(best, sheets.panels().stream().map(clad::withWidestPanel));
    }

    private Rated best(Rated now, Stream<Choices> others) {
        return others.filter(_ -> !progress.cancelled())
                .flatMap(c -> rated(tight(c, now.spec().width())).stream())
                // Judging adds to the cost at most: what is no better now never is.
                .filter(r -> Rated.ORDER.compare(r, now) < 0)
                .map(this::judged)
                .min(Rated.ORDER)
                .filter(other -> Rated.ORDER.compare(other, now) < 0)
                .orElse(now);
    }

    /** None of nearly the same width and the same sections as a better one. */
    private static List<Rated> apart(List<Rated> rated) {
        List<Rated> apart = new ArrayList<>();
        rated.stream()
                .filter(r -> apart.stream().noneMatch(better -> alike(better, r)))
                .forEach(apart::add);
        return apart;
    }

    private static boolean alike(Rated one, Rated other) {
        return one.spec().choices().equals(other.spec().choices())
                && one.spec().width().minus(other.spec().width()).abs().atMost(APART);
    }

    /** What the rules refuse costs more than any wood. */
    private Rated judged(Rated house) {
        try {
            Coop coop = CoopBuilder.build(house.spec(), request.brief());
            long faults =
                    Findings.of(coop, request.needs(), request.keeper(), request.heap()).stream()
                            .filter(f -> f.severity() == Finding.Severity.FAULT)
                            .count();
            return new Rated(house.spec(), house.pieces(), house.cost() + faults * FAULT);
        } catch (Unbuildable e) {
            return new Rated(house.spec(), house.pieces(), Double.MAX_VALUE);
        }
    }

    /** A little narrower and wider, of the same sections. */
    private Stream<Rated> near(Rated house) {
        return houses.widthsNear(house.spec()).stream()
                .flatMap(width -> rated(tight(house.spec().choices(), width)).stream());
    }

    /** A width with what would be chosen for its pieces, not drawn anew. */
    private Optional<Rated> glanced(Choices first, Length width) {
        return rated(tight(first, width))
                .map(
                        house -> {
                            Choices chosen = chosen(house);
                            return new Rated(
                                    tight(chosen, width),
                                    house.pieces(),
                                    cost(house.pieces(), chosen));
                        });
    }

    /** Drawn with what was chosen, which changes its pieces a little, and chosen again. */
    private Optional<Rated> supplied(Rated house) {
        return rated(house.spec()).flatMap(r -> rated(tight(chosen(r), r.spec().width())));
    }

    private DesignSpec tight(Choices choices, Length width) {
        Length depth =
                houses.leastOther(width, choices).max(request.family().depth(choices).least());
        return houses.sized(choices, width, depth);
    }

    /** With the seams at which its panels come out of the sheets that lie there best. */
    private Rated seamed(Rated house) {
        Choices now = house.spec().choices();
        return sheets.panels().stream()
                .map(now::withWidestPanel)
                .flatMap(c -> rated(tight(c, house.spec().width())).stream())
                .min(Rated.ORDER)
                .filter(other -> Rated.ORDER.compare(other, house) < 0)
                .orElse(house);
    }

    private Optional<Rated> rated(DesignSpec spec) {
        if (!houses.within(spec)) {
            return Optional.empty();
        }
        try {
            // Heights follow the marked sections, or what just fits would be refused.
            DesignSpec marked =
                    houses.sized(Pieces.marked(spec.choices()), spec.width(), spec.depth());
            Coop coop = CoopBuilder.build(marked, request.brief());
            Pieces pieces = Pieces.of(coop, spec.choices());
            return Optional.of(new Rated(spec, pieces, cost(pieces, spec.choices())));
        } catch (Unbuildable e) {
            return Optional.empty();
        }
    }

    private double cost(Pieces pieces, Choices choices) {
        return sticks(pieces, choices) + sheets(pieces, choices) + supply.roofing(pieces.roofing());
    }

    /**
     * The same with the sections and thicknesses of which least must be bought: as they come, or
     * spread over all that lies there where that leaves less to buy.
     */
    private Choices chosen(Rated house) {
        return Stream.of(0.0, CROWDING)
                .map(weight -> chosen(house, weight))
                .min(Comparator.comparingDouble(c -> sticks(house.pieces(), c)))
                .orElseThrow();
    }

    private Choices chosen(Rated house, double crowding) {
        Pieces pieces = house.pieces();
        Weighing known = new Weighing(crowding, new HashMap<>());
        Choices best = house.spec().choices();
        for (int round = 0; round < ROUNDS; round++) {
            for (Choices.Group group : pieces.groups()) {
                best = least(best, with(best, group), pieces, known);
                best = least(best, exchanged(best, group, pieces), pieces, known);
            }
        }
        best = cheapest(pieces, best, sheets.skins(), Choices::withSkin);
        return cheapest(pieces, best, sheets.decks(), Choices::withDeck);
    }

    private Choices least(Choices now, Stream<Choices> others, Pieces pieces, Weighing known) {
        return Stream.concat(Stream.of(now), others)
                .min(Comparator.comparingDouble(c -> crowded(pieces, c, known) - strength(c)))
                .orElse(now);
    }

    private static double strength(Choices choices) {
        return BENT.stream().mapToDouble(g -> choices.section(g).width().toMm() * DEPTH).sum();
    }

    private Stream<Choices> with(Choices now, Choices.Group group) {
        return options(group).stream().map(section -> now.with(group, section));
    }

    /** What two groups have changed over: each may hold what the other needs. */
    private Stream<Choices> exchanged(Choices now, Choices.Group group, Pieces pieces) {
        Section mine = now.section(group);
        return pieces.groups().stream()
                .filter(g -> options(group).contains(now.section(g)))
                .filter(g -> options(g).contains(mine))
                .map(g -> now.with(group, now.section(g)).with(g, mine));
    }

    private List<Section> options(Choices.Group group) {
        return options.computeIfAbsent(group, sections::all);
    }

    private Choices cheapest(
            Pieces pieces,
            Choices now,
            List<Length> thicknesses,
            BiFunction<Choices, Length, Choices> with) {
        return Stream.concat(Stream.of(now), thicknesses.stream().map(t -> with.apply(now, t)))
                .min(Comparator.comparingDouble(c -> sheets(pieces, c)))
                .orElse(now);
    }

    /** Groups that share a section. */
    private record Used(Section section, Set<Choices.Group> groups) {}

    /** What is known of groups that share a section, with crowding counted for so much. */
    private record Weighing(double crowding, Map<Used, Double> known) {
        double of(Used used, Supplier<Double> anew) {
            return known.computeIfAbsent(used, _ -> anew.get());
        }
    }

    private double sticks(Pieces pieces, Choices choices) {
        return used(pieces, choices)
                .mapToDouble(u -> supply.sticks(u.section(), pieces.of(u.groups())))
                .sum();
    }

    /**
     * The same, and a little for every group that crowds into sections of which there is little
     * while others lie unused: what one group leaves, another may need.
     */
    private double crowded(Pieces pieces, Choices choices, Weighing known) {
        return used(pieces, choices)
                .mapToDouble(u -> known.of(u, () -> crowded(u, pieces, known.crowding())))
                .sum();
    }

    private double crowded(Used used, Pieces house, double crowding) {
        List<Length> pieces = house.of(used.groups());
        return supply.sticks(used.section(), pieces)
                + crowding * supply.crowding(used.section(), pieces);
    }

    private static Stream<Used> used(Pieces pieces, Choices choices) {
        Map<Section, EnumSet<Choices.Group>> shared =
                pieces.groups().stream()
                        .collect(
                                Collectors.groupingBy(
                                        choices::section,
                                        LinkedHashMap::new,
                                        Collectors.toCollection(
                                                () -> EnumSet.noneOf(Choices.Group.class))));
        return shared.entrySet().stream().map(e -> new Used(e.getKey(), e.getValue()));
    }

    private double sheets(Pieces pieces, Choices choices) {
        if (choices.deck().equals(choices.skin())) {
            return supply.panels(
                    choices.deck(),
                    Stream.concat(pieces.decks().stream(), pieces.skins().stream()).toList());
        }
        return supply.panels(choices.deck(), pieces.decks())
                + supply.panels(choices.skin(), pieces.skins());
    }
}
