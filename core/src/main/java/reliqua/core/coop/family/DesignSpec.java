package reliqua.core.coop.family;

import java.util.Collections;
import java.util.EnumSet;
import java.util.Map;
import java.util.Set;
import java.util.SortedMap;
import java.util.TreeMap;
import reliqua.core.measure.Length;

/**
 * What is stored of a design; everything else follows from it.
 *
 * @param family id of the family that builds it
 * @param lengths by the family's keys
 * @param choices what the heap decides
 * @param addOns what is built on
 */
public record DesignSpec(
        String family, SortedMap<String, Length> lengths, Choices choices, Set<AddOn> addOns) {
    /** Copies the collections. */
    public DesignSpec {
        lengths = Collections.unmodifiableSortedMap(new TreeMap<>(lengths));
        Set<AddOn> ordered = EnumSet.noneOf(AddOn.class);
        ordered.addAll(addOns);
        addOns = Collections.unmodifiableSet(ordered);
    }

    /** With lengths in any order. */
    public DesignSpec(
            String family, Map<String, Length> lengths, Choices choices, Set<AddOn> addOns) {
        this(family, new TreeMap<>(lengths), choices, addOns);
    }

    /**
     * One of its lengths.
     *
     * @throws IllegalArgumentException when the design has none of this key
     */
    public Length length(String key) {
        Length length = lengths.get(key);
        if (length == null) {
            throw new IllegalArgumentException("a design of " + family + " has no length " + key);
        }
        return length;
    }

    /** The same with one length changed. */
    public DesignSpec with(String key, Length length) {
        SortedMap<String, Length> changed = new TreeMap<>(lengths);
        changed.put(key, length);
        return new DesignSpec(family, changed, choices, addOns);
    }

    /** The same of other sections and sheets. */
    public DesignSpec with(Choices other) {
        return new DesignSpec(family, lengths, other, addOns);
    }

    /** The same with this built on and nothing else. */
    public DesignSpec with(Set<AddOn> others) {
        return new DesignSpec(family, lengths, choices, others);
    }

    /** The same with something more built on. */
    public DesignSpec with(AddOn addOn) {
        Set<AddOn> more = EnumSet.of(addOn);
        more.addAll(addOns);
        return new DesignSpec(family, lengths, choices, more);
    }

    /** Outer width along the front. */
    public Length width() {
        return length(ShedDimensions.WIDTH);
    }

    /** Outer depth from front to back. */
    public Length depth() {
        return length(ShedDimensions.DEPTH);
    }
}
