package reliqua.core.keep;

import java.time.LocalDate;
import java.util.List;
import reliqua.core.flock.Climate;

/** A service that tells the weather to come. */
public interface ForecastSource {
    /** The next days of a place, today first. */
    List<Forecast> next(Climate place, boolean southern, LocalDate today, int days);
}
