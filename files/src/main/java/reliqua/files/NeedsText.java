package reliqua.files;

import java.util.List;
import java.util.stream.Collectors;
import reliqua.core.flock.Need;
import reliqua.core.flock.Reminder;
import reliqua.core.flock.Siting;
import reliqua.core.measure.Sum;
import reliqua.core.measure.Tape;
import reliqua.core.measure.Words;
import reliqua.core.project.Project;

/** What birds and ground ask for, as lines to read or print. */
public final class NeedsText {
    private NeedsText() {}

    /** The lines, in the order in which a keeper would ask. */
    public static String write(Project project) {
        Tape tape = project.keeper().tape();
        StringBuilder text = new StringBuilder();
        head(text, "needs.head", project.needs().birds());
        for (Need need : project.needs().lines()) {
            text.append(
                    "%-24s %-16s %s (%s; %s)%n"
                            .formatted(
                                    Words.say("need." + need.kind().name()),
                                    tape.word(need.value()),
                                    need.sum().words(tape),
                                    Words.say("need." + need.standing().name()),
                                    need.source().words(tape)));
        }
        Siting siting = Siting.of(project.site());
        head(text, "needs.siting.head", siting.best().point(), project.site().facing().point());
        lines(text, siting.reasons(), tape);
        for (Siting.Wall wall : Siting.Wall.values()) {
            String duties =
                    siting.walls().getOrDefault(wall, List.of()).stream()
                            .map(d -> d.sum().words(tape))
                            .collect(Collectors.joining(", "));
            text.append("%-24s %s%n".formatted(wall.sum().words(tape), duties));
        }
        lines(text, siting.faults(), tape);
        head(text, "needs.advice.head");
        lines(text, project.advice(), tape);
        head(text, "needs.whatIf.head");
        project.whatIfs()
                .forEach(
                        (question, changes) ->
                                text.append(
                                        "%-24s %s%n"
                                                .formatted(
                                                        question.sum().words(tape),
                                                        changes.stream()
                                                                .map(c -> c.words(tape))
                                                                .collect(
                                                                        Collectors.joining(
                                                                                ", ")))));
        head(text, "needs.ask.head");
        for (Reminder each : Reminder.of(project.flock())) {
            var day = project.site().asked().get(each);
            String asked = day == null ? Words.say("needs.ask.open") : day.toString();
            text.append("%-24s %s%n".formatted(asked, each.sum().words(tape)));
        }
        return text.toString();
    }

    private static void head(StringBuilder text, String key, Object... terms) {
        text.append(text.isEmpty() ? "" : System.lineSeparator())
                .append(Words.say(key, terms))
                .append(System.lineSeparator());
    }

    private static void lines(StringBuilder text, List<Sum> sums, Tape tape) {
        sums.forEach(s -> text.append("- ").append(s.words(tape)).append(System.lineSeparator()));
    }
}
