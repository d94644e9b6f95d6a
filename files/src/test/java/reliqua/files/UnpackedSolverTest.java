package reliqua.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import reliqua.core.cutting.NativeSolver;

class UnpackedSolverTest {
    @TempDir Path folder;

    /** What a process of its own prints of its solver: it can be linked but once in each. */
    static final class Look {
        private Look() {}

        public static void main(String[] args) {
            System.out.println("loaded=" + NativeSolver.isLoaded());
        }
    }

    private static String look(String... properties) throws Exception {
        List<String> command =
                new ArrayList<>(
                        List.of(
                                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                                "-XX:TieredStopAtLevel=1",
                                "--enable-native-access=ALL-UNNAMED"));
        command.addAll(List.of(properties));
        command.addAll(List.of("-cp", System.getProperty("java.class.path"), Look.class.getName()));
        Process process = new ProcessBuilder(command).redirectErrorStream(true).start();
        String said = new String(process.getInputStream().readAllBytes());
        assertThat(process.waitFor()).isZero();
        return said;
    }

    private List<Path> inside(Path where) throws IOException {
        try (Stream<Path> files = Files.list(where)) {
            return files.toList();
        }
    }

    @Test
    void itIsUnpackedOnceAndLeavesNothingInTheFolderForTemporaryFiles() throws Exception {
        Path cache = folder.resolve("cache");
        Path temporary = Files.createDirectory(folder.resolve("tmp"));
        String[] places = {"-Dreliqua.cache=" + cache, "-Djava.io.tmpdir=" + temporary};
        assertThat(look(places)).contains("loaded=true");
        assertThat(inside(temporary)).isEmpty();
        FileTime unpacked = Files.getLastModifiedTime(inside(cache).getFirst());
        assertThat(look(places)).contains("loaded=true");
        assertThat(inside(cache)).hasSize(1);
        assertThat(Files.getLastModifiedTime(inside(cache).getFirst())).isEqualTo(unpacked);
    }

    @Test
    void withoutAnyUsableFolderPlansAreMadeWithoutItAndThatIsSaidInALine() throws Exception {
        Path file = Files.writeString(folder.resolve("no folder"), "");
        String said =
                look("-Dreliqua.cache=" + file, "-Djava.io.tmpdir=" + file.resolve("nowhere"));
        assertThat(said).contains("loaded=false").contains("could not be loaded");
        assertThat(said.lines().count()).isLessThan(6);
    }

    @Test
    void aTornLibraryIsUnpackedAnew() throws IOException {
        UnpackedSolver solver = new UnpackedSolver(folder);
        Path place = solver.unpacked().orElseThrow();
        Path library = inside(place).getFirst();
        Files.writeString(library, "half");
        assertThat(solver.unpacked()).contains(place);
        assertThat(Files.size(library)).isGreaterThan(4);
        Path barred = Files.writeString(folder.resolve("barred"), "");
        assertThatThrownBy(() -> new UnpackedSolver(barred).unpacked())
                .isInstanceOf(IOException.class);
    }

    @Test
    void whatKilledRunsLeftIsCleanedUpAfterADay() throws IOException {
        Path old = Files.createDirectory(folder.resolve("ortools-java1"));
        Files.writeString(old.resolve("lib.so"), "");
        Files.setLastModifiedTime(old, FileTime.from(Instant.now().minusSeconds(200_000)));
        Path young = Files.createDirectory(folder.resolve("ortools-java2"));
        Path other = Files.createDirectory(folder.resolve("other"));
        Files.setLastModifiedTime(other, FileTime.from(Instant.now().minusSeconds(200_000)));
        UnpackedSolver.sweep(folder);
        assertThat(old).doesNotExist();
        assertThat(young).exists();
        assertThat(other).exists();
    }
}
