package reliqua.core.keep;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import reliqua.core.flock.Flock;
import reliqua.core.measure.Money;
import reliqua.core.measure.Words;

/**
 * What a keeper writes down of a coop in use.
 *
 * @param since when birds moved in, once they have
 * @param vessels what they eat and drink from
 * @param log what happened, by day, lines of one day as they were said
 * @param putOff chores that were put off, and until when
 * @param costing what eggs are compared with
 * @param builtFor the birds the coop was built for, once others have come or gone since
 */
public record KeepBook(
        Optional<LocalDate> since,
        List<Vessel> vessels,
        List<Entry> log,
        Map<Chore, LocalDate> putOff,
        Costing costing,
        Optional<Flock> builtFor) {
    /** Nothing written yet. */
    public static final KeepBook EMPTY =
            new KeepBook(
                    Optional.empty(),
                    List.of(),
                    List.of(),
                    Map.of(),
                    Costing.USUAL,
                    Optional.empty());

    /**
     * What eggs are compared with.
     *
     * @param boughtEgg price of an egg in the shop
     * @param years over which the coop is written off
     */
    public record Costing(Money boughtEgg, int years) {
        /** A good egg from a shop, and a coop that lasts eight years. */
        public static final Costing USUAL = new Costing(Money.cents(35), 8);

        /** Refuses what is no span of years. */
        public Costing {
            if (years < 1 || years > 50) {
                throw new IllegalArgumentException(Words.say("keep.years"));
            }
        }
    }

    /** Sorts the log by day. */
    public KeepBook {
        vessels = List.copyOf(vessels);
        log = log.stream().sorted(Comparator.comparing(Entry::day)).toList();
        Map<Chore, LocalDate> off = new EnumMap<>(Chore.class);
        off.putAll(putOff);
        putOff = Collections.unmodifiableMap(off);
    }

    /** With more lines. */
    public KeepBook plus(List<Entry> entries) {
        List<Entry> all = new ArrayList<>(log);
        all.addAll(entries);
        Map<Chore, LocalDate> off = new EnumMap<>(Chore.class);
        off.putAll(putOff);
        entries.forEach(
                e -> {
                    if (e.what() instanceof Happening.Worked worked) {
                        off.remove(worked.chore());
                    }
                });
        return new KeepBook(since, vessels, all, off, costing, builtFor);
    }

    /** Without a line. */
    public KeepBook without(Entry entry) {
        List<Entry> fewer = new ArrayList<>(log);
        fewer.remove(entry);
        return new KeepBook(since, vessels, fewer, putOff, costing, builtFor);
    }

    /** With another line in the place of one. */
    public KeepBook replacing(Entry before, Entry after) {
        List<Entry> lines = new ArrayList<>(log);
        lines.replaceAll(e -> e.equals(before) ? after : e);
        return new KeepBook(since, vessels, lines, putOff, costing, builtFor);
    }

    public KeepBook since(LocalDate day) {
        return new KeepBook(Optional.of(day), vessels, log, putOff, costing, builtFor);
    }

    public KeepBook withVessels(List<Vessel> other) {
        return new KeepBook(since, other, log, putOff, costing, builtFor);
    }

    public KeepBook with(Costing other) {
        return new KeepBook(since, vessels, log, putOff, other, builtFor);
    }

    /** With a coop that stays built for a flock, whoever comes or goes; or that follows again. */
    public KeepBook builtFor(Optional<Flock> birds) {
        return new KeepBook(since, vessels, log, putOff, costing, birds);
    }

    /** With a chore put off to a day. */
    public KeepBook puttingOff(Chore chore, LocalDate until) {
        Map<Chore, LocalDate> off = new EnumMap<>(Chore.class);
        off.putAll(putOff);
        off.put(chore, until);
        return new KeepBook(since, vessels, log, off, costing, builtFor);
    }

    /**
     * The first day of keeping: the one that was told, else that of the first line that tells of
     * birds in the coop.
     */
    public Optional<LocalDate> start() {
        return since.or(
                () -> log.stream().filter(e -> e.what().isOfUse()).findFirst().map(Entry::day));
    }

    /** When a chore was done last. */
    public Optional<LocalDate> lastDone(Chore chore) {
        return log.reversed().stream()
                .filter(e -> e.what() instanceof Happening.Worked w && w.chore() == chore)
                .findFirst()
                .map(Entry::day);
    }

    /** Lines of one sort with their days. */
    public <T extends Happening> List<Entry> of(Class<T> sort) {
        return log.stream().filter(e -> sort.isInstance(e.what())).toList();
    }
}
