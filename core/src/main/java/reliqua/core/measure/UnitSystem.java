package reliqua.core.measure;

/** The tape in the keeper's hand. */
public enum UnitSystem {
    /** Feet, inches and fractions of an inch. */
    INCHES,
    /** Millimetres; metres and centimetres are read too. */
    MILLIMETRES;

    private static final Length FOOT = Length.inches(12);
    private static final long MILLIMETRE = 1_000_000;

    /** Of a tape that shows such steps. */
    public static UnitSystem ofStep(Length step) {
        return step.nm() % MILLIMETRE == 0 ? MILLIMETRES : INCHES;
    }

    /**
     * The figure that a keeper with this tape would name where another has one of about that size:
     * 24 in for 600 mm, 350 mm for 14 in. To half inches under a foot, inches under two feet, then
     * every other inch; to 5 mm under 100 mm, 10 mm under 300 mm, then 50 mm.
     */
    public Length natural(Length length) {
        Length step = this == INCHES ? inches(length) : millimetres(length);
        return length.plus(step.half()).floorTo(step);
    }

    private static Length inches(Length length) {
        if (length.compareTo(FOOT.minus(Length.inches(1, 4))) < 0) {
            return Length.inches(1, 2);
        }
        return length.compareTo(FOOT.times(2).minus(Length.inches(1, 2))) < 0
                ? Length.inches(1)
                : Length.inches(2);
    }

    private static Length millimetres(Length length) {
        if (length.compareTo(Length.mm(98)) < 0) {
            return Length.mm(5);
        }
        return length.compareTo(Length.mm(295)) < 0 ? Length.mm(10) : Length.mm(50);
    }
}
