package reliqua.core.measure;

/**
 * A speed of the wind.
 *
 * @param metresPerSecond m/s, zero or more
 */
public record Speed(double metresPerSecond) {
    /** Refuses what is not a number or is below zero. */
    public Speed {
        if (!Double.isFinite(metresPerSecond) || metresPerSecond < 0) {
            throw new IllegalArgumentException(
                    Words.say("measure.quantity", String.valueOf(metresPerSecond)));
        }
    }
}
