package reliqua.core.cutting;

import java.util.List;
import reliqua.core.stock.Stick;

/**
 * How a thing is worked into sticks before anything is cut across.
 *
 * @param how it is worked
 * @param gives every stick that comes out, in order
 * @param minutes it takes, about
 */
public record Making(How how, List<Stick> gives, int minutes) {
    /** The ways. */
    public enum How {
        /** A pallet pried apart. */
        PRIED,
        /** A pallet sawn apart beside its bearers. */
        SAWN,
        /** A stick ripped along into narrower ones. */
        RIPPED,
        /** A stick brought down in thickness. */
        THINNED,
        /** First thinned, then ripped. */
        THINNED_AND_RIPPED
    }

    /** Copies the list. */
    public Making {
        gives = List.copyOf(gives);
    }
}
