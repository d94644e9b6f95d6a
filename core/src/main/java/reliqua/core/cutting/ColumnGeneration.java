package reliqua.core.cutting;

import com.google.ortools.linearsolver.MPConstraint;
import com.google.ortools.linearsolver.MPObjective;
import com.google.ortools.linearsolver.MPSolver;
import com.google.ortools.linearsolver.MPVariable;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * Column generation for sticks.
 *
 * <p>Problem: minimise the price of the patterns used, so that every piece is covered and own
 * things of one description are not used more often, in whatever ways, than there are copies.
 * Steps: solve the linear program over the known patterns with GLOP; for every bin type find the
 * pattern that is worth most under the duals ({@link Frontier}); add those that pay; repeat. Bound:
 * for any duals, the Lagrangian value sum(dual x demand) - sum(copies x best own pattern of any
 * way), with the duals scaled until no shop pattern is worth more than its price (Farley 1990), is
 * below the cost of every plan; it is computed with the stretches as long as they really are, so it
 * holds whatever the solver's rounding. Reference: Gilmore and Gomory 1961.
 *
 * <p>Demands and copies can be lowered between solutions ({@link #fix}), which is how {@link Dive}
 * rounds.
 */
final class ColumnGeneration implements AutoCloseable {
    private static final double PAYS = 1e-7;
    private static final int MOST_ROUNDS = 250;

    private final StickProblem problem;
    private final MPSolver solver;
    private final MPConstraint[] cover;
    private final MPConstraint[] supply;
    private final MPVariable[] slack;
    private final double[] penalty;
    private final int[] demand;
    private final int[] copies;
    private final List<Pattern> patterns = new ArrayList<>();
    private final List<MPVariable> variables = new ArrayList<>();
    private final Set<Pattern> known = new HashSet<>();
    private final Pricing pricing;
    private final double scale;
    private double[] use = {};
    private double[] bestDuals = {};

    /**
     * Sets up the master with no pattern.
     *
     * @param shortage what one missing piece costs that no shop item can hold, in millionths
     */
    ColumnGeneration(StickProblem problem, long shortage) {
        this.problem = problem;
        this.solver = MPSolver.createSolver("GLOP");
        this.pricing = new Pricing(problem);
        this.demand = problem.demands();
        this.copies = problem.copies();
        this.penalty = problem.singlePrices(shortage);
        long dearest =
                problem.bins().stream().mapToLong(StickProblem.BinType::charge).max().orElse(0);
        this.scale = 1.0 / Math.max(1_000_000, dearest);
        int pieces = problem.size();
        cover = new MPConstraint[pieces];
        slack = new MPVariable[pieces];
        solver.objective().setMinimization();
        for (int i = 0; i < pieces; i++) {
            cover[i] = solver.makeConstraint(demand[i], MPSolver.infinity());
            slack[i] = solver.makeNumVar(0, MPSolver.infinity(), "");
            cover[i].setCoefficient(slack[i], 1);
            solver.objective().setCoefficient(slack[i], penalty[i] * scale);
        }
        supply = new MPConstraint[copies.length];
        for (StickProblem.BinType bin : problem.bins()) {
            if (bin.own() && supply[bin.group()] == null) {
                supply[bin.group()] = solver.makeConstraint(0, copies[bin.group()]);
            }
        }
    }

    /** Adds a pattern unless it is known. */
    boolean add(Pattern pattern) {
        if (pattern.isEmpty() || !known.add(pattern)) {
            return false;
        }
        MPVariable variable = solver.makeNumVar(0, MPSolver.infinity(), "");
        for (int i = 0; i < pattern.counts().length; i++) {
            if (pattern.counts()[i] > 0) {
                cover[i].setCoefficient(variable, pattern.counts()[i]);
            }
        }
        StickProblem.BinType bin = problem.bin(pattern);
        if (bin.own()) {
            supply[bin.group()].setCoefficient(variable, 1);
        }
        MPObjective objective = solver.objective();
        objective.setCoefficient(variable, bin.charge() * scale);
        patterns.add(pattern);
        variables.add(variable);
        return true;
    }

    /** Generates columns until none pays; returns the best bound seen, in millionths. */
    double solve(Progress progress) {
        double bound = Double.NEGATIVE_INFINITY;
        for (int round = 0; round < MOST_ROUNDS && !progress.cancelled(); round++) {
            if (solver.solve() != MPSolver.ResultStatus.OPTIMAL) {
                return Math.max(0, bound);
            }
            double value = solver.objective().value() / scale;
            use = variables.stream().mapToDouble(MPVariable::solutionValue).toArray();
            Pricing.Prices prices = pricing.price(duals(), demand);
            double here = prices.lagrangian(demand, copies);
            if (here >= bound) {
                bound = here;
                bestDuals = prices.fairDuals();
            }
            if (bound >= value - 1e-6 * Math.max(1, value) || !addPaying(prices, rents())) {
                return Math.max(0, bound);
            }
        }
        return Math.max(0, bound);
    }

    private double[] duals() {
        double[] duals = new double[cover.length];
        for (int i = 0; i < duals.length; i++) {
            duals[i] = Math.clamp(cover[i].dualValue() / scale, 0, penalty[i]);
        }
        return duals;
    }

    /** What a pattern must be worth to pay, by bin type; read before the model changes. */
    private double[] rents() {
        return problem.bins().stream()
                .mapToDouble(
                        bin ->
                                bin.charge()
                                        - (bin.own() ? supply[bin.group()].dualValue() / scale : 0))
                .toArray();
    }

    private boolean addPaying(Pricing.Prices prices, double[] rents) {
        boolean added = false;
        for (int b = 0; b < rents.length; b++) {
            StickProblem.BinType bin = problem.bins().get(b);
            boolean spent = bin.own() && copies[bin.group()] == 0;
            if (!spent && prices.worth(b) > rents[b] + PAYS / scale) {
                added |= add(prices.pattern(b));
            }
        }
        return added;
    }

    /** The worths of the pieces that gave the best bound of the last {@link #solve}. */
    double[] bestDuals() {
        return bestDuals.clone();
    }

    /** Fractional use of each pattern that was known at the last solution. */
    double[] use() {
        return use.clone();
    }

    /** The known patterns, in the order of {@link #use}. */
    List<Pattern> patterns() {
        return patterns;
    }

    /** Pieces still to be covered. */
    int[] demand() {
        return demand.clone();
    }

    /** Copies left of each group; zero for shop items. */
    int[] copies() {
        return copies.clone();
    }

    /**
     * Takes a pattern as decided: lowers demand and copies, and bars patterns that now give too
     * much.
     */
    void fix(Pattern pattern, int times) {
        for (int i = 0; i < demand.length; i++) {
            demand[i] = Math.max(0, demand[i] - times * pattern.counts()[i]);
        }
        if (problem.bin(pattern).own()) {
            copies[problem.bin(pattern).group()] -= times;
        }
        refresh();
    }

    /** Goes back to the whole problem; the patterns stay known. */
    void reset() {
        System.arraycopy(problem.demands(), 0, demand, 0, demand.length);
        System.arraycopy(problem.copies(), 0, copies, 0, copies.length);
        refresh();
    }

    private void refresh() {
        for (int i = 0; i < demand.length; i++) {
            cover[i].setLb(demand[i]);
        }
        for (int g = 0; g < supply.length; g++) {
            if (supply[g] != null) {
                supply[g].setUb(copies[g]);
            }
        }
        for (int p = 0; p < patterns.size(); p++) {
            variables.get(p).setUb(fits(patterns.get(p)) ? MPSolver.infinity() : 0);
        }
    }

    /** As pricing gives patterns: no stretch more than is wanted, all of them perhaps. */
    private boolean fits(Pattern pattern) {
        for (int[] stretch : pattern.bySegment()) {
            for (int i = 0; i < demand.length; i++) {
                if (stretch[i] > demand[i]) {
                    return false;
                }
            }
        }
        return true;
    }

    @Override
    public void close() {
        solver.delete();
    }
}
