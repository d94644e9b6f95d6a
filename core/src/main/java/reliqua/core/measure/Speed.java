package reliqua.core.measure;

/**
 * A speed of the wind.
 *
 * @param metresPerSecond m/s, zero or more
 */
public record Speed(double metresPerSecond) {
    private static final double METRES_PER_SECOND_PER_MPH = 0.44704;
    private static final double KMH_PER_METRE_PER_SECOND = 3.6;

    /** Refuses what is not a number or is below zero. */
    public Speed {
        if (!Double.isFinite(metresPerSecond) || metresPerSecond < 0) {
            throw new IllegalArgumentException(
                    Words.say("measure.quantity", String.valueOf(metresPerSecond)));
        }
    }

    public static Speed ofMilesPerHour(double miles) {
        return new Speed(miles * METRES_PER_SECOND_PER_MPH);
    }

    public static Speed ofKilometresPerHour(double kilometres) {
        return new Speed(kilometres / KMH_PER_METRE_PER_SECOND);
    }

    public double toMilesPerHour() {
        return metresPerSecond / METRES_PER_SECOND_PER_MPH;
    }
}
