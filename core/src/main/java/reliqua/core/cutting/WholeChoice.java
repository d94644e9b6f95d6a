package reliqua.core.cutting;

import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.LinearExprBuilder;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.random.RandomGenerator;

/**
 * Chooses fillings of sheets that go together, no panel in two of them, with CP-SAT: those that
 * cover most, and which of equally good ones by chance.
 */
final class WholeChoice {
    /** Deterministic seconds. */
    private static final double EFFORT = 0.3;

    private static final double UNITS = 1e5;

    /** Weights by chance: not so large that two sheets are given up for three small ones. */
    private static final double CHANCE = 0.02;

    private final SheetKinds kinds;
    private final Progress progress;

    WholeChoice(SheetKinds kinds, Progress progress) {
        this.kinds = kinds;
        this.progress = progress;
    }

    /** Of these fillings; none where the solver is missing or finds none. */
    List<SheetPattern> most(Collection<SheetPattern> fills, RandomGenerator random) {
        if (fills.isEmpty() || progress.cancelled() || !NativeSolver.isLoaded()) {
            return List.of();
        }
        List<SheetPattern> patterns = List.copyOf(fills);
        double largest = patterns.stream().mapToDouble(kinds::area).max().orElse(1);
        CpModel model = new CpModel();
        List<IntVar> use = new ArrayList<>();
        LinearExprBuilder objective = LinearExpr.newBuilder();
        for (SheetPattern pattern : patterns) {
            IntVar times = model.newIntVar(0, most(pattern), "");
            use.add(times);
            double worth = kinds.area(pattern) / largest * (1 + CHANCE * random.nextDouble());
            objective.addTerm(times, Math.round(UNITS * worth));
        }
        SheetMaster.supply(model, kinds, patterns, use);
        demand(model, patterns, use);
        model.maximize(objective);
        MasterSolution solution = MasterSolution.of(model, EFFORT, progress);
        return solution.found() ? solution.chosen(patterns, use) : List.of();
    }

    private long most(SheetPattern pattern) {
        long most = kinds.kinds().get(pattern.bin()).copies();
        for (int t = 0; t < pattern.counts().length; t++) {
            if (pattern.counts()[t] > 0) {
                most = Math.min(most, kinds.demand(t) / pattern.counts()[t]);
            }
        }
        return most;
    }

    private void demand(CpModel model, List<SheetPattern> patterns, List<IntVar> use) {
        for (int t = 0; t < kinds.types().size(); t++) {
            LinearExprBuilder given = LinearExpr.newBuilder();
            for (int p = 0; p < patterns.size(); p++) {
                if (patterns.get(p).counts()[t] > 0) {
                    given.addTerm(use.get(p), patterns.get(p).counts()[t]);
                }
            }
            model.addLessOrEqual(given, kinds.demand(t));
        }
    }
}
