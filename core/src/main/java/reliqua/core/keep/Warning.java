package reliqua.core.keep;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Duty;
import reliqua.core.flock.Climate;
import reliqua.core.measure.Speed;
import reliqua.core.measure.Sum;

/**
 * Weather to get ready for.
 *
 * @param kind of weather
 * @param day on which it comes
 * @param figure how hard
 * @param todo what to do for this coop before
 */
public record Warning(Kind kind, LocalDate day, Object figure, List<Sum> todo) {
    /** Kinds of weather. */
    public enum Kind {
        STORM,
        FROST,
        HEAT,
        SNOW
    }

    /** A gust at which branches break and light roofs lift. */
    private static final Speed STORM = new Speed(20);

    private static final double FROST = -5;
    private static final int SNOW_CM = 8;

    /** Copies the list. */
    public Warning {
        todo = List.copyOf(todo);
    }

    /** The first of each kind in the days to come. */
    public static List<Warning> of(List<Forecast> days, Coop coop, List<Vessel> vessels) {
        return Stream.of(Kind.values())
                .flatMap(
                        kind ->
                                days.stream()
                                        .flatMap(d -> warning(kind, d, coop, vessels).stream())
                                        .limit(1))
                .sorted(java.util.Comparator.comparing(Warning::day))
                .toList();
    }

    private static Optional<Warning> warning(
            Kind kind, Forecast day, Coop coop, List<Vessel> vessels) {
        boolean comes =
                switch (kind) {
                    case STORM -> day.gust().metresPerSecond() >= STORM.metresPerSecond();
                    case FROST -> day.low().celsius() <= FROST;
                    case HEAT -> day.high().celsius() >= Climate.HOT.celsius();
                    case SNOW -> day.low().celsius() < -1 && day.rain() >= SNOW_CM;
                };
        if (!comes) {
            return Optional.empty();
        }
        Object figure =
                switch (kind) {
                    case STORM -> day.gust();
                    case FROST -> day.low();
                    case HEAT -> day.high();
                    case SNOW -> day.rain() + " cm";
                };
        return Optional.of(new Warning(kind, day.day(), figure, todo(kind, day, coop, vessels)));
    }

    private static List<Sum> todo(Kind kind, Forecast day, Coop coop, List<Vessel> vessels) {
        List<Sum> todo = new ArrayList<>();
        switch (kind) {
            case STORM -> {
                boolean staked = !coop.that(Duty.Trait.ANCHORS).isEmpty();
                todo.add(Sum.of(staked ? "warn.stakes" : "warn.ballast", coop.measures().weight()));
                todo.add(Sum.of("warn.latches"));
                todo.add(Sum.of("warn.loose"));
            }
            case FROST -> {
                List<Sum> freezing =
                        vessels.stream()
                                .map(Vessel::kind)
                                .filter(k -> !k.use().isFeed())
                                .filter(k -> day.low().celsius() <= k.freezes().celsius())
                                .distinct()
                                .map(k -> Sum.of("vessel." + k.id()))
                                .toList();
                todo.add(
                        freezing.isEmpty()
                                ? Sum.of("warn.water")
                                : Sum.of("warn.freezes", freezing.getFirst()));
                todo.add(Sum.of("warn.vents"));
                todo.add(Sum.of("warn.combs"));
                todo.add(Sum.of("warn.lamp"));
            }
            case HEAT -> {
                todo.add(Sum.of("warn.drink"));
                todo.add(Sum.of("warn.shade"));
                todo.add(Sum.of("warn.open"));
            }
            case SNOW -> {
                boolean netted = !Chore.NETTING.marks(coop).isEmpty();
                todo.add(Sum.of(netted ? "warn.netting" : "warn.roof"));
                todo.add(Sum.of("warn.path"));
            }
        }
        return todo;
    }
}
