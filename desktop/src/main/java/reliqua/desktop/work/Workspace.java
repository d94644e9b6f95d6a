package reliqua.desktop.work;

import java.io.IOException;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.animation.PauseTransition;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.util.Duration;
import reliqua.core.measure.Tape;
import reliqua.core.project.Edit;
import reliqua.core.project.History;
import reliqua.core.project.Project;
import reliqua.core.project.SayEdit;
import reliqua.desktop.Texts;
import reliqua.files.InputException;
import reliqua.files.ProjectFile;

/**
 * What the window works on: one project with its history, its file, and the design that follows.
 * Every change goes through {@link #edit}; it is saved by itself a moment later.
 */
public final class Workspace {
    private static final Duration SAVE_AFTER = Duration.millis(700);

    private final ReadOnlyObjectWrapper<History> history;
    private final ReadOnlyObjectWrapper<Path> path;
    private final ReadOnlyObjectWrapper<String> notice = new ReadOnlyObjectWrapper<>("");
    private final ReadOnlyObjectWrapper<Boolean> saved = new ReadOnlyObjectWrapper<>(true);
    private final DesignService designs = new DesignService();
    private final DataFolder folder;
    private final PauseTransition saving = new PauseTransition(SAVE_AFTER);

    /** Works on a project that lies, or will lie, at {@code path}. */
    public Workspace(Project project, Path path, DataFolder folder) {
        this.history = new ReadOnlyObjectWrapper<>(History.of(project));
        this.path = new ReadOnlyObjectWrapper<>(path);
        this.folder = folder;
        saving.setOnFinished(_ -> saveNow());
        designs.follow(project);
    }

    /** The project and its past. */
    public ReadOnlyObjectProperty<History> history() {
        return history.getReadOnlyProperty();
    }

    public Project project() {
        return history.get().now();
    }

    public Tape tape() {
        return project().keeper().tape();
    }

    /** The design that follows from the project. */
    public DesignService designs() {
        return designs;
    }

    /** Where the project lies. */
    public ReadOnlyObjectProperty<Path> path() {
        return path.getReadOnlyProperty();
    }

    /** What must be told to the keeper; empty when nothing. */
    public ReadOnlyObjectProperty<String> notice() {
        return notice.getReadOnlyProperty();
    }

    /** Whether the file holds the project as it is. */
    public ReadOnlyObjectProperty<Boolean> saved() {
        return saved.getReadOnlyProperty();
    }

    public DataFolder folder() {
        return folder;
    }

    /** Does an edit. */
    public void edit(Edit edit) {
        try {
            become(history.get().apply(edit, LocalDateTime.now()));
        } catch (IllegalArgumentException e) {
            notice.set(e.getMessage());
        }
    }

    /** Does an edit under a name. */
    public void edit(String name, UnaryOperator<Project> change) {
        edit(new Edit(name, change));
    }

    /** Does what a line says; gives what is unclear about it, or an empty text. */
    public String say(String line) {
        return switch (SayEdit.read(line, project())) {
            case SayEdit.Said.Change change -> {
                edit(change.edit());
                yield "";
            }
            case SayEdit.Said.Unclear unclear -> unclear.message();
        };
    }

    public void undo() {
        become(history.get().undo(LocalDateTime.now()));
    }

    public void redo() {
        become(history.get().redo(LocalDateTime.now()));
    }

    private void become(History next) {
        if (next == history.get()) {
            return;
        }
        notice.set("");
        history.set(next);
        designs.follow(next.now());
        saved.set(false);
        saving.playFromStart();
    }

    /** Tells the keeper something. */
    public void tell(String words) {
        notice.set(words);
    }

    /** Opens another project in place of this one. */
    public void open(Project project, Path place) {
        saveNow();
        path.set(place);
        history.set(History.of(project));
        designs.follow(project);
        saved.set(true);
        notice.set("");
        remember();
    }

    /** Opens a file; a fault is told, and the present project stays. */
    public void open(Path file) {
        try {
            open(ProjectFile.load(file), file);
        } catch (InputException e) {
            notice.set(e.getMessage());
        } catch (IOException e) {
            notice.set(
                    Texts.get(
                            "file.cannotOpen",
                            file.getFileName(),
                            Optional.ofNullable(e.getMessage()).orElse("")));
        }
    }

    /** Keeps the project in another file from now on. */
    public void saveAs(Path file) {
        path.set(file);
        saved.set(false);
        saveNow();
        remember();
    }

    /** Saves at once. */
    public void saveNow() {
        saving.stop();
        if (saved.get()) {
            return;
        }
        try {
            folder.make();
            ProjectFile.save(path.get(), project());
            saved.set(true);
            folder.remember(path.get());
        } catch (IOException e) {
            notice.set(
                    Texts.get(
                            "file.cannotSave",
                            path.get().getFileName(),
                            Optional.ofNullable(e.getMessage()).orElse("")));
        }
    }

    private void remember() {
        try {
            folder.remember(path.get());
        } catch (IOException e) {
            notice.set(
                    Texts.get(
                            "file.cannotSave",
                            "recent.txt",
                            Optional.ofNullable(e.getMessage()).orElse("")));
        }
    }

    /** Saves and stops the background work. */
    public void close() {
        saveNow();
        designs.close();
    }
}
