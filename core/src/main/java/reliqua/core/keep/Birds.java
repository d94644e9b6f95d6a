package reliqua.core.keep;

import reliqua.core.flock.BirdClass;
import reliqua.core.flock.Flock;

/**
 * So many birds of a class.
 *
 * @param count how many, one or more
 * @param kind their class
 * @param cocks whether they are cocks
 */
public record Birds(int count, BirdClass kind, boolean cocks) {
    /** Refuses counts no back yard has. */
    public Birds {
        if (count < 1 || count > Flock.MOST_BIRDS) {
            throw new IllegalArgumentException(
                    reliqua.core.measure.Words.say("flock.tooMany", Flock.MOST_BIRDS));
        }
    }

    /** A flock with these added. */
    public Flock joining(Flock flock) {
        return changed(flock, count);
    }

    /** A flock without these; it never has fewer than none. */
    public Flock leaving(Flock flock) {
        return changed(flock, -count);
    }

    private Flock changed(Flock flock, int by) {
        return cocks
                ? flock.withCocks(kind, flock.cocks().getOrDefault(kind, 0) + by)
                : flock.with(kind, flock.hens().getOrDefault(kind, 0) + by);
    }
}
