package reliqua.core.fit;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.stream.Stream;
import reliqua.core.coop.family.Choices;
import reliqua.core.coop.family.DesignSpec;
import reliqua.core.cutting.Progress;
import reliqua.core.measure.Length;
import reliqua.core.measure.Money;
import reliqua.core.measure.Sum;
import reliqua.core.measure.Words;
import reliqua.core.stock.Heap;
import reliqua.core.stock.Section;

/**
 * Finds the house of one family that suits a heap best.
 *
 * <p>Steps: draw up every pair of width and depth worth trying ({@link Sizes}) with the sections
 * the heap has most of; plan each by heuristics; take the best few and change one thing at a time -
 * a section, a thickness, a size - as long as that helps; plan the best of those exactly. Where
 * that leaves something to buy, houses are looked for whose pieces lie there nearly as they are
 * ({@link SuppliedSizes}). A size whose floor alone falls short is not drawn up at all. The same
 * request gives the same answer; when cancelled, the best so far is the answer.
 */
public final class Fitter {
    /** Deeper by more than this than the birds need only costs more. */
    private static final double ROOMIEST = 1.3;

    private static final int CLIMBS = 2;

    private static final int PASSES = 3;
    private static final int SUPPLIED = 12;
    private static final int NEAR = 2;
    private static final int EXACT = 3;
    private static final int SPARED = 4;

    private final FitRequest request;
    private final Progress progress;
    private final Trial trial;
    private final StartChoices choices;
    private final HouseSizes houses;
    private final Moves moves;
    private final SuppliedSizes supplied;
    private int passes = PASSES;

    private Fitter(FitRequest request, Progress progress, double ceiling) {
        this.request = request;
        this.progress = progress;
        this.trial = new Trial(request, progress, ceiling);
        Heap worked = request.heap().worked();
        SectionOptions sections = new SectionOptions(request.family(), worked, request.prices());
        SheetOptions sheets = new SheetOptions(worked, request.prices());
        FindOptions finds = new FindOptions(request.heap(), request.prices());
        Length step = request.keeper().tape().step();
        this.choices = new StartChoices(request, sections, sheets, finds, step);
        Sizes sizes = new Sizes(worked, request.prices(), request.keeper().kerf(), step);
        this.houses = new HouseSizes(request, sheets, sizes);
        this.moves = new Moves(request, sections, sheets, finds, sizes, houses);
        this.supplied =
                new SuppliedSizes(
                        request,
                        progress,
                        sections,
                        sheets,
                        houses,
                        new Supply(worked, request.prices(), request.keeper().kerf()));
    }

    /** Searches; {@code soFar} hears of every better house as it is found. */
    public static FitResult fit(FitRequest request, Progress progress, Consumer<Candidate> soFar) {
        return new Fitter(request, progress, Double.POSITIVE_INFINITY).search(soFar);
    }

    /**
     * A first look: every size and one round of changes, planned by heuristics alone. Enough to see
     * which kinds are worth a search.
     *
     * @param most houses whose wood alone must cost more than that are not looked at
     */
    public static Look look(
            Money most, FitRequest request, Progress progress, Consumer<Candidate> soFar) {
        Fitter fitter = new Fitter(request, progress, most.amount());
        fitter.passes = 1;
        return new Look(fitter, fitter.looked(soFar));
    }

    /** What a first look gave, and the search it can be made into without planning anew. */
    public static final class Look {
        private final Fitter fitter;
        private final FitResult result;

        private Look(Fitter fitter, FitResult result) {
            this.fitter = fitter;
            this.result = result;
        }

        public FitResult result() {
            return result;
        }

        /** Searches to the end. */
        public FitResult search(Consumer<Candidate> soFar) {
            fitter.passes = PASSES;
            return fitter.search(soFar);
        }
    }

    /**
     * What heuristics find.
     *
     * @param found the best few, none nearly the same as a better one
     * @param near those whose pieces lie there nearly as they are: an exact plan may find them all,
     *     where heuristics do not
     * @param standard the size one would build without looking at the heap
     */
    private record Seen(
            List<Candidate> found, List<Candidate> near, Optional<Candidate> standard) {}

    /** Nothing where there is nobody to house or nothing to build with. */
    private Optional<Seen> seen(Consumer<Candidate> soFar) {
        Optional<Choices> shared = choices.first();
        if (shared.isEmpty() || request.needs().birds() == 0) {
            return Optional.empty();
        }
        progress.report(0.05, Words.say("fit.sizes"));
        Choices first = shared.get();
        List<Candidate> drawn = allSizes(first, soFar);
        if (!request.family().ownGroups().isEmpty()) {
            drawn = ownFrames(first, drawn, soFar);
        }
        List<Candidate> floored =
                drawn.stream().anyMatch(Fitter::isFree) ? List.of() : onPallets(first);
        boolean glance = passes < PASSES;
        Map<Candidate, Double> near =
                glance || drawn.stream().anyMatch(Fitter::isFree) ? Map.of() : supplied(first);
        drawn = sorted(drawn, near.keySet());
        drawn.stream().findFirst().ifPresent(soFar);
        for (Choices other : choices.others(first)) {
            if (drawn.isEmpty()) {
                first = other;
                drawn = allSizes(first, soFar);
            }
        }
        Optional<Candidate> standard = trial.quick(houses.standardSize(first));
        List<Candidate> starts = new ArrayList<>(starts(drawn, standard));
        floored.stream().min(Candidate.ORDER).ifPresent(starts::add);
        List<Candidate> climbed = new ArrayList<>();
        for (int n = 0; n < starts.size() && !progress.cancelled(); n++) {
            progress.report(0.4 + 0.4 * n / starts.size(), Words.say("fit.changes"));
            climbed.add(climb(starts.get(n)));
        }
        List<Candidate> found =
                distinct(Stream.concat(climbed.stream(), drawn.stream()), Candidate.ORDER);
        return Optional.of(new Seen(found, promising(near, found), standard));
    }

    /** Sizes of what stands on pallets, which no single change leads to. */
    private List<Candidate> onPallets(Choices first) {
        return choices.onPallets(first).stream()
                .flatMap(floored -> allSizes(floored, _ -> {}).stream())
                .toList();
    }

    /**
     * Sizes of what has a frame of its own, for all that the sticks along its sides can be of: the
     * sizes worth trying follow from those, so that no single change leads from one to another.
     */
    private List<Candidate> ownFrames(
            Choices first, List<Candidate> drawn, Consumer<Candidate> soFar) {
        List<Candidate> all = new ArrayList<>(drawn);
        for (Choices frame : choices.frames(first)) {
            if (!frame.equals(first) && !progress.cancelled()) {
                all.addAll(allSizes(frame, soFar));
            }
        }
        all.sort(Candidate.ORDER);
        return all;
    }

    /**
     * Of the houses whose pieces lie there nearly as they are: those no rule refuses, with about
     * what each leaves to buy.
     */
    private Map<Candidate, Double> supplied(Choices first) {
        Map<DesignSpec, Double> best = new LinkedHashMap<>();
        for (Choices.Cladding cladding : request.family().claddings()) {
            best.putAll(supplied.best(first.with(cladding), SUPPLIED));
        }
        trial.all(List.copyOf(best.keySet()));
        Map<Candidate, Double> sound = new LinkedHashMap<>();
        best.forEach(
                (spec, cost) ->
                        trial.quick(spec)
                                .filter(c -> c.faults() == 0)
                                .ifPresent(c -> sound.put(c, cost)));
        return sound;
    }

    /** Those that may turn out cheaper than the best that heuristics have found. */
    private static List<Candidate> promising(Map<Candidate, Double> near, List<Candidate> found) {
        double best =
                found.stream()
                        .filter(c -> c.faults() == 0 && c.plan().missing().isEmpty())
                        .mapToDouble(c -> c.weighed().amount())
                        .min()
                        .orElse(Double.POSITIVE_INFINITY);
        return near.entrySet().stream()
                .filter(e -> e.getValue() < best)
                .map(Map.Entry::getKey)
                .limit(NEAR)
                .toList();
    }

    private static boolean isFree(Candidate candidate) {
        return candidate.faults() == 0
                && candidate.plan().missing().isEmpty()
                && candidate.weighed().isZero();
    }

    private static List<Candidate> sorted(List<Candidate> some, Collection<Candidate> more) {
        return Stream.concat(some.stream(), more.stream()).sorted(Candidate.ORDER).toList();
    }

    private FitResult nothing() {
        String why = request.needs().birds() == 0 ? "fit.noBirds" : "fit.noMaterial";
        return new FitResult(
                Optional.empty(),
                List.of(),
                Optional.empty(),
                0,
                0,
                Optional.of(Sum.of(why)),
                List.of());
    }

    private Optional<Sum> obstacle(Seen seen) {
        return seen.found().isEmpty()
                ? trial.obstacle()
                        .or(() -> choices.first().flatMap(houses::obstacle))
                        .or(() -> Optional.of(Sum.of("fit.noSize")))
                : trial.obstacle();
    }

    private FitResult looked(Consumer<Candidate> soFar) {
        Optional<Seen> seen = seen(soFar);
        if (seen.isEmpty()) {
            return nothing();
        }
        List<Candidate> found = seen.get().found();
        return new FitResult(
                found.stream().findFirst(),
                found.stream().skip(1).toList(),
                seen.get().standard(),
                trial.tried(),
                trial.skipped(),
                obstacle(seen.get()),
                trial.scatter(Stream.empty()));
    }

    private FitResult search(Consumer<Candidate> soFar) {
        Optional<Seen> seen = seen(soFar);
        if (seen.isEmpty()) {
            return nothing();
        }
        Optional<Candidate> standard = seen.get().standard();
        progress.report(0.8, Words.say("fit.exact"));
        List<Candidate> distinct =
                Stream.concat(seen.get().found().stream(), seen.get().near().stream())
                        .distinct()
                        .toList();
        List<Candidate> planned =
                trial.exact(Stream.concat(distinct.stream(), standard.stream()).toList());
        List<Candidate> exact = exact(planned, distinct.size());
        exact.stream().findFirst().ifPresent(soFar);
        Optional<Candidate> best = exact.stream().findFirst().map(this::spared).map(trial::joined);
        List<Candidate> others = exact.stream().skip(1).toList();
        progress.report(1, "");
        return new FitResult(
                best,
                others,
                planned.stream().skip(distinct.size()).findFirst(),
                trial.tried(),
                trial.skipped(),
                obstacle(seen.get()),
                trial.scatter(Stream.concat(planned.stream(), best.stream())));
    }

    /**
     * The houses planned exactly, best first. Behind those found stands the standard size: where it
     * is better than all of them, which heuristics may not have seen, it leads them.
     */
    private List<Candidate> exact(List<Candidate> planned, int found) {
        Comparator<Candidate> order = Candidate.byBill(request.hardware());
        List<Candidate> exact =
                new ArrayList<>(distinct(planned.subList(0, found).stream(), order));
        planned.stream()
                .skip(found)
                .filter(s -> houses.within(s.spec()))
                .filter(s -> exact.isEmpty() || order.compare(s, exact.getFirst()) < 0)
                .findFirst()
                .ifPresent(s -> exact.addFirst(s));
        return exact;
    }

    /**
     * The same house with sections of which there is little, or with those of two groups exchanged,
     * where that leaves less to buy. The likeliest are planned exactly: sticks that just do are
     * found by no heuristic.
     */
    private Candidate spared(Candidate exact) {
        if (request.built().isPresent()) {
            return exact;
        }
        Comparator<Candidate> order = Candidate.byBill(request.hardware());
        Candidate best = exact;
        for (int pass = 0; pass < PASSES && !progress.cancelled(); pass++) {
            List<Candidate> likely = trial.all(moves.scarce(best)).stream().limit(SPARED).toList();
            Candidate before = best;
            for (Candidate planned : trial.exact(likely)) {
                best = order.compare(planned, best) < 0 ? planned : best;
            }
            if (best == before) {
                break;
            }
        }
        return best;
    }

    /**
     * The best few of clearly different widths or frames, and the standard size where the place
     * allows it.
     */
    private List<Candidate> starts(List<Candidate> drawn, Optional<Candidate> standard) {
        Set<List<Object>> different = new HashSet<>();
        Stream<Candidate> best =
                drawn.stream()
                        .filter(c -> different.add(List.of(about(c.spec().width()), own(c))))
                        .limit(CLIMBS);
        Stream<Candidate> usual = standard.stream().filter(c -> houses.within(c.spec()));
        return Stream.concat(best, usual).toList();
    }

    private static Length about(Length width) {
        return width.floorTo(Length.mm(250));
    }

    /** The sections of a frame of its own. */
    private List<Section> own(Candidate c) {
        return request.family().ownGroups().stream()
                .map(g -> c.spec().choices().section(g))
                .toList();
    }

    /**
     * The tight sizes first, so that there is something to see at once; then every pair that is not
     * far too large.
     */
    private List<Candidate> allSizes(Choices choices, Consumer<Candidate> soFar) {
        Set<DesignSpec> tight = new LinkedHashSet<>(houses.tightSizes(choices));
        trial.all(ideas(tight)).stream().findFirst().ifPresent(soFar);
        Set<DesignSpec> todo = new LinkedHashSet<>(tight);
        List<Length> depths = houses.depths(choices);
        for (Length width : houses.widths(choices)) {
            Length most = houses.leastOther(width, choices).scaled(ROOMIEST);
            depths.stream()
                    .filter(d -> d.atMost(most))
                    .forEach(d -> todo.add(houses.sized(choices, width, d)));
        }
        return trial.all(ideas(todo));
    }

    private List<DesignSpec> ideas(Set<DesignSpec> sizes) {
        return sizes.stream().filter(houses::within).toList();
    }

    /** Changes one thing at a time while that helps. */
    private Candidate climb(Candidate start) {
        Candidate best = start;
        for (int pass = 0; pass < passes && !progress.cancelled(); pass++) {
            Candidate before = best;
            for (Function<Candidate, List<DesignSpec>> move : moves.all()) {
                if (progress.cancelled()) {
                    return best;
                }
                Optional<Candidate> next = trial.all(move.apply(best)).stream().findFirst();
                if (next.isPresent() && Candidate.ORDER.compare(next.get(), best) < 0) {
                    best = next.get();
                }
            }
            if (best == before) {
                break;
            }
        }
        return best;
    }

    /** The best few, none of nearly the same size as a better one. */
    private static List<Candidate> distinct(Stream<Candidate> drawn, Comparator<Candidate> order) {
        Set<List<Length>> seen = new HashSet<>();
        return drawn.sorted(order)
                .filter(c -> seen.add(List.of(near(c.spec().width()), near(c.spec().depth()))))
                .limit(EXACT)
                .toList();
    }

    private static Length near(Length size) {
        return size.floorTo(Length.mm(80));
    }
}
