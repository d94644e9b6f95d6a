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

    public static Temperature ofFahrenheit(double degrees) {
        return new Temperature((degrees - 32) / 1.8);
    }

    public double toFahrenheit() {
        return celsius * 1.8 + 32;
    }
}
