package reliqua.core.cutting;

import com.google.ortools.linearsolver.MPSolver;
import java.time.Duration;

/**
 * Tells a solver to stop once work is cancelled: the solvers ask nobody. After {@link #close} the
 * solver is not touched again, so that it may be deleted.
 */
final class CancelWatch implements AutoCloseable {
    /** How often it is looked whether to stop. */
    private static final Duration LOOK = Duration.ofMillis(10);

    private final Progress progress;
    private final Runnable stop;
    private final Thread thread;
    private boolean closed;

    /** Watches until it is closed. */
    CancelWatch(Progress progress, Runnable stop) {
        this.progress = progress;
        this.stop = stop;
        this.thread = Thread.ofVirtual().start(this::watch);
    }

    /** Solves until it is done, or work is cancelled. */
    static MPSolver.ResultStatus solve(MPSolver solver, Progress progress) {
        try (CancelWatch _ = new CancelWatch(progress, solver::interruptSolve)) {
            return solver.solve();
        }
    }

    private void watch() {
        try {
            while (!progress.cancelled()) {
                Thread.sleep(LOOK);
            }
            // A search that has not begun yet would not hear of it, so it is told again.
            while (stopped()) {
                Thread.sleep(LOOK);
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    private synchronized boolean stopped() {
        if (!closed) {
            stop.run();
        }
        return !closed;
    }

    @Override
    public synchronized void close() {
        closed = true;
        thread.interrupt();
    }
}
