package reliqua.files.disk;

import java.io.IOException;
import java.nio.file.FileSystemException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.stream.IntStream;

/**
 * The versions of a file before the present one: {@code NAME~} is the one before the last save,
 * {@code NAME~2} to {@code NAME~5} are older, each at least ten minutes older than the one before
 * it. Each is a file that was whole and on the disk already, and comes to its name by a move.
 */
public final class Generations {
    private static final int MOST = 5;
    private static final Duration APART = Duration.ofMinutes(10);

    private Generations() {}

    /** The place of a version: 1 for the one before the last save, up to 5 for the oldest. */
    public static Path place(Path path, int number) {
        String mark = number == 1 ? "~" : "~" + number;
        return path.resolveSibling(path.getFileName() + mark);
    }

    /** The versions that are there, latest first. */
    public static List<Path> of(Path path) throws IOException {
        Path target = SafeFile.target(path);
        return IntStream.rangeClosed(1, MOST)
                .mapToObj(n -> place(target, n))
                .filter(Files::isRegularFile)
                .toList();
    }

    /** Makes the present file the version before. */
    static void keep(Path target) throws IOException {
        Path before = place(target, 1);
        if (Files.exists(before) && Files.isSameFile(target, before)) {
            return;
        }
        if (Files.exists(before) && isApart(before, place(target, 2))) {
            shift(target);
        }
        Path copy = copy(target);
        try {
            SafeFile.move(copy, before);
        } catch (IOException e) {
            Files.deleteIfExists(copy);
            throw e;
        }
    }

    private static boolean isApart(Path before, Path older) throws IOException {
        return !Files.exists(older)
                || Duration.between(written(older), written(before)).compareTo(APART) >= 0;
    }

    private static Instant written(Path file) throws IOException {
        return Files.getLastModifiedTime(file).toInstant();
    }

    private static void shift(Path target) throws IOException {
        for (int n = MOST; n > 1; n--) {
            Path younger = place(target, n - 1);
            if (Files.exists(younger)) {
                SafeFile.move(younger, place(target, n));
            }
        }
    }

    /** A second name for the same bytes; where the file system has none, a copy. */
    private static Path copy(Path target) throws IOException {
        Path fresh = SafeFile.fresh(target);
        try {
            return Files.createLink(fresh, target);
        } catch (UnsupportedOperationException | FileSystemException e) {
            SafeFile.fill(fresh, Files.readAllBytes(target), SafeFile.permissions(target));
            return fresh;
        }
    }
}
