package reliqua.core.project;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import reliqua.core.coop.family.AddOn;
import reliqua.core.coop.family.CoopFamily;
import reliqua.core.coop.family.Families;
import reliqua.core.measure.Language;
import reliqua.core.measure.Length;
import reliqua.core.measure.Talk;
import reliqua.core.measure.Tape;
import reliqua.core.measure.Words;
import reliqua.core.stock.Lot;
import reliqua.core.stock.SayLine;

/**
 * Turns a spoken line into an edit of a project: a lot called out, birds counted, a dimension held
 * or let go.
 */
public final class SayEdit {
    private static final List<Phrase> PHRASES =
            Stream.of(
                            SitePhrases.ALL,
                            lengths(),
                            BirdPhrases.ALL,
                            PracticePhrases.ALL,
                            KeeperPhrases.ALL)
                    .flatMap(List::stream)
                    .toList();

    /** A comma between digits is a decimal one. */
    private static final String BETWEEN = "\\s*(?:(?<!\\d),|,(?!\\d)|;|\\band\\b)\\s*";

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

    /**
     * Reads a line as said to this project: one phrase, several phrases with commas between them,
     * or a lot for the heap.
     */
    public static Said read(String line, Project project) {
        if (line.length() > SayLine.LONGEST) {
            return new Said.Unclear(Words.say("say.long", SayLine.LONGEST));
        }
        String text = Talk.english(line.strip()).toLowerCase(Locale.ROOT).replaceAll("\\s+", " ");
        return several(text, project)
                .or(() -> Phrase.read(text, project, PHRASES))
                .orElseGet(() -> lot(text, project));
    }

    /** All phrases as one edit; nothing when none of them is one, as in a line about a lot. */
    private static Optional<Said> several(String text, Project project) {
        List<String> parts = List.of(text.split(BETWEEN));
        if (parts.size() < 2) {
            return Optional.empty();
        }
        List<Said.Change> changes = new ArrayList<>();
        List<String> lost = new ArrayList<>();
        Project after = project;
        for (String part : parts) {
            Optional<Said> said = Phrase.read(part, after, PHRASES);
            if (said.isPresent() && said.get() instanceof Said.Change change) {
                changes.add(change);
                after = change.edit().change().apply(after);
            } else {
                lost.add(
                        said.map(s -> ((Said.Unclear) s).message())
                                .orElseGet(() -> Words.say("say.part", part)));
            }
        }
        if (changes.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(lost.isEmpty() ? together(changes) : new Said.Unclear(lost.getFirst()));
    }

    private static Said together(List<Said.Change> changes) {
        String echo = String.join(", ", changes.stream().map(Said.Change::echo).toList());
        return new Said.Change(
                new Edit(
                        echo,
                        p -> {
                            Project after = p;
                            for (Said.Change change : changes) {
                                after = change.edit().change().apply(after);
                            }
                            return after;
                        }),
                echo,
                "");
    }

    /** "width 62 1/2" and "free width", for the lengths of every family and of what is built on. */
    private static List<Phrase> lengths() {
        String keys =
                Stream.concat(
                                Families.all().stream().flatMap(f -> f.keys().stream()),
                                Stream.of(AddOn.values()).flatMap(a -> a.keys().stream()))
                        .distinct()
                        .map(key -> key.replace("-", "[ -]"))
                        .collect(Collectors.joining("|"));
        return List.of(
                Phrase.of("(" + keys + ") (.+)", (m, p) -> hold(key(m), m.group(2), p)),
                Phrase.of(
                        "(?:free|release) (" + keys + ")",
                        (m, _) ->
                                Phrase.change(
                                        p -> p.release(key(m)),
                                        "say.release",
                                        dimensionWord(key(m)))),
                Phrase.of(
                        "(?:build )?(?:an? )?(" + familyWords() + ")",
                        (m, _) -> seek(m.group(1).toLowerCase(Locale.ROOT))),
                Phrase.of(
                        "(?:build )?(?:any kind(?: of coop)?|whatever (?:suits|fits)(?: best)?)",
                        (_, _) -> Phrase.change(Project::seekingAny, "say.seekAny")),
                Phrase.of(
                        "(with|without|no) (?:an? |the )?(" + addOnWords() + ")",
                        (m, _) -> builtOn(m.group(2), m.group(1).equals("with"))));
    }

    private static String familyWords() {
        return Families.all().stream()
                .map(f -> Words.in(Language.ENGLISH, "family." + f.id()).toLowerCase(Locale.ROOT))
                .collect(Collectors.joining("|"));
    }

    private static Said seek(String name) {
        CoopFamily family =
                Families.all().stream()
                        .filter(
                                f ->
                                        Words.in(Language.ENGLISH, "family." + f.id())
                                                .equalsIgnoreCase(name))
                        .findFirst()
                        .orElseThrow();
        return Phrase.change(
                p -> p.seeking(family), "say.seek", Words.say("family." + family.id()));
    }

    private static String key(Matcher phrase) {
        return phrase.group(1).replace(' ', '-');
    }

    private static String addOnWords() {
        return Stream.of(AddOn.values())
                .map(a -> Words.in(Language.ENGLISH, "addon." + a.id()))
                .collect(Collectors.joining("|"));
    }

    private static Said builtOn(String name, boolean wanted) {
        AddOn addOn =
                Stream.of(AddOn.values())
                        .filter(a -> Words.in(Language.ENGLISH, "addon." + a.id()).equals(name))
                        .findFirst()
                        .orElseThrow();
        return Phrase.change(
                p -> p.with(addOn, wanted),
                wanted ? "say.with" : "say.without",
                Words.say("addon." + addOn.id()));
    }

    private static String dimensionWord(String key) {
        return Words.say("dimension." + key);
    }

    private static Said hold(String key, String length, Project project) {
        if (!project.keys().contains(key)) {
            return new Said.Unclear(
                    Words.say(
                            "say.dimension.none", Words.say("family." + project.kind().id()), key));
        }
        Tape tape = project.keeper().tape();
        Length held = SayLine.length(tape, length);
        if (!held.isPositive()) {
            return new Said.Unclear(Words.say("say.dimension.zero", dimensionWord(key)));
        }
        Optional<Length> built = project.built(key).filter(b -> !b.equals(held));
        if (built.isPresent()) {
            return new Said.Unclear(
                    Words.say("say.dimension.built", dimensionWord(key), tape.say(built.get())));
        }
        return Phrase.change(
                p -> p.hold(key, held), "say.hold", dimensionWord(key), tape.say(held));
    }

    private static Said lot(String text, Project project) {
        Tape tape = project.keeper().tape();
        return switch (new SayLine(tape).read(text)) {
            case SayLine.Understood.Unclear unclear -> new Said.Unclear(unclear.message());
            case SayLine.Understood.Added added -> {
                String what = Describe.lot(added.quantity(), added.material(), tape);
                List<String> details = new ArrayList<>(Describe.flaws(added.material(), tape));
                details.addAll(Describe.condition(added.condition()));
                details.addAll(added.assumed());
                yield new Said.Change(addition(what, added), what, String.join(", ", details));
            }
        };
    }

    private static Edit addition(String what, SayLine.Understood.Added added) {
        return new Edit(
                Words.say("edit.add", what),
                p ->
                        p.withHeap(
                                p.heap()
                                        .plus(
                                                new Lot(
                                                        p.freshId(added.material()),
                                                        added.quantity(),
                                                        added.material(),
                                                        added.provenance(),
                                                        added.condition()))));
    }
}
