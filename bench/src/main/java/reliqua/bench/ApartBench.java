package reliqua.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import reliqua.core.check.Finding;
import reliqua.core.check.Findings;
import reliqua.core.coop.Coop;
import reliqua.core.coop.addon.CoopBuilder;
import reliqua.core.coop.family.AddOn;
import reliqua.core.coop.family.Brief;
import reliqua.core.coop.family.Choices;
import reliqua.core.coop.family.CoopFamily;
import reliqua.core.coop.family.DesignSpec;
import reliqua.core.coop.family.Families;
import reliqua.core.coop.family.Finds;
import reliqua.core.coop.family.Unbuildable;
import reliqua.core.cutting.NativeSolver;
import reliqua.core.cutting.Progress;
import reliqua.core.cutting.Ticket;
import reliqua.core.fit.Candidate;
import reliqua.core.fit.FitResult;
import reliqua.core.fit.Fitter;
import reliqua.core.flock.BirdClass;
import reliqua.core.flock.Flock;
import reliqua.core.flock.Keeper;
import reliqua.core.flock.Practice;
import reliqua.core.measure.Length;
import reliqua.core.measure.Tape;
import reliqua.core.measure.UnitSystem;
import reliqua.core.measure.Words;
import reliqua.core.project.Project;
import reliqua.core.stock.Block;
import reliqua.core.stock.FoundPart;
import reliqua.core.stock.Heap;
import reliqua.core.stock.Material;
import reliqua.core.stock.Pallet;
import reliqua.core.stock.Roofing;
import reliqua.core.stock.Section;
import reliqua.core.stock.Sheet;
import reliqua.core.stock.Stick;
import reliqua.standins.Merchants;

/**
 * Takes apart random coops of every kind and fits the same kind to what they leave: how often the
 * birds are housed again with no timber, sheet or roofing bought, in the house of the least bill or
 * in another that is offered (its hardware costs more), beside the size built by habit.
 */
public final class ApartBench {
    private static final int USUAL_HEAPS = 20;
    private static final int TRIES = 5000;

    private ApartBench() {}

    /**
     * Entry point; how many heaps a kind, of which kind where not of all, and which of the heaps
     * where not each (the first is 0). What is bought for a heap is told on the error stream as it
     * is found.
     */
    public static void main(String[] args) {
        int heaps = args.length > 0 ? Integer.parseInt(args[0]) : USUAL_HEAPS;
        OptionalInt only =
                args.length > 2 ? OptionalInt.of(Integer.parseInt(args[2])) : OptionalInt.empty();
        NativeSolver.isLoaded();
        System.out.println(
                "| kind | heaps | lots, middle | nothing bought | such a house offered |"
                        + " habit's size, nothing bought | seconds, middle | longest |"
                        + " bought in the others |");
        System.out.println("|---|---|---|---|---|---|---|---|---|");
        for (CoopFamily family : Families.all()) {
            if (args.length < 2 || args[1].equals(family.id())) {
                System.out.println(row(family, heaps, only));
            }
        }
    }

    private static String row(CoopFamily family, int heaps, OptionalInt only) {
        Random random = new Random(family.id().hashCode());
        List<Double> seconds = new ArrayList<>();
        List<Integer> lots = new ArrayList<>();
        List<String> lacking = new ArrayList<>();
        int housed = 0;
        int offered = 0;
        int standard = 0;
        for (int n = 0; n < heaps; n++) {
            Project taken = taken(family, random);
            if (only.isPresent() && only.getAsInt() != n) {
                continue;
            }
            Heap heap = taken.heap();
            lots.add(heap.lots().size());
            long start = System.nanoTime();
            FitResult fit = Fitter.fit(taken.fitRequest(), Progress.NONE, _ -> {});
            seconds.add((System.nanoTime() - start) / 1e9);
            boolean free = fit.best().filter(ApartBench::buysNoWood).isPresent();
            housed += free ? 1 : 0;
            boolean other = fit.others().stream().anyMatch(ApartBench::buysNoWood);
            offered += free || other ? 1 : 0;
            if (!free) {
                String parts = fit.best().map(ApartBench::lacking).orElse("nothing stands");
                lacking.add(parts);
                String beside = other ? " (another is offered without)" : "";
                System.err.println(family.id() + " " + n + ": " + parts + beside);
            }
            standard += fit.standard().filter(ApartBench::buysNoWood).isPresent() ? 1 : 0;
        }
        seconds.sort(null);
        lots.sort(null);
        return String.format(
                Locale.ENGLISH,
                "| %s | %d | %d | %d | %d | %d | %.1f | %.1f | %s |",
                family.id(),
                lots.size(),
                lots.get(lots.size() / 2),
                housed,
                offered,
                standard,
                seconds.get(seconds.size() / 2),
                seconds.getLast(),
                String.join("; ", lacking));
    }

    /** Of the parts for which wood was bought, each kind once. */
    private static String lacking(Candidate candidate) {
        return candidate.plan().tickets().stream()
                .filter(Ticket::bought)
                .filter(t -> isWood(t.material()))
                .flatMap(t -> t.cuts().stream())
                .flatMap(c -> c.parts().stream())
                .map(p -> Words.say("role." + p.role().name()))
                .distinct()
                .collect(Collectors.joining(", "));
    }

    private static boolean buysNoWood(Candidate candidate) {
        return candidate.faults() == 0
                && candidate.plan().missing().isEmpty()
                && candidate.plan().tickets().stream()
                        .filter(Ticket::bought)
                        .noneMatch(t -> isWood(t.material()));
    }

    private static boolean isWood(Material material) {
        return material instanceof Stick
                || material instanceof Sheet
                || material instanceof Roofing;
    }

    /** Birds of a random number, and what a random coop for them leaves. */
    private static Project taken(CoopFamily family, Random random) {
        for (int n = 0; n < TRIES; n++) {
            Flock flock = Flock.of(BirdClass.STANDARD, 3 + random.nextInt(8));
            Project bare =
                    Project.start(
                                    "apart",
                                    Keeper.with(Tape.METRIC),
                                    flock,
                                    Heap.EMPTY,
                                    Merchants.priceBook(UnitSystem.MILLIMETRES))
                            .seeking(family);
            Optional<Heap> heap = heap(family, bare, random);
            if (heap.isPresent()) {
                return bare.withHeap(heap.get());
            }
        }
        throw new IllegalStateException("no " + family.id() + " can be drawn up");
    }

    private static Optional<Heap> heap(CoopFamily family, Project project, Random random) {
        Brief brief = new Brief(project.needs(), project.keeper(), Set.of());
        Choices choices = choices(family, random);
        CoopFamily.Side side = family.width(choices);
        Length width = side.only().isEmpty() ? between(side, random) : any(random, side.only());
        Length depth = family.leastOther(width, choices, brief);
        if (depth.compareTo(family.depth(choices).least()) < 0
                || depth.compareTo(family.depth(choices).most()) > 0) {
            return Optional.empty();
        }
        try {
            DesignSpec spec = family.sized(choices, brief, Map.of(), width, depth);
            DesignSpec stood =
                    staked(family, hatched(family, spec, brief, project), brief, project);
            Coop coop = CoopBuilder.build(stood, brief);
            return isSound(family, coop, project)
                    ? Optional.of(TakenApart.of(coop, stood, random))
                    : Optional.empty();
        } catch (Unbuildable e) {
            return Optional.empty();
        }
    }

    /** What a gust would have tipped over stood on stakes, as it will again. */
    private static DesignSpec staked(
            CoopFamily family, DesignSpec spec, Brief brief, Project project) throws Unbuildable {
        boolean tips =
                findings(CoopBuilder.build(spec, brief), project).stream()
                        .anyMatch(
                                f ->
                                        f.rule().equals("wind")
                                                && f.severity() != Finding.Severity.GOOD);
        boolean stands = !family.moved() && family.addOns().contains(AddOn.ANCHORS);
        return tips && stands ? spec.with(AddOn.ANCHORS) : spec;
    }

    /** Where the door leaves corners out of reach, its back opened, as it will again. */
    private static DesignSpec hatched(
            CoopFamily family, DesignSpec spec, Brief brief, Project project) throws Unbuildable {
        Coop coop = CoopBuilder.build(spec, brief);
        boolean opens = family.addOns().contains(AddOn.BACK_HATCH);
        return opens && Findings.leavesCorners(findings(coop, project))
                ? spec.with(AddOn.BACK_HATCH)
                : spec;
    }

    private static List<Finding> findings(Coop coop, Project project) {
        return Findings.of(coop, project.needs(), project.keeper(), Heap.EMPTY);
    }

    /**
     * What the rules would refuse is not asked for again; nor are corners out of reach of what can
     * be opened from side to side.
     */
    private static boolean isSound(CoopFamily family, Coop coop, Project project) {
        List<Finding> findings = findings(coop, project);
        boolean reached =
                !family.addOns().contains(AddOn.BACK_HATCH) || !Findings.leavesCorners(findings);
        return reached && findings.stream().noneMatch(f -> f.severity() == Finding.Severity.FAULT);
    }

    private static Length between(CoopFamily.Side side, Random random) {
        return side.least().plus(side.most().minus(side.least()).scaled(random.nextDouble()));
    }

    private static Choices choices(CoopFamily family, Random random) {
        Choices choices =
                new Choices(
                        Stream.of(Choices.Group.values())
                                .map(group -> section(family, group, random))
                                .toList(),
                        Length.mm(15),
                        Length.mm(any(random, List.of(9, 12))),
                        Length.mm(1220),
                        new Choices.RoofingChoice(Length.mm(840), Length.mm(760), Length.mm(3000)),
                        Practice.Underside.CLOSED_IN,
                        Length.mm(1));
        Choices placed = choices.with(choices.finds().with(wheels(family)));
        Choices clad = placed.with(any(random, family.claddings()));
        return family.builtOf().map(kind -> clad.with(whole(kind, random))).orElse(clad);
    }

    /** One of those a family builds a group of. */
    private static Section section(CoopFamily family, Choices.Group group, Random random) {
        List<Section> usual =
                switch (group) {
                    case LEGS -> List.of(mm(75, 75), mm(89, 89), mm(75, 100));
                    case FLOOR, RAFTERS -> List.of(mm(38, 89), mm(47, 100));
                    case WALLS -> List.of(mm(38, 63), mm(47, 75), mm(38, 89));
                    case PURLINS -> List.of(mm(22, 63), mm(25, 50), mm(38, 63));
                    case TRIM -> List.of(mm(19, 38), mm(22, 50));
                    case ROOSTS -> List.of(mm(38, 63), mm(47, 50));
                    case RUN -> List.of(mm(25, 50), mm(22, 63));
                    case BOARDS -> List.of(mm(16, 89), mm(20, 120));
                };
        Section least = family.least(group);
        return any(random, usual.stream().filter(s -> s.serves(least)).toList());
    }

    /** A pair of wheels for what does not go without. */
    private static List<Finds.Thing> wheels(CoopFamily family) {
        FoundPart wheel =
                new FoundPart(FoundPart.Kind.WHEEL, List.of(Length.mm(400), Length.mm(60)));
        return family.musts().stream().map(use -> new Finds.Thing(use, wheel, 2)).toList();
    }

    private static Finds whole(Finds.Kind kind, Random random) {
        return switch (kind) {
            case HOOPS ->
                    Finds.of(
                            new Finds.Hoops(
                                    Length.mm(2600 + random.nextInt(1200)), Length.mm(22), 12));
            case PANELS -> {
                Length wide = Length.mm(any(random, List.of(700, 900, 1200)));
                FoundPart part =
                        new FoundPart(
                                FoundPart.Kind.PANEL,
                                List.of(Length.mm(1200), wide, Length.mm(30)));
                yield Finds.of(new Finds.Panels(wide, Length.mm(1200), Length.mm(30), part, 16));
            }
            case PALLETS -> {
                Pallet pallet =
                        new Pallet(
                                Pallet.Kind.STRINGER,
                                Length.mm(1200),
                                Length.mm(any(random, List.of(800, 1000))),
                                Pallet.USUAL_DECK,
                                Pallet.USUAL_BEARERS,
                                Pallet.Stamp.HT,
                                0);
                Block block = Block.of(Length.mm(190), Length.mm(190), Length.mm(390));
                yield Finds.of(
                        Finds.WholePallet.of(pallet, 40),
                        Optional.of(new Finds.Footing(block, 60)));
            }
        };
    }

    private static Section mm(long thickness, long width) {
        return Section.mm(thickness, width);
    }

    private static <E> E any(Random random, List<E> values) {
        return values.get(random.nextInt(values.size()));
    }
}
