package reliqua.core.cutting;

import com.google.ortools.linearsolver.MPConstraint;
import com.google.ortools.linearsolver.MPSolver;
import com.google.ortools.linearsolver.MPVariable;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The choice among given patterns with the lowest charge, with SCIP: either finds it, or proves
 * that none stays below a ceiling. Nothing but the charge counts here: the linear program is then
 * so close to whole plans that most answers come without branching, where a search that also weighs
 * work takes twenty times as long.
 */
final class CheapestChoice {
    /**
     * In the manner of {@link CutPlanner.Settings#solverEffort}: so many branchings a unit of it.
     * They are counted, so the same input gives the same answer.
     */
    private static final double NODES = 500;

    /** What has no answer after so many hardly ever has one after three times as many. */
    private static final int MOST_NODES = 60;

    /** With fewer a basket that can be bought is hardly ever told from one that cannot. */
    private static final int FEWEST_NODES = 8;

    /** More are not looked through one by one. */
    private static final int MOST_BASKETS = 8;

    /** Ends a search whose single steps are too long, which no job seen so far needed. */
    private static final Duration LONGEST = Duration.ofSeconds(20);

    private final StickProblem problem;
    private final long chargeStep;
    private final Progress progress;

    CheapestChoice(StickProblem problem, long chargeStep, Progress progress) {
        this.problem = problem;
        this.chargeStep = chargeStep;
        this.progress = progress;
    }

    /**
     * What came of a search: a packing within the ceiling if there is one, and whether everything
     * was searched.
     */
    record Outcome(Optional<Packing> found, boolean exhausted) {}

    /**
     * The cheapest packing with a charge of at most {@code ceiling} millionths and at most so many
     * pieces missing, none of them one that can be bought.
     */
    Outcome within(long ceiling, List<Pattern> patterns, int missing, double effort) {
        int nodes = (int) Math.min(MOST_NODES, Math.ceil(NODES * effort));
        List<Map<String, Integer>> baskets = Baskets.within(ceiling, problem.bins(), MOST_BASKETS);
        if (nodes <= 1 || baskets.size() < 2) {
            return within(ceiling, patterns, missing, nodes, Map.of());
        }
        Outcome glance = within(ceiling, patterns, missing, 1, Map.of());
        if (glance.exhausted() || progress.cancelled()) {
            return glance;
        }
        int each = Math.max(Math.min(nodes, FEWEST_NODES), nodes / baskets.size());
        return basketByBasket(glance.found(), baskets, ceiling, patterns, missing, each);
    }

    /**
     * With what is bought at most laid down, the linear program no longer mixes baskets that cannot
     * be bought together, and is close to whole plans again.
     */
    private Outcome basketByBasket(
            Optional<Packing> first,
            List<Map<String, Integer>> baskets,
            long ceiling,
            List<Pattern> patterns,
            int missing,
            int nodes) {
        Optional<Packing> best = first;
        boolean exhausted = true;
        for (Map<String, Integer> basket : baskets) {
            long below = best.map(p -> p.charge(problem) - chargeStep).orElse(ceiling);
            if (below < 0 || progress.cancelled()) {
                return new Outcome(best, below < 0);
            }
            Outcome outcome = within(below, patterns, missing, nodes, basket);
            exhausted &= outcome.exhausted();
            best = outcome.found().isPresent() ? outcome.found() : best;
        }
        return new Outcome(best, exhausted);
    }

    private Outcome within(
            long ceiling,
            List<Pattern> patterns,
            int missing,
            int nodes,
            Map<String, Integer> basket) {
        MPSolver solver = MPSolver.createSolver("SCIP");
        try {
            MPVariable[] use = variables(solver, patterns);
            cover(solver, patterns, use, missing);
            supply(solver, patterns, use);
            ceiling(solver, patterns, use, ceiling);
            basket(solver, patterns, use, basket);
            solver.objective().setMinimization();
            solver.setTimeLimit(LONGEST.toMillis());
            solver.setSolverSpecificParametersAsString("limits/totalnodes = " + nodes);
            return outcome(CancelWatch.solve(solver, progress), patterns, use);
        } finally {
            solver.delete();
        }
    }

    private Outcome outcome(
            MPSolver.ResultStatus status, List<Pattern> patterns, MPVariable[] use) {
        boolean found =
                status == MPSolver.ResultStatus.OPTIMAL || status == MPSolver.ResultStatus.FEASIBLE;
        if (!found) {
            return new Outcome(Optional.empty(), status == MPSolver.ResultStatus.INFEASIBLE);
        }
        List<Pattern> chosen = new ArrayList<>();
        for (int p = 0; p < use.length; p++) {
            for (long n = Math.round(use[p].solutionValue()); n > 0; n--) {
                chosen.add(patterns.get(p));
            }
        }
        return new Outcome(
                Optional.of(Packing.trimmed(chosen, problem.demands())),
                status == MPSolver.ResultStatus.OPTIMAL);
    }

    private MPVariable[] variables(MPSolver solver, List<Pattern> patterns) {
        MPVariable[] use = new MPVariable[patterns.size()];
        for (int p = 0; p < use.length; p++) {
            use[p] = solver.makeIntVar(0, problem.most(patterns.get(p)), "");
            solver.objective().setCoefficient(use[p], steps(patterns.get(p)));
        }
        return use;
    }

    private double steps(Pattern pattern) {
        return (double) problem.bin(pattern).charge() / chargeStep;
    }

    private void cover(MPSolver solver, List<Pattern> patterns, MPVariable[] use, int missing) {
        int[] demand = problem.demands();
        MPConstraint all = solver.makeConstraint(0, missing);
        for (int i = 0; i < demand.length; i++) {
            MPConstraint covered = solver.makeConstraint(demand[i], MPSolver.infinity());
            for (int p = 0; p < use.length; p++) {
                if (patterns.get(p).counts()[i] > 0) {
                    covered.setCoefficient(use[p], patterns.get(p).counts()[i]);
                }
            }
            if (missing > 0 && !problem.buyable(i)) {
                MPVariable left = solver.makeIntVar(0, demand[i], "");
                covered.setCoefficient(left, 1);
                all.setCoefficient(left, 1);
            }
        }
    }

    private void supply(MPSolver solver, List<Pattern> patterns, MPVariable[] use) {
        MPConstraint[] supply = new MPConstraint[problem.groups().size()];
        for (int p = 0; p < use.length; p++) {
            StickProblem.BinType bin = problem.bin(patterns.get(p));
            if (bin.own()) {
                if (supply[bin.group()] == null) {
                    supply[bin.group()] =
                            solver.makeConstraint(0, problem.groups().get(bin.group()).size());
                }
                supply[bin.group()].setCoefficient(use[p], 1);
            }
        }
    }

    /** No more is bought than is in the basket. */
    private void basket(
            MPSolver solver, List<Pattern> patterns, MPVariable[] use, Map<String, Integer> most) {
        most.forEach(
                (item, number) -> {
                    MPConstraint row = solver.makeConstraint(0, number);
                    for (int p = 0; p < use.length; p++) {
                        if (problem.bin(patterns.get(p)).source().equals(item)) {
                            row.setCoefficient(use[p], 1);
                        }
                    }
                });
    }

    /** As a row: the solver takes it for a bar on the objective, half a step above the ceiling. */
    private void ceiling(MPSolver solver, List<Pattern> patterns, MPVariable[] use, long ceiling) {
        if (patterns.stream().allMatch(p -> problem.bin(p).charge() == 0)) {
            return;
        }
        MPConstraint row =
                solver.makeConstraint(
                        -MPSolver.infinity(), Math.floorDiv(ceiling, chargeStep) + 0.5);
        for (int p = 0; p < use.length; p++) {
            row.setCoefficient(use[p], steps(patterns.get(p)));
        }
    }
}
