package reliqua.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import reliqua.core.cutting.CutJob;
import reliqua.core.cutting.CutPlan;
import reliqua.core.cutting.CutPlanner;
import reliqua.core.cutting.NativeSolver;
import reliqua.core.cutting.Progress;
import reliqua.files.CutJobJson;
import reliqua.files.InputException;

class PlainModelTest {
    /** Two ways to the same answer: neither beats what the other has proven. */
    @Test
    void thePlainModelIsNeverCheaperThanWhatIsProven() throws IOException, InputException {
        assertThat(NativeSolver.isLoaded()).isTrue();
        Path folder = new FreshJobs(17).write();
        List<Path> files;
        try (Stream<Path> all = Files.list(folder)) {
            files = all.filter(p -> p.toString().matches(".*yard-\\d+\\.json")).sorted().toList();
        }
        assertThat(files).hasSize(5);
        for (Path file : files) {
            CutJob job = CutJobJson.read(Files.readString(file), file.toString());
            CutPlan plan = new CutPlanner(CutPlanner.Settings.FULL).plan(job, Progress.NONE);
            double plain = PlainModel.cost(job, 1).orElse(Double.POSITIVE_INFINITY);
            assertThat(plan.isComplete()).isTrue();
            assertThat(plain).isGreaterThanOrEqualTo(plan.lowerBound().amount() - 1e-6);
            assertThat(ByHand.cost(job)).isGreaterThanOrEqualTo(plan.cost());
        }
    }

    @Test
    void plantedJobsComeOutForNothing() throws IOException, InputException {
        Path folder = new FreshJobs(18).write();
        try (Stream<Path> all = Files.list(folder)) {
            for (Path file : all.filter(p -> p.toString().contains("planted")).toList()) {
                CutJob job = CutJobJson.read(Files.readString(file), file.toString());
                CutPlan plan = new CutPlanner(CutPlanner.Settings.FULL).plan(job, Progress.NONE);
                assertThat(plan.cost().isZero()).as("%s", file).isTrue();
            }
        }
    }
}
