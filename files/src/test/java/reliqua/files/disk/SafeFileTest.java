package reliqua.files.disk;

import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.nio.file.attribute.PosixFilePermissions;
import java.time.Instant;
import java.util.List;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class SafeFileTest {
    @TempDir Path folder;
    private Path file;

    @BeforeEach
    void place() {
        file = folder.resolve("p.reliqua");
    }

    private static byte[] bytes(String text) {
        return text.getBytes(UTF_8);
    }

    private List<String> names() throws IOException {
        try (Stream<Path> files = Files.list(folder)) {
            return files.map(p -> p.getFileName().toString()).sorted().toList();
        }
    }

    @Test
    void whoMayReadItStaysAsItWas() throws IOException {
        SafeFile.writeKeeping(file, bytes("one"));
        Files.setPosixFilePermissions(file, PosixFilePermissions.fromString("rw-------"));
        SafeFile.writeKeeping(file, bytes("two"));
        for (Path each : List.of(file, Generations.place(file, 1))) {
            assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(each)))
                    .isEqualTo("rw-------");
        }
    }

    @Test
    void aLinkStaysALinkAndItsFileIsWritten() throws IOException {
        Path real = Files.createDirectory(folder.resolve("elsewhere")).resolve("real.reliqua");
        Files.createSymbolicLink(file, Path.of("elsewhere", "real.reliqua"));
        SafeFile.writeKeeping(file, bytes("one"));
        SafeFile.writeKeeping(file, bytes("two"));
        assertThat(Files.isSymbolicLink(file)).isTrue();
        assertThat(real).hasContent("two");
        assertThat(Generations.place(real, 1)).hasContent("one");
        assertThat(Generations.of(file)).containsExactly(Generations.place(real, 1));
    }

    @Test
    void aLinkLaidWhereTheNewFileMightBeWrittenIsNotFollowed() throws IOException {
        Path victim = Files.writeString(folder.resolve("victim"), "untouched");
        Files.createSymbolicLink(folder.resolve("p.reliqua.new"), victim);
        SafeFile.write(file, bytes("one"));
        SafeFile.write(file, bytes("two"));
        assertThat(victim).hasContent("untouched");
        assertThat(file).hasContent("two");
    }

    @Test
    void whatIsNoOrdinaryFileIsNotReplaced() throws IOException {
        Files.createDirectory(file);
        assertThatThrownBy(() -> SafeFile.write(file, bytes("one")))
                .isInstanceOf(IOException.class)
                .hasMessageContaining("not an ordinary file");
        assertThat(names()).containsExactly("p.reliqua");
    }

    @Test
    void aWriteThatFailsLeavesNothingBehind() throws IOException {
        SafeFile.write(file, bytes("one"));
        // What cannot be replaced by a file: a folder with something in it.
        Files.createDirectories(Generations.place(file, 2).resolve("in the way"));
        Files.createDirectories(Generations.place(file, 1).resolve("in the way"));
        assertThatThrownBy(() -> SafeFile.writeKeeping(file, bytes("two")))
                .isInstanceOf(IOException.class);
        assertThat(file).hasContent("one");
        assertThat(names()).containsExactly("p.reliqua", "p.reliqua~", "p.reliqua~2");
    }

    @Test
    void olderVersionsAreKeptApart() throws IOException {
        for (int n = 0; n < 4; n++) {
            SafeFile.writeKeeping(file, bytes("hour " + n));
            // As if the next save came an hour later.
            shift(Instant.now().minusSeconds(3600L * (4 - n)));
            SafeFile.writeKeeping(file, bytes("hour " + n + ", a second later"));
            shift(Instant.now().minusSeconds(3600L * (4 - n) - 1));
        }
        assertThat(Generations.place(file, 5)).doesNotExist();
        assertThat(Generations.place(file, 1)).hasContent("hour 3");
        assertThat(Generations.place(file, 2)).hasContent("hour 2");
        assertThat(Generations.place(file, 4)).hasContent("hour 0");
    }

    @Test
    void ofEveryDayThatIsOverTheLastVersionIsKeptForTenDays() throws IOException {
        for (int day = 14; day > 0; day--) {
            SafeFile.writeKeeping(file, bytes("day " + day));
            shift(Instant.now().minusSeconds(86_400L * day));
        }
        SafeFile.writeKeeping(file, bytes("today"));
        SafeFile.writeKeeping(file, bytes("today, later"));
        List<Path> days =
                Generations.of(file).stream()
                        .filter(p -> p.getFileName().toString().matches(".*~\\d{4}-.*"))
                        .toList();
        assertThat(days).hasSize(10);
        assertThat(days.getFirst()).hasContent("day 1");
        assertThat(days.getLast()).hasContent("day 10");
        assertThat(file).hasContent("today, later");
    }

    private void shift(Instant then) throws IOException {
        Files.setLastModifiedTime(file, FileTime.from(then));
    }

    @Test
    void whatKilledProgramsLeftIsSweptAway() throws IOException {
        Path old = Files.writeString(SafeFile.fresh(file), "half");
        Files.setLastModifiedTime(old, FileTime.from(Instant.now().minusSeconds(600)));
        Path beingWritten = Files.writeString(SafeFile.fresh(file), "now");
        Path others = Files.writeString(folder.resolve(".q.reliqua.x.new"), "another's");
        Files.setLastModifiedTime(others, FileTime.from(Instant.now().minusSeconds(600)));
        SafeFile.sweep(file);
        assertThat(old).doesNotExist();
        assertThat(beingWritten).exists();
        assertThat(others).exists();
    }

    /** A program that saves as fast as it can, to be killed. */
    static final class Writer {
        private Writer() {}

        public static void main(String[] args) throws IOException {
            for (int n = 0; ; n++) {
                SafeFile.writeKeeping(Path.of(args[0]), content(n));
            }
        }

        static byte[] content(int n) {
            return bytes("begin" + ("," + n).repeat(20_000) + ",end");
        }
    }

    @Test
    void aProgramKilledWhileItSavesLeavesWholeFiles() throws Exception {
        Random random = new Random(7);
        for (int n = 0; n < 5; n++) {
            Process writer =
                    new ProcessBuilder(
                                    Path.of(System.getProperty("java.home"), "bin", "java")
                                            .toString(),
                                    "-XX:TieredStopAtLevel=1",
                                    "-cp",
                                    System.getProperty("java.class.path"),
                                    Writer.class.getName(),
                                    file.toString())
                            .inheritIO()
                            .start();
            long deadline = System.nanoTime() + TimeUnit.SECONDS.toNanos(30);
            while (!Files.exists(Generations.place(file, 1)) && System.nanoTime() < deadline) {
                Thread.sleep(5);
            }
            Thread.sleep(random.nextInt(200));
            writer.destroyForcibly().waitFor();
            for (Path each : List.of(file, Generations.place(file, 1))) {
                assertThat(Files.readString(each)).startsWith("begin").endsWith(",end");
            }
        }
    }
}
