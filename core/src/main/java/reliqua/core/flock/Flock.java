package reliqua.core.flock;

import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;
import java.util.SortedMap;
import java.util.TreeMap;
import reliqua.core.measure.Words;

/**
 * The birds there are.
 *
 * @param birds how many of each class, one or more
 * @param practice the keeper's schools
 */
public record Flock(SortedMap<BirdClass, Integer> birds, Practice practice) {
    /** More than a back yard holds; beyond it the rules of thumb here do not serve. */
    public static final int MOST_BIRDS = 200;

    /** Refuses counts below one and flocks beyond {@link #MOST_BIRDS}. */
    public Flock {
        birds = Collections.unmodifiableSortedMap(new TreeMap<>(birds));
        birds.forEach(
                (kind, count) -> {
                    if (count < 1) {
                        throw new IllegalArgumentException(Words.say("flock.count", kind, count));
                    }
                });
        if (birds.values().stream().mapToInt(Integer::intValue).sum() > MOST_BIRDS) {
            throw new IllegalArgumentException(Words.say("flock.tooMany", MOST_BIRDS));
        }
    }

    /** A flock of one class, kept the default way. */
    public static Flock of(BirdClass kind, int count) {
        return new Flock(new TreeMap<>(Map.of(kind, count)), Practice.DEFAULT);
    }

    /** With so many birds of a class; none removes the class. */
    public Flock with(BirdClass kind, int count) {
        Map<BirdClass, Integer> changed = new EnumMap<>(BirdClass.class);
        changed.putAll(birds);
        if (count <= 0) {
            changed.remove(kind);
        } else {
            changed.put(kind, count);
        }
        return new Flock(new TreeMap<>(changed), practice);
    }

    public Flock with(Practice other) {
        return new Flock(birds, other);
    }

    /** Birds of a class there are now. */
    public int count(BirdClass kind) {
        return birds.getOrDefault(kind, 0);
    }

    /** All birds there are now. */
    public int total() {
        return birds.values().stream().mapToInt(Integer::intValue).sum();
    }

    /** Birds of a class the house is built for: those there and their growth, rounded up. */
    public int housed(BirdClass kind) {
        return Math.ceilDiv(count(kind) * (100 + practice.growth()), 100);
    }

    /** All birds the house is built for. */
    public int housed() {
        return birds.keySet().stream().mapToInt(this::housed).sum();
    }
}
