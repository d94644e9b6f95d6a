package reliqua.files.disk;

import java.io.IOException;
import java.nio.file.FileSystemException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Comparator;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * The versions of a file before the present one: {@code NAME~} is the one before the last save,
 * {@code NAME~2} to {@code NAME~5} are older, each at least ten minutes older than the one before
 * it; {@code NAME~2026-11-27} is the last of a day that is over, of ten such days. Each is a file
 * that was whole and on the disk already, and comes to its name by a move.
 */
public final class Generations {
    private static final int MOST = 5;
    private static final int MOST_DAYS = 10;
    private static final Pattern DAY = Pattern.compile("\\d{4}-\\d{2}-\\d{2}");
    private static final Duration APART = Duration.ofMinutes(10);

    private Generations() {}

    /** The place of a version: 1 for the one before the last save, up to 5 for the oldest. */
    public static Path place(Path path, int number) {
        String mark = number == 1 ? "~" : "~" + number;
        return path.resolveSibling(path.getFileName() + mark);
    }

    /** The versions that are there: those just before, latest first, then one a day. */
    public static List<Path> of(Path path) throws IOException {
        Path target = SafeFile.target(path);
        Stream<Path> last =
                IntStream.rangeClosed(1, MOST)
                        .mapToObj(n -> place(target, n))
                        .filter(Files::isRegularFile);
        return Stream.concat(last, days(target).stream()).toList();
    }

    /** The last versions of days that are over, latest first. */
    private static List<Path> days(Path target) throws IOException {
        Path folder = target.toAbsolutePath().getParent();
        String begin = target.getFileName() + "~";
        if (folder == null || !Files.isDirectory(folder)) {
            return List.of();
        }
        try (Stream<Path> beside = Files.list(folder)) {
            return beside.filter(p -> DAY.matcher(after(p, begin)).matches())
                    .sorted(Comparator.comparing(Path::getFileName).reversed())
                    .map(p -> target.resolveSibling(p.getFileName()))
                    .toList();
        }
    }

    private static String after(Path path, String begin) {
        String name = String.valueOf(path.getFileName());
        return name.startsWith(begin) ? name.substring(begin.length()) : "";
    }

    /** What a day that is over left is kept for ten days of work. */
    private static void keepDay(Path target) throws IOException {
        LocalDate day = LocalDate.ofInstant(written(target), ZoneId.systemDefault());
        if (!day.isBefore(LocalDate.now())) {
            return;
        }
        Path place = target.resolveSibling(target.getFileName() + "~" + day);
        if (Files.exists(place)) {
            return;
        }
        keepAs(target, place);
        for (Path old : days(target).stream().skip(MOST_DAYS).toList()) {
            Files.deleteIfExists(old);
        }
    }

    /** Makes the present file the version before. */
    static void keep(Path target) throws IOException {
        Path before = place(target, 1);
        if (Files.exists(before) && Files.isSameFile(target, before)) {
            return;
        }
        keepDay(target);
        if (Files.exists(before) && isApart(before, place(target, 2))) {
            shift(target);
        }
        keepAs(target, before);
    }

    private static void keepAs(Path target, Path place) throws IOException {
        Path copy = copy(target);
        try {
            SafeFile.move(copy, place);
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
