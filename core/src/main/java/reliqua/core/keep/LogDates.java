package reliqua.core.keep;

import java.time.DateTimeException;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * The day a line is about: yesterday, a day of the week gone by, a date with or without its year,
 * days ago. A date without a year is the last one that is not in the future.
 */
final class LogDates {
    private static final List<String> MONTHS =
            List.of(
                    "jan", "feb", "mar", "apr", "may", "jun", "jul", "aug", "sep", "oct", "nov",
                    "dec");
    private static final String MONTH =
            "(jan(?:uary)?|feb(?:ruary)?|mar(?:ch)?|apr(?:il)?|may|june?|july?|aug(?:ust)?"
                    + "|sept?(?:ember)?|oct(?:ober)?|nov(?:ember)?|dec(?:ember)?)";
    private static final Pattern ISO = find("(\\d{4})-(\\d{1,2})-(\\d{1,2}):?");
    private static final Pattern DAY_MONTH =
            find("(\\d{1,2})(?:st|nd|rd|th)? " + MONTH + "(?: (\\d{4}))?:?");
    private static final Pattern MONTH_DAY =
            find(MONTH + " (\\d{1,2})(?:st|nd|rd|th)?\\b(?:,? (\\d{4}))?:?");
    private static final Pattern AGO = find("(\\d{1,3}) days? ago");
    private static final Pattern YESTERDAY = find("(?<!since )(?:yesterday's|yesterday)");
    private static final Pattern TODAY = find("today|this (?:morning|evening|afternoon)|tonight");
    private static final Pattern WEEKDAY =
            find("(?:last )?(mon|tues?|wednes|thurs?|fri|satur|sun)day:?");

    private LogDates() {}

    private static Pattern find(String words) {
        return Pattern.compile("(?i)(?:\\bon )?(?<![\\w-])(?:" + words + ")(?!\\w)");
    }

    /** The day that is named, and the text without it; nothing where none is. */
    static Optional<LogWords.Found<LocalDate>> find(String text, LocalDate today) {
        return first(text, ISO, m -> iso(m))
                .or(() -> first(text, DAY_MONTH, m -> named(m, 1, 2, today)))
                .or(() -> first(text, MONTH_DAY, m -> named(m, 2, 1, today)))
                .or(() -> first(text, AGO, m -> today.minusDays(Integer.parseInt(m.group(1)))))
                .or(() -> first(text, YESTERDAY, _ -> today.minusDays(1)))
                .or(() -> first(text, TODAY, _ -> today))
                .or(() -> first(text, WEEKDAY, m -> weekday(m.group(1), today)));
    }

    private interface Reading {
        LocalDate of(Matcher found);
    }

    private static Optional<LogWords.Found<LocalDate>> first(
            String text, Pattern pattern, Reading reading) {
        Matcher m = pattern.matcher(text);
        if (!m.find()) {
            return Optional.empty();
        }
        try {
            return Optional.of(
                    new LogWords.Found<>(
                            reading.of(m),
                            LogWords.without(text, m).replaceFirst("^[:,] ?", "").strip()));
        } catch (DateTimeException e) {
            return Optional.empty();
        }
    }

    private static LocalDate iso(Matcher m) {
        return LocalDate.of(
                Integer.parseInt(m.group(1)),
                Integer.parseInt(m.group(2)),
                Integer.parseInt(m.group(3)));
    }

    private static LocalDate named(Matcher m, int day, int month, LocalDate today) {
        int number = MONTHS.indexOf(m.group(month).substring(0, 3).toLowerCase(Locale.ROOT)) + 1;
        int date = Integer.parseInt(m.group(day));
        if (m.group(3) != null) {
            return LocalDate.of(Integer.parseInt(m.group(3)), number, date);
        }
        LocalDate thisYear = LocalDate.of(today.getYear(), number, date);
        return thisYear.isAfter(today) ? thisYear.minusYears(1) : thisYear;
    }

    private static LocalDate weekday(String begun, LocalDate today) {
        for (DayOfWeek day : DayOfWeek.values()) {
            if (day.name()
                    .toLowerCase(Locale.ROOT)
                    .startsWith(begun.toLowerCase(Locale.ROOT).substring(0, 2))) {
                return today.with(TemporalAdjusters.previous(day));
            }
        }
        throw new DateTimeException(begun);
    }
}
