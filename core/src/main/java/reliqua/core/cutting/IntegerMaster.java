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
 * Chooses whole patterns from the known ones with CP-SAT: fewest missing, lowest price, then least
 * work beforehand, then fewest own things opened.
 */
final class IntegerMaster {
    private final StickProblem problem;
    private final long moneyStep;
    private final Progress progress;

    IntegerMaster(StickProblem problem, long moneyStep, Progress progress) {
        this.progress = progress;
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
        long opened = mostEffort();
        for (int p = 0; p < all.size(); p++) {
            StickProblem.BinType bin = problem.bin(all.get(p));
            objective.addTerm(
                    use.get(p), bin.own() ? effort(bin) : bin.price() / moneyStep * opened);
        }
        if (ceiling < Long.MAX_VALUE) {
            model.addLessOrEqual(price(all, use), ceiling / moneyStep);
        }
        model.minimize(objective);
        MasterSolution solution = MasterSolution.of(model, effort, progress);
        if (!solution.found()) {
            return new Outcome(Optional.empty(), solution.impossible());
        }
        Packing packing = Packing.trimmed(solution.chosen(all, use), demand);
        return new Outcome(
                packing.betterThan(hint, problem) ? Optional.of(packing) : Optional.empty(),
                solution.optimal());
    }

    /** Opening a thing counts less than a minute of work on it. */
    private long effort(StickProblem.BinType bin) {
        long things = problem.groups().stream().mapToLong(List::size).sum();
        return 1 + bin.minutes() * (things + 1);
    }

    /** More than the effort of any plan, so that money always counts for more. */
    private long mostEffort() {
        long most = 1;
        for (int g = 0; g < problem.groups().size(); g++) {
            int group = g;
            long dearest =
                    problem.bins().stream()
                            .filter(b -> b.own() && b.group() == group)
                            .mapToLong(this::effort)
                            .max()
                            .orElse(0);
            most += dearest * problem.groups().get(g).size();
        }
        return most;
    }

    private LinearExprBuilder price(List<Pattern> all, List<IntVar> use) {
        LinearExprBuilder price = LinearExpr.newBuilder();
        for (int p = 0; p < all.size(); p++) {
            price.addTerm(use.get(p), problem.bin(all.get(p)).price() / moneyStep);
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
        StickProblem.BinType bin = problem.bin(pattern);
        return bin.own() ? Math.min(most, problem.groups().get(bin.group()).size()) : most;
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
        long shortage = (dearest * problem.pieces().size() + 1) * mostEffort() * 4;
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
        LinearExprBuilder[] used = new LinearExprBuilder[problem.groups().size()];
        for (int p = 0; p < all.size(); p++) {
            StickProblem.BinType bin = problem.bin(all.get(p));
            if (bin.own()) {
                if (used[bin.group()] == null) {
                    used[bin.group()] = LinearExpr.newBuilder();
                }
                used[bin.group()].addTerm(use.get(p), 1);
            }
        }
        for (int g = 0; g < used.length; g++) {
            if (used[g] != null) {
                model.addLessOrEqual(used[g], problem.groups().get(g).size());
            }
        }
    }
}
