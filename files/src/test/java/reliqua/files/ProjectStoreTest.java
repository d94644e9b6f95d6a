package reliqua.files;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import reliqua.core.project.Project;
import reliqua.files.ProjectStore.Bar;
import reliqua.files.ProjectStore.Outcome;
import reliqua.files.disk.Generations;
import reliqua.standins.Climates;
import reliqua.standins.Merchants;

class ProjectStoreTest {
    private static final Project DEMO =
            DemoProjects.kerrinRigg(Merchants::priceBook, new Climates());

    @TempDir Path folder;
    private Path file;

    @BeforeEach
    void place() {
        file = folder.resolve("made/when/needed/p.reliqua");
    }

    private static Project ticked(String step) {
        return DEMO.tick(step, true);
    }

    private Project onDisk() throws IOException, InputException {
        return ProjectFile.load(file);
    }

    @Test
    void aFreshOneIsWrittenAndThenWrittenAgain() throws Exception {
        try (ProjectStore store = ProjectStore.fresh(file)) {
            assertThat(store.isFresh()).isTrue();
            assertThat(store.save(DEMO)).isInstanceOf(Outcome.Saved.class);
            assertThat(store.save(ticked("a"))).isInstanceOf(Outcome.Saved.class);
            assertThat(onDisk()).isEqualTo(ticked("a"));
        }
    }

    @Test
    void theSecondWindowReadsOnlyUntilItTakesOver() throws Exception {
        try (ProjectStore first = ProjectStore.fresh(file)) {
            first.save(DEMO);
            ProjectStore second = ProjectStore.open(file).store();
            assertThat(second.bar()).isEqualTo(Bar.HELD_ELSEWHERE);
            assertThat(second.save(ticked("second"))).isInstanceOf(Outcome.Barred.class);
            assertThat(onDisk()).isEqualTo(DEMO);
            assertThat(second.insist(ticked("second"))).isInstanceOf(Outcome.Saved.class);
            assertThat(first.save(ticked("first"))).isInstanceOf(Outcome.TakenOver.class);
            assertThat(onDisk()).isEqualTo(ticked("second"));
            second.close();
        }
    }

    @Test
    void whatAnotherProgramWroteIsNotWrittenOverUnasked() throws Exception {
        try (ProjectStore store = ProjectStore.fresh(file)) {
            store.save(DEMO);
            ProjectFile.save(file, ticked("theirs"));
            assertThat(store.save(ticked("mine"))).isInstanceOf(Outcome.Changed.class);
            assertThat(onDisk()).isEqualTo(ticked("theirs"));
            assertThat(store.insist(ticked("mine"))).isInstanceOf(Outcome.Saved.class);
            assertThat(onDisk()).isEqualTo(ticked("mine"));
            assertThat(ProjectFile.load(Generations.place(file, 1))).isEqualTo(ticked("theirs"));
        }
    }

    @Test
    void oneThatWasRenamedIsNotWrittenAnewUnasked() throws Exception {
        try (ProjectStore store = ProjectStore.fresh(file)) {
            store.save(DEMO);
            Files.move(file, file.resolveSibling("renamed.reliqua"));
            assertThat(store.save(ticked("mine"))).isInstanceOf(Outcome.Gone.class);
            assertThat(file).doesNotExist();
        }
    }

    @Test
    void aFreshOneDoesNotReplaceWhatCameThereMeanwhile() throws Exception {
        ProjectStore store = ProjectStore.fresh(file);
        Files.createDirectories(file.getParent());
        ProjectFile.save(file, ticked("theirs"));
        assertThat(store.save(DEMO)).isInstanceOf(Outcome.Changed.class);
        assertThat(onDisk()).isEqualTo(ticked("theirs"));
    }

    @Test
    void aDamagedOneIsNeverWrittenOver() throws Exception {
        Files.createDirectories(file.getParent());
        ProjectFile.save(file, DEMO);
        byte[] bytes = Files.readAllBytes(file);
        byte[] cut = java.util.Arrays.copyOf(bytes, bytes.length - 40);
        Files.write(file, cut);
        ProjectStore.Opened opened = ProjectStore.open(file);
        assertThat(opened.missing()).isNotEmpty();
        assertThat(opened.store().save(DEMO)).isInstanceOf(Outcome.Barred.class);
        assertThat(opened.store().insist(DEMO)).isInstanceOf(Outcome.Barred.class);
        assertThat(Files.readAllBytes(file)).isEqualTo(cut);
    }

    @Test
    void whereNothingCanBeWrittenTheReasonIsGivenAndTheFileIsAsItWas() throws Exception {
        Files.createDirectories(file.getParent());
        ProjectFile.save(file, DEMO);
        ProjectStore store = ProjectStore.open(file).store();
        Files.createDirectories(Generations.place(file, 2).resolve("in the way"));
        Files.createDirectories(Generations.place(file, 1).resolve("in the way"));
        assertThat(store.save(ticked("a"))).isInstanceOf(Outcome.Failed.class);
        assertThat(onDisk()).isEqualTo(DEMO);
        store.close();
    }
}
