package reliqua.core.keep;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import reliqua.core.flock.BirdClass;
import reliqua.core.flock.Daylight;
import reliqua.core.flock.Flock;
import reliqua.core.measure.Sum;

/**
 * Whether hens lay less than usual, and what to look at.
 *
 * @param rate eggs a hen and day, of the last three weeks
 * @param usual what such hens lay at that time of the year
 * @param causes what to look at, the likeliest first; none while laying is as usual
 */
public record LowLaying(double rate, double usual, List<Sum> causes) {
    private static final int DAYS = 21;
    private static final int LEAST_LINES = 5;

    /** Below this share of the usual it is worth looking. */
    private static final double LOW = 0.75;

    private static final double SHORT_DAY = 10;
    private static final int RECENT = 10;
    private static final Pattern BROODY = Pattern.compile("(?i)\\bbroody\\b");

    /** Copies the list. */
    public LowLaying {
        causes = List.copyOf(causes);
    }

    /** Of the last weeks, where enough was written down. */
    public static Optional<LowLaying> of(
            KeepBook book, Flock flock, List<Due> dues, boolean southern, LocalDate today) {
        List<Entry> eggs =
                book.of(Happening.Eggs.class).stream()
                        .filter(e -> !e.day().isBefore(today.minusDays(DAYS)))
                        .toList();
        if (eggs.size() < LEAST_LINES) {
            return Optional.empty();
        }
        FlockPast past = new FlockPast(flock, book.log());
        double laid = 0;
        double usual = 0;
        double hens = 0;
        for (Entry each : eggs) {
            laid += ((Happening.Eggs) each.what()).count();
            for (Map.Entry<BirdClass, Integer> kind : past.hens(each.day()).entrySet()) {
                hens += kind.getKey() == BirdClass.MEAT ? 0 : kind.getValue();
                usual += kind.getValue() * Laying.usual(kind.getKey(), each.day(), southern);
            }
        }
        if (hens == 0) {
            return Optional.empty();
        }
        boolean low = laid < usual * LOW;
        return Optional.of(
                new LowLaying(
                        laid / hens,
                        usual / hens,
                        low ? causes(book, flock, dues, southern, today) : List.of()));
    }

    private static List<Sum> causes(
            KeepBook book, Flock flock, List<Due> dues, boolean southern, LocalDate today) {
        List<Sum> causes = new ArrayList<>();
        if (Laying.moults(today, southern)) {
            causes.add(Sum.of("laying.moult"));
        }
        if (Daylight.hours(today, southern) < SHORT_DAY) {
            causes.add(Sum.of("laying.light"));
        }
        if (dues.stream().anyMatch(d -> d.chore() == Chore.MITES && d.isNow())) {
            causes.add(Sum.of("laying.mites"));
        }
        if (recently(book, today, e -> e.what() instanceof Happening.Weather w && cold(w))) {
            causes.add(Sum.of("laying.water"));
        }
        if (recently(book, today, e -> e.what() instanceof Happening.Seen s && s.attack())) {
            causes.add(Sum.of("laying.scare"));
        }
        if (recently(book, today, e -> BROODY.matcher(e.said()).find())) {
            causes.add(Sum.of("laying.broody"));
        }
        if (flock.style() == Flock.Style.OUT_ALL_DAY) {
            causes.add(Sum.of("laying.hidden"));
        }
        causes.add(Sum.of("laying.eaten"));
        return causes;
    }

    private static boolean cold(Happening.Weather weather) {
        return weather.low().map(t -> t.celsius() < 0).orElse(false);
    }

    private static boolean recently(
            KeepBook book, LocalDate today, java.util.function.Predicate<Entry> what) {
        return book.log().stream()
                .filter(e -> !e.day().isBefore(today.minusDays(RECENT)))
                .anyMatch(what);
    }
}
