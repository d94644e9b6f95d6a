package reliqua.core.project;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import reliqua.core.measure.Words;

/**
 * Many lines said at once, as they are pasted from a note: what is understood becomes one edit, and
 * the rest is given back with what is unclear about it.
 *
 * @param edit all that was understood, if anything was
 * @param understood how many lines
 * @param unclear the other lines
 */
public record SayMany(Optional<Edit> edit, int understood, List<Unclear> unclear) {
    /** A line that was not understood, and why. */
    public record Unclear(String line, String message) {}

    /** Copies the list. */
    public SayMany {
        unclear = List.copyOf(unclear);
    }

    /** Reads lines as said to a project, one after the other; blank ones are passed over. */
    public static SayMany read(String text, Project project) {
        List<Edit> edits = new ArrayList<>();
        List<Unclear> unclear = new ArrayList<>();
        Project after = project;
        for (String line : text.lines().map(String::strip).toList()) {
            if (line.isEmpty()) {
                continue;
            }
            switch (SayEdit.read(line, after)) {
                case SayEdit.Said.Change change -> {
                    edits.add(change.edit());
                    after = change.edit().change().apply(after);
                }
                case SayEdit.Said.Unclear said -> unclear.add(new Unclear(line, said.message()));
            }
        }
        return new SayMany(together(edits, project, after), edits.size(), unclear);
    }

    /** To the project they were read for they have been done already. */
    private static Optional<Edit> together(List<Edit> edits, Project read, Project done) {
        if (edits.size() < 2) {
            return edits.stream().findFirst();
        }
        return Optional.of(
                new Edit(
                        Words.say("edit.many", edits.size()),
                        p -> {
                            if (p == read) {
                                return done;
                            }
                            Project after = p;
                            for (Edit edit : edits) {
                                after = edit.change().apply(after);
                            }
                            return after;
                        }));
    }
}
