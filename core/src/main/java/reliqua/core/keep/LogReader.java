package reliqua.core.keep;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import reliqua.core.flock.Flock;
import reliqua.core.measure.Tape;
import reliqua.core.measure.Words;

/**
 * Reads a line of the logbook as it is said: what happened, on what day, with what figures. One
 * line may tell several things, with commas between them. What is no happening of a known kind is
 * kept as a note, so that nothing is lost.
 */
public final class LogReader {
    /** Longer lines are a text pasted by mistake. */
    public static final int LONGEST = 400;

    private static final Pattern BREAK =
            Pattern.compile("\\s*(?:,(?!\\d)|(?<!\\d),|;|\\band (?=\\d)|\\. (?=\\D))\\s*");
    private static final Pattern WORD = Pattern.compile("\\p{L}{3,}");

    private final LocalDate today;
    private final Tape tape;
    private final Flock flock;

    /** What a line tells. */
    public sealed interface Read {
        /** Entries, one or more. */
        record Told(List<Entry> entries) implements Read {}

        /** Nothing, and why. */
        record Unclear(String message) implements Read {}
    }

    /**
     * A reader for a keeper on a day.
     *
     * @param today what "today" means
     * @param tape the keeper's units, for bare numbers
     * @param flock the birds there are: "a hen" is one of those
     */
    public LogReader(LocalDate today, Tape tape, Flock flock) {
        this.today = today;
        this.tape = tape;
        this.flock = flock;
    }

    /** Reads a line. */
    public Read read(String line) {
        if (line.length() > LONGEST) {
            return new Read.Unclear(Words.say("say.long", LONGEST));
        }
        try {
            List<Entry> entries = entries(line.strip());
            return entries.isEmpty()
                    ? new Read.Unclear(Words.say("log.unclear"))
                    : new Read.Told(entries);
        } catch (IllegalArgumentException e) {
            return new Read.Unclear(Optional.ofNullable(e.getMessage()).orElse(""));
        }
    }

    private List<Entry> entries(String line) {
        LogSentence sentence = new LogSentence(tape, flock);
        LocalDate day = today;
        for (String part : BREAK.split(LogWords.figures(line))) {
            String text = part;
            if (!LogSentence.isWhole(text)) {
                Optional<LogWords.Found<LocalDate>> dated = LogDates.find(text, today);
                if (dated.isPresent()) {
                    day = dated.get().value();
                    text = dated.get().rest();
                }
            }
            if (day.isAfter(today)) {
                throw new IllegalArgumentException(Words.say("log.future"));
            }
            if (!text.isBlank()) {
                sentence.add(text);
            }
        }
        List<Entry> entries = new ArrayList<>();
        for (Happening what : sentence.happenings()) {
            if (!(what instanceof Happening.Note note) || WORD.matcher(note.text()).find()) {
                entries.add(new Entry(day, what, line));
            }
        }
        return entries;
    }
}
