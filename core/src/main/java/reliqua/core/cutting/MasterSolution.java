package reliqua.core.cutting;

import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverStatus;
import com.google.ortools.sat.IntVar;
import java.util.ArrayList;
import java.util.List;

/**
 * What CP-SAT made of a choice among patterns. One worker and a limit in the solver's own
 * deterministic time, so the same input gives the same answer.
 */
final class MasterSolution {
    private final CpSolver solver = new CpSolver();
    private final CpSolverStatus status;

    private MasterSolution(CpModel model, double effort, Progress progress) {
        solver.getParameters()
                .setNumSearchWorkers(1)
                .setMaxDeterministicTime(effort)
                .setRandomSeed(7)
                .setLinearizationLevel(2);
        try (CancelWatch _ = new CancelWatch(progress, solver::stopSearch)) {
            status = solver.solve(model);
        }
    }

    /** Solves within the effort (deterministic seconds), or until it is cancelled. */
    static MasterSolution of(CpModel model, double effort, Progress progress) {
        return new MasterSolution(model, effort, progress);
    }

    /** Whether there is a choice, the best one or not. */
    boolean found() {
        return status == CpSolverStatus.OPTIMAL || status == CpSolverStatus.FEASIBLE;
    }

    boolean optimal() {
        return status == CpSolverStatus.OPTIMAL;
    }

    /** The chosen patterns, each as often as it is used. */
    <P> List<P> chosen(List<P> patterns, List<IntVar> use) {
        List<P> chosen = new ArrayList<>();
        for (int p = 0; p < patterns.size(); p++) {
            for (long n = solver.value(use.get(p)); n > 0; n--) {
                chosen.add(patterns.get(p));
            }
        }
        return chosen;
    }
}
