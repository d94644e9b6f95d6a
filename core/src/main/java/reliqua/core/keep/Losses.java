package reliqua.core.keep;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import reliqua.core.check.WeakSpot;
import reliqua.core.coop.Coop;
import reliqua.core.flock.Predator;
import reliqua.core.measure.Sum;
import reliqua.core.measure.Talk;

/**
 * Birds lost and what tried to come in, by cause, with where it happened and what of the coop is
 * weakest to it.
 *
 * @param rows the costliest first
 */
public record Losses(List<Row> rows) {
    private static final int MOST_SPOTS = 2;

    /** Where on a coop something happens, by the words keepers have for it. */
    public enum Place {
        POP_DOOR("pop ?(?:hole|door)|hatch", "audit.pop"),
        NEST("nests?(?: ?box(?:es)?)?|lid", "audit.lid"),
        GATE("gate", "audit.gate"),
        DOOR("doors?|latch", "audit.door", "audit.gap"),
        WINDOW("window|glass", "audit.window"),
        GROUND("apron|dug|digging|under(?:neath)?|burrow\\w*|skirt", "audit.edge", "audit.hollow"),
        ABOVE("roof|above|over the top|net(?:ting)?|swoop\\w*", "audit.open", "audit.ribs"),
        MESH("mesh|wire|vents?", "audit.mesh", "audit.mesh.near");

        private final Pattern words;
        private final Set<String> spots;

        Place(String words, String... spots) {
            this.words = Pattern.compile("(?i)\\b(?:" + words + ")\\b");
            this.spots = Set.of(spots);
        }

        /** The first place a line speaks of. */
        static Optional<Place> in(String text) {
            return EnumSet.allOf(Place.class).stream()
                    .filter(p -> p.words.matcher(text).find())
                    .findFirst();
        }

        Sum sum() {
            return Sum.of("losses.place." + name());
        }
    }

    /**
     * One cause.
     *
     * @param cause the animal, or what else birds die of
     * @param birds lost to it
     * @param tries when it was seen to try and took none
     * @param last day of the last of them
     * @param places where, with how often
     * @param weak places of the coop it is not kept out of as drawn, those it was seen at first
     */
    public record Row(
            Sum cause,
            int birds,
            int tries,
            LocalDate last,
            Map<Place, Integer> places,
            List<WeakSpot> weak) {
        /** Copies the collections. */
        public Row {
            places = java.util.Collections.unmodifiableMap(new LinkedHashMap<>(places));
            weak = List.copyOf(weak);
        }

        /** How many and where, in words. */
        public List<Sum> words() {
            List<Sum> words = new ArrayList<>();
            words.add(Sum.of("losses.row", cause, birds, tries));
            places.forEach((p, n) -> words.add(Sum.of("losses.place", p.sum(), n)));
            weak.forEach(w -> words.add(Sum.of("losses.weak", w.what(), w.mend())));
            return words;
        }
    }

    /** Copies the list. */
    public Losses {
        rows = List.copyOf(rows);
    }

    /** From a logbook, for the coop as it is drawn, if there is one. */
    public static Losses of(KeepBook book, Optional<Coop> coop, Set<Predator> about) {
        Map<Sum, Adding> byCause = new LinkedHashMap<>();
        for (Entry entry : book.log()) {
            switch (entry.what()) {
                case Happening.Lost lost -> {
                    Sum cause =
                            lost.animal()
                                    .map(Predator::sum)
                                    .orElseGet(() -> Sum.of("losses.cause." + lost.cause().name()));
                    adding(byCause, cause, lost.animal(), entry).birds += lost.birds().count();
                }
                case Happening.Seen seen when seen.attack() -> {
                    Sum cause = seen.animal().map(Predator::sum).orElse(Sum.of("losses.unseen"));
                    adding(byCause, cause, seen.animal(), entry).tries++;
                }
                default -> {
                    // Nothing was lost and nothing tried.
                }
            }
        }
        List<Row> rows = new ArrayList<>();
        byCause.forEach((cause, a) -> rows.add(a.row(cause, coop, about)));
        rows.sort(
                Comparator.comparing(Row::birds)
                        .thenComparing(Row::tries)
                        .thenComparing(Row::last)
                        .reversed());
        return new Losses(rows);
    }

    private static Adding adding(
            Map<Sum, Adding> byCause, Sum cause, Optional<Predator> animal, Entry entry) {
        Adding adding = byCause.computeIfAbsent(cause, _ -> new Adding(animal));
        adding.last = entry.day();
        Place.in(Talk.english(entry.said()))
                .ifPresent(p -> adding.places.merge(p, 1, Integer::sum));
        return adding;
    }

    private static final class Adding {
        private final Optional<Predator> animal;
        private final Map<Place, Integer> places = new EnumMap<>(Place.class);
        private int birds;
        private int tries;
        private LocalDate last;

        private Adding(Optional<Predator> animal) {
            this.animal = animal;
        }

        private Row row(Sum cause, Optional<Coop> coop, Set<Predator> about) {
            List<WeakSpot> weak =
                    animal.flatMap(a -> coop.map(c -> weakTo(a, c, about))).orElse(List.of());
            return new Row(cause, birds, tries, last, places, weak);
        }

        private List<WeakSpot> weakTo(Predator animal, Coop coop, Set<Predator> about) {
            Set<Predator> all = EnumSet.of(animal);
            all.addAll(about);
            return WeakSpot.of(coop, all).stream()
                    .filter(w -> w.lets().contains(animal))
                    .filter(w -> w.grade() != WeakSpot.Grade.HOLDS || isSeenAt(w))
                    .sorted(Comparator.comparing(w -> !isSeenAt(w)))
                    .limit(MOST_SPOTS)
                    .toList();
        }

        private boolean isSeenAt(WeakSpot spot) {
            return places.keySet().stream().anyMatch(p -> isAt(spot, p));
        }

        private static boolean isAt(WeakSpot spot, Place place) {
            String key = spot.what().key();
            return place.spots.stream().anyMatch(s -> key.equals(s) || key.equals(s + ".apron"));
        }
    }
}
