package reliqua.core.cutting;

import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverStatus;
import com.google.ortools.sat.IntVar;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;

/**
 * What CP-SAT made of a choice among patterns. One worker and a limit in the solver's own
 * deterministic time, so the same input gives the same answer.
 */
final class MasterSolution {
    /** How often it is looked whether to stop. */
    private static final Duration LOOK = Duration.ofMillis(10);

    private final CpSolver solver = new CpSolver();
    private final CpSolverStatus status;

    private MasterSolution(CpModel model, double effort, Progress progress) {
        solver.getParameters()
                .setNumSearchWorkers(1)
                .setMaxDeterministicTime(effort)
                .setRandomSeed(7)
                .setLinearizationLevel(2);
        Thread watch = Thread.ofVirtual().start(() -> stopWhenCancelled(progress));
        try {
            status = solver.solve(model);
        } finally {
            watch.interrupt();
        }
    }

    /** The solver asks nobody whether it should stop, so it is told. */
    private void stopWhenCancelled(Progress progress) {
        try {
            while (!progress.cancelled()) {
                Thread.sleep(LOOK);
            }
            // A search that has not begun yet would not hear of it.
            while (true) {
                solver.stopSearch();
                Thread.sleep(LOOK);
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    /** Solves within the effort (deterministic seconds), or until it is cancelled. */
    static MasterSolution of(CpModel model, double effort, Progress progress) {
        return new MasterSolution(model, effort, progress);
    }

    /** Whether there is a choice, the best one or not. */
    boolean found() {
        return optimal() || status == CpSolverStatus.FEASIBLE;
    }

    boolean optimal() {
        return status == CpSolverStatus.OPTIMAL;
    }

    /** Whether it is proven that there is no choice. */
    boolean impossible() {
        return status == CpSolverStatus.INFEASIBLE;
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
