package reliqua.core.cutting;

import reliqua.core.measure.Length;
import reliqua.core.measure.Words;

/** What the entries of a cut job refuse. */
final class Sizes {
    private Sizes() {}

    static void positive(String id, Length... sizes) {
        for (Length size : sizes) {
            if (!size.isPositive()) {
                throw new IllegalArgumentException(Words.say("cutting.notPositive", id, size));
            }
        }
    }

    static void inside(String id, boolean holds) {
        if (!holds) {
            throw new IllegalArgumentException(Words.say("cutting.outline", id));
        }
    }

    /** More than any yard holds or needs; jobs of this size are still planned. */
    static final int MOST = 100_000;

    static void counted(String id, int quantity) {
        if (quantity > MOST) {
            throw new IllegalArgumentException(Words.say("cutting.many", id, quantity, MOST));
        }
        if (quantity < 1) {
            throw new IllegalArgumentException(Words.say("cutting.quantity", id, quantity));
        }
    }
}
