package reliqua.core.keep;

import java.time.LocalDate;
import java.time.Month;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import reliqua.core.coop.Coop;
import reliqua.core.flock.Flock;

/** When the chores of a coop come round. */
public final class Upkeep {
    /** Work done so long before its month counts for that month. */
    private static final int AHEAD_DAYS = 45;

    private Upkeep() {}

    /**
     * The chores a coop and its flock ask for, the most urgent first.
     *
     * @param southern whether summer is in January
     */
    public static List<Due> of(
            KeepBook book, Coop coop, Flock flock, boolean southern, LocalDate today) {
        return Stream.of(Chore.values())
                .filter(c -> c.askedBy(coop, flock))
                .map(c -> due(c, book, southern, today))
                .sorted(Comparator.comparing(Due::day).thenComparing(Due::chore))
                .toList();
    }

    private static Due due(Chore chore, KeepBook book, boolean southern, LocalDate today) {
        Optional<LocalDate> last = book.lastDone(chore);
        LocalDate day = next(chore, last, book.start().orElse(today), southern);
        LocalDate off = book.putOff().get(chore);
        if (off != null && off.isAfter(day)) {
            day = off;
        }
        return new Due(chore, day, last, Due.State.of(day, today));
    }

    private static LocalDate next(
            Chore chore, Optional<LocalDate> last, LocalDate start, boolean southern) {
        Chore.Rhythm rhythm = chore.rhythm();
        if (rhythm.days() > 0) {
            return last.orElse(start).plusDays(rhythm.days());
        }
        LocalDate from = last.map(d -> d.plusDays(AHEAD_DAYS)).orElse(start);
        return months(chore, southern).stream()
                .map(month -> first(month, from))
                .min(Comparator.naturalOrder())
                .orElseThrow();
    }

    /** The months a chore is due in on this half of the earth. */
    public static List<Month> months(Chore chore, boolean southern) {
        return chore.rhythm().months().stream().map(m -> southern ? m.plus(6) : m).toList();
    }

    /** The first day of a month that is not before a day. */
    private static LocalDate first(Month month, LocalDate from) {
        LocalDate day = LocalDate.of(from.getYear(), month, 1);
        return day.isBefore(from) ? day.plusYears(1) : day;
    }
}
