package reliqua.core.keep;

import java.time.LocalDate;
import reliqua.core.measure.Speed;
import reliqua.core.measure.Temperature;

/**
 * The weather to come on a day.
 *
 * @param low of the night before
 * @param high of the day
 * @param gust strongest
 * @param rain millimetres, or centimetres of snow where it freezes
 */
public record Forecast(LocalDate day, Temperature low, Temperature high, Speed gust, int rain) {}
