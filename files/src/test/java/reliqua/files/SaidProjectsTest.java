package reliqua.files;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import reliqua.core.flock.Flock;
import reliqua.core.flock.Keeper;
import reliqua.core.measure.Tape;
import reliqua.core.project.Project;
import reliqua.core.project.SayEdit;
import reliqua.core.stock.Heap;
import reliqua.standins.Merchants;

/** Whatever is said of birds, ground, keeper and heap is in the file, and comes out of it again. */
class SaidProjectsTest {
    private static final List<String> BIRDS =
            List.of(
                    "9 hens",
                    "14 hens, 1 cock",
                    "six bantams and a bantam cock",
                    "3 ducks",
                    "broilers: 12",
                    "pen for 3 newcomers, 1 broody",
                    "out all day",
                    "thin litter, snug roosts",
                    "one nest to 5 hens",
                    "buried mesh",
                    "for meat",
                    "roomy floor, usual roosts",
                    "floor 3.5 sq ft a bird",
                    "roost 11 in a bird",
                    "one nest to 6 hens");

    private static final List<String> GROUND =
            List.of(
                    "foxes, stoats",
                    "hawks",
                    "gate 36 in",
                    "yard 40 x 30 ft",
                    "slopes southwest 8%",
                    "wind from nw",
                    "faces south",
                    "snow 30 psf, gusts 90 mph",
                    "rain 9 8 7 6 5 4 3 2 1 10 11 12",
                    "coldest -4, hottest 35 c, frost 30 in",
                    "southern hemisphere");

    private static final List<String> KEEPER =
            List.of(
                    "budget 75.50",
                    "kerf 1/8 in",
                    "end trim 1 in",
                    "currency kr",
                    "no wider than 8 ft",
                    "no higher than 6 ft 2 in",
                    "i am 5'4\" tall",
                    "reach 28 in",
                    "lift 40 lb",
                    "with a helper",
                    "5 hours a week",
                    "my hour is worth 12",
                    "table saw, no snips",
                    "barrow",
                    "width 62 1/2");

    private static final List<String> LOTS =
            List.of(
                    "6 of 2x4 at 92 5/8 bow 1/2",
                    "3 of 1x4 at 5ft 2in, painted",
                    "2 sheets 1/2 x 48 x 96",
                    "4 pallets 48 x 40",
                    "5 blocks 8 x 8 x 16",
                    "a pole 3 in at 8 ft");

    @TempDir Path folder;

    private static Project empty(Tape tape) {
        return Project.start(
                "Said",
                Keeper.with(tape),
                Flock.EMPTY,
                Heap.EMPTY,
                Merchants.priceBook(tape.system()));
    }

    private static Project said(Project project, String line) {
        SayEdit.Said said = SayEdit.read(line, project);
        assertThat(said).as(line).isInstanceOf(SayEdit.Said.Change.class);
        return ((SayEdit.Said.Change) said).edit().change().apply(project);
    }

    private Project kept(Project project) throws IOException, InputException {
        Path path = folder.resolve("said.reliqua");
        ProjectFile.save(path, project);
        return ProjectFile.load(path);
    }

    @Test
    void everySingleThingThatIsSaidIsKept() throws IOException, InputException {
        for (List<String> lines : List.of(BIRDS, GROUND, KEEPER, LOTS)) {
            for (String line : lines) {
                Project before = empty(Tape.INCH);
                Project after = said(before, line);
                assertThat(after).as(line).isNotEqualTo(before);
                assertThat(kept(after)).as(line).isEqualTo(after);
            }
        }
    }

    @Test
    void whateverIsSaidTogetherIsKept() throws IOException, InputException {
        Random random = new Random(41);
        List<String> all = new ArrayList<>();
        List.of(BIRDS, GROUND, KEEPER, LOTS).forEach(all::addAll);
        for (int n = 0; n < 60; n++) {
            Project project = empty(random.nextBoolean() ? Tape.INCH : Tape.METRIC);
            Collections.shuffle(all, random);
            for (String line : all.subList(0, 4 + random.nextInt(20))) {
                project = said(project, line);
            }
            Project back = kept(project);
            assertThat(back).isEqualTo(project);
            assertThat(back.flock().total()).isEqualTo(project.flock().total());
            if (project.flock().total() > 0) {
                assertThat(NeedsJson.write(back)).isEqualTo(NeedsJson.write(project));
            }
        }
    }

    @Test
    void theSameProjectIsTheSameFile() throws IOException, InputException {
        Project project = empty(Tape.INCH);
        for (String line : KEEPER) {
            project = said(project, line);
        }
        Path one = folder.resolve("one.reliqua");
        Path two = folder.resolve("two.reliqua");
        ProjectFile.save(one, project);
        ProjectFile.save(two, ProjectFile.load(one));
        assertThat(Files.readAllBytes(two)).isEqualTo(Files.readAllBytes(one));
    }
}
