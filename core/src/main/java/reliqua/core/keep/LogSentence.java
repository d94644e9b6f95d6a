package reliqua.core.keep;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import reliqua.core.flock.Flock;
import reliqua.core.keep.Happening.Eggs;
import reliqua.core.keep.Happening.Fed;
import reliqua.core.keep.Happening.Lost;
import reliqua.core.keep.Happening.Mended;
import reliqua.core.keep.Happening.Note;
import reliqua.core.keep.Happening.Weather;
import reliqua.core.measure.Money;
import reliqua.core.measure.Tape;

/**
 * What the parts of one line add up to: each part begins a happening of its own, or says more about
 * the one before ("2 cracked", "15 min", "2.40").
 */
final class LogSentence {
    private static final Pattern CRACKED =
            Pattern.compile(
                    "(?i)(?:incl(?:uding|\\.)? |with |of which )?(\\d{1,3}) (?:were |was |are |is )?(?:cracked|broken|soft(?:[- ]shell(?:ed)?)?|dirty|eaten)(?: \\D*)?");
    private static final Pattern MORE_EGGS =
            Pattern.compile(
                    "(?i)(?:and )?(\\d{1,3})(?: (?:more|later|blue|brown|white|green|olive|speckled|small|large))?");

    private final List<Happening> told = new ArrayList<>();
    private final LogPhrases phrases;

    LogSentence(Tape tape, Flock flock) {
        phrases = new LogPhrases(tape, flock);
    }

    /** Whether words like "today" belong to what is said and tell no day. */
    static boolean isWhole(String text) {
        return LogPhrases.isTemperature(text);
    }

    List<Happening> happenings() {
        return List.copyOf(told);
    }

    void add(String text) {
        Optional<Happening> more = told.isEmpty() ? Optional.empty() : more(told.getLast(), text);
        if (more.isPresent()) {
            told.set(told.size() - 1, more.get());
            return;
        }
        Happening next = phrases.read(text);
        if (next instanceof Weather weather
                && !told.isEmpty()
                && told.getLast() instanceof Weather before) {
            told.set(told.size() - 1, merged(before, weather));
        } else if (next instanceof Note note && !told.isEmpty()) {
            told.set(told.size() - 1, remarked(told.getLast(), note));
        } else if (next instanceof Mended mended
                && !told.isEmpty()
                && told.getLast() instanceof Note before) {
            told.set(told.size() - 1, about(mended, before.text()));
        } else {
            told.add(next);
        }
    }

    private static Mended about(Mended mended, String what) {
        return new Mended(
                mended.what().isBlank() ? what : what + ", " + mended.what(),
                mended.minutes(),
                mended.cost());
    }

    /** What a part says about the happening before it. */
    private Optional<Happening> more(Happening before, String text) {
        return switch (before) {
            case Eggs eggs -> moreEggs(eggs, text);
            case Fed fed when fed.cost().isZero() && LogPhrases.isMoney(text) ->
                    Optional.of(new Fed(fed.feed(), money(text)));
            case Mended mended -> moreMended(mended, text);
            case Weather weather -> phrases.temperature(text).map(t -> merged(weather, t));
            case Lost lost -> phrases.cause(text).map(c -> with(lost, c));
            default -> Optional.empty();
        };
    }

    private static Lost with(Lost lost, Happening.Cause cause) {
        return new Lost(
                lost.birds(),
                lost.who(),
                lost.cause() == Happening.Cause.UNKNOWN ? cause : lost.cause(),
                lost.animal());
    }

    private static Optional<Happening> moreEggs(Eggs eggs, String text) {
        Matcher cracked = CRACKED.matcher(text);
        if (cracked.matches()) {
            return Optional.of(
                    new Eggs(eggs.count(), eggs.cracked() + Integer.parseInt(cracked.group(1))));
        }
        Matcher later = MORE_EGGS.matcher(text);
        return later.matches()
                ? Optional.of(
                        new Eggs(eggs.count() + Integer.parseInt(later.group(1)), eggs.cracked()))
                : Optional.empty();
    }

    private static Optional<Happening> moreMended(Mended before, String text) {
        Optional<LogWords.Found<Integer>> minutes = LogWords.minutes(text);
        if (minutes.isPresent() && minutes.get().rest().isBlank()) {
            return Optional.of(new Mended(before.what(), minutes.get().value(), before.cost()));
        }
        return before.cost().isZero() && LogPhrases.isMoney(text)
                ? Optional.of(new Mended(before.what(), before.minutes(), money(text)))
                : Optional.empty();
    }

    private static Money money(String text) {
        return LogWords.money(text).map(LogWords.Found::value).orElse(Money.ZERO);
    }

    private static Weather merged(Weather a, Weather b) {
        return new Weather(
                b.low().or(a::low),
                b.high().or(a::high),
                b.what().isBlank() ? a.what() : a.what() + ", " + b.what());
    }

    /** Words that say nothing by themselves belong to what is before them. */
    private static Happening remarked(Happening before, Note more) {
        return switch (before) {
            case Weather w -> new Weather(w.low(), w.high(), joined(w.what(), more.text()));
            case Happening.Seen s ->
                    new Happening.Seen(
                            s.animal(),
                            s.attack() || LogPhrases.isAttack(more.text()),
                            joined(s.what(), more.text()));
            case Mended m -> new Mended(joined(m.what(), more.text()), m.minutes(), m.cost());
            case Note n -> new Note(joined(n.text(), more.text()));
            case Happening.NextTime n -> new Happening.NextTime(joined(n.text(), more.text()));
            case Lost l -> new Lost(l.birds(), joined(l.who(), more.text()), l.cause(), l.animal());
            default -> before;
        };
    }

    private static String joined(String before, String more) {
        return before.isBlank() ? more : before + ", " + more;
    }
}
