package reliqua.core.project;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Consumer;
import reliqua.core.coop.family.CoopFamily;
import reliqua.core.coop.family.Families;
import reliqua.core.cutting.Progress;
import reliqua.core.fit.Candidate;
import reliqua.core.fit.FitRequest;
import reliqua.core.fit.FitResult;
import reliqua.core.fit.Fitter;
import reliqua.core.flock.Flock;
import reliqua.core.measure.Money;
import reliqua.core.measure.Words;

/** The search for the best coop of any kind. */
final class KindSearch {
    private KindSearch() {}

    /**
     * A kind that must cost this much more than the best one so far is not worth a look: half as
     * much again, and an hour's small change.
     */
    private static final double WORTH = 1.5;

    private static final Money SMALL = Money.cents(3000);

    /** More than any coop costs. */
    private static final double MOST = 1e6;

    /** So many kinds, those that look best, are searched to the end. */
    private static final int SEARCHED = 2;

    /** What looks dearer than this is not searched: joints and exact plans spare less. */
    private static final double BEHIND = 1.3;

    /** A missing part counts as so much: most can be joined of several. */
    private static final double MISSING = 15;

    /** Share of the work that the first look takes. */
    private static final double LOOK = 0.5;

    /**
     * Looks for the best coop of any kind. First a look at every kind by heuristics, those that go
     * with the way of keeping first; then a search to the end of the kinds that look best. A kind
     * is dropped where its wood alone would cost far more than the best so far.
     *
     * @param seed same seed, same answer
     * @param soFar hears of every house that is better than all before it, of whatever kind
     */
    static Design.Derived search(
            Project project, long seed, Progress progress, Consumer<Candidate> soFar) {
        List<CoopFamily> families = inOrder(project);
        Leader leader = new Leader(project, soFar);
        Map<CoopFamily, Fitter.Look> looks = new LinkedHashMap<>();
        Stages stages = new Stages(progress);
        for (int n = 0; n < families.size() && !progress.cancelled(); n++) {
            CoopFamily family = families.get(n);
            stages.enter(family, LOOK * n / families.size(), LOOK / families.size());
            FitRequest request = project.seeking(family).fitRequest().seeded(seed);
            looks.put(family, Fitter.look(leader.most(), request, stages, leader::hear));
        }
        Map<CoopFamily, FitResult> fits = new LinkedHashMap<>();
        looks.forEach((family, look) -> fits.put(family, look.result()));
        List<CoopFamily> best = promising(fits, project);
        for (int n = 0; n < best.size() && !progress.cancelled(); n++) {
            CoopFamily family = best.get(n);
            if (leader.leaves(promise(fits.get(family).best().orElseThrow(), project))) {
                continue;
            }
            double each = (1 - LOOK) / best.size();
            stages.enter(family, LOOK + n * each, each);
            FitResult fit = Objects.requireNonNull(looks.get(family)).search(leader::hear);
            fit.best()
                    .ifPresent(
                            found -> {
                                leader.hear(found);
                                fits.put(family, fit);
                            });
        }
        progress.report(1, "");
        return derived(project, fits);
    }

    /** The kinds that look best, whatever is still missing of them. */
    private static List<CoopFamily> promising(Map<CoopFamily, FitResult> fits, Project project) {
        return fits.entrySet().stream()
                .filter(e -> e.getValue().best().isPresent())
                .sorted(
                        Comparator.<Map.Entry<CoopFamily, FitResult>, Boolean>comparing(
                                        e -> !suits(e.getKey(), project))
                                .thenComparing(
                                        e -> promise(e.getValue().best().orElseThrow(), project)))
                .limit(SEARCHED)
                .map(Map.Entry::getKey)
                .toList();
    }

    private static double promise(Candidate candidate, Project project) {
        return Design.of(candidate, project).bill().total().amount()
                + MISSING * candidate.plan().missing().size()
                + MOST * candidate.faults();
    }

    private static Design.Derived derived(Project project, Map<CoopFamily, FitResult> found) {
        List<Kinds.Outcome> outcomes = new ArrayList<>();
        found.forEach(
                (family, fit) ->
                        outcomes.add(
                                new Kinds.Outcome(
                                        family,
                                        fit.best().map(c -> Design.of(c, project)),
                                        fit.obstacle())));
        List<FitResult> fits = List.copyOf(found.values());
        List<Kinds.Outcome> ranked = outcomes.stream().sorted(order(project)).toList();
        Optional<Design> best = ranked.stream().flatMap(o -> o.design().stream()).findFirst();
        if (best.isEmpty()) {
            return new Design.Derived(
                    Optional.empty(),
                    Optional.empty(),
                    outcomes.stream().flatMap(o -> o.obstacle().stream()).findFirst());
        }
        FitResult led =
                fits.stream()
                        .filter(f -> f.best().equals(Optional.of(best.get().candidate())))
                        .findFirst()
                        .orElseThrow();
        List<Design> pool = new ArrayList<>();
        ranked.stream().flatMap(o -> o.design().stream()).forEach(pool::add);
        fits.forEach(
                f ->
                        f.others().stream()
                                .filter(c -> c.faults() == 0 && c.plan().missing().isEmpty())
                                .forEach(c -> pool.add(Design.of(c, project))));
        pool.remove(best.get());
        FitResult all =
                new FitResult(
                        led.best(),
                        pool.stream().map(Design::candidate).toList(),
                        led.standard(),
                        fits.stream().mapToInt(FitResult::tried).sum(),
                        fits.stream().mapToInt(FitResult::skipped).sum(),
                        led.obstacle(),
                        fits.stream().flatMap(f -> f.scatter().stream()).toList());
        Design.Search search =
                new Design.Search(
                        all,
                        best.get(),
                        pool,
                        led.standard().map(c -> Design.of(c, project)),
                        outcomes);
        return new Design.Derived(best, Optional.of(search), Optional.empty());
    }

    /**
     * Kinds that go with the way the birds are kept first: pens that are moved where birds go to
     * fresh ground every day, houses that stay elsewhere.
     */
    private static Comparator<Kinds.Outcome> order(Project project) {
        return Comparator.<Kinds.Outcome, Boolean>comparing(o -> !o.holds())
                .thenComparing(o -> !suits(o.family(), project))
                .thenComparing(Kinds.ORDER);
    }

    private static boolean suits(CoopFamily family, Project project) {
        return family.moved() == (project.flock().style() == Flock.Style.MOVED_DAILY);
    }

    /**
     * Those that go with the way of keeping first: what is seen first is likely to stay. Where
     * nothing lies there that could decide, the first of them is enough.
     */
    private static List<CoopFamily> inOrder(Project project) {
        return Families.all().stream()
                .sorted(Comparator.comparing(f -> !suits(f, project)))
                .limit(project.heap().usable().isEmpty() ? 1 : Long.MAX_VALUE)
                .toList();
    }

    /** The whole work, of which one kind after the other does a part. */
    private static final class Stages implements Progress {
        private final Progress whole;
        private String kind = "";
        private double begins;
        private double share;

        Stages(Progress whole) {
            this.whole = whole;
        }

        void enter(CoopFamily family, double from, double part) {
            kind = Words.say("family." + family.id());
            begins = from;
            share = part;
        }

        @Override
        public void report(double done, String words) {
            whole.report(begins + done * share * 0.999, kind);
        }

        @Override
        public boolean cancelled() {
            return whole.cancelled();
        }
    }

    /** The best house so far, whatever its kind. */
    private static final class Leader {
        private final Project project;
        private final Consumer<Candidate> soFar;
        private Optional<Candidate> best = Optional.empty();
        private Money bill = Money.ZERO;

        Leader(Project project, Consumer<Candidate> soFar) {
            this.project = project;
            this.soFar = soFar;
        }

        void hear(Candidate candidate) {
            Money other = Design.of(candidate, project).bill().total();
            if (best.isEmpty() || better(candidate, other)) {
                best = Optional.of(candidate);
                bill = other;
                soFar.accept(candidate);
            }
        }

        private boolean better(Candidate candidate, Money other) {
            long faults = best.map(Candidate::faults).orElse(0L);
            int missing = best.map(b -> b.plan().missing().size()).orElse(0);
            boolean suits = suits(candidate);
            boolean suited = best.map(this::suits).orElse(false);
            if (candidate.faults() == 0 && faults == 0 && suits != suited) {
                return suits;
            }
            if (candidate.faults() != faults) {
                return candidate.faults() < faults;
            }
            if (candidate.plan().missing().size() != missing) {
                return candidate.plan().missing().size() < missing;
            }
            return other.compareTo(bill) < 0;
        }

        private boolean suits(Candidate candidate) {
            return Families.find(candidate.spec().family())
                    .filter(f -> KindSearch.suits(f, project))
                    .isPresent();
        }

        /** Whether a kind that looks like that is too far behind to be searched. */
        boolean leaves(double promise) {
            return holds() && promise > bill.amount() * BEHIND + SMALL.amount();
        }

        private boolean holds() {
            return best.filter(b -> b.faults() == 0 && b.plan().missing().isEmpty()).isPresent();
        }

        /** What the wood of another kind may cost. */
        Money most() {
            boolean holds =
                    best.filter(b -> b.faults() == 0 && b.plan().missing().isEmpty()).isPresent();
            return holds ? Money.of(bill.amount() * WORTH).plus(SMALL) : Money.of(MOST);
        }
    }
}
