package reliqua.core.project;

import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import reliqua.core.flock.BirdClass;
import reliqua.core.flock.Flock;
import reliqua.core.flock.Needs;
import reliqua.core.flock.Pen;
import reliqua.core.flock.Practice;
import reliqua.core.flock.WhatIf;
import reliqua.core.measure.Words;

/** What is said of the flock: who they are, how they are kept, what for. */
final class BirdPhrases {
    private static final String COUNT =
            "(no|an?|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|\\d{1,3})";
    private static final List<String> NUMBERS =
            List.of(
                    "no", "one", "two", "three", "four", "five", "six", "seven", "eight", "nine",
                    "ten", "eleven", "twelve");
    private static final String BIRDS =
            "(bantam (?:hens?|birds?)|bantams?|large (?:hens?|birds?)|heavy (?:hens?|birds?)|big (?:hens?|birds?)"
                    + "|large|standard (?:hens?|birds?)|standards?|laying hens?|hens?|chickens?|chooks?|layers?|pullets?|birds?"
                    + "|ducks?|drakes?|meat (?:birds?|chickens?)|meat|broilers?|table birds?)";
    private static final String COCKS =
            "(?:(bantam|standard|large|heavy) )?(?:cock(?:erel)?s?|roosters?)";

    static final List<Phrase> ALL =
            List.of(
                    Phrase.of(COUNT + " more " + BIRDS, (m, p) -> hens(m.group(2), more(m, p), p)),
                    Phrase.of(
                            "(?:keep )?" + COUNT + " " + BIRDS,
                            (m, p) -> hens(m.group(2), count(m.group(1)), p)),
                    Phrase.of(
                            BIRDS + ":? " + COUNT,
                            (m, p) -> hens(m.group(1), count(m.group(2)), p)),
                    Phrase.of(COUNT + " " + COCKS, (m, p) -> cocks(m.group(2), count(m.group(1)))),
                    Phrase.of(
                            "(?:cocks?|roosters?) (\\d{1,3})",
                            (m, _) -> cocks(null, count(m.group(1)))),
                    Phrase.of(
                            "(?:out all day|free[- ]?rang(?:e|ing)|ranging)",
                            (_, _) -> style(Flock.Style.OUT_ALL_DAY)),
                    Phrase.of(
                            "(?:run only|in a run|kept in(?: a run)?)",
                            (_, _) -> style(Flock.Style.RUN_ONLY)),
                    Phrase.of(
                            "moved (?:daily|every day)", (_, _) -> style(Flock.Style.MOVED_DAILY)),
                    Phrase.of(
                            "never out",
                            (_, _) ->
                                    Phrase.change(
                                            p -> p.withFlock(WhatIf.NEVER_OUT.apply(p.flock())),
                                            "whatIf.NEVER_OUT")),
                    Phrase.of(
                            "(not )?for (eggs|meat|breeding|the garden|garden)",
                            (m, _) -> purpose(m)),
                    Phrase.of(
                            "no pens",
                            (_, _) ->
                                    Phrase.change(
                                            p -> p.withFlock(p.flock().withPens(List.of())),
                                            "say.pens.none")),
                    Phrase.of(
                            "(?:pen (?:for|of) )?"
                                    + COUNT
                                    + " (newcomers?|brood(?:y|ies)|broody hens?|sick(?: birds?)?)(?: apart)?",
                            (m, _) -> pen(m)),
                    Phrase.of(
                            "breed pen (?:of )?" + COUNT,
                            (m, _) -> pen(Pen.Kind.BREED, count(m.group(1)))),
                    Phrase.of(
                            "growth (\\d{1,3}) ?(?:%|percent)?",
                            (m, _) -> growth(Integer.parseInt(m.group(1)))));

    private static final Map<String, Flock.Purpose> PURPOSES =
            Map.of(
                    "eggs", Flock.Purpose.EGGS,
                    "meat", Flock.Purpose.MEAT,
                    "breeding", Flock.Purpose.BREEDING,
                    "garden", Flock.Purpose.GARDEN,
                    "the garden", Flock.Purpose.GARDEN);

    private BirdPhrases() {}

    static int count(String word) {
        if (word.equals("a") || word.equals("an")) {
            return 1;
        }
        int number = NUMBERS.indexOf(word);
        return number >= 0 ? number : Integer.parseInt(word);
    }

    private static BirdClass kind(String word) {
        if (word.startsWith("bantam")) {
            return BirdClass.BANTAM;
        }
        if (word.startsWith("duck") || word.startsWith("drake")) {
            return BirdClass.DUCK;
        }
        if (word.startsWith("meat") || word.startsWith("broiler") || word.startsWith("table")) {
            return BirdClass.MEAT;
        }
        boolean heavy =
                word.startsWith("large") || word.startsWith("heavy") || word.startsWith("big");
        return heavy ? BirdClass.LARGE : BirdClass.STANDARD;
    }

    private static int more(Matcher m, Project project) {
        BirdClass kind = kind(m.group(2));
        return project.flock().hens().getOrDefault(kind, 0) + count(m.group(1));
    }

    private static SayEdit.Said hens(String word, int count, Project project) {
        BirdClass kind = kind(word);
        String birds = count + " " + Needs.name(kind, count).words(project.keeper().tape());
        int before = project.flock().hens().getOrDefault(kind, 0);
        return new SayEdit.Said.Change(
                new Edit(
                        Words.say("edit.birds", birds),
                        p -> p.withFlock(p.flock().with(kind, count))),
                birds,
                Words.say("say.birds.before", before));
    }

    private static SayEdit.Said cocks(@org.jspecify.annotations.Nullable String word, int count) {
        return Phrase.change(
                p -> {
                    BirdClass kind = word == null ? p.flock().cockClass() : kind(word);
                    return p.withFlock(p.flock().withCocks(kind, count));
                },
                "say.cocks",
                count);
    }

    private static SayEdit.Said style(Flock.Style style) {
        return Phrase.change(
                p -> p.withFlock(WhatIf.kept(p.flock(), style)), "style." + style.name());
    }

    private static SayEdit.Said purpose(Matcher m) {
        Flock.Purpose purpose = PURPOSES.getOrDefault(m.group(2), Flock.Purpose.EGGS);
        boolean without = m.group(1) != null;
        return Phrase.change(
                p -> p.withFlock(p.flock().with(purpose, !without)),
                without ? "say.purpose.not" : "say.purpose",
                Words.say("purpose." + purpose.name()));
    }

    private static SayEdit.Said pen(Matcher m) {
        String word = m.group(2);
        Pen.Kind kind =
                word.startsWith("new")
                        ? Pen.Kind.NEWCOMERS
                        : word.startsWith("sick") ? Pen.Kind.SICK : Pen.Kind.BROODY;
        return pen(kind, count(m.group(1)));
    }

    private static SayEdit.Said pen(Pen.Kind kind, int birds) {
        return Phrase.change(
                p -> p.withFlock(p.flock().withPen(kind, birds)),
                "say.pen",
                Words.say("pen." + kind.name()),
                birds);
    }

    private static SayEdit.Said growth(int percent) {
        return Phrase.change(
                p -> {
                    Practice practice = p.flock().practice().withGrowth(percent);
                    return p.withFlock(p.flock().with(practice));
                },
                "say.growth",
                percent);
    }
}
