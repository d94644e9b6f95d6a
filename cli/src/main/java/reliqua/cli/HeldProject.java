package reliqua.cli;

import java.io.IOException;
import java.nio.file.Path;
import reliqua.core.project.Project;
import reliqua.files.InputException;
import reliqua.files.ProjectFile;
import reliqua.files.disk.FileHold;

/** A project file that one command changes while nobody else may. */
final class HeldProject implements AutoCloseable {
    private final Path path;
    private final FileHold hold;

    private HeldProject(Path path, FileHold hold) {
        this.path = path;
        this.hold = hold;
    }

    /**
     * Takes hold of a project.
     *
     * @throws InputException when it is open in a window or in another command
     */
    static HeldProject take(Path path) throws IOException, InputException {
        FileHold hold =
                FileHold.take(path)
                        .orElseThrow(
                                () ->
                                        new InputException(
                                                path
                                                        + ": this is open in another window or"
                                                        + " command; close it there first"));
        return new HeldProject(path, hold);
    }

    /** A damaged one is refused, so that what it still holds is not written over. */
    Project load() throws IOException, InputException {
        return ProjectFile.load(path);
    }

    void save(Project project) throws IOException {
        ProjectFile.save(path, project);
    }

    @Override
    public void close() throws IOException {
        hold.close();
    }
}
