package reliqua.core.measure;

/**
 * An exact length in whole nanometres. 1/64 in is 396 875 nm and 1 mm is 1 000 000 nm, so both
 * tapes are exact.
 *
 * @param nm nanometres; may be negative (a position left of the origin)
 */
public record Length(long nm) implements Comparable<Length> {
    private static final long NM_PER_MM = 1_000_000L;
    private static final long NM_PER_INCH = 25_400_000L;

    /** No length at all. */
    public static final Length ZERO = new Length(0);

    /** Whole millimetres. */
    public static Length mm(long millimetres) {
        return new Length(Math.multiplyExact(millimetres, NM_PER_MM));
    }

    /** Millimetres with a fraction, rounded to the nearest nanometre. */
    public static Length ofMm(double millimetres) {
        if (!Double.isFinite(millimetres)) {
            throw new IllegalArgumentException(
                    "length in mm is " + millimetres + "; it must be a finite number");
        }
        return new Length(Math.round(millimetres * NM_PER_MM));
    }

    /** Whole inches. */
    public static Length inches(long inches) {
        return new Length(Math.multiplyExact(inches, NM_PER_INCH));
    }

    /**
     * A fraction of inches, for example {@code inches(7, 2)} for 3 1/2 in, rounded to the nearest
     * nanometre.
     */
    public static Length inches(long numerator, long denominator) {
        return new Length(
                Math.round((double) Math.multiplyExact(numerator, NM_PER_INCH) / denominator));
    }

    public Length plus(Length other) {
        return new Length(Math.addExact(nm, other.nm));
    }

    public Length minus(Length other) {
        return new Length(Math.subtractExact(nm, other.nm));
    }

    public Length times(long factor) {
        return new Length(Math.multiplyExact(nm, factor));
    }

    /** This length times a ratio, rounded to the nearest nanometre. */
    public Length scaled(double ratio) {
        return new Length(Math.round(nm * ratio));
    }

    /** An equal share, rounded down to a nanometre. */
    public Length dividedBy(long parts) {
        return new Length(Math.floorDiv(nm, parts));
    }

    public Length half() {
        return dividedBy(2);
    }

    /** Without its sign. */
    public Length abs() {
        return nm < 0 ? negated() : this;
    }

    public Length negated() {
        return new Length(-nm);
    }

    /** How many times {@code other} (above zero) goes into this, as a plain ratio. */
    public double ratio(Length other) {
        return (double) nm / other.nm;
    }

    /** Rounded down to a whole multiple of {@code step} (above zero), as a saw cut is marked. */
    public Length floorTo(Length step) {
        return new Length(Math.floorDiv(nm, step.nm) * step.nm);
    }

    /** Rounded up to a whole multiple of {@code step} (above zero). */
    public Length ceilTo(Length step) {
        return new Length(Math.ceilDiv(nm, step.nm) * step.nm);
    }

    public boolean isPositive() {
        return nm > 0;
    }

    public boolean atLeast(Length other) {
        return nm >= other.nm;
    }

    public boolean atMost(Length other) {
        return nm <= other.nm;
    }

    public Length max(Length other) {
        return nm >= other.nm ? this : other;
    }

    public Length min(Length other) {
        return nm <= other.nm ? this : other;
    }

    /** For strength formulas, solvers and screens; never for a figure a saw follows. */
    public double toMm() {
        return nm / (double) NM_PER_MM;
    }

    /** For strength formulas. */
    public double toMetres() {
        return nm / 1e9;
    }

    /** For formulas of the inch trade. */
    public double toInches() {
        return nm / (double) NM_PER_INCH;
    }

    @Override
    public int compareTo(Length other) {
        return Long.compare(nm, other.nm);
    }

    @Override
    public String toString() {
        return toMm() + " mm";
    }
}
