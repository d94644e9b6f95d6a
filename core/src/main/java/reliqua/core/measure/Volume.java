package reliqua.core.measure;

/**
 * A quantity of water.
 *
 * @param litres litres, zero or more
 */
public record Volume(double litres) {
    /** Refuses what is not a number or is below zero. */
    public Volume {
        if (!Double.isFinite(litres) || litres < 0) {
            throw new IllegalArgumentException(
                    Words.say("measure.quantity", String.valueOf(litres)));
        }
    }
}
