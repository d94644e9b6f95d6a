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
import reliqua.core.measure.Money;
import reliqua.core.measure.Sum;

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
            giveBack();
        }
        outcomes.sort(ORDER);
        return outcomes;
    }

    /**
     * What a search leaves behind, before the next begins: by itself the collector takes more from
     * the system as long as there is any, and eleven searches would fill 700 MB.
     */
    private static void giveBack() {
        System.gc();
    }

    /**
     * Looks for the best coop of any kind.
     *
     * @param seed same seed, same answer
     * @param soFar hears of every house that is better than all before it, of whatever kind
     */
    public static Design.Derived search(
            Project project, long seed, Progress progress, Consumer<Candidate> soFar) {
        return KindSearch.search(project, seed, progress, soFar);
    }

    private static Outcome fit(Project project, CoopFamily family, Progress progress) {
        FitResult fit =
                Fitter.fit(project.fitRequest(), Progress.until(progress), (Candidate _) -> {});
        return new Outcome(family, fit.best().map(c -> Design.of(c, project)), fit.obstacle());
    }
}
