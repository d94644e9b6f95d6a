package reliqua.core.project;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.regex.Matcher;
import reliqua.core.flock.Keeper;
import reliqua.core.flock.Tool;
import reliqua.core.flock.Wish;
import reliqua.core.measure.Length;
import reliqua.core.measure.Money;
import reliqua.core.measure.Tape;
import reliqua.core.measure.UnitSystem;
import reliqua.core.measure.Weight;
import reliqua.core.measure.Words;

/** What is said of the keeper: body, tools, wishes, money, and the limits of the place. */
final class KeeperPhrases {
    private static final Length WIDEST_KERF = Length.mm(10);

    private static final Map<String, Tool> TOOLS =
            Map.of(
                    "hand saw", Tool.HAND_SAW,
                    "circular saw", Tool.CIRCULAR_SAW,
                    "table saw", Tool.TABLE_SAW,
                    "mitre saw", Tool.MITRE_SAW,
                    "miter saw", Tool.MITRE_SAW,
                    "jigsaw", Tool.JIGSAW,
                    "drill", Tool.DRILL,
                    "snips", Tool.SNIPS,
                    "staple gun", Tool.STAPLE_GUN,
                    "pry bar", Tool.PRY_BAR);
    private static final Map<String, Wish> WISHES =
            Map.of(
                    "stand up", Wish.STAND_UP,
                    "barrow", Wish.BARROW,
                    "outside eggs", Wish.OUTSIDE_EGGS,
                    "roll away", Wish.ROLL_AWAY);

    static final List<Phrase> ALL =
            List.of(
                    Phrase.of("budget \\D?(\\d{1,6}(?:\\.\\d{1,2})?)", KeeperPhrases::budget),
                    Phrase.of("kerf (.+)", KeeperPhrases::kerf),
                    Phrase.of("(?:end )?trim (.+)", KeeperPhrases::trim),
                    Phrase.of("currency (\\S{1,4})", (m, _) -> currency(m.group(1))),
                    Phrase.of("no (wider|deeper|higher|taller) than (.+)", KeeperPhrases::limit),
                    Phrase.of("any (width|depth|height)", (m, _) -> free(m.group(1))),
                    Phrase.of("(?:height|i am|i'm) (.+?)(?: tall)?", KeeperPhrases::height),
                    Phrase.of("reach (.+)", KeeperPhrases::reach),
                    Phrase.of("lift (\\d{1,3}) ?(kg|lbs?|pounds)?", KeeperPhrases::lift),
                    Phrase.of("(?:(\\d{1,2}) hours a week|hours (\\d{1,2}))", (m, _) -> hours(m)),
                    Phrase.of(
                            "(?:an hour|my hour)(?: of (?:mine|work))?(?: counts| is worth)? \\D?(\\d{1,4}(?:\\.\\d{1,2})?|nothing)",
                            KeeperPhrases::hour),
                    Phrase.of(
                            "(alone|no helper|(?:with )?a? ?helper)",
                            (m, _) ->
                                    helper(
                                            m.group(1).contains("helper")
                                                    && !m.group(1).startsWith("no"))),
                    Phrase.of(
                            "(no )?(?:a )?(hand saw|circular saw|table saw|mitre saw|miter saw|jigsaw|drill|snips|staple gun|pry bar)",
                            (m, p) -> tool(m, p.keeper().tape())),
                    Phrase.of(
                            "(no )?(stand[ -]up|barrow|outside eggs|roll[ -]away)(?: nests?| height)?",
                            (m, p) -> wish(m, p.keeper().tape())));

    private KeeperPhrases() {}

    private static SayEdit.Said keeper(UnaryOperator<Keeper> change, String key, Object... terms) {
        return Phrase.change(p -> p.withKeeper(change.apply(p.keeper())), key, terms);
    }

    private static SayEdit.Said budget(Matcher m, Project project) {
        Money amount = Money.of(Double.parseDouble(m.group(1)));
        return keeper(k -> k.withBudget(amount), "say.budget", project.keeper().tape().say(amount));
    }

    private static SayEdit.Said currency(String sign) {
        String written = sign.toUpperCase(java.util.Locale.ROOT);
        return keeper(
                k -> k.withTape(new Tape(k.tape().system(), k.tape().denominator(), written)),
                "say.currency",
                written);
    }

    private static SayEdit.Said kerf(Matcher m, Project project) {
        Tape tape = project.keeper().tape();
        Length kerf = tape.reader().read(m.group(1));
        if (!kerf.atMost(WIDEST_KERF)) {
            return new SayEdit.Said.Unclear(Words.say("say.kerf.wide", tape.say(WIDEST_KERF)));
        }
        return keeper(k -> k.withKerf(kerf), "say.kerf", tape.say(kerf));
    }

    private static SayEdit.Said limit(Matcher m, Project project) {
        Tape tape = project.keeper().tape();
        Length most = tape.reader().read(m.group(2));
        String side =
                switch (m.group(1)) {
                    case "wider" -> "width";
                    case "deeper" -> "depth";
                    default -> "height";
                };
        return keeper(
                k -> limited(k, side, Optional.of(most)), "say.limit." + side, tape.say(most));
    }

    private static SayEdit.Said free(String side) {
        return keeper(k -> limited(k, side, Optional.empty()), "say.limit.none." + side);
    }

    private static Keeper limited(Keeper keeper, String side, Optional<Length> most) {
        return switch (side) {
            case "width" -> keeper.withLimits(keeper.limits().withWidth(most));
            case "depth" -> keeper.withLimits(keeper.limits().withDepth(most));
            default -> keeper.withLimits(keeper.limits().withHeight(most));
        };
    }

    private static SayEdit.Said height(Matcher m, Project project) {
        Tape tape = project.keeper().tape();
        Length height = tape.reader().read(m.group(1));
        return keeper(
                k -> k.withBody(k.body().withHeight(height)), "say.height", tape.sayLong(height));
    }

    private static SayEdit.Said reach(Matcher m, Project project) {
        Tape tape = project.keeper().tape();
        Length reach = tape.reader().read(m.group(1));
        return keeper(k -> k.withBody(k.body().withReach(reach)), "say.reach", tape.say(reach));
    }

    private static SayEdit.Said trim(Matcher m, Project project) {
        Tape tape = project.keeper().tape();
        Length trim = m.group(1).equals("nothing") ? Length.ZERO : tape.reader().read(m.group(1));
        return keeper(k -> k.withTrim(trim), "say.trim", tape.say(trim));
    }

    private static SayEdit.Said lift(Matcher m, Project project) {
        Tape tape = project.keeper().tape();
        boolean kilograms =
                m.group(2) == null
                        ? tape.system() == UnitSystem.MILLIMETRES
                        : m.group(2).equals("kg");
        double number = Double.parseDouble(m.group(1));
        Weight lift = kilograms ? Weight.ofKilograms(number) : Weight.ofPounds(number);
        return keeper(k -> k.withBody(k.body().withLift(lift)), "say.lift", tape.say(lift));
    }

    private static SayEdit.Said hours(Matcher m) {
        int hours = Integer.parseInt(m.group(1) == null ? m.group(2) : m.group(1));
        return keeper(k -> k.withHours(hours), "say.hours", hours);
    }

    private static SayEdit.Said hour(Matcher m, Project project) {
        Money hour =
                m.group(1).equals("nothing")
                        ? Money.ZERO
                        : Money.of(Double.parseDouble(m.group(1)));
        return keeper(k -> k.withHour(hour), "say.hour", project.keeper().tape().say(hour));
    }

    private static SayEdit.Said helper(boolean there) {
        return keeper(
                k -> k.withBody(k.body().withHelper(there)),
                there ? "say.helper" : "say.helper.none");
    }

    private static SayEdit.Said tool(Matcher m, Tape tape) {
        Tool tool = TOOLS.getOrDefault(m.group(2), Tool.HAND_SAW);
        boolean there = m.group(1) == null;
        return keeper(
                k -> k.with(tool, there),
                there ? "say.tool" : "say.tool.none",
                tool.sum().words(tape));
    }

    private static SayEdit.Said wish(Matcher m, Tape tape) {
        Wish wish = WISHES.getOrDefault(m.group(2).replace('-', ' '), Wish.OUTSIDE_EGGS);
        boolean there = m.group(1) == null;
        return keeper(
                k -> k.with(wish, there),
                there ? "say.wish" : "say.wish.none",
                wish.sum().words(tape));
    }
}
