package reliqua.core.keep;

import java.time.LocalDate;
import java.time.YearMonth;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import reliqua.core.flock.BirdClass;
import reliqua.core.flock.Daylight;
import reliqua.core.flock.Flock;
import reliqua.core.measure.Money;
import reliqua.core.measure.Weight;

/**
 * What the logbook adds up to.
 *
 * @param months those from the first line to today, without gaps
 * @param eggs in all
 * @param feedCost in all
 * @param otherCost in all
 * @param taken in all
 * @param coop what the coop cost, for the days it has been used
 * @param days from the first line to today
 * @param boughtEgg what an egg costs in a shop
 */
public record KeepYears(
        List<KeepMonth> months,
        int eggs,
        Money feedCost,
        Money otherCost,
        Money taken,
        Money coop,
        long days,
        Money boughtEgg) {
    private static final double YEAR = 365.25;

    /** Copies the list. */
    public KeepYears {
        months = List.copyOf(months);
    }

    /**
     * Adds up a logbook.
     *
     * @param flock the birds there are now
     * @param coopCost what was paid for the coop
     */
    public static KeepYears of(
            KeepBook book, Flock flock, Money coopCost, boolean southern, LocalDate today) {
        if (book.log().isEmpty()) {
            return new KeepYears(
                    List.of(),
                    0,
                    Money.ZERO,
                    Money.ZERO,
                    Money.ZERO,
                    Money.ZERO,
                    0,
                    book.costing().boughtEgg());
        }
        Map<YearMonth, Adding> byMonth = new TreeMap<>();
        LocalDate first = book.log().getFirst().day();
        for (YearMonth m = YearMonth.from(first);
                !m.isAfter(YearMonth.from(today));
                m = m.plusMonths(1)) {
            byMonth.put(m, new Adding());
        }
        FlockPast past = new FlockPast(flock, book.log());
        book.log().forEach(e -> adding(byMonth, e).add(e, past, southern));
        List<KeepMonth> months = new ArrayList<>();
        byMonth.forEach((m, a) -> months.add(a.month(m, southern)));
        long days = ChronoUnit.DAYS.between(first, today) + 1;
        double used = days / (YEAR * book.costing().years());
        return new KeepYears(
                months,
                months.stream().mapToInt(KeepMonth::eggs).sum(),
                sum(months, KeepMonth::feedCost),
                sum(months, KeepMonth::otherCost),
                sum(months, KeepMonth::taken),
                Money.of(coopCost.amount() * Math.min(1, used)),
                days,
                book.costing().boughtEgg());
    }

    private static Adding adding(Map<YearMonth, Adding> byMonth, Entry entry) {
        return byMonth.computeIfAbsent(YearMonth.from(entry.day()), _ -> new Adding());
    }

    private static Money sum(
            List<KeepMonth> months, java.util.function.Function<KeepMonth, Money> of) {
        return months.stream().map(of).reduce(Money.ZERO, Money::plus);
    }

    /** What an egg has cost so far, with the coop's share; nothing before the first egg. */
    public Money egg() {
        return eggs == 0 ? Money.ZERO : Money.of(paid().amount() / eggs);
    }

    /** Feed, all else, and the coop's share, less what was taken. */
    public Money paid() {
        return feedCost.plus(otherCost).plus(coop).minus(taken);
    }

    /** What the same eggs would have cost in a shop, less what was paid. */
    public Money saved() {
        return boughtEgg.times(eggs).minus(paid());
    }

    /** One month as it is added up. */
    private static final class Adding {
        private int eggs;
        private int cracked;
        private int days;
        private int henDays;
        private double usual;
        private long feed;
        private Money feedCost = Money.ZERO;
        private Money otherCost = Money.ZERO;
        private Money taken = Money.ZERO;
        private int lost;
        private int minutes;

        void add(Entry entry, FlockPast past, boolean southern) {
            switch (entry.what()) {
                case Happening.Eggs e -> eggs(e, entry.day(), past, southern);
                case Happening.Fed f -> {
                    feed += f.feed().grams();
                    feedCost = feedCost.plus(f.cost());
                }
                case Happening.Bedding b -> otherCost = otherCost.plus(b.cost());
                case Happening.Paid p -> otherCost = otherCost.plus(p.cost());
                case Happening.Joined j -> otherCost = otherCost.plus(j.cost());
                case Happening.Left l -> taken = taken.plus(l.taken());
                case Happening.Sold s -> taken = taken.plus(s.taken());
                case Happening.Lost l -> lost += l.birds().count();
                case Happening.Mended m -> {
                    minutes += m.minutes();
                    otherCost = otherCost.plus(m.cost());
                }
                case Happening.Worked w ->
                        minutes += w.minutes() > 0 ? w.minutes() : w.chore().minutes();
                case Happening.Watered _,
                        Happening.Weather _,
                        Happening.Seen _,
                        Happening.Note _,
                        Happening.NextTime _ -> {}
            }
        }

        private void eggs(Happening.Eggs told, LocalDate day, FlockPast past, boolean southern) {
            eggs += told.count();
            cracked += told.cracked();
            days++;
            Map<BirdClass, Integer> hens = new EnumMap<>(BirdClass.class);
            hens.putAll(past.hens(day));
            hens.remove(BirdClass.MEAT);
            hens.forEach(
                    (kind, n) -> {
                        henDays += n;
                        usual += n * Laying.usual(kind, day, southern);
                    });
        }

        KeepMonth month(YearMonth month, boolean southern) {
            return new KeepMonth(
                    month,
                    eggs,
                    cracked,
                    days,
                    henDays,
                    usual,
                    new Weight(feed),
                    feedCost,
                    otherCost,
                    taken,
                    lost,
                    minutes,
                    Daylight.hours(month.atDay(15), southern));
        }
    }
}
