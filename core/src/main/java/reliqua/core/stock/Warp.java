package reliqua.core.stock;

import reliqua.core.measure.Length;
import reliqua.core.measure.Words;

/**
 * How far a stick is out of true, each as the largest gap over its whole length or width.
 *
 * @param bow bend over the flat, under a string along the wide face
 * @param crook bend over the edge, under a string along the narrow face
 * @param twist of one corner over the plane of the other three
 * @param cup across the width
 */
public record Warp(Length bow, Length crook, Length twist, Length cup) {
    /** Straight and flat. */
    public static final Warp NONE = bowed(Length.ZERO);

    /** Refuses what is below zero. */
    public Warp {
        for (Length gap : java.util.List.of(bow, crook, twist, cup)) {
            if (gap.nm() < 0) {
                throw new IllegalArgumentException(Words.say("stock.bow.negative", gap));
            }
        }
    }

    /** Bent over the flat only. */
    public static Warp bowed(Length bow) {
        return new Warp(bow, Length.ZERO, Length.ZERO, Length.ZERO);
    }

    public Warp withBow(Length other) {
        return new Warp(other, crook, twist, cup);
    }

    public Warp withCrook(Length other) {
        return new Warp(bow, other, twist, cup);
    }

    public Warp withTwist(Length other) {
        return new Warp(bow, crook, other, cup);
    }

    public Warp withCup(Length other) {
        return new Warp(bow, crook, twist, other);
    }

    /**
     * The bend a cut list reckons with: the worse of bow and crook, and of twist as much as counts.
     * A piece keeps bend x (l/L)² but twist x l/L; taken for a bend, the twist would be thought to
     * vanish too soon, so it is doubled, which is on the safe side down to half the length.
     */
    public Length bend() {
        return bow.max(crook).max(twist.times(2));
    }

    /** Whether anything is out of true. */
    public boolean any() {
        return bow.isPositive() || crook.isPositive() || twist.isPositive() || cup.isPositive();
    }
}
