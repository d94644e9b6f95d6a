package reliqua.desktop;

import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import reliqua.desktop.work.DataFolder;

class DataFolderTest {
    @TempDir Path home;

    @Test
    void aNewProjectNeverTakesTheNameOfAnother() throws IOException {
        DataFolder folder = new DataFolder(home);
        Path first = folder.freshPlace("New coop");
        Files.writeString(first, "work");
        Path second = folder.freshPlace("New coop");
        assertThat(second).isNotEqualTo(first);
        assertThat(second.getFileName()).hasToString("New coop 2.reliqua");
        assertThat(folder.place("a/b:c").getFileName()).hasToString("a_b_c.reliqua");
    }

    @Test
    void recentFilesAreThoseStillThereLatestFirst() throws IOException {
        DataFolder folder = new DataFolder(home.resolve("made when needed"));
        assertThat(folder.recent()).isEmpty();
        Path a = Files.writeString(home.resolve("a.reliqua"), "");
        Path b = Files.writeString(home.resolve("b.reliqua"), "");
        folder.remember(a);
        folder.remember(b);
        folder.remember(a);
        assertThat(folder.recent()).containsExactly(a.toAbsolutePath(), b.toAbsolutePath());
        Files.delete(a);
        assertThat(folder.recent()).containsExactly(b.toAbsolutePath());
    }

    @Test
    void settingsAreKept() throws IOException {
        DataFolder folder = new DataFolder(home);
        assertThat(folder.setting("look", "whitewash")).isEqualTo("whitewash");
        folder.set("look", "noon");
        assertThat(new DataFolder(home).setting("look", "whitewash")).isEqualTo("noon");
    }

    @Test
    void aListOfRecentFilesThatMakesNoSenseIsNoReasonNotToStart() throws IOException {
        DataFolder folder = new DataFolder(home);
        Path good = Files.writeString(home.resolve("a.reliqua"), "");
        for (byte[] list :
                new byte[][] {
                    new byte[4_000],
                    ("\u0000\n" + good + "\nx\u0000y\n" + home + "\n").getBytes(UTF_8),
                    {(byte) 0xe9, '\n', (byte) 0xff}
                }) {
            Files.write(home.resolve("recent.txt"), list);
            assertThat(folder.recent()).doesNotContain(home).hasSizeLessThan(2);
            folder.remember(good);
            assertThat(folder.recent()).containsExactly(good.toAbsolutePath());
        }
        Files.write(home.resolve("look.setting"), new byte[] {0, (byte) 0xff});
        assertThat(folder.setting("look", "whitewash")).isEqualTo("whitewash");
    }
}
