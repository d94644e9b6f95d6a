package reliqua.core.project;

import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import reliqua.core.flock.Flock;
import reliqua.core.keep.Entry;
import reliqua.core.keep.Happening;
import reliqua.core.keep.LogReader;
import reliqua.core.keep.Wording;
import reliqua.core.measure.Talk;
import reliqua.core.measure.Tape;
import reliqua.core.measure.Words;
import reliqua.core.stock.Photo;

/**
 * Turns what is said at the coop in use into an edit: a line of the logbook, which may change the
 * flock too, or what there is to eat and drink from.
 */
public final class SayLog {
    private static final Pattern WORD_AND_COUNT = Pattern.compile("[\\p{L} ]+ \\d+");

    private SayLog() {}

    /**
     * Reads a line said where the coop is kept. What is no happening but a line about birds, ground
     * or keeper is done as such; everything else is written down as a note.
     */
    public static SayEdit.Said read(String line, Project project, LocalDate today) {
        String english = Talk.english(line);
        String low = english.strip().toLowerCase(Locale.ROOT).replaceAll("\\s+", " ");
        Optional<SayEdit.Said> kept = Phrase.read(low, project, KeepPhrases.of(today));
        if (kept.isPresent()) {
            return kept.get();
        }
        Tape tape = project.keeper().tape();
        return switch (told(line, project, today)) {
            case LogReader.Read.Unclear unclear -> new SayEdit.Said.Unclear(unclear.message());
            case LogReader.Read.Told told when isWeak(told.entries()) -> {
                SayEdit.Said other = SayEdit.read(line, project);
                yield other instanceof SayEdit.Said.Change ? other : change(told.entries(), tape);
            }
            case LogReader.Read.Told told -> change(told.entries(), tape);
        };
    }

    /** What a line says about a day, in the words it was said in. */
    public static LogReader.Read told(String line, Project project, LocalDate day) {
        String english = Talk.english(line);
        LogReader reader = new LogReader(day, project.keeper().tape(), project.flock());
        return asSaid(reader.read(english), line, english);
    }

    /** With other pictures at a line. */
    public static Project showing(Project project, Entry entry, List<Photo> photos) {
        return project.withBook(project.book().replacing(entry, entry.showing(photos)));
    }

    /** What was said in another language is kept in its words. */
    private static LogReader.Read asSaid(LogReader.Read read, String line, String english) {
        if (line.equals(english) || !(read instanceof LogReader.Read.Told told)) {
            return read;
        }
        return new LogReader.Read.Told(
                told.entries().stream()
                        .map(e -> new Entry(e.day(), kept(e.what(), line.strip()), line.strip()))
                        .toList());
    }

    private static Happening kept(Happening what, String line) {
        return what instanceof Happening.Note ? new Happening.Note(line) : what;
    }

    /** A note that says all, or a word and a bare number, which may be a price or a count. */
    private static boolean isWeak(List<Entry> entries) {
        return entries.stream()
                .allMatch(
                        e ->
                                e.what() instanceof Happening.Note n && n.text().equals(e.said())
                                        || e.what() instanceof Happening.Paid
                                                && WORD_AND_COUNT.matcher(e.said()).matches());
    }

    private static SayEdit.Said change(List<Entry> entries, Tape tape) {
        String echo =
                entries.stream()
                        .map(e -> Wording.of(e.what(), tape))
                        .collect(Collectors.joining(" · "));
        String day = Words.say("log.on", Dates.day(entries.getFirst().day()));
        return new SayEdit.Said.Change(
                new Edit(Words.say("edit.log", echo), p -> written(p, entries)), echo, day);
    }

    /** A project with lines written down; birds that came or went are counted in its flock. */
    public static Project written(Project project, List<Entry> entries) {
        Flock flock = project.flock();
        for (Entry entry : entries) {
            flock = after(entry.what(), flock);
        }
        Project after = flock.equals(project.flock()) ? project : project.withBirds(flock);
        return after.withBook(after.book().plus(entries));
    }

    /** A project without a line; birds that came or went by it are counted back. */
    public static Project struck(Project project, Entry entry) {
        Flock flock =
                switch (entry.what()) {
                    case Happening.Joined j -> j.birds().leaving(project.flock());
                    case Happening.Left l -> l.birds().joining(project.flock());
                    case Happening.Lost l -> l.birds().joining(project.flock());
                    default -> project.flock();
                };
        Project after = flock.equals(project.flock()) ? project : project.withBirds(flock);
        return after.withBook(after.book().without(entry));
    }

    private static Flock after(Happening what, Flock flock) {
        return switch (what) {
            case Happening.Joined j -> j.birds().joining(flock);
            case Happening.Left l -> l.birds().leaving(flock);
            case Happening.Lost l -> l.birds().leaving(flock);
            default -> flock;
        };
    }
}
