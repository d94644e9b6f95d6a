package reliqua.core.measure;

import java.math.BigInteger;

/**
 * An area in whole square micrometres, so that sums of areas are exact to far below what a tape can
 * tell.
 *
 * @param um2 square micrometres
 */
public record Area(long um2) implements Comparable<Area> {
    private static final BigInteger NM2_PER_UM2 = BigInteger.valueOf(1_000_000L);
    private static final double UM2_PER_M2 = 1e12;
    private static final double UM2_PER_SQ_FT = 304_800.0 * 304_800.0;

    /** No area. */
    public static final Area ZERO = new Area(0);

    /** The area of a rectangle, rounded down to a square micrometre. */
    public static Area of(Length width, Length length) {
        return new Area(
                BigInteger.valueOf(width.nm())
                        .multiply(BigInteger.valueOf(length.nm()))
                        .divide(NM2_PER_UM2)
                        .longValueExact());
    }

    /** Square metres, rounded to a square micrometre. */
    public static Area ofSquareMetres(double squareMetres) {
        return new Area(Math.round(squareMetres * UM2_PER_M2));
    }

    /** Square feet, rounded to a square micrometre. */
    public static Area ofSquareFeet(double squareFeet) {
        return new Area(Math.round(squareFeet * UM2_PER_SQ_FT));
    }

    public Area plus(Area other) {
        return new Area(Math.addExact(um2, other.um2));
    }

    public Area minus(Area other) {
        return new Area(Math.subtractExact(um2, other.um2));
    }

    public Area times(long factor) {
        return new Area(Math.multiplyExact(um2, factor));
    }

    /** Times a ratio, rounded to a square micrometre. */
    public Area scaled(double ratio) {
        return new Area(Math.round(um2 * ratio));
    }

    public boolean atLeast(Area other) {
        return um2 >= other.um2;
    }

    /**
     * The side that makes a rectangle of this area with {@code side} (above zero), rounded up to a
     * nanometre.
     */
    public Length over(Length side) {
        return new Length((long) Math.ceil(um2 * 1e6 / side.nm()));
    }

    public double toSquareMetres() {
        return um2 / UM2_PER_M2;
    }

    public double toSquareFeet() {
        return um2 / UM2_PER_SQ_FT;
    }

    @Override
    public int compareTo(Area other) {
        return Long.compare(um2, other.um2);
    }
}
