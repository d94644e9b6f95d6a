package reliqua.core.project;

import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import reliqua.core.measure.MeasureException;
import reliqua.core.measure.Words;

/**
 * One way of saying something about birds, ground or keeper.
 *
 * @param pattern the whole phrase, in small letters
 * @param reader what it means
 */
record Phrase(Pattern pattern, Reader reader) {
    /** Turns a matched phrase into what it would do. */
    interface Reader {
        /**
         * What the phrase would do to a project.
         *
         * @throws MeasureException when a measure in it cannot be read
         */
        SayEdit.Said read(Matcher phrase, Project project);
    }

    static Phrase of(String pattern, Reader reader) {
        return new Phrase(Pattern.compile(pattern), reader);
    }

    /** A change with its echo. */
    static SayEdit.Said change(String echo, UnaryOperator<Project> change) {
        return new SayEdit.Said.Change(new Edit(echo, change), echo, "");
    }

    /** A change whose echo is a sentence of the bundle. */
    static SayEdit.Said change(UnaryOperator<Project> change, String key, Object... terms) {
        return change(Words.say(key, terms), change);
    }

    /**
     * The first phrase that fits, with what it would do; what the project refuses is said instead.
     */
    static Optional<SayEdit.Said> read(String text, Project project, List<Phrase> phrases) {
        for (Phrase phrase : phrases) {
            Matcher matcher = phrase.pattern.matcher(text);
            if (matcher.matches()) {
                return Optional.of(tried(phrase.reader, matcher, project));
            }
        }
        return Optional.empty();
    }

    private static SayEdit.Said tried(Reader reader, Matcher matcher, Project project) {
        try {
            SayEdit.Said said = reader.read(matcher, project);
            if (said instanceof SayEdit.Said.Change change) {
                change.edit().change().apply(project);
            }
            return said;
        } catch (IllegalArgumentException e) {
            return new SayEdit.Said.Unclear(Optional.ofNullable(e.getMessage()).orElse(""));
        }
    }
}
