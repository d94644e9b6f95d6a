package reliqua.core.cutting;

import java.util.function.BooleanSupplier;

/** How long work tells what it is doing and learns that it should stop. */
public interface Progress {
    /** Reports nothing and is never cancelled. */
    Progress NONE =
            new Progress() {
                @Override
                public void report(double share, String words) {}

                @Override
                public boolean cancelled() {
                    return false;
                }
            };

    /** Reports nothing, and is cancelled with another. */
    static Progress until(Progress other) {
        return stoppedBy(other::cancelled);
    }

    /** Reports nothing, and is cancelled once this holds. */
    static Progress stoppedBy(BooleanSupplier stop) {
        return new Progress() {
            @Override
            public void report(double share, String words) {}

            @Override
            public boolean cancelled() {
                return stop.getAsBoolean();
            }
        };
    }

    /** How much is done, from 0 to 1, and what. */
    void report(double share, String words);

    /** Whether to stop soon with the best found so far. */
    boolean cancelled();
}
