package reliqua.core.measure;

/**
 * A weight in whole grams.
 *
 * @param grams grams
 */
public record Weight(long grams) implements Comparable<Weight> {
    private static final double GRAMS_PER_POUND = 453.59237;

    /** No weight. */
    public static final Weight ZERO = new Weight(0);

    /** Kilograms, rounded to a gram. */
    public static Weight ofKilograms(double kilograms) {
        return new Weight(Math.round(kilograms * 1000));
    }

    /** Pounds, rounded to a gram. */
    public static Weight ofPounds(double pounds) {
        return new Weight(Math.round(pounds * GRAMS_PER_POUND));
    }

    public Weight plus(Weight other) {
        return new Weight(Math.addExact(grams, other.grams));
    }

    public double toKilograms() {
        return grams / 1000.0;
    }

    public double toPounds() {
        return grams / GRAMS_PER_POUND;
    }

    @Override
    public int compareTo(Weight other) {
        return Long.compare(grams, other.grams);
    }
}
