package reliqua.core.flock;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import reliqua.core.measure.Sum;

/** Questions keepers ask too late. Each is the flock as it would be. */
public enum WhatIf {
    /** Three hens more of the commonest class. */
    THREE_MORE,
    /** Every class one size up. */
    LARGER,
    /** They range all day. */
    OUT_ALL_DAY,
    /** They are never let out. */
    NEVER_OUT;

    /** The question in words. */
    public Sum sum() {
        return Sum.of("whatIf." + name());
    }

    /** Whether the question makes sense for a flock. */
    public boolean suits(Flock flock) {
        return switch (this) {
            case THREE_MORE -> flock.total() > 0 && flock.total() + 3 <= Flock.MOST_BIRDS;
            case LARGER -> flock.classes().stream().anyMatch(k -> k.larger() != k);
            case OUT_ALL_DAY -> flock.total() > 0 && flock.style() != Flock.Style.OUT_ALL_DAY;
            case NEVER_OUT -> flock.total() > 0 && flock.practice().space() != Practice.Space.ROOMY;
        };
    }

    /** The questions that make sense for a flock. */
    public static List<WhatIf> of(Flock flock) {
        List<WhatIf> all = new ArrayList<>();
        for (WhatIf each : values()) {
            if (each.suits(flock)) {
                all.add(each);
            }
        }
        return all;
    }

    /** The flock as it would be. */
    public Flock apply(Flock flock) {
        return switch (this) {
            case THREE_MORE -> {
                BirdClass most =
                        flock.classes().stream()
                                .max(Comparator.comparing(flock::count))
                                .orElse(BirdClass.STANDARD);
                yield flock.with(most, flock.hens().getOrDefault(most, 0) + 3);
            }
            case LARGER ->
                    new Flock(
                            larger(flock.hens()),
                            larger(flock.cocks()),
                            flock.pens(),
                            flock.purposes(),
                            flock.style(),
                            flock.practice());
            case OUT_ALL_DAY -> kept(flock, Flock.Style.OUT_ALL_DAY);
            case NEVER_OUT ->
                    flock.withStyle(Flock.Style.RUN_ONLY)
                            .with(flock.practice().withSpace(Practice.Space.ROOMY));
        };
    }

    /** The flock kept in a style, with the house floor that suits it. */
    public static Flock kept(Flock flock, Flock.Style style) {
        Practice.Space space =
                style == Flock.Style.OUT_ALL_DAY ? Practice.Space.TIGHT : Practice.Space.STANDARD;
        return flock.withStyle(style).with(flock.practice().withSpace(space));
    }

    private static TreeMap<BirdClass, Integer> larger(Map<BirdClass, Integer> birds) {
        TreeMap<BirdClass, Integer> other = new TreeMap<>();
        birds.forEach((kind, count) -> other.merge(kind.larger(), count, Integer::sum));
        return other;
    }
}
