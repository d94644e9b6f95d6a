package reliqua.core.measure;

/**
 * A temperature of the air.
 *
 * @param celsius degrees Celsius, finite
 */
public record Temperature(double celsius) {
    /** Refuses what is not a number. */
    public Temperature {
        if (!Double.isFinite(celsius)) {
            throw new IllegalArgumentException(
                    Words.say("measure.quantity", String.valueOf(celsius)));
        }
    }
}
