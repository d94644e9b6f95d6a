package reliqua.standins;

import java.time.LocalDate;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import reliqua.core.flock.Climate;
import reliqua.core.keep.Forecast;
import reliqua.core.keep.ForecastSource;
import reliqua.core.measure.Speed;
import reliqua.core.measure.Temperature;

/**
 * A made-up weather forecast: the climate of the place with a whim of its own for every day. The
 * same place and day always have the same weather.
 */
public final class Forecasts implements ForecastSource {
    private static final int MIDWINTER = 15;
    private static final double YEAR = 365.25;
    private static final double NIGHT = 4;
    private static final int RAINY_DAYS = 11;

    @Override
    public List<Forecast> next(Climate place, boolean southern, LocalDate today, int days) {
        return IntStream.range(0, days)
                .mapToObj(n -> on(place, southern, today.plusDays(n)))
                .toList();
    }

    private static Forecast on(Climate place, boolean southern, LocalDate day) {
        Random whim = new Random(place.region().hashCode() * 31L + day.toEpochDay());
        double turn = 2 * Math.PI * (day.getDayOfYear() - MIDWINTER) / YEAR;
        double summer = (1 - Math.cos(turn + (southern ? Math.PI : 0))) / 2;
        double coldest = place.coldest().celsius();
        double hottest = place.hottest().celsius();
        double mean = coldest + NIGHT + (hottest - coldest - 2 * NIGHT) * (0.2 + 0.6 * summer);
        double drift = whim.nextGaussian() * NIGHT;
        double gust = place.wind().metresPerSecond() * Math.min(1, 0.25 + whim.nextDouble() * 0.5);
        boolean rains = whim.nextInt(30) < RAINY_DAYS;
        int rain = place.rain().get(day.getMonthValue() - 1) / RAINY_DAYS;
        return new Forecast(
                day,
                whole(mean + drift - NIGHT),
                whole(mean + drift + NIGHT),
                new Speed(Math.round(gust)),
                rains ? rain + whim.nextInt(rain + 1) : 0);
    }

    private static Temperature whole(double celsius) {
        return new Temperature(Math.round(celsius));
    }
}
