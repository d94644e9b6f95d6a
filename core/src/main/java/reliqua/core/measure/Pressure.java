package reliqua.core.measure;

/**
 * A load on a surface, such as snow on the ground.
 *
 * @param kiloPascals kN/m², zero or more
 */
public record Pressure(double kiloPascals) {
    /** Refuses what is not a number or is below zero. */
    public Pressure {
        if (!Double.isFinite(kiloPascals) || kiloPascals < 0) {
            throw new IllegalArgumentException(
                    Words.say("measure.quantity", String.valueOf(kiloPascals)));
        }
    }
}
