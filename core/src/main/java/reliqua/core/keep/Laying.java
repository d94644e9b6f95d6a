package reliqua.core.keep;

import java.time.LocalDate;
import java.util.Map;
import reliqua.core.flock.BirdClass;
import reliqua.core.flock.Daylight;

/**
 * What hens usually lay. A class lays at its best in long days; short ones and the moult of autumn
 * bring it down. Figures are of mixed backyard hens in their first three years.
 */
public final class Laying {
    /** Eggs a hen and day at the best of the year. */
    private static final Map<BirdClass, Double> BEST =
            Map.of(
                    BirdClass.BANTAM, 0.55,
                    BirdClass.STANDARD, 0.8,
                    BirdClass.LARGE, 0.65,
                    BirdClass.MEAT, 0.0,
                    BirdClass.DUCK, 0.65);

    /** Hens lay fully at so many hours of light, and hardly at so few. */
    private static final double FULL_LIGHT = 14;

    private static final double LITTLE_LIGHT = 7.5;
    private static final double LEAST = 0.25;

    /** The moult takes so much of it, in the two months in which most hens moult. */
    private static final double MOULT = 0.55;

    private Laying() {}

    /** Eggs of a hen on a day, as is usual. */
    public static double usual(BirdClass kind, LocalDate day, boolean southern) {
        double light = (Daylight.hours(day, southern) - LITTLE_LIGHT) / (FULL_LIGHT - LITTLE_LIGHT);
        double share = LEAST + (1 - LEAST) * Math.max(0, Math.min(1, light));
        return BEST.getOrDefault(kind, 0.0) * share * (moults(day, southern) ? MOULT : 1);
    }

    /** October and November; April and May in the south. */
    public static boolean moults(LocalDate day, boolean southern) {
        int month = (day.getMonthValue() + (southern ? 6 : 0) - 1) % 12 + 1;
        return month == 10 || month == 11;
    }
}
