package reliqua.desktop;

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
}
