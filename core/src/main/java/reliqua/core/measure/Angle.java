package reliqua.core.measure;

/**
 * A plane angle. Angles come out of rises and runs, which are exact; the angle itself is only shown
 * and set on a saw.
 *
 * @param degrees degrees, finite
 */
public record Angle(double degrees) {
    /** Refuses what is not a finite number. */
    public Angle {
        if (!Double.isFinite(degrees)) {
            throw new IllegalArgumentException(
                    "an angle is " + degrees + " degrees; it must be a finite number");
        }
    }

    /** Square. */
    public static final Angle ZERO = new Angle(0);

    /** The angle of a slope of {@code rise} over {@code run} (not both zero). */
    public static Angle ofSlope(Length rise, Length run) {
        return new Angle(Math.toDegrees(Math.atan2(rise.nm(), run.nm())));
    }

    public double sin() {
        return Math.sin(Math.toRadians(degrees));
    }

    public double cos() {
        return Math.cos(Math.toRadians(degrees));
    }

    public double tan() {
        return Math.tan(Math.toRadians(degrees));
    }
}
