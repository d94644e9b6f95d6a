package reliqua.core.flock;

import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.SortedMap;
import java.util.SortedSet;
import java.util.TreeMap;
import java.util.TreeSet;
import reliqua.core.measure.Words;

/**
 * The birds there are and how they are kept.
 *
 * @param hens how many of each class lay or are grown, one or more
 * @param cocks how many cocks of each class, one or more
 * @param pens birds of these kept apart
 * @param purposes what they are kept for
 * @param style how their days are spent
 * @param practice the keeper's schools
 */
public record Flock(
        SortedMap<BirdClass, Integer> hens,
        SortedMap<BirdClass, Integer> cocks,
        List<Pen> pens,
        Set<Purpose> purposes,
        Style style,
        Practice practice) {
    /** More than a back yard holds; beyond it the rules of thumb here do not serve. */
    public static final int MOST_BIRDS = 200;

    /** What birds are kept for. */
    public enum Purpose {
        EGGS,
        MEAT,
        BREEDING,
        GARDEN
    }

    /** How the days are spent. */
    public enum Style {
        /** They range all day and come in to sleep. */
        OUT_ALL_DAY,
        /** They stay in a fixed run. */
        RUN_ONLY,
        /** House and pen go to fresh ground every day. */
        MOVED_DAILY
    }

    /** Refuses counts below one and flocks beyond {@link #MOST_BIRDS}. */
    public Flock {
        hens = counted(hens);
        cocks = counted(cocks);
        pens = List.copyOf(pens);
        Set<Purpose> kept = EnumSet.noneOf(Purpose.class);
        kept.addAll(purposes);
        purposes = Collections.unmodifiableSet(kept);
        if (sum(hens) + sum(cocks) > MOST_BIRDS) {
            throw new IllegalArgumentException(Words.say("flock.tooMany", MOST_BIRDS));
        }
    }

    private static SortedMap<BirdClass, Integer> counted(SortedMap<BirdClass, Integer> birds) {
        birds.forEach(
                (kind, count) -> {
                    if (count < 1) {
                        throw new IllegalArgumentException(Words.say("flock.count", kind, count));
                    }
                });
        return Collections.unmodifiableSortedMap(new TreeMap<>(birds));
    }

    private static int sum(SortedMap<BirdClass, Integer> birds) {
        return birds.values().stream().mapToInt(Integer::intValue).sum();
    }

    /** No birds yet, kept the default way: a run of their own, for eggs. */
    public static final Flock EMPTY = hens(Map.of());

    /** Hens for eggs, kept the default way. */
    public static Flock hens(Map<BirdClass, Integer> hens) {
        return new Flock(
                new TreeMap<>(hens),
                new TreeMap<>(),
                List.of(),
                Set.of(Purpose.EGGS),
                Style.RUN_ONLY,
                Practice.DEFAULT);
    }

    /** A flock of one class, kept the default way. */
    public static Flock of(BirdClass kind, int count) {
        return hens(Map.of(kind, count));
    }

    /** With so many hens of a class; none removes them. */
    public Flock with(BirdClass kind, int count) {
        return new Flock(changed(hens, kind, count), cocks, pens, purposes, style, practice);
    }

    /** With so many cocks of a class; none removes them. */
    public Flock withCocks(BirdClass kind, int count) {
        return new Flock(hens, changed(cocks, kind, count), pens, purposes, style, practice);
    }

    private static SortedMap<BirdClass, Integer> changed(
            SortedMap<BirdClass, Integer> birds, BirdClass kind, int count) {
        SortedMap<BirdClass, Integer> more = new TreeMap<>(birds);
        if (count <= 0) {
            more.remove(kind);
        } else {
            more.put(kind, count);
        }
        return more;
    }

    public Flock with(Practice other) {
        return new Flock(hens, cocks, pens, purposes, style, other);
    }

    public Flock withStyle(Style other) {
        return new Flock(hens, cocks, pens, purposes, other, practice);
    }

    public Flock withPurposes(Set<Purpose> other) {
        return new Flock(hens, cocks, pens, other, style, practice);
    }

    /** Kept for a purpose too, or no longer. */
    public Flock with(Purpose purpose, boolean kept) {
        Set<Purpose> other = EnumSet.noneOf(Purpose.class);
        other.addAll(purposes);
        if (kept) {
            other.add(purpose);
        } else {
            other.remove(purpose);
        }
        return withPurposes(other);
    }

    public Flock withPens(List<Pen> other) {
        return new Flock(hens, cocks, other, purposes, style, practice);
    }

    /** With so many birds kept apart for a reason; none removes the pen. */
    public Flock withPen(Pen.Kind kind, int birds) {
        List<Pen> other = new java.util.ArrayList<>(pens);
        other.removeIf(p -> p.kind() == kind);
        if (birds > 0) {
            other.add(new Pen(kind, birds));
        }
        other.sort(java.util.Comparator.comparing(Pen::kind));
        return withPens(other);
    }

    /** Birds kept apart for a reason. */
    public int penned(Pen.Kind kind) {
        return pens.stream().filter(p -> p.kind() == kind).mapToInt(Pen::birds).sum();
    }

    /** The classes there are. */
    public SortedSet<BirdClass> classes() {
        SortedSet<BirdClass> all = new TreeSet<>(hens.keySet());
        all.addAll(cocks.keySet());
        return all;
    }

    /** Birds of a class there are now, cocks too. */
    public int count(BirdClass kind) {
        return hens.getOrDefault(kind, 0) + cocks.getOrDefault(kind, 0);
    }

    /** Cocks of all classes. */
    public int cockCount() {
        return sum(cocks);
    }

    /** The class most roosting hens are of: what a cock is taken for when nothing else is said. */
    public BirdClass cockClass() {
        return hens.keySet().stream()
                .filter(BirdClass::roosts)
                .max(java.util.Comparator.comparing(hens::get))
                .orElse(BirdClass.STANDARD);
    }

    /** All birds there are now. */
    public int total() {
        return sum(hens) + sum(cocks);
    }

    /** Hens of a class the house is built for: those there and their growth, rounded up. */
    public int housedHens(BirdClass kind) {
        return Math.ceilDiv(hens.getOrDefault(kind, 0) * (100 + practice.growth()), 100);
    }

    /** Birds of a class the house is built for. Cocks do not grow in number. */
    public int housed(BirdClass kind) {
        return housedHens(kind) + cocks.getOrDefault(kind, 0);
    }

    /** All birds the house is built for. */
    public int housed() {
        return classes().stream().mapToInt(this::housed).sum();
    }
}
