package reliqua.desktop.work;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;

/**
 * Why the file does not hold the project as it is, and where the work is kept meanwhile.
 *
 * @param why the disk's or the reader's own words; may be empty
 * @param rescue a copy of the work, if one was needed and could be made
 * @param waiting whether opening another project, or closing, waits for the keeper's decision
 */
public record Trouble(
        Kind kind, Path file, List<String> why, Optional<Path> rescue, boolean waiting) {
    /** What is the matter. */
    public enum Kind {
        /** The disk refused. */
        FAILED,
        /** Another program wrote the file. */
        CHANGED,
        /** The file was moved, renamed or deleted. */
        GONE,
        /** Another window has taken over. */
        TAKEN_OVER,
        /** Another window has it open. */
        HELD_ELSEWHERE,
        /** Parts of it are lost. */
        DAMAGED
    }

    /** Copies the list. */
    public Trouble {
        why = List.copyOf(why);
    }

    Trouble with(Optional<Path> copy) {
        return new Trouble(kind, file, why, copy, waiting);
    }

    Trouble waiting(boolean now) {
        return new Trouble(kind, file, why, rescue, now);
    }
}
