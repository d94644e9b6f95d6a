package reliqua.core.project;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import reliqua.core.measure.Words;

/** Days in words. */
public final class Dates {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEE d MMM uuuu");
    private static final DateTimeFormatter SHORT = DateTimeFormatter.ofPattern("EEE d MMM");

    private Dates() {}

    /** With the year. */
    public static String day(LocalDate day) {
        return DAY.withLocale(Words.language().locale()).format(day);
    }

    /** Without the year, for days that are near. */
    public static String near(LocalDate day) {
        return SHORT.withLocale(Words.language().locale()).format(day);
    }
}
