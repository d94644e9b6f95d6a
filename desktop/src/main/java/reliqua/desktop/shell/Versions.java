package reliqua.desktop.shell;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import reliqua.core.project.Dates;
import reliqua.files.disk.Generations;

/** The versions of a project's file that lie beside it. */
final class Versions {
    /**
     * A version.
     *
     * @param file where it lies
     * @param saved when it was written
     */
    record Version(Path file, LocalDateTime saved) {
        /** When it was saved, in words. */
        String when() {
            return Dates.day(saved.toLocalDate())
                    + String.format(" %02d:%02d", saved.getHour(), saved.getMinute());
        }
    }

    private Versions() {}

    /** All there are, the latest first; two of one moment are one. */
    static List<Version> of(Path file) throws IOException {
        List<Version> versions = new ArrayList<>();
        for (Path each : Generations.of(file)) {
            LocalDateTime saved =
                    LocalDateTime.ofInstant(
                            Files.getLastModifiedTime(each).toInstant(), ZoneId.systemDefault());
            if (versions.stream().noneMatch(v -> v.saved().equals(saved))) {
                versions.add(new Version(each, saved));
            }
        }
        versions.sort(Comparator.comparing(Version::saved).reversed());
        return versions;
    }
}
