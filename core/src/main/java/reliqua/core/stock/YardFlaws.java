package reliqua.core.stock;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import reliqua.core.measure.Length;

/**
 * What is said to be wrong along a stick or roofing sheet, and how far a stick is out of true.
 * Where a flaw lies may depend on the whole length ("2 ft from the end"), so places are kept until
 * that is known.
 */
final class YardFlaws {
    private static final String L = "(" + YardSizes.LENGTH + ")";
    private static final String WHAT =
            "(rot(?:ten|ted)?|split(?:s|ting)?|crack(?:s|ed)?|check(?:s|ed)|knot ?holes?|knots?|notch(?:es|ed)?|nail rows?|nails?|bolt ?holes?|(?:screw )?holes?|rust(?:y|ed|ing)?)";
    private static final String END =
            "(?:the |one |an |each |both |either |other |far |near )?ends?";
    private static final Length CLEARANCE = Length.mm(13);
    private static final Length USUAL_WARP = Length.mm(12);
    private static final Length USUAL_END = Length.mm(150);

    private static final Pattern WARP =
            Pattern.compile(
                    "\\b(bow(?:ed)?|bent|warp(?:ed)?|crook(?:ed)?|crown(?:ed)?|twist(?:ed)?|cup(?:ped)?)\\b(?: (?:of|by|about|over|is))? ?"
                            + L);
    private static final Pattern WARP_BEHIND =
            Pattern.compile(L + " (?:of )?(bow|crook|crown|twist|cup|warp)\\b(?! ?\\d)");
    private static final Pattern WARP_ALONE =
            Pattern.compile("\\b(bowed|bent|warped|crooked|twisted|cupped)\\b");
    private static final Pattern FROM_TO =
            Pattern.compile(
                    WHAT
                            + " (?:is |from |at |between )*"
                            + L
                            + " ?(?:to|-|and|up to|through) ?"
                            + L);
    private static final Pattern WHOLE =
            Pattern.compile(
                    WHAT
                            + " (?:all|right|clean)\\b(?: (?:of it|along|through|over|down|the way))*");
    private static final Pattern ONWARDS =
            Pattern.compile(
                    WHAT
                            + " (?:is )?from "
                            + L
                            + "(?: (?:on(?:wards?)?|to (?:the |its )?end)\\b)?");
    private static final Pattern LAST =
            Pattern.compile(
                    "(?:"
                            + WHAT
                            + " (?:in |on |at |for )*(?:the )?(last|first) "
                            + L
                            + "|(?:the )?(last|first) "
                            + L
                            + " (?:is |are |of it |has )?"
                            + WHAT
                            + ")");
    private static final Pattern FROM_END =
            Pattern.compile(WHAT + " (?:at |about )?" + L + " (?:in )?(?:from|off) (" + END + ")");
    private static final Pattern AT_END =
            Pattern.compile(
                    "(?:"
                            + L
                            + " of )?"
                            + WHAT
                            + " ?(?:about )?"
                            + L
                            + "? ?(?:at|on|in|down)? ("
                            + END
                            + ")\\b(?: (?:for|about|by) "
                            + L
                            + "| "
                            + L
                            + ")?");
    private static final Pattern END_FIRST =
            Pattern.compile(
                    "((?:the |one |an |each |both |either |other )?ends?) (?:is |are |has |have )?"
                            + WHAT
                            + "(?: (?:for |about |by )?"
                            + L
                            + ")?");
    private static final Pattern MIDDLE =
            Pattern.compile(
                    "(?:"
                            + L
                            + " of )?"
                            + WHAT
                            + " ?"
                            + L
                            + "? ?(?:in|at|near|about) (?:the )?(?:middle|centre|center)");
    private static final Pattern AT =
            Pattern.compile(
                    WHAT
                            + " (?:at |near |around |every )+"
                            + L
                            + "((?: ?(?:,|and|,? and) ?"
                            + L
                            + ")*)");
    private static final Pattern AMOUNT =
            Pattern.compile("(?:" + WHAT + " (?:about )?" + L + "|" + L + " of " + WHAT + ")");
    private static final Pattern ALONE = Pattern.compile("\\b" + WHAT + "\\b");

    /** A word for something that is wrong, wherever it stands. */
    static final Pattern NAMED = ALONE;

    private static final Pattern EACH_LENGTH = Pattern.compile(L);

    private final YardSizes sizes;
    private final List<Function<Length, List<Flaw>>> flaws = new ArrayList<>();
    private Warp warp = Warp.NONE;
    private boolean nailsSomewhere;

    YardFlaws(YardSizes sizes) {
        this.sizes = sizes;
    }

    /** Takes warp and flaws out of a line. */
    static YardFlaws take(YardText text, YardSizes sizes) {
        YardFlaws flaws = new YardFlaws(sizes);
        text.takeAll(WARP).forEach(m -> flaws.warp(m.group(1), m.group(2)));
        text.takeAll(WARP_ALONE).forEach(m -> flaws.warp(m.group(1), null));
        text.takeAll(WARP_BEHIND).forEach(m -> flaws.warp(m.group(2), m.group(1)));
        text.takeAll(FROM_TO).forEach(m -> flaws.stretch(m.group(1), m.group(2), m.group(3)));
        text.takeAll(WHOLE).forEach(m -> flaws.whole(m.group(1)));
        text.takeAll(LAST).forEach(flaws::last);
        text.takeAll(FROM_END).forEach(flaws::fromEnd);
        text.takeAll(ONWARDS).forEach(m -> flaws.onwards(m.group(1), m.group(2)));
        text.takeAll(END_FIRST)
                .forEach(m -> flaws.end(m.group(2), m.group(1), Optional.ofNullable(m.group(3))));
        text.takeAll(AT_END).forEach(flaws::atEnd);
        text.takeAll(MIDDLE).forEach(flaws::middle);
        text.takeAll(AT).forEach(m -> flaws.points(m.group(1), m.group(2) + " " + m.group(3)));
        text.takeAll(AMOUNT).forEach(flaws::amount);
        text.takeAll(ALONE).forEach(m -> flaws.alone(m.group(1)));
        return flaws;
    }

    private static Flaw.Kind kind(String word) {
        if (word.startsWith("rot")) {
            return Flaw.Kind.ROT;
        }
        if (word.startsWith("split") || word.startsWith("crack") || word.startsWith("check")) {
            return Flaw.Kind.SPLIT;
        }
        if (word.startsWith("knot")) {
            return Flaw.Kind.KNOT;
        }
        if (word.startsWith("notch")) {
            return Flaw.Kind.NOTCH;
        }
        if (word.startsWith("nail")) {
            return Flaw.Kind.NAILS;
        }
        return word.startsWith("rust") ? Flaw.Kind.RUST : Flaw.Kind.HOLE;
    }

    /** Without an amount: enough to keep it from doors. */
    private void warp(String word, @org.jspecify.annotations.Nullable String amount) {
        Length gap = amount == null ? USUAL_WARP : sizes.read(amount);
        String kind;
        if (word.startsWith("crook") || word.startsWith("crown")) {
            warp = warp.withCrook(gap);
            kind = "crook";
        } else if (word.startsWith("twist")) {
            warp = warp.withTwist(gap);
            kind = "twist";
        } else if (word.startsWith("cup")) {
            warp = warp.withCup(gap);
            kind = "cup";
        } else {
            warp = warp.withBow(gap);
            kind = "bow";
        }
        if (amount == null) {
            sizes.note("flaw." + kind, sizes.say(gap));
        }
    }

    private void stretch(String what, String from, String to) {
        Flaw.Kind kind = kind(what);
        String unit = to.replaceFirst("^" + YardSizes.NUMBER + "[ -]?", "").strip();
        boolean bare = from.strip().matches(YardSizes.NUMBER);
        Length start = sizes.read(bare && !unit.isEmpty() ? from.strip() + " " + unit : from);
        Length end = sizes.read(to);
        flaws.add(_ -> List.of(new Flaw(kind, start.min(end), start.max(end))));
    }

    private void whole(String what) {
        Flaw.Kind kind = kind(what);
        flaws.add(whole -> List.of(new Flaw(kind, Length.ZERO, whole)));
    }

    /** From a place to the end. */
    private void onwards(String what, String from) {
        Flaw.Kind kind = kind(what);
        Length start = sizes.read(from);
        flaws.add(whole -> List.of(new Flaw(kind, start, whole.max(start.plus(CLEARANCE)))));
    }

    private void last(Matcher m) {
        String what = m.group(1) == null ? m.group(6) : m.group(1);
        String which = m.group(2) == null ? m.group(4) : m.group(2);
        Length amount = sizes.read(m.group(3) == null ? m.group(5) : m.group(3));
        Flaw.Kind kind = kind(what);
        flaws.add(
                whole ->
                        "first".equals(which)
                                ? List.of(new Flaw(kind, Length.ZERO, amount))
                                : List.of(new Flaw(kind, whole.minus(amount), whole)));
    }

    private void fromEnd(Matcher m) {
        Flaw.Kind kind = kind(m.group(1));
        Length away = sizes.read(m.group(2));
        boolean both = m.group(3).startsWith("both") || m.group(3).startsWith("each");
        flaws.add(
                whole -> {
                    List<Flaw> all = new ArrayList<>();
                    all.add(fromEnd(kind, whole.minus(away), whole));
                    if (both) {
                        all.add(fromEnd(kind, Length.ZERO, away));
                    }
                    return all;
                });
    }

    /**
     * Rot and rust are taken to reach the end, which is on the safe side; others are at a place.
     */
    private static Flaw fromEnd(Flaw.Kind kind, Length from, Length to) {
        if (kind == Flaw.Kind.ROT || kind == Flaw.Kind.RUST) {
            return new Flaw(kind, from.minus(CLEARANCE), to.plus(CLEARANCE));
        }
        return around(kind, from.isPositive() ? from : to);
    }

    private static Flaw around(Flaw.Kind kind, Length at) {
        return new Flaw(kind, at.minus(CLEARANCE), at.plus(CLEARANCE));
    }

    private void atEnd(Matcher m) {
        Optional<String> amount = Optional.empty();
        for (int group : new int[] {1, 3, 5, 6}) {
            amount = amount.or(() -> Optional.ofNullable(m.group(group)));
        }
        end(m.group(2), m.group(4), amount);
    }

    private void end(String what, String which, Optional<String> amount) {
        Flaw.Kind kind = kind(what);
        Length size = amount.map(sizes::read).orElse(USUAL_END);
        if (amount.isEmpty()) {
            sizes.note("say.assumed.end", sizes.say(size));
        }
        boolean both = which.startsWith("both") || which.startsWith("each") || which.endsWith("s");
        flaws.add(
                whole -> {
                    List<Flaw> all = new ArrayList<>();
                    all.add(new Flaw(kind, whole.minus(size), whole));
                    if (both) {
                        all.add(new Flaw(kind, Length.ZERO, size));
                    }
                    return all;
                });
    }

    private void middle(Matcher m) {
        Flaw.Kind kind = kind(m.group(2));
        Optional<String> said =
                Optional.ofNullable(m.group(1)).or(() -> Optional.ofNullable(m.group(3)));
        Length half = said.map(sizes::read).map(Length::half).orElse(CLEARANCE);
        flaws.add(
                whole ->
                        List.of(new Flaw(kind, whole.half().minus(half), whole.half().plus(half))));
    }

    private void points(String what, String places) {
        Flaw.Kind kind = kind(what);
        Matcher each = EACH_LENGTH.matcher(places);
        while (each.find()) {
            Length at = sizes.read(each.group());
            flaws.add(_ -> List.of(around(kind, at)));
        }
    }

    /** So much of it without a place: taken to be at the end; nails are at a place. */
    private void amount(Matcher m) {
        String what = m.group(1) == null ? m.group(4) : m.group(1);
        String amount = m.group(2) == null ? m.group(3) : m.group(2);
        Flaw.Kind kind = kind(what);
        if (kind == Flaw.Kind.NAILS || kind == Flaw.Kind.HOLE || kind == Flaw.Kind.KNOT) {
            points(what, amount);
            return;
        }
        sizes.note("say.assumed.end", sizes.say(sizes.read(amount)));
        end(what, "end", Optional.of(amount));
    }

    private void alone(String what) {
        Flaw.Kind kind = kind(what);
        if (kind == Flaw.Kind.NAILS) {
            nailsSomewhere = true;
        } else if (kind != Flaw.Kind.KNOT && kind != Flaw.Kind.HOLE) {
            end(what, "end", Optional.empty());
        }
    }

    Warp warp() {
        return warp;
    }

    /** Nails are there, but nobody said where. */
    boolean nailsSomewhere() {
        return nailsSomewhere;
    }

    /** The flaws of a thing of this length. */
    List<Flaw> on(Length whole) {
        return flaws.stream().flatMap(f -> f.apply(whole).stream()).toList();
    }
}
