package reliqua.core.project;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import reliqua.core.flock.Keeper;
import reliqua.core.measure.Length;
import reliqua.core.measure.MeasureException;
import reliqua.core.measure.Tape;
import reliqua.core.measure.Words;

/**
 * What is said of the keeper and the place: {@code kerf 1/8}, {@code no wider than 96}, {@code any
 * width}.
 */
final class KeeperLine {
    private static final Pattern KERF = Pattern.compile("kerf\\s+(.+)");
    private static final Pattern LIMIT =
            Pattern.compile("no (wider|deeper|higher|taller) than\\s+(.+)");
    private static final Pattern FREE = Pattern.compile("any (width|depth|height)");
    private static final Length WIDEST_KERF = Length.mm(10);

    private KeeperLine() {}

    /** The edit, or nothing when the line is about something else. */
    static Optional<SayEdit.Said> read(String text, Project project) {
        Tape tape = project.keeper().tape();
        Matcher kerf = KERF.matcher(text);
        Matcher limit = LIMIT.matcher(text);
        Matcher free = FREE.matcher(text);
        try {
            if (kerf.matches()) {
                return Optional.of(kerf(tape.reader().read(kerf.group(1)), tape));
            }
            if (limit.matches()) {
                Length most = tape.reader().read(limit.group(2));
                String words = Words.say("say.limit." + side(limit.group(1)), tape.say(most));
                return Optional.of(change(words, side(limit.group(1)), Optional.of(most)));
            }
            if (free.matches()) {
                String words = Words.say("say.limit.none." + free.group(1));
                return Optional.of(change(words, free.group(1), Optional.empty()));
            }
        } catch (MeasureException e) {
            return Optional.of(new SayEdit.Said.Unclear(e.getMessage()));
        }
        return Optional.empty();
    }

    private static SayEdit.Said kerf(Length kerf, Tape tape) {
        if (!kerf.atMost(WIDEST_KERF)) {
            return new SayEdit.Said.Unclear(Words.say("say.kerf.wide", tape.say(WIDEST_KERF)));
        }
        String words = Words.say("say.kerf", tape.say(kerf));
        return new SayEdit.Said.Change(
                new Edit(words, p -> p.withKeeper(p.keeper().withKerf(kerf))), words, "");
    }

    private static String side(String word) {
        return switch (word) {
            case "wider" -> "width";
            case "deeper" -> "depth";
            default -> "height";
        };
    }

    private static SayEdit.Said change(String words, String side, Optional<Length> most) {
        return new SayEdit.Said.Change(
                new Edit(words, p -> p.withKeeper(limited(p.keeper(), side, most))), words, "");
    }

    private static Keeper limited(Keeper keeper, String side, Optional<Length> most) {
        return switch (side) {
            case "width" -> keeper.withMostWidth(most);
            case "depth" -> keeper.withMostDepth(most);
            default -> keeper.withMostHeight(most);
        };
    }
}
