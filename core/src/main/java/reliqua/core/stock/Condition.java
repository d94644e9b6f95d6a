package reliqua.core.stock;

import java.util.Collections;
import java.util.EnumSet;
import java.util.Set;

/**
 * What is suspected of a lot, and what the keeper decided about it.
 *
 * @param hazards suspected
 * @param verdict the keeper's
 */
public record Condition(Set<Hazard> hazards, Verdict verdict) {
    /** Nothing suspected. */
    public static final Condition SOUND = new Condition(Set.of(), Verdict.OPEN);

    /** What the keeper decided. */
    public enum Verdict {
        /** Not yet. */
        OPEN,
        /** Looked at and found good enough. */
        USE,
        /** It must go in: a design without it is no answer. */
        MUST,
        /** It stays listed but is never planned. */
        REFUSE
    }

    /** Copies the set. */
    public Condition {
        Set<Hazard> all = EnumSet.noneOf(Hazard.class);
        all.addAll(hazards);
        hazards = Collections.unmodifiableSet(all);
    }

    /** With a hazard suspected, or not. */
    public Condition with(Hazard hazard, boolean suspected) {
        Set<Hazard> other = EnumSet.noneOf(Hazard.class);
        other.addAll(hazards);
        if (suspected) {
            other.add(hazard);
        } else {
            other.remove(hazard);
        }
        return new Condition(other, verdict);
    }

    public Condition with(Verdict other) {
        return new Condition(hazards, other);
    }

    /** Whether a decision is wanted. */
    public boolean open() {
        return verdict == Verdict.OPEN && !hazards.isEmpty();
    }

    /** Whether plans may use it: not when refused, and never with a barred hazard. */
    public boolean usable() {
        return verdict != Verdict.REFUSE && hazards.stream().noneMatch(Hazard::barred);
    }
}
