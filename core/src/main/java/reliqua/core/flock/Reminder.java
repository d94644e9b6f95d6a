package reliqua.core.flock;

import java.util.ArrayList;
import java.util.List;
import reliqua.core.measure.Sum;

/** What the local offices and neighbours must be asked before building; rules differ by place. */
public enum Reminder {
    PERMIT,
    SETBACK,
    COVENANT,
    REGISTRATION,
    DISEASE,
    NOISE;

    /** What to ask, in words. */
    public Sum sum() {
        return Sum.of("ask." + name());
    }

    /** What this flock on this ground has to ask; noise only where a cock crows. */
    public static List<Reminder> of(Flock flock) {
        List<Reminder> all = new ArrayList<>(List.of(values()));
        if (flock.cockCount() == 0) {
            all.remove(NOISE);
        }
        return all;
    }
}
