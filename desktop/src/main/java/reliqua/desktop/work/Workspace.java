package reliqua.desktop.work;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.Optional;
import java.util.concurrent.Future;
import java.util.function.UnaryOperator;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import reliqua.core.measure.Tape;
import reliqua.core.project.Edit;
import reliqua.core.project.History;
import reliqua.core.project.Project;
import reliqua.core.project.SayEdit;
import reliqua.desktop.Texts;
import reliqua.files.InputException;
import reliqua.files.ProjectFile;
import reliqua.files.ProjectStore;

/**
 * What the window works on: one project with its history, its file, and the design that follows.
 * Every change goes through {@link #edit}; it is saved by itself a moment later.
 */
public final class Workspace {
    private static final Logger LOG = LoggerFactory.getLogger(Workspace.class);

    private final ReadOnlyObjectWrapper<History> history;
    private final ReadOnlyObjectWrapper<Path> path;
    private final ReadOnlyObjectWrapper<String> notice = new ReadOnlyObjectWrapper<>("");
    private final DesignService designs = new DesignService();
    private final DataFolder folder;
    private final Background background = new Background();
    private @Nullable Path remembered;
    private final Saver saver;
    private final Clock clock;

    /** Works on a project that lies, or will lie, at {@code path}. */
    public Workspace(Project project, Path path, DataFolder folder) {
        this(project, path, folder, Clock.systemDefaultZone());
    }

    /** The same with another clock: what "today" is at the coop. */
    public Workspace(Project project, Path path, DataFolder folder, Clock clock) {
        this.clock = clock;
        this.history = new ReadOnlyObjectWrapper<>(History.of(project));
        this.path = new ReadOnlyObjectWrapper<>(path);
        this.folder = folder;
        this.saver = new Saver(project, ProjectStore.fresh(path), folder, this.path::set);
        saver.saved().addListener((_, _, now) -> rememberSaved(now));
        designs.follow(project);
    }

    /** The project and its past. */
    public ReadOnlyObjectProperty<History> history() {
        return history.getReadOnlyProperty();
    }

    public Project project() {
        return history.get().now();
    }

    /** The day it is. */
    public LocalDate today() {
        return LocalDate.now(clock);
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
        return saver.saved();
    }

    /** What keeps the file from holding it. */
    public ReadOnlyObjectProperty<Optional<Trouble>> trouble() {
        return saver.trouble();
    }

    /** Where work is done that would hold up the window. */
    public Background background() {
        return background;
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
        saver.want(next.now());
    }

    /** What is begun is settled on: no search moves what is cut or stands. */
    public Project settled(Project project) {
        return project.chosen().isPresent()
                ? project
                : designs.state()
                        .get()
                        .design()
                        .map(d -> project.settledOn(d.candidate()))
                        .orElse(project);
    }

    /** Tells the keeper something. */
    public void tell(String words) {
        notice.set(words);
    }

    /** Opens another project in place of this one, once this one is safe. */
    public void open(Project project, Path place) {
        saver.leave(() -> become(project, ProjectStore.fresh(place), Optional.empty()), () -> {});
    }

    /** Opens a file; a fault is told, and the present project stays. */
    public void open(Path file) {
        if (isOpen(file)) {
            saver.leave(() -> reopen(file), () -> {});
            return;
        }
        background.run(() -> ProjectStore.open(file), this::opened, e -> cannotOpen(file, e));
    }

    /** Opens the version of the file that is on the disk in place of what is here. */
    public void reopen(Path file) {
        Future<?> gone = saver.letGo();
        background.run(
                () -> {
                    gone.get();
                    return ProjectStore.open(file);
                },
                this::become,
                e -> cannotOpen(file, e));
    }

    /** Opens a version of before as a project of its own beside the file, which stays as it is. */
    public void openVersion(Path version, Path file) {
        background.run(
                () -> ProjectFile.load(version),
                project -> open(project, DataFolder.beside(file)),
                e -> cannotOpen(version, e));
    }

    /** Opens a file while the window does not show yet; a fault is told. */
    public boolean openNow(Path file) {
        try {
            become(ProjectStore.open(file));
            return true;
        } catch (InputException | IOException | RuntimeException e) {
            cannotOpen(file, e);
            return false;
        }
    }

    private boolean isOpen(Path file) {
        try {
            return Files.exists(file) && Files.isSameFile(file, path.get());
        } catch (IOException e) {
            return false;
        }
    }

    private void opened(ProjectStore.Opened opened) {
        saver.leave(
                () -> become(opened),
                () -> {
                    try {
                        opened.store().close();
                    } catch (IOException e) {
                        LOG.debug("The lock file stays", e);
                    }
                });
    }

    private void cannotOpen(Path file, Exception fault) {
        if (!(fault instanceof InputException || fault instanceof IOException)) {
            LOG.error("{} cannot be opened", file, fault);
        }
        String reason = Reasons.of(fault);
        notice.set(
                fault instanceof InputException
                        ? reason
                        : Texts.get("file.cannotOpen", file.getFileName(), reason));
    }

    private void become(ProjectStore.Opened opened) {
        Path file = opened.store().path();
        Optional<Trouble> known =
                switch (opened.store().bar()) {
                    case NONE -> Optional.empty();
                    case HELD_ELSEWHERE ->
                            Optional.of(trouble(Trouble.Kind.HELD_ELSEWHERE, file, opened));
                    case DAMAGED -> Optional.of(trouble(Trouble.Kind.DAMAGED, file, opened));
                };
        become(opened.project(), opened.store(), known);
    }

    private static Trouble trouble(Trouble.Kind kind, Path file, ProjectStore.Opened opened) {
        return new Trouble(kind, file, opened.missing(), Optional.empty(), false);
    }

    private void become(Project project, ProjectStore store, Optional<Trouble> known) {
        saver.adopt(project, store, known);
        path.set(store.path());
        history.set(History.of(project));
        designs.follow(project);
        notice.set("");
        if (!store.isFresh()) {
            remember();
        }
    }

    /** Keeps the project in another file from now on. */
    public void saveAs(Path file) {
        path.set(file);
        saver.elsewhere(file);
        remember();
    }

    /** Saves now, beside the window. */
    public void save() {
        saver.save();
    }

    /** Saves over what another program wrote, or takes over from another window. */
    public void insist() {
        saver.insist();
    }

    /** Looks whether another program has changed the file. */
    public void look() {
        saver.look();
    }

    /** Does something once the work is safe. */
    public void leave(Runnable then) {
        saver.leave(then, () -> {});
    }

    /** Goes on to what waits for the work to be safe, with the copy that was kept. */
    public void goOn() {
        saver.goOn();
    }

    /** Does not go on to what waits. */
    public void stay() {
        saver.stay();
    }

    /** Whether nothing is lost when the program ends now. */
    public boolean isSafe() {
        return saver.isSafe();
    }

    /** Saves at once and waits for it. */
    public void saveNow() {
        saver.saveNow();
    }

    /** A project that is new is remembered as soon as there is a file of it. */
    private void rememberSaved(boolean now) {
        if (now && !path.get().equals(remembered)) {
            remember();
        }
    }

    private void remember() {
        Path file = path.get();
        remembered = file;
        background.run(
                () -> {
                    folder.remember(file);
                    return file;
                },
                _ -> {},
                e -> LOG.warn("The list of recent files cannot be written: {}", e.getMessage()));
    }

    /** Saves and stops the background work. */
    public void close() {
        saver.close();
        designs.close();
    }
}
