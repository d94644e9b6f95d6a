package reliqua.desktop.work;

import java.lang.foreign.FunctionDescriptor;
import java.lang.foreign.Linker;
import java.lang.foreign.ValueLayout;
import java.lang.invoke.MethodHandle;
import java.util.Optional;
import java.util.concurrent.ForkJoinPool;
import java.util.concurrent.ForkJoinWorkerThread;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * Where the planners calculate beside the window. One pool for all of them, so that no more than a
 * few threads are at it however much is asked, and the system is told to serve them after the
 * window's own thread: on two cores, a search at full speed made every twentieth answer of the
 * window late.
 */
public final class Calculations {
    private static final Logger LOG = LoggerFactory.getLogger(Calculations.class);

    /** Two long calculations and a short one go on side by side, also on two cores. */
    private static final int LEAST = 3;

    /** How much later than others a thread is served: from 0, as all are, to 19. */
    private static final int LATER = 10;

    private static final ForkJoinPool POOL =
            new ForkJoinPool(
                    Math.max(LEAST, Runtime.getRuntime().availableProcessors()),
                    Calculations::thread,
                    null,
                    true);

    private Calculations() {}

    /** Calculates beside the window, streams that are parallel among the same threads. */
    public static void run(Runnable calculation) {
        POOL.execute(calculation);
    }

    /** The same, and waits until it is done. */
    static void finish(Runnable calculation) {
        POOL.submit(calculation).join();
    }

    private static ForkJoinWorkerThread thread(ForkJoinPool pool) {
        ForkJoinWorkerThread thread =
                new ForkJoinWorkerThread(null, pool, true) {
                    @Override
                    protected void onStart() {
                        serveLater();
                    }
                };
        thread.setName("calculating-" + thread.getPoolIndex());
        thread.setDaemon(true);
        thread.setPriority(Thread.MIN_PRIORITY);
        return thread;
    }

    /**
     * Java's own priorities mean nothing on Linux, where each thread has one of its own that a call
     * of the system's library sets. Elsewhere that call would slow the whole program.
     */
    private static void serveLater() {
        if (!System.getProperty("os.name").equals("Linux")) {
            return;
        }
        try {
            Optional<MethodHandle> call =
                    Linker.nativeLinker()
                            .defaultLookup()
                            .find("setpriority")
                            .map(
                                    address ->
                                            Linker.nativeLinker()
                                                    .downcallHandle(
                                                            address,
                                                            FunctionDescriptor.of(
                                                                    ValueLayout.JAVA_INT,
                                                                    ValueLayout.JAVA_INT,
                                                                    ValueLayout.JAVA_INT,
                                                                    ValueLayout.JAVA_INT)));
            if (call.isPresent()) {
                int refused = (int) call.get().invokeExact(0, 0, LATER);
                LOG.debug("A thread is served later: {}", refused == 0);
            }
        } catch (Throwable e) {
            LOG.debug("All threads are served alike", e);
        }
    }
}
