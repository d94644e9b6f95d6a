package reliqua.core.flock;

import java.time.LocalDate;

/** Hours from sunrise to sunset, on the 50th parallel. */
public final class Daylight {
    private static final double LATITUDE = Math.toRadians(50);
    private static final double TILT = Math.toRadians(23.44);

    private Daylight() {}

    /**
     * Hours of a day.
     *
     * @param southern whether summer is in January
     */
    public static double hours(LocalDate day, boolean southern) {
        double turn = 2 * Math.PI * (day.getDayOfYear() + 10) / 365.25;
        double declination = -TILT * Math.cos(turn) * (southern ? -1 : 1);
        double cosine = -Math.tan(LATITUDE) * Math.tan(declination);
        return 24 / Math.PI * Math.acos(Math.max(-1, Math.min(1, cosine)));
    }
}
