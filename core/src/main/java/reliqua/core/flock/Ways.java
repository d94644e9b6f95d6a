package reliqua.core.flock;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.function.BiFunction;
import java.util.function.Function;
import reliqua.core.measure.Sum;
import reliqua.core.measure.Tape;
import reliqua.core.measure.UnitSystem;
import reliqua.core.measure.Words;

/**
 * The topics on which keepers differ, each with its schools, what they give for a flock on its
 * ground, and the keeper's own figure.
 */
public final class Ways {
    private static final List<Integer> USUAL_GROWTH = List.of(0, 25, 50);

    private final Flock flock;
    private final Site site;
    private final UnitSystem system;
    private final Practice now;

    private Ways(Flock flock, Site site, UnitSystem system) {
        this.system = system;
        this.flock = flock;
        this.site = site;
        this.now = flock.practice();
    }

    /**
     * A school.
     *
     * @param name stable, key of its texts
     * @param followed whether it is; none is while a figure of the keeper's own stands
     * @param practice the keeper's practice when it is followed
     * @param figure what it gives for the flock: a measure, or a count in words
     */
    public record School(
            String name, boolean followed, Practice practice, Optional<Object> figure) {}

    /**
     * A topic.
     *
     * @param key of its texts
     * @param schools in the order they are shown
     * @param own the keeper's own figure, where there can be one
     */
    public record Topic(String key, List<School> schools, Optional<Own> own) {
        /** Copies the schools. */
        public Topic {
            schools = List.copyOf(schools);
        }
    }

    /**
     * A figure of the keeper's own.
     *
     * @param figure a measure or count, if one stands
     * @param reader the figures with another
     */
    public record Own(Optional<? extends Object> figure, Reader reader) {
        /** The figures without this one. */
        OwnFigures without(Tape tape) {
            return reader.read("", tape);
        }
    }

    /** Reads a figure as it is typed. */
    public interface Reader {
        /**
         * The figures with the one that is typed; an empty text takes it away.
         *
         * @throws IllegalArgumentException with a message for the keeper when it is none
         */
        OwnFigures read(String text, Tape tape);
    }

    /** All topics, in the order they are shown. */
    public static List<Topic> of(Flock flock, Site site, UnitSystem system) {
        return new Ways(flock, site, system).topics();
    }

    private List<Topic> topics() {
        OwnFigures own = now.own();
        return List.of(
                topic(
                        "space",
                        schools(Practice.Space.values(), now.space(), Practice::withSpace),
                        Needs::floor,
                        own(own.floor(), t -> t.areas()::read, own::withFloor)),
                topic(
                        "run",
                        schools(Practice.Space.values(), now.run(), Practice::withRun),
                        Needs::run,
                        own(own.run(), t -> t.areas()::read, own::withRun)),
                topic(
                        "roosts",
                        schools(Practice.Roosts.values(), now.roosts(), Practice::withRoosts),
                        Needs::roost,
                        own(own.roost(), t -> t.reader()::read, own::withRoost)),
                topic(
                        "nests",
                        schools(Practice.Nests.values(), now.nests(), Practice::withNests),
                        n -> Sum.of("ways.boxes", n.nests()),
                        own(own.nests(), _ -> Ways::whole, own::withNests)),
                topic(
                        "vents",
                        schools(Practice.Vents.values(), now.vents(), Practice::withVents),
                        Needs::vents,
                        own(own.vents(), t -> t.areas()::read, own::withVents)),
                topic(
                        "litter",
                        schools(Practice.Litter.values(), now.litter(), Practice::withLitter),
                        Needs::litterSill,
                        own(own.litter(), t -> t.reader()::read, own::withLitter)),
                topic("apron", schools(Practice.Apron.values(), now.apron(), Practice::withApron)),
                new Topic(
                        "growth",
                        figured(growth(), n -> Sum.of("ways.birds", n.birds())),
                        Optional.empty()),
                topic(
                        "underside",
                        schools(
                                Practice.Underside.values(),
                                now.underside(),
                                Practice::withUnderside)),
                topic(
                        "holding",
                        schools(Practice.Holding.values(), now.holding(), Practice::withHolding)),
                topic(
                        "finish",
                        schools(Practice.Finish.values(), now.finish(), Practice::withFinish)),
                topic(
                        "cleaning",
                        schools(
                                Practice.Cleaning.values(),
                                now.cleaning(),
                                Practice::withCleaning)));
    }

    private static Topic topic(String key, List<School> schools) {
        return new Topic(key, schools, Optional.empty());
    }

    /** A school takes the place of a figure of one's own on the same topic. */
    private Topic topic(String key, List<School> schools, Function<Needs, Object> figure, Own own) {
        OwnFigures without = own.without(Tape.METRIC);
        boolean stands = own.figure().isPresent();
        List<School> instead =
                schools.stream()
                        .map(
                                s ->
                                        new School(
                                                s.name(),
                                                s.followed() && !stands,
                                                s.practice().withOwn(without),
                                                s.figure()))
                        .toList();
        return new Topic(key, figured(instead, figure), Optional.of(own));
    }

    private <E extends Enum<E>> List<School> schools(
            E[] all, E chosen, BiFunction<Practice, E, Practice> with) {
        return Arrays.stream(all)
                .map(e -> new School(e.name(), e == chosen, with.apply(now, e), Optional.empty()))
                .toList();
    }

    private List<School> growth() {
        SortedSet<Integer> all = new TreeSet<>(USUAL_GROWTH);
        all.add(now.growth());
        return all.stream()
                .map(
                        g ->
                                new School(
                                        String.valueOf(g),
                                        g == now.growth(),
                                        now.withGrowth(g),
                                        Optional.empty()))
                .toList();
    }

    /** What each gives by itself, without any figure of the keeper's own. */
    private List<School> figured(List<School> schools, Function<Needs, Object> figure) {
        return schools.stream()
                .map(
                        s -> {
                            Practice bare = s.practice().withOwn(OwnFigures.NONE);
                            Object given = figure.apply(Needs.of(flock.with(bare), site, system));
                            return new School(
                                    s.name(), s.followed(), s.practice(), Optional.of(given));
                        })
                .toList();
    }

    private static <T> Own own(
            Optional<T> figure,
            Function<Tape, Function<String, T>> reader,
            Function<Optional<T>, OwnFigures> with) {
        return new Own(
                figure,
                (text, tape) ->
                        with.apply(
                                text.isBlank()
                                        ? Optional.empty()
                                        : Optional.of(reader.apply(tape).apply(text.strip()))));
    }

    private static int whole(String text) {
        try {
            return Integer.parseInt(text);
        } catch (NumberFormatException e) {
            throw new IllegalArgumentException(Words.say("flock.own.count", text), e);
        }
    }
}
