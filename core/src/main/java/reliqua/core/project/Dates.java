package reliqua.core.project;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.Locale;

/** Days in words. */
public final class Dates {
    private static final DateTimeFormatter DAY =
            DateTimeFormatter.ofPattern("EEE d MMM uuuu", Locale.ENGLISH);
    private static final DateTimeFormatter SHORT =
            DateTimeFormatter.ofPattern("EEE d MMM", Locale.ENGLISH);

    private Dates() {}

    /** With the year. */
    public static String day(LocalDate day) {
        return DAY.format(day);
    }

    /** Without the year, for days that are near. */
    public static String near(LocalDate day) {
        return SHORT.format(day);
    }
}
