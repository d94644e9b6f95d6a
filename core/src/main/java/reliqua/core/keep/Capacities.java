package reliqua.core.keep;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Zone;
import reliqua.core.flock.BirdClass;
import reliqua.core.flock.Climate;
import reliqua.core.flock.Flock;
import reliqua.core.measure.Length;
import reliqua.core.measure.Sum;
import reliqua.core.measure.Tape;
import reliqua.core.measure.Temperature;
import reliqua.core.measure.UnitSystem;
import reliqua.core.measure.Volume;
import reliqua.core.measure.Weight;

/**
 * How long feed and water last, and how long the keeper may be away.
 *
 * @param feed eaten in a day
 * @param water drunk on a mild day; a hot one doubles it
 * @param shell oyster shell for the hens of a month
 * @param grit hard grit for the birds of a month; nothing where they are out all day and find it
 * @param feedDays days what holds feed lasts
 * @param waterDays days what holds water lasts when it is mild
 * @param feedPlaces birds that can eat at a time
 * @param waterPlaces birds that can drink at a time
 * @param back height of the lip: the back of the smallest birds
 * @param away what limits the days away, the tightest first
 */
public record Capacities(
        Weight feed,
        Volume water,
        Weight shell,
        Weight grit,
        double feedDays,
        double waterDays,
        int feedPlaces,
        int waterPlaces,
        Length back,
        List<Limit> away) {
    /** Feed of pellets or mash: 0.65 kg to a litre. */
    public static final double FEED_DENSITY = 0.65;

    /** A laying hen takes about 4 g of shell a day. */
    private static final int SHELL_GRAMS = 4;

    /** What a grown bird's gizzard wears down in a month, where it eats more than crumbs. */
    private static final int GRIT_GRAMS = 30;

    /** Eggs left longer get broken and teach hens to eat them. */
    private static final int EGG_DAYS = 2;

    private static final double MONTH = 30.4;

    /** Of a standing bird's height so much is its back. */
    private static final double BACK = 0.62;

    /** What limits being away. */
    public enum Cause {
        /** Somebody has to shut the door at dusk. */
        DOOR,
        MOVE,
        FEED,
        WATER,
        WATER_HOT,
        EGGS
    }

    /** So many days, for a reason. */
    public record Limit(Cause cause, int days) {}

    /** Sorts the limits. */
    public Capacities {
        away = away.stream().sorted(java.util.Comparator.comparingInt(Limit::days)).toList();
    }

    /** Of a flock in a coop with what the keeper has for it. */
    public static Capacities of(
            List<Vessel> vessels, Flock flock, Climate climate, Optional<Coop> coop) {
        long grams = 0;
        double litres = 0;
        for (BirdClass kind : flock.classes()) {
            grams += kind.feed().grams() * flock.count(kind);
            litres += kind.water().litres() * flock.count(kind);
        }
        double feedDays = grams == 0 ? 0 : litres(vessels, true) * FEED_DENSITY * 1000 / grams;
        double waterDays = litres == 0 ? 0 : litres(vessels, false) / litres;
        return new Capacities(
                new Weight(grams),
                new Volume(litres),
                new Weight(Math.round(hens(flock) * SHELL_GRAMS * MONTH)),
                new Weight(grit(flock)),
                feedDays,
                waterDays,
                places(vessels, Vessel.Use.FEED),
                places(vessels, Vessel.Use.WATER),
                back(flock),
                limits(feedDays, waterDays, flock, climate, coop));
    }

    private static long grit(Flock flock) {
        boolean found = flock.style() == Flock.Style.OUT_ALL_DAY;
        return found ? 0 : (long) GRIT_GRAMS * flock.total();
    }

    private static double litres(List<Vessel> vessels, boolean feed) {
        return vessels.stream()
                .filter(v -> v.kind().use().isFeed() == feed)
                .mapToDouble(v -> v.volume().litres())
                .sum();
    }

    private static int places(List<Vessel> vessels, Vessel.Use use) {
        return vessels.stream().filter(v -> v.kind().use() == use).mapToInt(Vessel::birds).sum();
    }

    private static int hens(Flock flock) {
        return flock.hens().entrySet().stream()
                .filter(e -> e.getKey() != BirdClass.MEAT)
                .mapToInt(java.util.Map.Entry::getValue)
                .sum();
    }

    private static Length back(Flock flock) {
        return flock.classes().stream()
                .map(BirdClass::standing)
                .min(java.util.Comparator.naturalOrder())
                .map(h -> h.scaled(BACK))
                .orElse(Length.ZERO);
    }

    private static List<Limit> limits(
            double feedDays, double waterDays, Flock flock, Climate climate, Optional<Coop> coop) {
        List<Limit> limits = new ArrayList<>();
        limits.add(new Limit(Cause.FEED, (int) feedDays));
        limits.add(
                climate.hot()
                        ? new Limit(Cause.WATER_HOT, (int) (waterDays / 2))
                        : new Limit(Cause.WATER, (int) waterDays));
        if (hens(flock) > 0) {
            limits.add(new Limit(Cause.EGGS, EGG_DAYS));
        }
        if (flock.style() == Flock.Style.MOVED_DAILY) {
            limits.add(new Limit(Cause.MOVE, 1));
        }
        boolean closedRun =
                flock.style() == Flock.Style.RUN_ONLY
                        && coop.map(
                                        c ->
                                                c.zones().stream()
                                                        .anyMatch(z -> z.kind() == Zone.Kind.RUN))
                                .orElse(false);
        if (flock.style() != Flock.Style.MOVED_DAILY && !closedRun) {
            limits.add(new Limit(Cause.DOOR, 0));
        }
        return limits;
    }

    /** Height of the lip as a tape is read: whole inches, or centimetres. */
    public Length lip(Tape tape) {
        return back.floorTo(tape.system() == UnitSystem.INCHES ? Length.inches(1) : Length.mm(10));
    }

    /** Days the keeper may be away. */
    public int daysAway() {
        return away.stream().mapToInt(Limit::days).min().orElse(0);
    }

    /** What freezes in the coldest night of a usual winter, and at what. */
    public static List<Sum> frost(List<Vessel> vessels, Climate climate) {
        return vessels.stream()
                .map(Vessel::kind)
                .filter(k -> !k.use().isFeed())
                .distinct()
                .filter(k -> freezes(k, climate.coldest()))
                .map(k -> Sum.of("vessel.freezes", Sum.of("vessel." + k.id()), k.freezes()))
                .toList();
    }

    private static boolean freezes(Vessel.Kind kind, Temperature night) {
        return night.celsius() <= kind.freezes().celsius();
    }
}
