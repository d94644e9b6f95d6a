package reliqua.core.flock;

import reliqua.core.measure.Words;

/**
 * Birds of the flock that are kept apart. Each pen has its own door, water and, where birds sleep
 * and lay in it, roost and nest.
 *
 * @param kind why they are apart
 * @param birds how many, of those in the flock
 */
public record Pen(Kind kind, int birds) {
    /** Refuses an empty pen. */
    public Pen {
        if (birds < 1) {
            throw new IllegalArgumentException(Words.say("flock.pen", kind.sum().key(), birds));
        }
    }

    /** Why birds are kept apart. */
    public enum Kind {
        /** A breed of its own. */
        BREED,
        /** A hen on eggs or with chicks. */
        BROODY,
        /** New birds that must be seen before they are met. */
        NEWCOMERS,
        /** A bird that must rest or not infect. */
        SICK;

        /** The kind in words. */
        public reliqua.core.measure.Sum sum() {
            return reliqua.core.measure.Sum.of("pen." + name());
        }
    }
}
