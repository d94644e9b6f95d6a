package reliqua.core.flock;

import reliqua.core.measure.Length;
import reliqua.core.measure.Sum;
import reliqua.core.measure.Words;

/**
 * Something on the ground that matters to the coop.
 *
 * @param kind what
 * @param x from the left edge of the plan
 * @param y from the upper edge of the plan
 * @param size width of a gate, spread of a tree, length of a fence or path; as usual for others
 * @param turned whether a fence, path or gate runs up the plan instead of across
 */
public record SiteMark(Kind kind, Length x, Length y, Length size, boolean turned) {
    /** Refuses a size that is not above zero. */
    public SiteMark {
        if (!size.isPositive()) {
            throw new IllegalArgumentException(Words.say("site.size"));
        }
    }

    /** What can stand on the ground. */
    public enum Kind {
        /** Where the coop will stand. There is always one. */
        COOP(2000),
        HOUSE_DOOR(900),
        GATE(900),
        PATH(4000),
        WATER(600),
        FEED(600),
        TREE(4000),
        FENCE(6000),
        NEIGHBOUR(1500);

        private final Length usual;

        Kind(int usualMm) {
            this.usual = Length.mm(usualMm);
        }

        /** Size it is put down with. */
        public Length usual() {
            return usual;
        }

        /** Whether it runs along the ground and can be turned. */
        public boolean runs() {
            return this == GATE || this == PATH || this == FENCE;
        }

        /** The thing in words. */
        public Sum sum() {
            return Sum.of("mark." + name());
        }
    }

    /** One of the usual size. */
    public static SiteMark at(Kind kind, Length x, Length y) {
        return new SiteMark(kind, x, y, kind.usual(), false);
    }

    public SiteMark movedTo(Length toX, Length toY) {
        return new SiteMark(kind, toX, toY, size, turned);
    }

    public SiteMark withSize(Length other) {
        return new SiteMark(kind, x, y, other, turned);
    }

    public SiteMark turnedRound() {
        return new SiteMark(kind, x, y, size, !turned);
    }

    /** Distance from middle to middle. */
    public Length distance(SiteMark other) {
        return new Length(Math.round(Math.hypot(dx(other), dy(other))));
    }

    double dx(SiteMark other) {
        return other.x.nm() - (double) x.nm();
    }

    double dy(SiteMark other) {
        return other.y.nm() - (double) y.nm();
    }
}
