package reliqua.core.measure;

/**
 * A load on a surface, such as snow on the ground.
 *
 * @param kiloPascals kN/m², zero or more
 */
public record Pressure(double kiloPascals) {
    private static final double KPA_PER_PSF = 0.047880259;

    /** Refuses what is not a number or is below zero. */
    public Pressure {
        if (!Double.isFinite(kiloPascals) || kiloPascals < 0) {
            throw new IllegalArgumentException(
                    Words.say("measure.quantity", String.valueOf(kiloPascals)));
        }
    }

    /** Pounds a square foot. */
    public static Pressure ofPoundsPerSquareFoot(double pounds) {
        return new Pressure(pounds * KPA_PER_PSF);
    }

    public double toPoundsPerSquareFoot() {
        return kiloPascals / KPA_PER_PSF;
    }
}
