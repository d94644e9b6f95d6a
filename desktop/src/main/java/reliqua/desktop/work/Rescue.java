package reliqua.desktop.work;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import reliqua.core.project.Project;
import reliqua.files.ProjectFile;

/**
 * A copy of work that its own file cannot take: in the data folder, or where even that is full, in
 * the folder for temporary files. One copy, written anew with every change, and deleted once the
 * file holds the work again.
 */
final class Rescue {
    private static final Logger LOG = LoggerFactory.getLogger(Rescue.class);
    private static final DateTimeFormatter STAMP =
            DateTimeFormatter.ofPattern("yyyy-MM-dd HH.mm.ss", Locale.ROOT);

    private final List<Path> folders;
    private Optional<Path> copy = Optional.empty();

    Rescue(DataFolder folder) {
        this.folders =
                List.of(
                        folder.rescued(),
                        Path.of(System.getProperty("java.io.tmpdir")).resolve("reliqua rescued"));
    }

    /** Keeps a copy of the project as it is; nothing where no folder takes it. */
    Optional<Path> keep(Project project, Path file) {
        String name = String.valueOf(file.getFileName());
        String stem =
                name.endsWith(ProjectFile.ENDING)
                        ? name.substring(0, name.length() - ProjectFile.ENDING.length())
                        : name;
        String fresh = stem + " " + STAMP.format(LocalDateTime.now()) + ProjectFile.ENDING;
        List<Path> places =
                copy.map(List::of)
                        .orElseGet(() -> folders.stream().map(f -> f.resolve(fresh)).toList());
        copy = places.stream().filter(place -> written(place, project)).findFirst();
        return copy;
    }

    private static boolean written(Path place, Project project) {
        try {
            Files.createDirectories(place.getParent());
            ProjectFile.saveCopy(place, project);
            return true;
        } catch (IOException e) {
            LOG.warn("No copy of the work could be kept in {}: {}", place, e.getMessage());
            return false;
        }
    }

    /** The file holds the work again. */
    void drop() {
        copy.ifPresent(
                place -> {
                    try {
                        Files.deleteIfExists(place);
                    } catch (IOException e) {
                        LOG.debug("A copy stays", e);
                    }
                });
        copy = Optional.empty();
    }

    /** The work goes on elsewhere; the copy stays as it is. */
    void leave() {
        copy = Optional.empty();
    }
}
