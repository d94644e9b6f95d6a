package reliqua.core.project;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A project with its past and its undone future. Immutable: every change gives a new history.
 *
 * @param now the project
 * @param past what undo goes back to, latest last
 * @param future what redo goes forward to, next last
 */
public record History(Project now, List<Step> past, List<Step> future) {
    private static final int LONGEST = 500;

    /** A project as it was, and the name of the edit that left it. */
    public record Step(String edit, Project project) {}

    /** Copies the lists. */
    public History {
        past = List.copyOf(past);
        future = List.copyOf(future);
    }

    /** A project without a past. */
    public static History of(Project project) {
        return new History(project, List.of(), List.of());
    }

    /** After an edit; the same when it changes nothing. */
    public History apply(Edit edit) {
        Project next = edit.change().apply(now);
        if (next.equals(now)) {
            return this;
        }
        return new History(next, pushed(past, new Step(edit.name(), now)), List.of());
    }

    /** One edit back; the same when there is none. */
    public History undo() {
        if (past.isEmpty()) {
            return this;
        }
        Step last = past.getLast();
        return new History(
                last.project(),
                past.subList(0, past.size() - 1),
                pushed(future, new Step(last.edit(), now)));
    }

    /** One edit forward again; the same when there is none. */
    public History redo() {
        if (future.isEmpty()) {
            return this;
        }
        Step next = future.getLast();
        return new History(
                next.project(),
                pushed(past, new Step(next.edit(), now)),
                future.subList(0, future.size() - 1));
    }

    /** Name of the edit that undo takes back. */
    public Optional<String> undoName() {
        return past.isEmpty() ? Optional.empty() : Optional.of(past.getLast().edit());
    }

    /** Name of the edit that redo brings back. */
    public Optional<String> redoName() {
        return future.isEmpty() ? Optional.empty() : Optional.of(future.getLast().edit());
    }

    private static List<Step> pushed(List<Step> steps, Step step) {
        List<Step> more = new ArrayList<>(steps);
        more.add(step);
        return more.size() > LONGEST ? more.subList(1, more.size()) : more;
    }
}
