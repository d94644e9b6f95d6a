package reliqua.core.measure;

/**
 * A direction on the ground, clockwise from north.
 *
 * @param degrees from 0 to just under 360
 */
public record Bearing(double degrees) {
    /** North. */
    public static final Bearing NORTH = new Bearing(0);

    private static final String[] POINTS = {
        "N", "NNE", "NE", "ENE", "E", "ESE", "SE", "SSE", "S", "SSW", "SW", "WSW", "W", "WNW", "NW",
        "NNW"
    };

    /** Turns any finite number of degrees into the same direction from 0 to 360. */
    public Bearing {
        if (!Double.isFinite(degrees)) {
            throw new IllegalArgumentException(
                    Words.say("measure.quantity", String.valueOf(degrees)));
        }
        degrees = (degrees % 360 + 360) % 360;
    }

    /** The direction of a point of the compass ({@code N} to {@code NNW}). */
    public static java.util.Optional<Bearing> ofPoint(String point) {
        for (int i = 0; i < POINTS.length; i++) {
            if (POINTS[i].equalsIgnoreCase(point)) {
                return java.util.Optional.of(new Bearing(i * 360.0 / POINTS.length));
            }
        }
        return java.util.Optional.empty();
    }

    public Bearing turned(double by) {
        return new Bearing(degrees + by);
    }

    public Bearing opposite() {
        return turned(180);
    }

    /** From -1, straight against, to 1, the same way. */
    public double agreement(Bearing other) {
        return Math.cos(Math.toRadians(degrees - other.degrees));
    }

    /** Degrees between two directions, from 0 to 180. */
    public double apart(Bearing other) {
        return Math.toDegrees(Math.acos(Math.clamp(agreement(other), -1, 1)));
    }

    /** The nearest of the sixteen points of the compass. */
    public String point() {
        return POINTS[(int) Math.round(degrees * POINTS.length / 360) % POINTS.length];
    }

    @Override
    public String toString() {
        return point();
    }
}
