package reliqua.core.cutting;

import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.LinearExprBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Chooses whole sheet patterns from the known ones with CP-SAT: fewest missing, then lowest price.
 * A pattern may give more than is wanted; what is too many is left out of it.
 */
final class SheetMaster {
    private final SheetKinds kinds;
    private final boolean[] buyable;
    private final double effort;
    private final Progress progress;

    /** {@code buyable} tells of every panel type whether a shop sheet holds it. */
    SheetMaster(SheetKinds kinds, boolean[] buyable, double effort, Progress progress) {
        this.progress = progress;
        this.kinds = kinds;
        this.buyable = buyable;
        this.effort = effort;
    }

    /** The chosen patterns, each as often as it is used; nothing when the solver found none. */
    Optional<List<SheetPattern>> choose(List<SheetPattern> patterns) {
        CpModel model = new CpModel();
        List<IntVar> use = new ArrayList<>();
        for (SheetPattern pattern : patterns) {
            use.add(model.newIntVar(0, most(pattern), ""));
        }
        LinearExprBuilder objective = LinearExpr.newBuilder();
        long step = priceStep();
        for (int p = 0; p < patterns.size(); p++) {
            SheetProblem.Bin bin = kinds.kinds().get(patterns.get(p).bin()).bin();
            objective.addTerm(use.get(p), bin.price() / step);
        }
        cover(model, patterns, use, objective, step);
        supply(model, kinds, patterns, use);
        model.minimize(objective);
        MasterSolution solution = MasterSolution.of(model, effort, progress);
        return solution.found() ? Optional.of(solution.chosen(patterns, use)) : Optional.empty();
    }

    /** Prices in cents where they are whole cents, so that numbers stay small. */
    private long priceStep() {
        long step =
                kinds.kinds().stream().mapToLong(k -> k.bin().price()).reduce(0, SheetMaster::gcd);
        return Math.max(1, step);
    }

    private static long gcd(long a, long b) {
        return b == 0 ? a : gcd(b, a % b);
    }

    private long most(SheetPattern pattern) {
        long most = 0;
        for (int t = 0; t < pattern.counts().length; t++) {
            if (pattern.counts()[t] > 0) {
                most = Math.max(most, Math.ceilDiv(kinds.demand(t), pattern.counts()[t]));
            }
        }
        return Math.min(most, kinds.kinds().get(pattern.bin()).copies());
    }

    private void cover(
            CpModel model,
            List<SheetPattern> patterns,
            List<IntVar> use,
            LinearExprBuilder objective,
            long step) {
        long dearest = kinds.kinds().stream().mapToLong(k -> k.bin().price()).max().orElse(0);
        long panels = 0;
        for (int t = 0; t < kinds.types().size(); t++) {
            panels += kinds.demand(t);
        }
        // One more missing is worse than buying a sheet for every panel.
        long shortage = (dearest / step + 1) * (panels + 1);
        for (int t = 0; t < kinds.types().size(); t++) {
            LinearExprBuilder given = LinearExpr.newBuilder();
            for (int p = 0; p < patterns.size(); p++) {
                if (patterns.get(p).counts()[t] > 0) {
                    given.addTerm(use.get(p), patterns.get(p).counts()[t]);
                }
            }
            if (!buyable[t]) {
                IntVar missing = model.newIntVar(0, kinds.demand(t), "");
                given.addTerm(missing, 1);
                objective.addTerm(missing, shortage);
            }
            model.addGreaterOrEqual(given, kinds.demand(t));
        }
    }

    /** Of own sheets no more are used than there are. */
    static void supply(
            CpModel model, SheetKinds kinds, List<SheetPattern> patterns, List<IntVar> use) {
        for (int k = 0; k < kinds.kinds().size(); k++) {
            if (kinds.kinds().get(k).own()) {
                LinearExprBuilder used = LinearExpr.newBuilder();
                for (int p = 0; p < patterns.size(); p++) {
                    if (patterns.get(p).bin() == k) {
                        used.addTerm(use.get(p), 1);
                    }
                }
                model.addLessOrEqual(used, kinds.kinds().get(k).copies());
            }
        }
    }
}
