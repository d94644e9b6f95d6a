package reliqua.core.project;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import reliqua.core.coop.Coop;
import reliqua.core.cutting.CoopPlanner;
import reliqua.core.cutting.CutPlanner;
import reliqua.core.cutting.Decided;
import reliqua.core.cutting.Progress;
import reliqua.core.cutting.WorkPlan;
import reliqua.core.cutting.Workshop;
import reliqua.core.flock.Tool;
import reliqua.core.measure.Money;
import reliqua.core.stock.Heap;
import reliqua.core.stock.Lot;
import reliqua.core.stock.Offer;

/**
 * What would make a plan better, found by planning again with it: a find on the heap, a borrowed
 * tool; and what its work beforehand saves.
 *
 * @param improvements the largest saving first
 * @param worthOfWork how much higher the bill would be without the work beforehand; nothing where
 *     there is no such work
 */
public record PlanReview(List<Improvement> improvements, Optional<Money> worthOfWork) {
    /** Of nothing. */
    public static final PlanReview NONE = new PlanReview(List.of(), Optional.empty());

    /** Every one takes a plan of its own. */
    private static final int MOST_OFFERS = 5;

    private static final CutPlanner.Settings HOW = CutPlanner.Settings.LIVE.withoutJoints();

    /** Copies the list. */
    public PlanReview {
        improvements = List.copyOf(improvements);
    }

    /** Something that would lower the bill, and by how much. */
    public sealed interface Improvement {
        /** By how much. */
        Money saving();

        /** One more of this on the heap, sound. */
        record Find(Offer like, Money saving) implements Improvement {}

        /** This tool at hand. */
        record Borrow(Tool tool, Money saving) implements Improvement {}
    }

    /** This one; while nothing is known yet, one of a design. */
    public PlanReview orOf(Project project, Design design) {
        return equals(NONE) ? of(project, design) : this;
    }

    /** Reviews a whole design. */
    public static PlanReview of(Project project, Design design) {
        return of(project, design.candidate().coop(), design.candidate().plan(), Progress.NONE);
    }

    /** Reviews the plan of a project's house. */
    public static PlanReview of(Project project, Coop coop, WorkPlan plan, Progress progress) {
        return new Review(project, coop, plan, progress).review();
    }

    private record Review(Project project, Coop coop, WorkPlan plan, Progress progress) {
        PlanReview review() {
            List<Improvement> found = new ArrayList<>();
            if (plan.cost().micros() > 0) {
                dearest().forEach(offer -> find(offer).ifPresent(found::add));
                List.of(Tool.TABLE_SAW, Tool.PRY_BAR)
                        .forEach(tool -> borrow(tool).ifPresent(found::add));
            }
            found.sort(Comparator.comparing(Improvement::saving).reversed());
            return new PlanReview(found, worthOfWork());
        }

        /** What most is spent on. */
        private List<Offer> dearest() {
            Map<String, Integer> bought = plan.bought();
            return project.prices().offers().stream()
                    .filter(o -> bought.containsKey(o.id()))
                    .sorted(
                            Comparator.comparing((Offer o) -> o.price().times(bought.get(o.id())))
                                    .reversed())
                    .limit(MOST_OFFERS)
                    .toList();
        }

        private Optional<Improvement> find(Offer offer) {
            Heap more =
                    project.heap()
                            .plus(
                                    new Lot(
                                            project.freshId(offer.material()),
                                            1,
                                            offer.material(),
                                            Lot.Provenance.UNKNOWN));
            return saving(more, Workshop.of(project.keeper()))
                    .map(saved -> new Improvement.Find(offer, saved));
        }

        private Optional<Improvement> borrow(Tool tool) {
            if (project.keeper().tools().contains(tool)) {
                return Optional.empty();
            }
            return saving(project.heap(), Workshop.of(project.keeper().with(tool, true)))
                    .map(saved -> new Improvement.Borrow(tool, saved));
        }

        private Optional<Money> saving(Heap heap, Workshop workshop) {
            if (progress.cancelled()) {
                return Optional.empty();
            }
            WorkPlan other = planned(heap, workshop);
            return Optional.of(plan.weighed().minus(other.weighed()))
                    .filter(m -> m.micros() > 0 && other.missing().size() <= plan.missing().size());
        }

        private Optional<Money> worthOfWork() {
            if (plan.makingMinutes() == 0 || progress.cancelled()) {
                return Optional.empty();
            }
            Workshop plain = Workshop.plain(project.keeper().kerf());
            return Optional.of(planned(project.heap(), plain).cost().minus(plan.cost()))
                    .filter(m -> m.micros() > 0);
        }

        private WorkPlan planned(Heap heap, Workshop workshop) {
            return new CoopPlanner(heap, project.prices(), workshop, HOW)
                    .plan(
                            coop,
                            new Decided(project.cuts(), project.wishes(), List.of()),
                            Optional.empty(),
                            progress);
        }
    }
}
