package reliqua.core.project;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import reliqua.core.coop.family.CoopFamily;
import reliqua.core.coop.family.Families;
import reliqua.core.cutting.Progress;
import reliqua.core.fit.Candidate;
import reliqua.core.fit.FitResult;
import reliqua.core.fit.Fitter;
import reliqua.core.flock.Flock;
import reliqua.core.measure.Money;
import reliqua.core.measure.Sum;
import reliqua.core.measure.Words;

/** Fits every kind of coop to the heap of a project, so that a keeper can choose between them. */
public final class Kinds {
    private Kinds() {}

    /**
     * What became of one kind.
     *
     * @param family the kind
     * @param design its best design; nothing where none could be drawn up
     * @param obstacle why, mostly, sizes could not be built
     */
    public record Outcome(CoopFamily family, Optional<Design> design, Optional<Sum> obstacle) {
        /** Whether it can be built: no fault, and every part comes from heap or shop. */
        public boolean holds() {
            return design.map(Design::candidate)
                    .filter(c -> c.faults() == 0 && c.plan().missing().isEmpty())
                    .isPresent();
        }

        /** All that remains to buy, hardware too. */
        public Optional<Money> bill() {
            return design.map(d -> d.bill().total());
        }
    }

    /** What can be built first, the lowest bill first. */
    public static final Comparator<Outcome> ORDER =
            Comparator.<Outcome, Boolean>comparing(o -> !o.holds())
                    .thenComparing(o -> o.bill().isEmpty())
                    .thenComparing(o -> o.bill().orElse(Money.ZERO));

    /**
     * Fits all kinds, one after the other.
     *
     * @param soFar hears of each as it is done
     * @return those that were fitted before it was stopped, best first
     */
    public static List<Outcome> compare(
            Project project, Progress progress, Consumer<Outcome> soFar) {
        List<Outcome> outcomes = new ArrayList<>();
        for (CoopFamily family : Families.all()) {
            if (progress.cancelled()) {
                break;
            }
            Outcome outcome = fit(project.seeking(family), family, progress);
            outcomes.add(outcome);
            soFar.accept(outcome);
        }
        outcomes.sort(ORDER);
        return outcomes;
    }

    /**
     * A kind that must cost this much more than the best one so far is not worth a look: half as
     * much again, and an hour's small change.
     */
    private static final double WORTH = 1.5;

    private static final Money SMALL = Money.cents(3000);

    /** More than any coop costs. */
    private static final double MOST = 1e6;

    /**
     * Looks for the best coop of any kind: the usual kind first, so that there is something to see
     * at once, then every other, each dropped where its wood alone would cost far more than the
     * best so far.
     *
     * @param soFar hears of every house that is better than all before it, of whatever kind
     */
    public static Design.Derived search(
            Project project, Progress progress, Consumer<Candidate> soFar) {
        List<CoopFamily> families = inOrder(project);
        List<FitResult> fits = new ArrayList<>();
        List<Outcome> outcomes = new ArrayList<>();
        Leader leader = new Leader(project, soFar);
        for (int n = 0; n < families.size() && !progress.cancelled(); n++) {
            CoopFamily family = families.get(n);
            Project seeking = project.seeking(family);
            FitResult fit =
                    Fitter.fitUnder(
                            leader.most(),
                            seeking.fitRequest(),
                            part(progress, family, n, families.size()),
                            leader::hear);
            fits.add(fit);
            Optional<Design> design = fit.best().map(c -> Design.of(c, seeking));
            design.ifPresent(d -> leader.hear(d.candidate()));
            outcomes.add(new Outcome(family, design, fit.obstacle()));
        }
        progress.report(1, "");
        return derived(project, outcomes, fits);
    }

    private static Design.Derived derived(
            Project project, List<Outcome> outcomes, List<FitResult> fits) {
        List<Outcome> ranked = outcomes.stream().sorted(order(project)).toList();
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
    private static Comparator<Outcome> order(Project project) {
        return Comparator.<Outcome, Boolean>comparing(o -> !o.holds())
                .thenComparing(o -> !suits(o.family(), project))
                .thenComparing(ORDER);
    }

    private static boolean suits(CoopFamily family, Project project) {
        return family.moved() == (project.flock().style() == Flock.Style.MOVED_DAILY);
    }

    /** Those that go with the way of keeping first: what is seen first is likely to stay. */
    private static List<CoopFamily> inOrder(Project project) {
        return Families.all().stream()
                .sorted(Comparator.comparing(f -> !suits(f, project)))
                .toList();
    }

    /** The share of one kind in the whole search. */
    private static Progress part(Progress whole, CoopFamily family, int n, int of) {
        return new Progress() {
            @Override
            public void report(double share, String words) {
                whole.report((n + share * 0.999) / of, Words.say("family." + family.id()));
            }

            @Override
            public boolean cancelled() {
                return whole.cancelled();
            }
        };
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
                    .filter(f -> Kinds.suits(f, project))
                    .isPresent();
        }

        /** What the wood of another kind may cost. */
        Money most() {
            boolean holds =
                    best.filter(b -> b.faults() == 0 && b.plan().missing().isEmpty()).isPresent();
            return holds ? Money.of(bill.amount() * WORTH).plus(SMALL) : Money.of(MOST);
        }
    }

    private static Outcome fit(Project project, CoopFamily family, Progress progress) {
        FitResult fit =
                Fitter.fit(project.fitRequest(), Progress.until(progress), (Candidate _) -> {});
        return new Outcome(family, fit.best().map(c -> Design.of(c, project)), fit.obstacle());
    }
}
