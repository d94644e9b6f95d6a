package reliqua.core.keep;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import reliqua.core.flock.Flock;
import reliqua.core.flock.Predator;
import reliqua.core.keep.Happening.Cause;
import reliqua.core.measure.Money;

/** What is said of birds that came, went or were lost. */
final class LogBirdPhrases {
    private static final String NAME = "([\\p{Lu}][\\p{L}'-]+)";
    private static final Pattern LOST = LogPhrases.of("^lost (?:" + LogWords.BIRDS + ")?(.*)$");
    private static final Pattern PASSIVE =
            LogPhrases.of("^" + LogWords.BIRDS + "(.*?) lost\\b(.*)$");
    private static final Pattern TAKEN =
            LogPhrases.of(
                    "^(?:a |the |something )?(.*?) ?(?:took|got|killed|ate|had) (?:"
                            + LogWords.BIRDS
                            + "|(?-i:\\p{Lu})[\\p{L}'-]+$)(.*)$");
    private static final Pattern DIED =
            LogPhrases.of(
                    "^(?:found )?(?:"
                            + LogWords.BIRDS
                            + "|\\p{L}[\\p{L}'-]+)?(.*?)\\b(?:died|dead|missing|found dead|passed away)\\b(.*)$");
    private static final Pattern FOUND_DEAD =
            LogPhrases.of("^found (?=.*\\bdead\\b)" + LogWords.BIRDS + "(.*)$");
    private static final Pattern CULLED =
            LogPhrases.of(
                    "^(?:had to )?(?:cull|culled|put down|put \\p{L}+ down)(?: "
                            + LogWords.BIRDS
                            + ")?(.*)$");
    private static final Pattern EATEN =
            LogPhrases.of(
                    "^(?:killed|slaughtered|butchered|dispatched|ate) "
                            + LogWords.BIRDS
                            + "(?: (?:for .*|today))?$");
    private static final Pattern IN =
            LogPhrases.of(
                    "^(?:(?:bought|got|added|hatched|took in|new) )?"
                            + LogWords.BIRDS
                            + "(?: (in|arrived|joined|came))?\\b(.*)$");
    private static final Pattern OUT =
            LogPhrases.of(
                    "^(sold|gave away|gave|rehomed|swapped)? ?"
                            + LogWords.BIRDS
                            + "(?: (out|gone|left|given away|sold|rehomed|went in(?:to)? the pot))?\\b(.*)$");
    private static final Pattern CAME =
            LogPhrases.of("^(?:bought|got|added|hatched|took in|new)\\b|\\bnew\\b.*");
    private static final Pattern ILL =
            LogPhrases.of(
                    "\\b(?:sick|ill|illness|egg[- ]?bound|prolapse|disease|infection|sour crop|impacted crop|worms|canker|bumblefoot|cough(?:ing)?)\\b");
    private static final Pattern OLD = LogPhrases.of("\\b(?:old age|of age|too old)\\b");

    private final Flock flock;

    LogBirdPhrases(Flock flock) {
        this.flock = flock;
    }

    /** Why a bird is gone, as far as it is told. */
    Optional<Cause> cause(String text) {
        if (ILL.matcher(text).find()) {
            return Optional.of(Cause.ILLNESS);
        }
        return OLD.matcher(text).find() ? Optional.of(Cause.AGE) : Optional.empty();
    }

    Optional<Happening> lost(String text) {
        Matcher taken = TAKEN.matcher(text);
        if (taken.matches() && LogWords.animal(taken.group(1)).isPresent()) {
            return lost(taken.group(2), taken.group(3), text, false);
        }
        Matcher passive = PASSIVE.matcher(text);
        if (passive.matches()) {
            return lost(passive.group(1), passive.group(2), text, false);
        }
        for (Pattern each : java.util.List.of(LOST, CULLED, FOUND_DEAD, DIED)) {
            Matcher m = each.matcher(text);
            if (m.matches() && (m.group(2) != null || each != DIED || named(text))) {
                return lost(m.group(1), m.group(2), text, each == CULLED);
            }
        }
        return Optional.empty();
    }

    /** A bird that has a name: a word in capitals that starts the sentence or follows "found". */
    private static boolean named(String text) {
        return Pattern.compile("^(?:[Ff]ound )?" + NAME + "\\b").matcher(text).find();
    }

    private Optional<Happening> lost(
            @Nullable String count, @Nullable String word, String text, boolean culled) {
        Optional<Predator> animal = LogWords.animal(text);
        Cause cause =
                animal.isPresent()
                        ? Cause.PREDATOR
                        : cause(text).orElse(culled ? Cause.ILLNESS : Cause.UNKNOWN);
        Birds birds = LogWords.birds(word == null ? "hen" : word, LogWords.count(count), flock);
        return Optional.of(new Happening.Lost(birds, text, cause, animal));
    }

    Optional<Happening> moved(String text) {
        Matcher eaten = EATEN.matcher(text);
        if (eaten.matches()) {
            return Optional.of(
                    new Happening.Left(birds(eaten.group(1), eaten.group(2)), Money.ZERO));
        }
        Matcher out = OUT.matcher(text);
        if (out.matches() && (out.group(1) != null || out.group(4) != null)) {
            return Optional.of(
                    new Happening.Left(birds(out.group(2), out.group(3)), money(out.group(5))));
        }
        Matcher in = IN.matcher(text);
        boolean came = CAME.matcher(text).find() || in.matches() && in.group(3) != null;
        return in.matches() && came
                ? Optional.of(
                        new Happening.Joined(birds(in.group(1), in.group(2)), money(in.group(4))))
                : Optional.empty();
    }

    private Birds birds(@Nullable String count, String word) {
        return LogWords.birds(word, LogWords.count(count), flock);
    }

    private static Money money(@Nullable String text) {
        return text == null
                ? Money.ZERO
                : LogWords.money(text.strip()).map(LogWords.Found::value).orElse(Money.ZERO);
    }
}
