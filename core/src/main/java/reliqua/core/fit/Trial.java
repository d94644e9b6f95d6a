package reliqua.core.fit;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.Stream;
import reliqua.core.check.Finding;
import reliqua.core.check.Findings;
import reliqua.core.coop.Coop;
import reliqua.core.coop.addon.CoopBuilder;
import reliqua.core.coop.family.AddOn;
import reliqua.core.coop.family.DesignSpec;
import reliqua.core.coop.family.Unbuildable;
import reliqua.core.cutting.CoopPlanner;
import reliqua.core.cutting.CutPlanner;
import reliqua.core.cutting.Decided;
import reliqua.core.cutting.Progress;
import reliqua.core.cutting.WorkPlan;
import reliqua.core.cutting.Workshop;
import reliqua.core.flock.Practice;
import reliqua.core.measure.Length;
import reliqua.core.measure.Sum;

/** Draws up and plans single houses for a search, and remembers what was tried. */
final class Trial {
    /** The rule that looks for what tips over. */
    private static final String WIND = "wind";

    private final FitRequest request;
    private final Progress progress;
    private final CoopPlanner quick;
    private final Map<DesignSpec, Optional<Candidate>> known = new ConcurrentHashMap<>();
    private final AtomicInteger skipped = new AtomicInteger();
    private final Map<String, Integer> obstacles = new ConcurrentHashMap<>();
    private final Map<String, Sum> examples = new ConcurrentHashMap<>();
    private final CheapBound bound;

    /**
     * The lowest bill of a whole house so far; set between batches only, so that the order of
     * threads changes nothing.
     */
    private double ceiling;

    /** The same of those houses whose every corner is reached: they go before all others. */
    private double reached = Double.POSITIVE_INFINITY;

    Trial(FitRequest request, Progress progress, double ceiling) {
        this.ceiling = ceiling;
        this.reached = ceiling;
        this.request = request;
        this.progress = progress;
        this.bound =
                new CheapBound(request.heap(), request.prices(), Workshop.of(request.keeper()));
        this.quick = planner(CutPlanner.Settings.QUICK);
    }

    private CoopPlanner planner(CutPlanner.Settings settings) {
        return new CoopPlanner(
                request.heap(), request.prices(), Workshop.of(request.keeper()), settings);
    }

    int tried() {
        return (int) known.values().stream().filter(Optional::isPresent).count();
    }

    int skipped() {
        return skipped.get();
    }

    /**
     * The commonest reason why a size could not be built; of equally common ones the first by name.
     */
    Optional<Sum> obstacle() {
        return obstacles.entrySet().stream()
                .max(
                        Map.Entry.<String, Integer>comparingByValue()
                                .thenComparing(
                                        Map.Entry.<String, Integer>comparingByKey().reversed()))
                .map(e -> examples.get(e.getKey()));
    }

    /**
     * All that was tried and holds.
     *
     * @param exact planned exactly beside; only that may have found every piece
     */
    List<FitResult.Tried> scatter(Stream<Candidate> exact) {
        return Stream.concat(known.values().stream().flatMap(Optional::stream), exact)
                .filter(c -> c.faults() == 0 && c.plan().missing().isEmpty())
                .map(FitResult.Tried::of)
                .distinct()
                .sorted(
                        Comparator.comparing(FitResult.Tried::floor)
                                .thenComparing(FitResult.Tried::cost)
                                .thenComparing(FitResult.Tried::weight)
                                .thenComparing(FitResult.Tried::pieces)
                                .thenComparing(FitResult.Tried::bought))
                .toList();
    }

    /** All ideas that can be built, planned by heuristics, best first. */
    List<Candidate> all(List<DesignSpec> ideas) {
        List<Candidate> drawn =
                ideas.parallelStream()
                        .map(
                                idea ->
                                        progress.cancelled()
                                                ? Optional.<Candidate>empty()
                                                : quick(idea))
                        .flatMap(Optional::stream)
                        .sorted(Candidate.ORDER)
                        .toList();
        for (Candidate each : drawn) {
            if (each.faults() == 0 && each.plan().missing().isEmpty()) {
                ceiling = Math.min(ceiling, each.weighed().amount());
                if (!each.leavesCorners()) {
                    reached = Math.min(reached, each.weighed().amount());
                }
            }
        }
        return drawn;
    }

    /** One house planned by heuristics, or nothing when it cannot be built. */
    Optional<Candidate> quick(DesignSpec idea) {
        Optional<Candidate> before = known.get(idea);
        if (before != null) {
            return before;
        }
        Optional<Candidate> drawn = drawn(idea);
        known.put(idea, drawn);
        if (drawn.isEmpty()) {
            skipped.incrementAndGet();
        }
        return drawn;
    }

    private Optional<Candidate> drawn(DesignSpec idea) {
        try {
            Built built = hatched(new Built(idea, CoopBuilder.build(idea, request.brief())));
            double most = leavesCorners(built.coop()) ? Math.min(ceiling, reached) : reached;
            if (bound.of(CoopPlanner.wanted(built.coop(), request.cuts())) > most + 1e-6) {
                return Optional.empty();
            }
            Drawn drawn = staked(drawn(built));
            Coop whole = drawn.coop();
            Unbuildable.unless(
                    request.built().map(b -> b.isIn(whole)).orElse(true), Sum.of("fit.built"));
            WorkPlan plan =
                    quick.plan(
                            drawn.coop(),
                            Decided.cut(request.cuts()),
                            Optional.empty(),
                            Progress.NONE);
            return Optional.of(new Candidate(drawn.spec(), drawn.coop(), drawn.findings(), plan));
        } catch (Unbuildable e) {
            obstacles.merge(e.reason().key(), 1, Integer::sum);
            examples.putIfAbsent(e.reason().key(), e.reason());
            return Optional.empty();
        }
    }

    /** A coop that no rule has looked at yet. */
    private record Built(DesignSpec spec, Coop coop) {}

    private record Drawn(DesignSpec spec, Coop coop, List<Finding> findings) {
        boolean tips() {
            return Findings.breaks(findings, WIND);
        }
    }

    private Drawn drawn(Built built) {
        return new Drawn(built.spec(), built.coop(), findings(built.coop()));
    }

    private boolean leavesCorners(Coop coop) {
        return Findings.leavesCorners(coop, request.needs(), request.keeper());
    }

    private List<Finding> findings(Coop coop) {
        return Findings.of(coop, request.needs(), request.keeper(), request.heap());
    }

    /**
     * With a back that opens, where the door leaves corners out of the keeper's reach and that does
     * not. From both sides an arm reaches no deeper than twice its length.
     */
    private Built hatched(Built deep) {
        Length both = request.keeper().body().reach().times(2);
        boolean wanted =
                request.practice().cleaning() == Practice.Cleaning.REACHED
                        && request.family().addOns().contains(AddOn.BACK_HATCH)
                        && !deep.spec().addOns().contains(AddOn.BACK_HATCH)
                        && deep.spec().depth().atMost(both);
        if (!wanted || !leavesCorners(deep.coop())) {
            return deep;
        }
        return changed(deep.spec(), AddOn.BACK_HATCH)
                .filter(b -> !leavesCorners(b.coop()))
                .orElse(deep);
    }

    private Optional<Built> changed(DesignSpec before, AddOn more) {
        try {
            DesignSpec spec = before.with(more);
            return Optional.of(new Built(spec, CoopBuilder.build(spec, request.brief())));
        } catch (Unbuildable e) {
            return Optional.empty();
        }
    }

    /**
     * With stakes at its corners where the wind would tip it over and they hold it. What is moved
     * every day is not staked by itself: nobody drives four stakes each morning.
     */
    private Drawn staked(Drawn light) {
        boolean wanted =
                request.practice().holding() == Practice.Holding.STAKES
                        && !request.family().moved()
                        && request.family().addOns().contains(AddOn.ANCHORS)
                        && !light.spec().addOns().contains(AddOn.ANCHORS);
        if (!wanted || !light.tips()) {
            return light;
        }
        return changed(light.spec(), AddOn.ANCHORS)
                .map(this::drawn)
                .filter(d -> !d.tips())
                .orElse(light);
    }

    /** The same houses planned exactly, every part in one piece, in the same order. */
    List<Candidate> exact(List<Candidate> candidates) {
        return candidates.parallelStream().map(c -> progress.cancelled() ? c : exact(c)).toList();
    }

    private Candidate exact(Candidate candidate) {
        return with(
                candidate,
                planner(CutPlanner.Settings.LIVE.withoutJoints().seeded(request.seed()))
                        .plan(
                                candidate.coop(),
                                Decided.cut(request.cuts()),
                                Optional.empty(),
                                Progress.until(progress)));
    }

    /** A house planned exactly, with joints where parts in one piece would have to be bought. */
    Candidate joined(Candidate exact) {
        return exact.weighed().isZero() && exact.plan().missing().isEmpty()
                ? exact
                : with(
                        exact,
                        planner(CutPlanner.Settings.LIVE.seeded(request.seed()))
                                .joined(
                                        exact.coop(),
                                        Decided.cut(request.cuts()),
                                        exact.plan(),
                                        Progress.until(progress)));
    }

    private static Candidate with(Candidate candidate, WorkPlan plan) {
        return new Candidate(
                candidate.spec(), plan.built(candidate.coop()), candidate.findings(), plan);
    }
}
