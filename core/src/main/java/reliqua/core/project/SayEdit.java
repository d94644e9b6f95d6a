package reliqua.core.project;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import reliqua.core.coop.family.RaisedDimensions;
import reliqua.core.flock.BirdClass;
import reliqua.core.flock.Flock;
import reliqua.core.flock.Needs;
import reliqua.core.measure.Length;
import reliqua.core.measure.MeasureException;
import reliqua.core.measure.Money;
import reliqua.core.measure.Tape;
import reliqua.core.measure.Words;
import reliqua.core.stock.Lot;
import reliqua.core.stock.Material;
import reliqua.core.stock.SayLine;

/**
 * Turns a spoken line into an edit of a project: a lot called out, birds counted, a dimension held
 * or let go.
 */
public final class SayEdit {
    private static final Map<String, BirdClass> BIRDS =
            Map.ofEntries(
                    Map.entry("hens", BirdClass.STANDARD),
                    Map.entry("hen", BirdClass.STANDARD),
                    Map.entry("standard", BirdClass.STANDARD),
                    Map.entry("bantams", BirdClass.BANTAM),
                    Map.entry("bantam", BirdClass.BANTAM),
                    Map.entry("large", BirdClass.LARGE),
                    Map.entry("ducks", BirdClass.DUCK),
                    Map.entry("duck", BirdClass.DUCK),
                    Map.entry("meat", BirdClass.MEAT));
    private static final Pattern WORD_COUNT = Pattern.compile("([a-z]+)\\s+(\\d{1,3})");
    private static final Pattern COUNT_WORD = Pattern.compile("(\\d{1,3})\\s+([a-z]+)");
    private static final Pattern DIMENSION =
            Pattern.compile("(width|depth|legs|front|back|overhang)\\s+(.+)");
    private static final Pattern RELEASE =
            Pattern.compile("(?:free|release)\\s+(width|depth|legs|front|back|overhang)");
    private static final Pattern BUDGET =
            Pattern.compile("budget\\s+\\D?(\\d{1,6}(?:\\.\\d{1,2})?)");

    /** What a line would do. */
    public sealed interface Said {
        /**
         * An edit, and its echo.
         *
         * @param edit what Enter does
         * @param echo what was understood
         * @param detail what was taken for granted, or what changes; may be empty
         */
        record Change(Edit edit, String echo, String detail) implements Said {}

        /** No edit, and how to say it. */
        record Unclear(String message) implements Said {}
    }

    private SayEdit() {}

    /** Reads a line as said to this project. */
    public static Said read(String line, Project project) {
        String text = line.strip().toLowerCase(Locale.ROOT).replaceAll("\\s+", " ");
        Matcher wordCount = WORD_COUNT.matcher(text);
        if (wordCount.matches() && BIRDS.containsKey(wordCount.group(1))) {
            return birds(
                    BIRDS.get(wordCount.group(1)), Integer.parseInt(wordCount.group(2)), project);
        }
        Matcher countWord = COUNT_WORD.matcher(text);
        if (countWord.matches() && BIRDS.containsKey(countWord.group(2))) {
            return birds(
                    BIRDS.get(countWord.group(2)), Integer.parseInt(countWord.group(1)), project);
        }
        Matcher dimension = DIMENSION.matcher(text);
        if (dimension.matches()) {
            return hold(name(dimension.group(1)), dimension.group(2), project);
        }
        Matcher release = RELEASE.matcher(text);
        if (release.matches()) {
            RaisedDimensions.Name name = name(release.group(1));
            String words = Words.say("say.release", dimensionWord(name));
            return new Said.Change(new Edit(words, p -> p.release(name)), words, "");
        }
        Matcher budget = BUDGET.matcher(text);
        if (budget.matches()) {
            return budget(Money.of(Double.parseDouble(budget.group(1))), project);
        }
        return KeeperLine.read(text, project).orElseGet(() -> lot(text, project));
    }

    private static RaisedDimensions.Name name(String word) {
        return RaisedDimensions.Name.valueOf(word.toUpperCase(Locale.ROOT));
    }

    private static String dimensionWord(RaisedDimensions.Name name) {
        return Words.say("dimension." + name.name());
    }

    private static Said birds(BirdClass kind, int count, Project project) {
        if (project.flock().total() - project.flock().count(kind) + count > Flock.MOST_BIRDS) {
            return new Said.Unclear(Words.say("flock.tooMany", Flock.MOST_BIRDS));
        }
        String birds = count + " " + Needs.name(kind, count).words(project.keeper().tape());
        String before = Words.say("say.birds.before", project.flock().count(kind));
        return new Said.Change(
                new Edit(
                        Words.say("edit.birds", birds),
                        p -> p.withFlock(p.flock().with(kind, count))),
                birds,
                before);
    }

    private static Said hold(RaisedDimensions.Name name, String length, Project project) {
        Tape tape = project.keeper().tape();
        try {
            Length held = tape.reader().read(length);
            if (!held.isPositive()) {
                return new Said.Unclear(Words.say("say.dimension.zero", dimensionWord(name)));
            }
            String words = Words.say("say.hold", dimensionWord(name), tape.say(held));
            return new Said.Change(new Edit(words, p -> p.hold(name, held)), words, "");
        } catch (MeasureException e) {
            return new Said.Unclear(e.getMessage());
        }
    }

    private static Said budget(Money amount, Project project) {
        Tape tape = project.keeper().tape();
        String words = Words.say("say.budget", tape.say(amount));
        Edit edit = new Edit(words, p -> p.withKeeper(p.keeper().withBudget(amount)));
        return new Said.Change(edit, words, "");
    }

    private static Said lot(String text, Project project) {
        Tape tape = project.keeper().tape();
        return switch (new SayLine(tape).read(text)) {
            case SayLine.Understood.Unclear unclear -> new Said.Unclear(unclear.message());
            case SayLine.Understood.Added added -> {
                String what = Describe.lot(added.quantity(), added.material(), tape);
                yield new Said.Change(
                        addition(what, added.quantity(), added.material(), added.place()),
                        what,
                        String.join(
                                ", ",
                                concat(Describe.flaws(added.material(), tape), added.assumed())));
            }
        };
    }

    private static List<String> concat(List<String> a, List<String> b) {
        List<String> both = new java.util.ArrayList<>(a);
        both.addAll(b);
        return both;
    }

    private static Edit addition(String what, int quantity, Material material, String place) {
        Lot.Provenance provenance = new Lot.Provenance(place, "", "", Money.ZERO);
        return new Edit(
                Words.say("edit.add", what),
                p ->
                        p.withHeap(
                                p.heap()
                                        .plus(
                                                new Lot(
                                                        p.heap().freshId(material),
                                                        quantity,
                                                        material,
                                                        provenance))));
    }
}
