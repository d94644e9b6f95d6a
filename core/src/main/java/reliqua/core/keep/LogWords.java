package reliqua.core.keep;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import reliqua.core.flock.BirdClass;
import reliqua.core.flock.Flock;
import reliqua.core.flock.Predator;
import reliqua.core.measure.Money;

/** Words of the logbook: numbers, birds, animals, money and minutes. */
final class LogWords {
    /** Birds as they are called. */
    static final String BIRD =
            "(?:(?:point[- ]of[- ]lay|large|heavy|big|laying|bantam|standard|old|young|white|brown|black|red) )?"
                    + "(?:hens?|pullets?|layers?|chickens?|chooks?|birds?|bantams?|ducks?|drakes?|chicks?|poults?"
                    + "|cock(?:erel)?s?|roosters?|meat birds?|broilers?)";

    /** So many of them, or one. */
    static final String BIRDS =
            "(?:(\\d{1,3}|an?|the|our|my|one|\\d of the|\\d of my) )?(?:new |more |dead )?("
                    + BIRD
                    + ")";

    private static final List<String> NUMBERS =
            List.of(
                    "one",
                    "two",
                    "three",
                    "four",
                    "five",
                    "six",
                    "seven",
                    "eight",
                    "nine",
                    "ten",
                    "eleven",
                    "twelve",
                    "thirteen",
                    "fourteen",
                    "fifteen",
                    "sixteen",
                    "seventeen",
                    "eighteen",
                    "nineteen",
                    "twenty");

    private static final Map<Pattern, String> FIGURES = figures();
    private static final Map<Pattern, Predator> ANIMALS = animals();

    private static final Pattern MONEY =
            Pattern.compile(
                    "(?i)(?:\\b(?:for|at|cost|paid) )?(?:[£$€] ?(\\d{1,5}(?:[.,]\\d{1,2})?)|\\b(\\d{1,5}[.,]\\d{2})(?![\\d.])"
                            + "|(?<=\\bfor )(\\d{1,5})$|(?<![-\\d.x] ?)\\b(\\d{1,5}(?:\\.\\d)?)$)");
    private static final Pattern MINUTES =
            Pattern.compile(
                    "(?i)\\b(?:half an hour|(?:(\\d{1,2})(?:[.,](5))? ?(?:h|hrs?|hours?)\\b)(?: ?(\\d{1,2})\\b(?: ?(?:min(?:ute)?s?|m)\\b)?)?"
                            + "|(\\d{1,3}) ?(?:min(?:ute)?s?|m)\\b)");

    private LogWords() {}

    private static Map<Pattern, String> figures() {
        Map<Pattern, String> all = new LinkedHashMap<>();
        all.put(whole("half a dozen"), "6");
        all.put(whole("(?:a|one) dozen"), "12");
        all.put(whole("two dozen|2 dozen"), "24");
        all.put(whole("three dozen|3 dozen"), "36");
        all.put(whole("dozen"), "12");
        all.put(whole("a couple(?: of)?"), "2");
        for (int n = NUMBERS.size(); n > 0; n--) {
            all.put(whole(NUMBERS.get(n - 1)), String.valueOf(n));
        }
        all.put(whole("(?:minus|below zero) (?=\\d)"), "-");
        return all;
    }

    private static Pattern whole(String words) {
        return Pattern.compile("(?i)\\b(?:" + words + ")(?<! )\\b|\\b(?:" + words + ")(?<= )");
    }

    private static Map<Pattern, Predator> animals() {
        Map<Pattern, Predator> all = new LinkedHashMap<>();
        all.put(whole("raccoons?|coons?|possums?|opossums?"), Predator.RACCOON);
        all.put(whole("fox(?:es)?|vixen|coyotes?"), Predator.FOX);
        all.put(whole("dogs?|dog's"), Predator.DOG);
        all.put(whole("badgers?|skunks?"), Predator.BADGER);
        all.put(whole("stoats?|ermines?|ferrets?|polecats?"), Predator.STOAT);
        all.put(whole("minks?"), Predator.MINK);
        all.put(whole("weasels?"), Predator.WEASEL);
        all.put(whole("rats?"), Predator.RAT);
        all.put(whole("mouse|mice"), Predator.MOUSE);
        all.put(whole("snakes?"), Predator.SNAKE);
        all.put(
                whole("hawks?|buzzards?|kites?|falcons?|eagles?|goshawks?|sparrowhawks?"),
                Predator.HAWK);
        all.put(whole("owls?"), Predator.OWL);
        all.put(
                whole("wild birds|sparrows?|starlings?|pigeons?|crows?|magpies?|gulls?|jackdaws?"),
                Predator.WILD_BIRDS);
        all.put(whole("bears?"), Predator.BEAR);
        return all;
    }

    /** Numbers in words become figures; white space becomes single blanks. */
    static String figures(String text) {
        String said = text.strip().replaceAll("\\s+", " ").replace('−', '-').replace('–', '-');
        for (Map.Entry<Pattern, String> each : FIGURES.entrySet()) {
            said = each.getKey().matcher(said).replaceAll(each.getValue());
        }
        return said;
    }

    /** The first animal that is named. */
    static Optional<Predator> animal(String text) {
        return ANIMALS.entrySet().stream()
                .filter(e -> e.getKey().matcher(text).find())
                .map(Map.Entry::getValue)
                .findFirst();
    }

    /** Birds by what they are called; without a class those most of the flock are of. */
    static Birds birds(String word, int count, Flock flock) {
        String low = word.toLowerCase(java.util.Locale.ROOT);
        boolean cocks = low.matches(".*\\b(?:cock(?:erel)?s?|roosters?|drakes?)$");
        return new Birds(count, kind(low, cocks, flock), cocks);
    }

    private static BirdClass kind(String low, boolean cocks, Flock flock) {
        if (low.contains("bantam")) {
            return BirdClass.BANTAM;
        }
        if (low.matches(".*\\b(?:ducks?|drakes?)$")) {
            return BirdClass.DUCK;
        }
        if (low.contains("meat") || low.contains("broiler")) {
            return BirdClass.MEAT;
        }
        if (low.startsWith("large") || low.startsWith("heavy") || low.startsWith("big")) {
            return BirdClass.LARGE;
        }
        if (cocks && !flock.cocks().isEmpty()) {
            return flock.cocks().firstKey();
        }
        return flock.cockClass();
    }

    /** A count in figures; "a" and "the" are one. */
    static int count(@org.jspecify.annotations.Nullable String word) {
        return word == null || !Character.isDigit(word.charAt(0))
                ? 1
                : Integer.parseInt(word.split(" ", 2)[0]);
    }

    /** A piece of a text that means something, and the text without it. */
    record Found<T>(T value, String rest) {}

    /**
     * An amount of money: with a sign, with two decimals, or the number that is left at the end.
     */
    static Optional<Found<Money>> money(String text) {
        Matcher m = MONEY.matcher(text);
        if (!m.find()) {
            return Optional.empty();
        }
        String amount =
                java.util.stream.Stream.of(m.group(1), m.group(2), m.group(3), m.group(4))
                        .filter(java.util.Objects::nonNull)
                        .findFirst()
                        .orElseThrow();
        return Optional.of(
                new Found<>(
                        Money.of(Double.parseDouble(amount.replace(',', '.'))), without(text, m)));
    }

    /** A time that something took. */
    static Optional<Found<Integer>> minutes(String text) {
        Matcher m = MINUTES.matcher(text);
        if (!m.find()) {
            return Optional.empty();
        }
        int minutes;
        if (m.group(4) != null) {
            minutes = Integer.parseInt(m.group(4));
        } else if (m.group(1) == null) {
            minutes = 30;
        } else {
            minutes =
                    Integer.parseInt(m.group(1)) * 60
                            + (m.group(2) == null ? 0 : 30)
                            + (m.group(3) == null ? 0 : Integer.parseInt(m.group(3)));
        }
        return Optional.of(new Found<>(minutes, without(text, m)));
    }

    /** A text without what was found in it. */
    static String without(String text, Matcher found) {
        return (text.substring(0, found.start()) + " " + text.substring(found.end()))
                .replaceAll("\\s+", " ")
                .replaceAll("\\b(?:for|at|in|took)\\s*$", "")
                .strip();
    }
}
