package reliqua.core.check;

import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import reliqua.core.coop.Coop;
import reliqua.core.flock.Predator;
import reliqua.core.measure.Sum;

/**
 * A place where an animal may come in.
 *
 * @param what the place, and how it is as it is designed
 * @param marks parts it is about, for the picture
 * @param lets the animals it does not keep out, or only with care
 * @param grade how weak it is
 * @param mend what makes it stronger
 * @param mending what that takes
 */
public record WeakSpot(
        Sum what, List<String> marks, Set<Predator> lets, Grade grade, Sum mend, Mending mending) {
    /** How weak a place is. */
    public enum Grade {
        /** Open to an animal that is about. */
        OPEN,
        /** Holds as long as the keeper does something every day. */
        BY_HABIT,
        /** Holds, and is where it will give first. */
        HOLDS
    }

    /** Copies the collections. */
    public WeakSpot {
        marks = List.copyOf(marks);
        Set<Predator> ordered = EnumSet.noneOf(Predator.class);
        ordered.addAll(lets);
        lets = Collections.unmodifiableSet(ordered);
    }

    /** Walks a coop as the animals about would, weakest place first. */
    public static List<WeakSpot> of(Coop coop, Set<Predator> about) {
        return new Audit(coop, about).walk();
    }
}
