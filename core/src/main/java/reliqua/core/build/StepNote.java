package reliqua.core.build;

import java.util.ArrayList;
import java.util.List;
import reliqua.core.measure.Words;
import reliqua.core.stock.Photo;

/**
 * What the keeper writes down of a step as it was really done.
 *
 * @param minutes it took; zero where nobody looked at the clock
 * @param words what came out different, or is worth remembering
 * @param photos of it
 */
public record StepNote(int minutes, String words, List<Photo> photos) {
    /** Nothing yet. */
    public static final StepNote NONE = new StepNote(0, "", List.of());

    /** A step of a coop that one builds oneself takes no month. */
    private static final int MOST_MINUTES = 30 * 24 * 60;

    private static final int MOST_LETTERS = 2000;

    /** Refuses minutes below zero or beyond a month, and a text that is a book. */
    public StepNote {
        photos = List.copyOf(photos);
        words = words.strip();
        if (minutes < 0 || minutes > MOST_MINUTES) {
            throw new IllegalArgumentException(Words.say("step.note.minutes", MOST_MINUTES));
        }
        if (words.length() > MOST_LETTERS) {
            throw new IllegalArgumentException(Words.say("step.note.words", MOST_LETTERS));
        }
    }

    /** Whether there is nothing in it. */
    public boolean isEmpty() {
        return equals(NONE);
    }

    /** Both together, where two steps have become one. */
    public StepNote and(StepNote other) {
        List<Photo> both = new ArrayList<>(photos);
        both.addAll(other.photos());
        String all = (words + "\n" + other.words()).strip();
        return new StepNote(
                Math.min(minutes + other.minutes(), MOST_MINUTES),
                all.substring(0, Math.min(all.length(), MOST_LETTERS)),
                both);
    }

    public StepNote taking(int other) {
        return new StepNote(other, words, photos);
    }

    public StepNote saying(String other) {
        return new StepNote(minutes, other, photos);
    }

    /** With other photos. */
    public StepNote showing(List<Photo> other) {
        return new StepNote(minutes, words, other);
    }
}
