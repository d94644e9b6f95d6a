package reliqua.core.project;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.UnaryOperator;
import java.util.regex.Matcher;
import reliqua.core.flock.OwnFigures;
import reliqua.core.flock.Practice;
import reliqua.core.measure.Area;
import reliqua.core.measure.AreaReader;
import reliqua.core.measure.Length;
import reliqua.core.measure.Words;

/** Which schools are followed, and figures of one's own. */
final class PracticePhrases {
    private static final String AREA = "(\\d[\\d.]* ?" + AreaReader.UNIT + ")";
    private static final String EACH = " (?:a|per|each|for every) ?(?:bird|hen)?";

    private static final Map<String, Practice.Litter> FLOORS =
            Map.of(
                    "deep litter", Practice.Litter.DEEP,
                    "thin litter", Practice.Litter.THIN,
                    "wire floor", Practice.Litter.WIRE,
                    "slatted floor", Practice.Litter.SLATTED,
                    "open ground", Practice.Litter.GROUND);

    static final List<Phrase> ALL =
            List.of(
                    Phrase.of(
                            "(tight|standard|roomy) (?:house|floor)",
                            (m, _) ->
                                    space("space", m, Practice::withSpace, OwnFigures::withFloor)),
                    Phrase.of(
                            "(tight|standard|roomy) run",
                            (m, _) -> space("run", m, Practice::withRun, OwnFigures::withRun)),
                    Phrase.of("(snug|usual) roosts?", (m, _) -> roosts(m)),
                    Phrase.of(
                            "(?:one|a|1) nest (?:to|for|per) (\\d{1,2})(?: hens)?",
                            (m, _) -> nests(Integer.parseInt(m.group(1)))),
                    Phrase.of(
                            "(deep litter|thin litter|wire floor|slatted floor|open ground)",
                            (m, _) -> litter(m)),
                    Phrase.of(
                            "(?:apron (flat|buried|paved)|(flat|buried|paved) (?:apron|mesh))",
                            (m, _) -> apron(m)),
                    Phrase.of("vents by (bird|floor)", (m, _) -> vents(m)),
                    Phrase.of(
                            "(?:leave (?:it |the outside )?|left )?(?:bare|unpainted)",
                            (_, _) -> finish(Practice.Finish.BARE)),
                    Phrase.of(
                            "(?:paint (?:it|the outside)|painted outside)",
                            (_, _) -> finish(Practice.Finish.PAINTED)),
                    Phrase.of("(?:own )?(floor|run|vents) " + AREA + EACH, PracticePhrases::area),
                    Phrase.of(
                            "(?:own )?(roost|litter) (.+?)(?:" + EACH + ")?",
                            PracticePhrases::length),
                    Phrase.of(
                            "no own figures",
                            (_, _) ->
                                    practice(
                                            q -> q.withOwn(OwnFigures.NONE),
                                            Words.say("say.own.none"))));

    private PracticePhrases() {}

    private static SayEdit.Said practice(UnaryOperator<Practice> change, String echo) {
        return Phrase.change(
                echo, p -> p.withFlock(p.flock().with(change.apply(p.flock().practice()))));
    }

    /** A school takes the place of a figure of one's own on the same topic. */
    private static <T> Practice without(
            Practice practice, BiFunction<OwnFigures, Optional<T>, OwnFigures> own) {
        return practice.withOwn(own.apply(practice.own(), Optional.empty()));
    }

    private static SayEdit.Said space(
            String topic,
            Matcher m,
            BiFunction<Practice, Practice.Space, Practice> with,
            BiFunction<OwnFigures, Optional<Area>, OwnFigures> own) {
        Practice.Space space =
                Practice.Space.valueOf(m.group(1).toUpperCase(java.util.Locale.ROOT));
        return practice(
                q -> without(with.apply(q, space), own),
                Words.say("source." + topic + "." + space.name()));
    }

    private static SayEdit.Said roosts(Matcher m) {
        Practice.Roosts roosts =
                m.group(1).equals("snug") ? Practice.Roosts.SNUG : Practice.Roosts.USUAL;
        return practice(
                q -> without(q.withRoosts(roosts), OwnFigures::withRoost),
                Words.say("source.roosts." + roosts.name()));
    }

    /** A school when there is one of this number, a figure of one's own otherwise. */
    private static SayEdit.Said nests(int hens) {
        String echo = Words.say("say.nests", hens);
        for (Practice.Nests school : Practice.Nests.values()) {
            if (school.hens() == hens) {
                return practice(q -> without(q.withNests(school), OwnFigures::withNests), echo);
            }
        }
        return practice(q -> q.withOwn(q.own().withNests(Optional.of(hens))), echo);
    }

    private static SayEdit.Said finish(Practice.Finish finish) {
        return practice(q -> q.withFinish(finish), Words.say("say.finish." + finish.name()));
    }

    private static SayEdit.Said litter(Matcher m) {
        Practice.Litter litter = FLOORS.getOrDefault(m.group(1), Practice.Litter.DEEP);
        return practice(
                q -> without(q.withLitter(litter), OwnFigures::withLitter),
                Words.say("source.litter." + litter.name()));
    }

    private static SayEdit.Said apron(Matcher m) {
        String word = m.group(1) == null ? m.group(2) : m.group(1);
        Practice.Apron apron = Practice.Apron.valueOf(word.toUpperCase(Locale.ROOT));
        return practice(q -> q.withApron(apron), Words.say("say.apron." + apron.name()));
    }

    private static SayEdit.Said vents(Matcher m) {
        Practice.Vents vents =
                m.group(1).equals("bird") ? Practice.Vents.BY_BIRD : Practice.Vents.BY_FLOOR;
        return practice(
                q -> without(q.withVents(vents), OwnFigures::withVents),
                Words.say("source.vents." + vents.name()));
    }

    private static SayEdit.Said area(Matcher m, Project project) {
        Optional<Area> area = Optional.of(project.keeper().tape().areas().read(m.group(2)));
        String echo = Words.say("say.own." + m.group(1), m.group(2));
        return practice(
                q ->
                        q.withOwn(
                                switch (m.group(1)) {
                                    case "floor" -> q.own().withFloor(area);
                                    case "run" -> q.own().withRun(area);
                                    default -> q.own().withVents(area);
                                }),
                echo);
    }

    private static SayEdit.Said length(Matcher m, Project project) {
        Length length = project.keeper().tape().reader().read(m.group(2));
        String echo = Words.say("say.own." + m.group(1), project.keeper().tape().say(length));
        return practice(
                q ->
                        q.withOwn(
                                m.group(1).equals("roost")
                                        ? q.own().withRoost(Optional.of(length))
                                        : q.own().withLitter(Optional.of(length))),
                echo);
    }
}
