package reliqua.files;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import reliqua.core.project.Project;
import reliqua.files.disk.FileHold;
import reliqua.files.disk.FileStamp;

/**
 * The file of one open project, from opening to closing: held against other windows, compared with
 * what was last read or written before it is written again, and never written over when it is
 * damaged, another's or not what it was. Blocks; use it from one thread at a time.
 */
public final class ProjectStore implements AutoCloseable {
    private final Path path;
    private Optional<FileHold> hold = Optional.empty();
    private FileStamp known;
    private Bar bar;
    private boolean over;

    /** Why a file is for reading only. */
    public enum Bar {
        NONE,
        /** Another window or command has it. */
        HELD_ELSEWHERE,
        /** What it still holds must not be written over. */
        DAMAGED
    }

    /** How a save went. */
    public sealed interface Outcome {
        /** The file holds the project. */
        record Saved() implements Outcome {}

        /** Another program wrote the file since; nothing was written. */
        record Changed() implements Outcome {}

        /** The file was there and is not any more; nothing was written. */
        record Gone() implements Outcome {}

        /** Another window has taken over; nothing was written. */
        record TakenOver() implements Outcome {}

        /** It is for reading only; nothing was written. */
        record Barred(Bar why) implements Outcome {}

        /** The disk refused; what was there before is still there. */
        record Failed(IOException why) implements Outcome {}
    }

    /**
     * A project with its file.
     *
     * @param missing what of it is lost, a line each
     */
    public record Opened(ProjectStore store, Project project, List<String> missing) {}

    private ProjectStore(Path path, FileStamp known, Bar bar) {
        this.path = path;
        this.known = known;
        this.bar = bar;
    }

    /** A file that is still to be written; it is held from the first save. */
    public static ProjectStore fresh(Path path) {
        return new ProjectStore(path, FileStamp.NONE, Bar.NONE);
    }

    /**
     * A place where another file may lie, which the keeper has chosen to write over: what lies
     * there at the first save becomes the version before.
     */
    public static ProjectStore over(Path path) {
        ProjectStore store = new ProjectStore(path, FileStamp.NONE, Bar.NONE);
        store.over = true;
        return store;
    }

    /**
     * Opens a project and takes hold of its file; while another has it, for reading only.
     *
     * @throws InputException when too little of it is left, or it is another kind of file
     */
    public static Opened open(Path path) throws IOException, InputException {
        FileStamp stamp = FileStamp.of(path);
        ProjectFile.Opened read = ProjectFile.open(path);
        Bar bar = read.missing().isEmpty() ? Bar.NONE : Bar.DAMAGED;
        ProjectStore store = new ProjectStore(path, stamp, bar);
        if (bar == Bar.NONE) {
            store.hold();
        }
        return new Opened(store, read.project(), read.missing());
    }

    /** Where no lock file can be made nothing can be saved either, and the save will say so. */
    private void hold() {
        try {
            hold = FileHold.take(path);
            bar = hold.isPresent() ? Bar.NONE : Bar.HELD_ELSEWHERE;
        } catch (IOException e) {
            bar = Bar.NONE;
        }
    }

    public Path path() {
        return path;
    }

    /** Why it is for reading only, if it is. */
    public Bar bar() {
        return bar;
    }

    /** Whether no file has been read or written yet. */
    public boolean isFresh() {
        return !known.isThere();
    }

    /** Saves, unless the file is not what it was when it was last read or written. */
    public Outcome save(Project project) {
        try {
            if (over) {
                over = false;
                known = FileStamp.of(path);
                if (known.isThere()) {
                    hold();
                }
            }
            Outcome now = look();
            return now instanceof Outcome.Saved ? write(project) : now;
        } catch (IOException e) {
            return new Outcome.Failed(e);
        }
    }

    /** Whether the file is still as it was last read or written; {@code Saved} when it is. */
    public Outcome look() throws IOException {
        if (bar != Bar.NONE) {
            return new Outcome.Barred(bar);
        }
        if (hold.isPresent() && !hold.get().isStill()) {
            return new Outcome.TakenOver();
        }
        FileStamp now = FileStamp.of(path);
        if (now.equals(known)) {
            return new Outcome.Saved();
        }
        return now.isThere() ? new Outcome.Changed() : new Outcome.Gone();
    }

    private Outcome write(Project project) throws IOException {
        Path folder = path.toAbsolutePath().getParent();
        if (isFresh() && folder != null) {
            Files.createDirectories(folder);
        }
        if (hold.isEmpty()) {
            hold = FileHold.take(path);
            if (hold.isEmpty()) {
                bar = Bar.HELD_ELSEWHERE;
                return new Outcome.Barred(bar);
            }
        }
        ProjectFile.save(path, project);
        known = FileStamp.of(path);
        return new Outcome.Saved();
    }

    /**
     * Saves over what lies there, which becomes the version before; takes over from another window.
     * A damaged file stays barred: save under another name.
     */
    public Outcome insist(Project project) {
        if (bar == Bar.DAMAGED) {
            return new Outcome.Barred(bar);
        }
        try {
            if (hold.isEmpty() || !hold.get().isStill()) {
                close();
                hold = Optional.of(FileHold.takeOver(path));
            }
            bar = Bar.NONE;
            return write(project);
        } catch (IOException e) {
            return new Outcome.Failed(e);
        }
    }

    /** Lets go of the file. */
    @Override
    public void close() throws IOException {
        if (hold.isPresent()) {
            FileHold held = hold.get();
            hold = Optional.empty();
            held.close();
        }
    }
}
