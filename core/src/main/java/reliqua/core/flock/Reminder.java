package reliqua.core.flock;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import reliqua.core.measure.Sum;
import reliqua.core.measure.Words;

/** What the local offices and neighbours must be asked before building; rules differ by place. */
public enum Reminder {
    PERMIT,
    SETBACK,
    COVENANT,
    REGISTRATION,
    DISEASE,
    NOISE;

    private static final int MOST_LETTERS = 600;

    /**
     * That it was asked.
     *
     * @param day when
     * @param answer what was said, and by whom; may be empty
     */
    public record Asked(LocalDate day, String answer) {
        /** Refuses an answer as long as a letter. */
        public Asked {
            answer = answer.strip();
            if (answer.length() > MOST_LETTERS) {
                throw new IllegalArgumentException(Words.say("ask.long", MOST_LETTERS));
            }
        }

        @Override
        public String toString() {
            return answer.isEmpty() ? day.toString() : day + ": " + answer;
        }
    }

    /** What to ask, in words. */
    public Sum sum() {
        return Sum.of("ask." + name());
    }

    /** What this flock on this ground has to ask; noise only where a cock crows. */
    public static List<Reminder> of(Flock flock) {
        List<Reminder> all = new ArrayList<>(List.of(values()));
        if (flock.cockCount() == 0) {
            all.remove(NOISE);
        }
        return all;
    }
}
