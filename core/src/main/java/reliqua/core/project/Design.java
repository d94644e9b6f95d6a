package reliqua.core.project;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import reliqua.core.build.Pace;
import reliqua.core.build.Schedule;
import reliqua.core.build.Step;
import reliqua.core.build.Steps;
import reliqua.core.build.ToolNeed;
import reliqua.core.buy.Bill;
import reliqua.core.buy.Fixing;
import reliqua.core.buy.Fixings;
import reliqua.core.check.Finding;
import reliqua.core.check.Findings;
import reliqua.core.coop.Coop;
import reliqua.core.coop.addon.CoopBuilder;
import reliqua.core.coop.family.Brief;
import reliqua.core.coop.family.Unbuildable;
import reliqua.core.cutting.CoopPlanner;
import reliqua.core.cutting.CutPlanner;
import reliqua.core.cutting.Decided;
import reliqua.core.cutting.Progress;
import reliqua.core.cutting.WorkPlan;
import reliqua.core.cutting.Workshop;
import reliqua.core.fit.Candidate;
import reliqua.core.fit.FitResult;
import reliqua.core.fit.Fitter;
import reliqua.core.flock.Keeper;
import reliqua.core.measure.Sum;
import reliqua.core.measure.UnitSystem;

/**
 * Everything that follows from a project: the house, what the rules say of it, how it is cut, what
 * it costs, how it is built.
 *
 * @param candidate house, findings and cut plan
 * @param bill what remains to buy
 * @param steps how it is built, in minutes as nobody in particular takes them
 */
public record Design(Candidate candidate, Bill bill, List<Step> steps) {
    /** Copies the steps. */
    public Design {
        steps = List.copyOf(steps);
    }

    /** Minutes to mark and make one cut. */
    private static final int MINUTES_A_CUT = 4;

    /**
     * Work still to do, in minutes: tickets still to be cut and steps not ticked, at the keeper's
     * pace.
     */
    public int minutesLeft(Project project) {
        return saw() + Steps.minutesLeft(paced(project), project.done());
    }

    private int saw() {
        WorkPlan plan = candidate.plan();
        return plan.cutCount() * MINUTES_A_CUT + plan.makingMinutes();
    }

    /** What is learnt of the keeper's pace from steps whose minutes were written down. */
    public Pace pace(Project project) {
        return Pace.of(steps, project.notes());
    }

    /** The steps in the minutes they took, and those to come at the keeper's pace. */
    public List<Step> paced(Project project) {
        return pace(project).paced(steps, project.notes());
    }

    /** The work that is left, spread over the keeper's hours from a day on. */
    public Schedule schedule(Project project, LocalDate from) {
        List<Step> left =
                paced(project).stream().filter(s -> !project.done().contains(s.key())).toList();
        return Schedule.of(
                saw(),
                left,
                project.keeper(),
                project.site().climate(),
                project.site().southern(),
                from);
    }

    /** The tools it takes, what the keeper has not first. */
    public List<ToolNeed> tools(Keeper keeper) {
        return ToolNeed.of(candidate.coop(), keeper, candidate.plan().makingMinutes() > 0);
    }

    /** The screws, staples and hinges of a step, by the lengths a shop has. */
    public List<Fixing> fixings(Step step, UnitSystem system) {
        return Fixings.byLength(step.fixings(), system);
    }

    /** The parts that stand when a step is done: its own, and those of all before it. */
    public Set<String> standing(Step step) {
        Set<String> marks = new HashSet<>();
        for (Step each : steps) {
            marks.addAll(each.marks());
            if (each.key().equals(step.key())) {
                break;
            }
        }
        return marks;
    }

    /** All work, in minutes. */
    public int minutes() {
        return saw() + Steps.minutesLeft(steps, Set.of());
    }

    /** The bill and the steps of a house. */
    public static Design of(Candidate candidate, Project project) {
        Bill bill =
                Bill.of(
                        candidate.coop(),
                        candidate.plan(),
                        project.prices(),
                        project.heap(),
                        project.flock().practice().finish());
        return new Design(
                candidate,
                bill,
                Steps.of(candidate.coop(), project.keeper().body().lift(), bill.fixings()));
    }

    /**
     * The design of a project: of the house settled on, or of the best fit.
     *
     * @param before the plan so far, whose tickets stay where they can
     * @param soFar hears of every better house of a search, and of a plan that is mended at once
     * @throws Unbuildable when the house settled on does not serve the needs as they are now
     */
    public static Derived derive(
            Project project,
            Optional<WorkPlan> before,
            Progress progress,
            Consumer<Candidate> soFar)
            throws Unbuildable {
        if (project.chosen().isPresent()) {
            Candidate settled = settled(project, project.chosen().get(), before, progress, soFar);
            return new Derived(
                    Optional.of(of(settled, project)), Optional.empty(), Optional.empty());
        }
        if (project.anyKind()) {
            return Kinds.search(project, 1, progress, soFar);
        }
        FitResult fit = Fitter.fit(project.fitRequest(), progress, soFar);
        Optional<Search> search =
                fit.best()
                        .map(
                                best ->
                                        new Search(
                                                fit,
                                                of(best, project),
                                                fit.others().stream()
                                                        .map(c -> of(c, project))
                                                        .toList(),
                                                fit.standard().map(c -> of(c, project)),
                                                List.of()));
        return new Derived(search.map(Search::best), search, fit.obstacle());
    }

    /**
     * A search with the bills of what it found.
     *
     * @param fit the search
     * @param best the best
     * @param others the best of other sizes
     * @param standard the size one would build without looking at the heap
     * @param kinds what became of every kind, where any would do
     */
    public record Search(
            FitResult fit,
            Design best,
            List<Design> others,
            Optional<Design> standard,
            List<Kinds.Outcome> kinds) {
        /** Copies the lists. */
        public Search {
            others = List.copyOf(others);
            kinds = List.copyOf(kinds);
        }

        /** All designs there are to choose from, the best first. */
        public List<Design> all() {
            List<Design> all = new ArrayList<>(List.of(best));
            all.addAll(others);
            return all;
        }
    }

    /**
     * A design.
     *
     * @param design the design, if any house could be drawn up
     * @param search the search it came from, if there was one
     * @param obstacle why sizes could not be built, mostly
     */
    public record Derived(
            Optional<Design> design, Optional<Search> search, Optional<Sum> obstacle) {}

    private static Candidate settled(
            Project project,
            Project.Chosen chosen,
            Optional<WorkPlan> before,
            Progress progress,
            Consumer<Candidate> soFar)
            throws Unbuildable {
        Coop coop =
                CoopBuilder.build(
                        chosen.spec(),
                        new Brief(project.builtNeeds(), project.keeper(), project.addOns()));
        List<Finding> findings =
                Findings.of(coop, project.builtNeeds(), project.keeper(), project.heap());
        Workshop workshop = Workshop.of(project.keeper());
        CoopPlanner planner =
                new CoopPlanner(
                        project.heap(), project.prices(), workshop, CutPlanner.Settings.LIVE);
        Decided decided =
                new Decided(
                        project.cuts(),
                        project.wishes(),
                        chosen.seams(),
                        Decided.windward(project.site()));
        // Marks of another saw or other tools are wrong, so such a plan is not mended.
        Optional<WorkPlan> mended =
                before.filter(b -> b.workshop().equals(workshop))
                        .map(b -> planner.mended(coop, decided, b, progress));
        mended.ifPresent(m -> soFar.accept(candidate(chosen, coop, findings, m)));
        WorkPlan plan = planner.plan(coop, decided, mended.or(() -> before), progress);
        return candidate(chosen, coop, findings, plan);
    }

    private static Candidate candidate(
            Project.Chosen chosen, Coop coop, List<Finding> findings, WorkPlan plan) {
        return new Candidate(chosen.spec(), plan.built(coop), findings, plan);
    }
}
