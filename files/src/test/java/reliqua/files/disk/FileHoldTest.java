package reliqua.files.disk;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class FileHoldTest {
    @TempDir Path folder;

    @Test
    void oneAtATimeHoldsAFile() throws IOException {
        Path file = folder.resolve("p.reliqua");
        FileHold first = FileHold.take(file).orElseThrow();
        assertThat(FileHold.take(file)).isEmpty();
        assertThat(FileHold.take(folder.resolve("other.reliqua"))).isPresent();
        first.close();
        FileHold second = FileHold.take(file).orElseThrow();
        assertThat(second.isStill()).isTrue();
        second.close();
    }

    @Test
    void oneFileUnderTwoNamesIsOneFile() throws IOException {
        Path file = Files.writeString(folder.resolve("p.reliqua"), "");
        Path link = Files.createSymbolicLink(folder.resolve("link.reliqua"), file);
        try (FileHold first = FileHold.take(file).orElseThrow()) {
            assertThat(first.isStill()).isTrue();
            assertThat(FileHold.take(link)).isEmpty();
        }
    }

    @Test
    void whoIsTakenOverLearnsOfItAndLeavesTheOthersLockAlone() throws IOException {
        Path file = folder.resolve("p.reliqua");
        FileHold first = FileHold.take(file).orElseThrow();
        FileHold second = FileHold.takeOver(file);
        assertThat(first.isStill()).isFalse();
        assertThat(second.isStill()).isTrue();
        first.close();
        assertThat(second.isStill()).isTrue();
        assertThat(FileHold.take(file)).isEmpty();
        second.close();
        try (Stream<Path> left = Files.list(folder)) {
            assertThat(left).isEmpty();
        }
    }

    /** Another program that tries to take hold, and says how it went. */
    static final class Other {
        private Other() {}

        public static void main(String[] args) throws IOException {
            System.out.print(FileHold.take(Path.of(args[0])).isPresent() ? "held" : "taken");
        }
    }

    private static String other(Path file) throws Exception {
        Process process =
                new ProcessBuilder(
                                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                                "-XX:TieredStopAtLevel=1",
                                "-cp",
                                System.getProperty("java.class.path"),
                                Other.class.getName(),
                                file.toString())
                        .redirectError(ProcessBuilder.Redirect.INHERIT)
                        .start();
        String said = new String(process.getInputStream().readAllBytes());
        assertThat(process.waitFor()).isZero();
        return said;
    }

    @Test
    void anotherProgramIsKeptOutHoweverOftenTheLockIsLookedAt() throws Exception {
        Path file = folder.resolve("p.reliqua");
        FileHold mine = FileHold.take(file).orElseThrow();
        assertThat(mine.isStill()).isTrue();
        assertThat(FileHold.take(file)).isEmpty();
        assertThat(other(file)).isEqualTo("taken");
        assertThat(mine.isStill()).isTrue();
        FileHold second = FileHold.takeOver(file);
        assertThat(mine.isStill()).isFalse();
        mine.close();
        assertThat(other(file)).isEqualTo("taken");
        second.close();
        // What another program left behind when it ended is no lock.
        assertThat(other(file)).isEqualTo("held");
        assertThat(FileHold.take(file)).isPresent();
    }
}
