package reliqua.desktop.work;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.function.Consumer;
import javafx.animation.PauseTransition;
import javafx.application.Platform;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.util.Duration;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import reliqua.core.project.Project;
import reliqua.files.ProjectStore;
import reliqua.files.ProjectStore.Outcome;

/**
 * Writes the project a moment after the first change, beside the window, and never loses it: what
 * the file cannot take is kept as a copy ({@link Rescue}), said ({@link Trouble}), and tried again
 * with the next change. All methods and properties belong to the JavaFX thread.
 */
final class Saver {
    private static final Logger LOG = LoggerFactory.getLogger(Saver.class);

    /** From the first change that is not saved; later ones do not put it off. */
    private static final Duration SOON = Duration.millis(700);

    /** A disk that takes longer at the end is given up; the copy was made before. */
    private static final int LAST_SECONDS = 20;

    private final ExecutorService disk =
            Executors.newSingleThreadExecutor(
                    task -> {
                        Thread thread = new Thread(task, "disk");
                        thread.setDaemon(true);
                        return thread;
                    });
    private final DataFolder folder;
    private final Rescue rescue;
    private final Consumer<Path> moved;
    private final PauseTransition soon = new PauseTransition(SOON);
    private final ReadOnlyObjectWrapper<Boolean> saved = new ReadOnlyObjectWrapper<>(true);
    private final ReadOnlyObjectWrapper<Optional<Trouble>> trouble =
            new ReadOnlyObjectWrapper<>(Optional.empty());
    private ProjectStore store;
    private Project wanted;
    private boolean writing;
    private @Nullable Leaving leaving;

    /** What was last let go of; asked for twice, it is kept as one copy. */
    private @Nullable Project kept;

    /** What waits until the work is safe; {@code dropped} is called when it never comes to it. */
    private record Leaving(Runnable then, Runnable dropped) {}

    /**
     * How a save to a target went, with the store it went to and the copy that was kept instead.
     */
    private record Written(
            Project project,
            ProjectStore target,
            ProjectStore store,
            Outcome outcome,
            Optional<Path> copy) {}

    /** A way of writing to the store. */
    private interface Way {
        Outcome write(ProjectStore store, Project project);
    }

    /** {@code moved} hears where a project went whose place was taken meanwhile. */
    Saver(Project project, ProjectStore store, DataFolder folder, Consumer<Path> moved) {
        this.wanted = project;
        this.store = store;
        this.folder = folder;
        this.rescue = new Rescue(folder);
        this.moved = moved;
        soon.setOnFinished(_ -> save());
    }

    ReadOnlyObjectProperty<Boolean> saved() {
        return saved.getReadOnlyProperty();
    }

    ReadOnlyObjectProperty<Optional<Trouble>> trouble() {
        return trouble.getReadOnlyProperty();
    }

    /** The project has become another; it is saved soon. */
    void want(Project project) {
        wanted = project;
        saved.set(false);
        if (soon.getStatus() != javafx.animation.Animation.Status.RUNNING) {
            soon.playFromStart();
        }
    }

    /** Saves now, if there is anything to save. */
    void save() {
        if (!saved.get()) {
            write(ProjectStore::save);
        }
    }

    /** Saves over what lies there, whosever it is; it becomes the version before. */
    void insist() {
        write(ProjectStore::insist);
    }

    private void write(Way way) {
        soon.stop();
        if (disk.isShutdown()) {
            // A save that was under way at the end has come back; the end saved all by itself.
            return;
        }
        if (writing) {
            // Comes round again when the present one is through.
            soon.playFromStart();
            return;
        }
        writing = true;
        Project project = wanted;
        ProjectStore target = store;
        disk.submit(
                () -> {
                    Written written = written(way, target, project);
                    Platform.runLater(() -> done(written));
                });
    }

    /** On the disk's thread. */
    private Written written(Way way, ProjectStore target, Project project) {
        ProjectStore used = target;
        Outcome outcome = tried(way, used, project);
        boolean placeTaken =
                outcome instanceof Outcome.Changed || outcome instanceof Outcome.Barred;
        if (used.isFresh() && placeTaken && folder.contains(used.path())) {
            close(used);
            used = ProjectStore.fresh(folder.freshPlace(project.name()));
            outcome = tried(way, used, project);
        }
        if (outcome instanceof Outcome.Saved) {
            rescue.drop();
            return new Written(project, target, used, outcome, Optional.empty());
        }
        Optional<Path> copy = rescue.keep(project, used.path());
        return new Written(project, target, used, outcome, copy);
    }

    private static Outcome tried(Way way, ProjectStore store, Project project) {
        try {
            return way.write(store, project);
        } catch (RuntimeException e) {
            LOG.error("The project could not be written", e);
            return new Outcome.Failed(new IOException(String.valueOf(e.getMessage()), e));
        }
    }

    private void done(Written written) {
        writing = false;
        if (written.target() != store) {
            // Another file has been taken up meanwhile; what this one says is of no concern to it.
            soon.playFromStart();
            return;
        }
        if (written.store() != store) {
            store = written.store();
            moved.accept(store.path());
        }
        if (written.outcome() instanceof Outcome.Saved) {
            trouble.set(Optional.empty());
            if (written.project() == wanted) {
                soon.stop();
                saved.set(true);
                goOn();
            } else if (leaving != null) {
                write(ProjectStore::save);
            } else {
                soon.playFromStart();
            }
            return;
        }
        trouble.set(
                trouble(written.outcome(), written.store().path())
                        .map(t -> t.with(written.copy()).waiting(leaving != null)));
    }

    private static Optional<Trouble> trouble(Outcome outcome, Path file) {
        return switch (outcome) {
            case Outcome.Saved _ -> Optional.empty();
            case Outcome.Changed _ -> of(Trouble.Kind.CHANGED, file, "");
            case Outcome.Gone _ -> of(Trouble.Kind.GONE, file, "");
            case Outcome.TakenOver _ -> of(Trouble.Kind.TAKEN_OVER, file, "");
            case Outcome.Barred barred ->
                    of(
                            barred.why() == ProjectStore.Bar.DAMAGED
                                    ? Trouble.Kind.DAMAGED
                                    : Trouble.Kind.HELD_ELSEWHERE,
                            file,
                            "");
            case Outcome.Failed failed -> of(Trouble.Kind.FAILED, file, Reasons.of(failed.why()));
        };
    }

    private static Optional<Trouble> of(Trouble.Kind kind, Path file, String why) {
        List<String> lines = why.isEmpty() ? List.of() : List.of(why);
        return Optional.of(new Trouble(kind, file, lines, Optional.empty(), false));
    }

    /** Looks whether the file is still ours and as we left it. */
    void look() {
        if (disk.isShutdown() || writing || store.isFresh() || trouble.get().isPresent()) {
            return;
        }
        ProjectStore looked = store;
        disk.submit(
                () -> {
                    Optional<Trouble> seen = seen(looked);
                    Platform.runLater(
                            () -> {
                                if (looked == store && trouble.get().isEmpty()) {
                                    trouble.set(seen);
                                }
                            });
                });
    }

    private static Optional<Trouble> seen(ProjectStore looked) {
        try {
            return trouble(looked.look(), looked.path());
        } catch (IOException e) {
            return Optional.empty();
        }
    }

    /**
     * Does something once the work is safe: saved, or, when the keeper says so ({@link #goOn}),
     * kept as a copy.
     */
    void leave(Runnable then, Runnable dropped) {
        stay();
        if (saved.get() && !writing) {
            then.run();
            return;
        }
        leaving = new Leaving(then, dropped);
        if (!writing) {
            write(ProjectStore::save);
        }
    }

    /** Whether nothing is lost when the program ends now. */
    boolean isSafe() {
        return saved.get() && !writing;
    }

    /** Goes on to what waits. */
    void goOn() {
        Leaving next = leaving;
        leaving = null;
        if (next != null) {
            next.then().run();
        }
    }

    /** Does not go on to what waits. */
    void stay() {
        Leaving dropped = leaving;
        leaving = null;
        if (dropped != null) {
            dropped.dropped().run();
        }
        trouble.set(trouble.get().map(t -> t.waiting(false)));
    }

    /** Takes up another project with its file, which holds it as it is. */
    void adopt(Project project, ProjectStore other, Optional<Trouble> known) {
        soon.stop();
        letGo();
        wanted = project;
        store = other;
        saved.set(true);
        trouble.set(known);
    }

    /** Lets go of the file; what it does not hold is kept as a copy, which stays. */
    Future<?> letGo() {
        ProjectStore before = store;
        Project project = wanted;
        boolean unsaved = !saved.get() && project != kept;
        kept = project;
        return disk.submit(
                () -> {
                    if (unsaved) {
                        rescue.keep(project, before.path());
                    }
                    close(before);
                    rescue.leave();
                });
    }

    /**
     * Keeps the project in another file from now on; what lies there becomes the version before.
     */
    void elsewhere(Path file) {
        ProjectStore before = store;
        disk.submit(() -> close(before));
        store = ProjectStore.over(file);
        saved.set(false);
        trouble.set(Optional.empty());
        write(ProjectStore::save);
    }

    private static void close(ProjectStore store) {
        try {
            store.close();
        } catch (IOException e) {
            LOG.debug("The lock file stays", e);
        }
    }

    /** Saves and waits for it. */
    void saveNow() {
        Project project = wanted;
        ProjectStore target = store;
        boolean needed = !saved.get();
        waited(() -> needed ? written(ProjectStore::save, target, project) : null)
                .ifPresent(
                        written -> {
                            writing = true;
                            done(written);
                        });
    }

    private <T> Optional<T> waited(java.util.concurrent.Callable<@Nullable T> work) {
        try {
            return Optional.ofNullable(disk.submit(work).get(LAST_SECONDS, TimeUnit.SECONDS));
        } catch (ExecutionException | TimeoutException e) {
            LOG.error("The disk does not answer", e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
        return Optional.empty();
    }

    /** The end: saves, waits, lets go. */
    void close() {
        soon.stop();
        saveNow();
        ProjectStore last = store;
        waited(
                () -> {
                    close(last);
                    return true;
                });
        disk.shutdown();
    }
}
