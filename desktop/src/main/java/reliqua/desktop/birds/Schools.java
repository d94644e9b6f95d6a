package reliqua.desktop.birds;

import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;
import reliqua.core.flock.Needs;
import reliqua.core.flock.OwnFigures;
import reliqua.core.flock.Practice;
import reliqua.core.measure.Area;
import reliqua.core.measure.Length;
import reliqua.core.measure.Tape;
import reliqua.desktop.Texts;

/** The topics on which keepers differ, each with its schools and what they give for a flock. */
final class Schools {
    /**
     * A school.
     *
     * @param name stable, key of its texts
     * @param chosen whether it is followed
     * @param practice the practice that follows it
     */
    record School(String name, boolean chosen, Practice practice) {}

    /**
     * A topic.
     *
     * @param key of its texts
     * @param schools in the order they are shown
     * @param figure what a school gives for this flock
     * @param own the keeper's own figure, if that can be given
     */
    record Topic(
            String key,
            List<School> schools,
            BiFunction<Needs, Tape, String> figure,
            Optional<Own> own) {}

    /**
     * A figure of the keeper's own.
     *
     * @param shown the figure as it is now, or an empty text
     * @param with the figures with another typed; an empty text takes it away. Refuses what is none
     */
    record Own(Function<Tape, String> shown, BiFunction<String, Tape, OwnFigures> with) {}

    private final Practice now;

    Schools(Practice now) {
        this.now = now;
    }

    private <E extends Enum<E>> Topic topic(
            String key,
            E[] all,
            E chosen,
            BiFunction<Practice, E, Practice> with,
            BiFunction<Needs, Tape, String> figure,
            Own own) {
        return new Topic(key, schools(all, chosen, with), figure, Optional.of(own));
    }

    private <E extends Enum<E>> Topic topic(
            String key,
            E[] all,
            E chosen,
            BiFunction<Practice, E, Practice> with,
            BiFunction<Needs, Tape, String> figure) {
        return new Topic(key, schools(all, chosen, with), figure, Optional.empty());
    }

    private <E extends Enum<E>> List<School> schools(
            E[] all, E chosen, BiFunction<Practice, E, Practice> with) {
        return java.util.Arrays.stream(all)
                .map(e -> new School(e.name(), e == chosen, with.apply(now, e)))
                .toList();
    }

    List<Topic> all() {
        OwnFigures own = now.own();
        return List.of(
                topic(
                        "space",
                        Practice.Space.values(),
                        now.space(),
                        Practice::withSpace,
                        (n, t) -> t.say(n.floor()),
                        area(own.floor(), own::withFloor)),
                topic(
                        "run",
                        Practice.Space.values(),
                        now.run(),
                        Practice::withRun,
                        (n, t) -> t.say(n.run()),
                        area(own.run(), own::withRun)),
                topic(
                        "roosts",
                        Practice.Roosts.values(),
                        now.roosts(),
                        Practice::withRoosts,
                        (n, t) -> t.say(n.roost()),
                        length(own.roost(), own::withRoost)),
                topic(
                        "nests",
                        Practice.Nests.values(),
                        now.nests(),
                        Practice::withNests,
                        (n, _) -> Texts.get("school.nests.count", n.nests()),
                        count(own.nests(), own::withNests)),
                topic(
                        "vents",
                        Practice.Vents.values(),
                        now.vents(),
                        Practice::withVents,
                        (n, t) -> t.say(n.vents()),
                        area(own.vents(), own::withVents)),
                topic(
                        "litter",
                        Practice.Litter.values(),
                        now.litter(),
                        Practice::withLitter,
                        (n, t) -> t.say(n.litterSill()),
                        length(own.litter(), own::withLitter)),
                topic(
                        "apron",
                        Practice.Apron.values(),
                        now.apron(),
                        Practice::withApron,
                        (_, _) -> ""),
                new Topic(
                        "growth",
                        growth(),
                        (n, _) -> Texts.get("school.growth.birds", n.birds()),
                        Optional.empty()),
                topic(
                        "underside",
                        Practice.Underside.values(),
                        now.underside(),
                        Practice::withUnderside,
                        (_, _) -> ""));
    }

    private List<School> growth() {
        java.util.SortedSet<Integer> usual = new java.util.TreeSet<>(List.of(0, 25, 50));
        usual.add(now.growth());
        return usual.stream()
                .map(g -> new School(String.valueOf(g), g == now.growth(), now.withGrowth(g)))
                .toList();
    }

    private static Own area(Optional<Area> figure, Function<Optional<Area>, OwnFigures> with) {
        return new Own(
                tape -> figure.map(tape::say).orElse(""),
                (text, tape) -> with.apply(typed(text, t -> Tapes.area(t, tape))));
    }

    private static Own length(
            Optional<Length> figure, Function<Optional<Length>, OwnFigures> with) {
        return new Own(
                tape -> figure.map(tape::say).orElse(""),
                (text, tape) -> with.apply(typed(text, t -> tape.reader().read(t))));
    }

    private static Own count(
            Optional<Integer> figure, Function<Optional<Integer>, OwnFigures> with) {
        return new Own(
                _ -> figure.map(String::valueOf).orElse(""),
                (text, _) -> with.apply(typed(text, Tapes::count)));
    }

    private static <T> Optional<T> typed(String text, Function<String, T> reader) {
        return text.isBlank() ? Optional.empty() : Optional.of(reader.apply(text.strip()));
    }
}
