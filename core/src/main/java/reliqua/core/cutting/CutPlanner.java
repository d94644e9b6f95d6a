package reliqua.core.cutting;

import java.util.ArrayList;
import java.util.List;
import java.util.SortedMap;
import java.util.TreeMap;
import reliqua.core.measure.Money;
import reliqua.core.measure.Words;

/**
 * Plans a cut job: every section of sticks and every thickness of sheets on its own, fewest
 * unplaced parts first, then lowest cost, then fewest own sticks opened. Deterministic: the same
 * job and seed give the same plan.
 */
public final class CutPlanner {
    /**
     * How hard to try and from which seed.
     *
     * @param sticks how sticks are planned
     * @param solverEffort seconds, in the integer solver's own deterministic time, for one section
     *     of sticks
     * @param sheetRounds how often a layout of sheets is taken up and laid anew
     * @param joins whether parts of a coop may be made up of several pieces where that is cheaper
     * @param seed same seed, same plan
     */
    public record Settings(
            StickEffort sticks, double solverEffort, int sheetRounds, boolean joins, long seed) {
        /** Everything, for the plan that is sawn; a fraction of a second for a coop. */
        public static final Settings FULL = new Settings(StickEffort.PROVEN, 0.4, 6000, true, 1);

        /** Heuristics alone, to compare many designs; about a millisecond for a coop. */
        public static final Settings QUICK = new Settings(StickEffort.HEURISTIC, 0, 0, false, 1);

        /** Whether plans are made by heuristics alone. */
        boolean isQuick() {
            return sticks == StickEffort.HEURISTIC;
        }

        /** Whether sheets are proven, too: in a plan that is sawn, not in all it is chosen from. */
        boolean proves() {
            return joins;
        }

        /** The same with every part in one piece. */
        public Settings withoutJoints() {
            return new Settings(sticks, solverEffort, sheetRounds, false, seed);
        }

        /** The same from another seed. */
        public Settings seeded(long other) {
            return new Settings(sticks, solverEffort, sheetRounds, joins, other);
        }

        /** For the plan that follows the keeper's edits: proven where that is quick. */
        public static final Settings LIVE = new Settings(StickEffort.PROVEN, 0.05, 1500, true, 1);
    }

    /** How sticks are planned. */
    public enum StickEffort {
        /** A good plan at once, nothing proven. */
        HEURISTIC,
        /** Column generation with a proven bound and an integer plan. */
        PROVEN
    }

    private final Settings settings;

    /** A planner with these settings. */
    public CutPlanner(Settings settings) {
        this.settings = settings;
    }

    /** Plans a job, a very large one in parts; when cancelled, the plan is still valid. */
    public CutPlan plan(CutJob job, Progress progress) {
        return LargeJob.is(job)
                ? LargeJob.plan(job, settings, progress)
                : planAtOnce(job, progress);
    }

    CutPlan planAtOnce(CutJob job, Progress progress) {
        Gathered gathered = new Gathered();
        List<StickProblem> sticks =
                StickProblem.split(job, settings.sticks() == StickEffort.PROVEN);
        List<SheetProblem> sheets = SheetProblem.split(job);
        int done = 0;
        int all = sticks.size() + sheets.size();
        // Problems have nothing in common, so they are planned side by side; each is deterministic,
        // and they are gathered in order.
        List<StickPlanner.Result> results =
                sticks.parallelStream()
                        .map(problem -> new StickPlanner(problem, settings).plan(progress))
                        .toList();
        for (int n = 0; n < sticks.size(); n++) {
            gatherSticks(sticks.get(n), results.get(n), gathered, progress);
            progress.report((double) ++done / all, "");
        }
        for (SheetProblem problem : sheets) {
            planSheets(problem, progress, gathered);
            progress.report((double) ++done / all, "");
        }
        return gathered.plan(remark());
    }

    private String remark() {
        boolean alone = settings.sticks() == StickEffort.PROVEN && !NativeSolver.isLoaded();
        return alone ? Words.say("cutting.noSolver") : "";
    }

    /** Quick plans are only compared. */
    private Packing arranged(StickProblem problem, Packing packing, Progress progress) {
        return settings.sticks() == StickEffort.PROVEN
                ? Leftovers.arranged(problem, packing, progress)
                : packing;
    }

    private void gatherSticks(
            StickProblem problem,
            StickPlanner.Result result,
            Gathered gathered,
            Progress progress) {
        StickLayout layout = new StickLayout(problem);
        Packing sparing = new Consolidation(problem).apply(result.packing());
        Packing packing = layout.toppedUp(arranged(problem, sparing, progress));
        gathered.sticks.addAll(layout.cuts(packing));
        for (int i = 0; i < packing.missing().length; i++) {
            if (packing.missing()[i] > 0) {
                gathered.unplaced.merge(
                        problem.pieces().get(i).id(), packing.missing()[i], Integer::sum);
            }
        }
        gathered.add(
                packing.cost(problem), packing.charge(problem), result.bound(), result.proven());
    }

    private void planSheets(SheetProblem problem, Progress progress, Gathered gathered) {
        SheetPlanner.Result result = new SheetPlanner(problem, settings).plan(progress);
        if (problem.hasOutlines()) {
            // A bound on rectangles does not hold for other shapes.
            result =
                    settings.sheetRounds() > 0
                            ? new SheetNesting(problem, progress).improved(result)
                            : result.bounded(0);
        }
        gathered.sheets.addAll(result.cuts());
        result.missing().forEach(id -> gathered.unplaced.merge(id, 1, Integer::sum));
        gathered.add(result.cost(), result.cost(), result.bound(), result.proven());
    }

    private static final class Gathered {
        private final List<CutPlan.StickCut> sticks = new ArrayList<>();
        private final List<CutPlan.SheetCut> sheets = new ArrayList<>();
        private final SortedMap<String, Integer> unplaced = new TreeMap<>();
        private long cost;
        private long charge;
        private long bound;
        private boolean proven = true;

        void add(long moreCost, long moreCharge, double moreBound, boolean alsoProven) {
            cost += moreCost;
            charge += moreCharge;
            bound += Math.min(moreCharge, (long) Math.floor(moreBound));
            proven &= alsoProven;
        }

        CutPlan plan(String remark) {
            CutPlan.Status status =
                    proven && bound >= charge ? CutPlan.Status.OPTIMAL : CutPlan.Status.FEASIBLE;
            return new CutPlan(
                    sticks,
                    sheets,
                    unplaced,
                    new Money(cost),
                    new Money(charge - cost),
                    new Money(bound),
                    status,
                    remark);
        }
    }
}
