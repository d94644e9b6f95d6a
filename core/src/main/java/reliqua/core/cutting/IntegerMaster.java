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
 * Chooses whole patterns from the known ones with CP-SAT: fewest missing, lowest charge, then least
 * work beforehand, then least wood lost, then fewest own things opened. Good at finding plans;
 * {@link CheapestChoice} is better at proving that there is none.
 */
final class IntegerMaster {
    private final StickProblem problem;
    private final long chargeStep;
    private final Progress progress;
    private final WorkScale work;

    IntegerMaster(StickProblem problem, long chargeStep, Progress progress) {
        this.progress = progress;
        this.problem = problem;
        this.work = new WorkScale(problem);
        this.chargeStep = chargeStep;
    }

    /** Looks for a packing better than {@code hint} within the effort (deterministic seconds). */
    Optional<Packing> improve(List<Pattern> patterns, Packing hint, double effort) {
        CpModel model = new CpModel();
        Map<Pattern, Long> hinted = new LinkedHashMap<>();
        hint.patterns().forEach(p -> hinted.merge(p, 1L, Long::sum));
        List<Pattern> all = new ArrayList<>(patterns);
        hinted.keySet().stream().filter(p -> !patterns.contains(p)).forEach(all::add);
        int[] demand = problem.demands();
        List<IntVar> use = new ArrayList<>();
        for (Pattern pattern : all) {
            IntVar variable = model.newIntVar(0, problem.most(pattern), "");
            model.addHint(variable, hinted.getOrDefault(pattern, 0L));
            use.add(variable);
        }
        LinearExprBuilder objective = LinearExpr.newBuilder();
        cover(model, all, use, demand, hint, objective);
        supply(model, all, use);
        for (int p = 0; p < all.size(); p++) {
            StickProblem.BinType bin = problem.bin(all.get(p));
            long charge = bin.charge() / chargeStep * work.most();
            objective.addTerm(use.get(p), charge + work.of(all.get(p)));
        }
        model.minimize(objective);
        MasterSolution solution = MasterSolution.of(model, effort, progress);
        if (!solution.found()) {
            return Optional.empty();
        }
        Packing packing = Packing.trimmed(solution.chosen(all, use), demand);
        return packing.betterThan(hint, problem) ? Optional.of(packing) : Optional.empty();
    }

    private void cover(
            CpModel model,
            List<Pattern> all,
            List<IntVar> use,
            int[] demand,
            Packing hint,
            LinearExprBuilder objective) {
        long dearest =
                problem.bins().stream().mapToLong(b -> b.charge() / chargeStep).max().orElse(0);
        long shortage = (dearest * problem.pieces().size() + 1) * work.most() * 4;
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
