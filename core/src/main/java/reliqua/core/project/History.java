package reliqua.core.project;

import java.time.LocalDateTime;
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

    /** After an edit at this time; the same when it changes nothing. */
    public History apply(Edit edit, LocalDateTime at) {
        Project next = edit.change().apply(now);
        if (next.equals(now)) {
            return this;
        }
        return new History(told(next, at), pushed(past, new Step(edit.name(), now)), List.of());
    }

    /** What changed at the saw is told, behind what has been told before. */
    private Project told(Project next, LocalDateTime at) {
        return next.telling(now.story(), Told.between(now, next, at));
    }

    /** One edit back; the same when there is none. The story goes on. */
    public History undo(LocalDateTime at) {
        if (past.isEmpty()) {
            return this;
        }
        Step last = past.getLast();
        return new History(
                told(last.project(), at),
                past.subList(0, past.size() - 1),
                pushed(future, new Step(last.edit(), now)));
    }

    /** One edit forward again; the same when there is none. The story goes on. */
    public History redo(LocalDateTime at) {
        if (future.isEmpty()) {
            return this;
        }
        Step next = future.getLast();
        return new History(
                told(next.project(), at),
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
