package reliqua.core.cutting;

import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.LinearExprBuilder;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Chooses whole patterns from the known ones with CP-SAT: fewest missing, lowest price, then fewest
 * own sticks opened.
 */
final class IntegerMaster {
    private final StickProblem problem;
    private final long moneyStep;

    IntegerMaster(StickProblem problem, long moneyStep) {
        this.problem = problem;
        this.moneyStep = moneyStep;
    }

    /**
     * What came of a search: a better packing if one was found, and whether everything was
     * searched.
     */
    record Outcome(Optional<Packing> better, boolean exhausted) {}

    /** Looks for a packing better than {@code hint} within the effort (deterministic seconds). */
    Outcome improve(List<Pattern> patterns, Packing hint, double effort) {
        return search(patterns, hint, effort, Long.MAX_VALUE);
    }

    /**
     * The same, asking for no more missing than {@code hint} and a price of at most {@code ceiling}
     * millionths.
     */
    Outcome below(long ceiling, List<Pattern> patterns, Packing hint, double effort) {
        return search(patterns, hint, effort, ceiling);
    }

    private Outcome search(List<Pattern> patterns, Packing hint, double effort, long ceiling) {
        CpModel model = new CpModel();
        Map<Pattern, Long> hinted = new LinkedHashMap<>();
        hint.patterns().forEach(p -> hinted.merge(p, 1L, Long::sum));
        List<Pattern> all = new ArrayList<>(patterns);
        hinted.keySet().stream().filter(p -> !patterns.contains(p)).forEach(all::add);
        int[] demand = problem.demands();
        List<IntVar> use = new ArrayList<>();
        for (Pattern pattern : all) {
            IntVar variable = model.newIntVar(0, most(pattern, demand), "");
            model.addHint(variable, hinted.getOrDefault(pattern, 0L));
            use.add(variable);
        }
        LinearExprBuilder objective = LinearExpr.newBuilder();
        cover(model, all, use, demand, hint, objective);
        supply(model, all, use);
        long opened = all.size() + 1L;
        for (int p = 0; p < all.size(); p++) {
            StickProblem.BinType bin = problem.bins().get(all.get(p).bin());
            objective.addTerm(use.get(p), bin.own() ? 1 : bin.price() / moneyStep * opened);
        }
        if (ceiling < Long.MAX_VALUE) {
            model.addLessOrEqual(price(all, use), ceiling / moneyStep);
        }
        model.minimize(objective);
        MasterSolution solution = MasterSolution.of(model, effort);
        if (!solution.found()) {
            return new Outcome(Optional.empty(), solution.impossible());
        }
        Packing packing = Packing.trimmed(solution.chosen(all, use), demand);
        return new Outcome(
                packing.betterThan(hint, problem) ? Optional.of(packing) : Optional.empty(),
                solution.optimal());
    }

    private LinearExprBuilder price(List<Pattern> all, List<IntVar> use) {
        LinearExprBuilder price = LinearExpr.newBuilder();
        for (int p = 0; p < all.size(); p++) {
            price.addTerm(use.get(p), problem.bins().get(all.get(p).bin()).price() / moneyStep);
        }
        return price;
    }

    private long most(Pattern pattern, int[] demand) {
        long most = 0;
        for (int i = 0; i < demand.length; i++) {
            if (pattern.counts()[i] > 0) {
                most = Math.max(most, Math.ceilDiv(demand[i], pattern.counts()[i]));
            }
        }
        StickProblem.BinType bin = problem.bins().get(pattern.bin());
        return bin.own() ? Math.min(most, bin.copies().size()) : most;
    }

    private void cover(
            CpModel model,
            List<Pattern> all,
            List<IntVar> use,
            int[] demand,
            Packing hint,
            LinearExprBuilder objective) {
        long dearest =
                problem.bins().stream().mapToLong(b -> b.price() / moneyStep).max().orElse(0);
        long shortage = (dearest * problem.pieces().size() + 1) * (all.size() + 1L) * 4;
        LinearExprBuilder allMissing = LinearExpr.newBuilder();
        for (int i = 0; i < demand.length; i++) {
            LinearExprBuilder given = LinearExpr.newBuilder();
            for (int p = 0; p < all.size(); p++) {
                if (all.get(p).counts()[i] > 0) {
                    given.addTerm(use.get(p), all.get(p).counts()[i]);
                }
            }
            if (hint.unplaced() > 0 && !problem.buyable(i)) {
                IntVar missing = model.newIntVar(0, demand[i], "");
                given.addTerm(missing, 1);
                objective.addTerm(missing, shortage);
                allMissing.addTerm(missing, 1);
            }
            model.addGreaterOrEqual(given, demand[i]);
        }
        model.addLessOrEqual(allMissing, hint.unplaced());
    }

    private void supply(CpModel model, List<Pattern> all, List<IntVar> use) {
        for (int b = 0; b < problem.bins().size(); b++) {
            if (problem.bins().get(b).own()) {
                LinearExprBuilder used = LinearExpr.newBuilder();
                for (int p = 0; p < all.size(); p++) {
                    if (all.get(p).bin() == b) {
                        used.addTerm(use.get(p), 1);
                    }
                }
                model.addLessOrEqual(used, problem.bins().get(b).copies().size());
            }
        }
    }
}
