package reliqua.core.cutting;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import reliqua.core.measure.Length;
import reliqua.core.measure.Money;

/** Sticks of many lengths cut up without waste are put together again. */
class ExactEndTest {
    private static final int KERF = 3;

    @Test
    void sticksThatJustSufficeAreFilledToTheEnd() {
        Random random = new Random(23);
        for (int n = 0; n < 20; n++) {
            CutJob job = planted(random, 8 + n, 0);
            StickProblem problem = StickProblem.split(job).getFirst();
            Optional<Packing> found = new ExactEnd(problem, n, Progress.NONE).found();
            assertThat(found).as("job %d", n).isPresent();
            assertThat(found.get().unplaced()).isZero();
            int[] given = new int[problem.size()];
            int[] used = new int[problem.groups().size()];
            for (Pattern pattern : found.get().patterns()) {
                used[problem.bin(pattern).group()]++;
                for (int i = 0; i < given.length; i++) {
                    given[i] += pattern.counts()[i];
                }
            }
            assertThat(given).isEqualTo(problem.demands());
            for (int g = 0; g < used.length; g++) {
                assertThat(used[g]).isLessThanOrEqualTo(problem.copies()[g]);
            }
        }
    }

    @Test
    void thePlannerCutsThemForNothing() {
        Random random = new Random(24);
        for (int n = 0; n < 10; n++) {
            CutJob job = planted(random, 20, 0);
            CutPlan plan = new CutPlanner(CutPlanner.Settings.FULL).plan(job, Progress.NONE);
            assertThat(PlanChecker.faults(job, plan)).as("job %d", n).isEmpty();
            assertThat(plan.cost()).as("job %d", n).isEqualTo(Money.ZERO);
        }
    }

    @Test
    void withLengthToSpareItIsLeftToOthers() {
        StickProblem problem = StickProblem.split(planted(new Random(25), 12, 1)).getFirst();
        assertThat(new ExactEnd(problem, 1, Progress.NONE).found()).isEmpty();
    }

    @Test
    void whatIsLeftOfAProblemHasFewerPiecesAndCopies() {
        StickProblem problem = StickProblem.split(planted(new Random(26), 5, 0)).getFirst();
        int[] demands = problem.demands();
        int[] copies = problem.copies();
        demands[0] = 0;
        copies[0] = 0;
        StickProblem left = problem.left(demands, copies);
        assertThat(left.demands()).isEqualTo(demands);
        assertThat(left.copies()).isEqualTo(copies);
        assertThat(left.bins()).isEqualTo(problem.bins());
    }

    private static CutJob planted(Random random, int sticks, int spare) {
        List<OwnStick> own = new ArrayList<>();
        List<WantedPiece> pieces = new ArrayList<>();
        for (int s = 0; s < sticks; s++) {
            int used = -KERF;
            for (int p = 2 + random.nextInt(4); p > 0; p--) {
                int mm = 150 + random.nextInt(900);
                pieces.add(piece("p" + pieces.size(), mm));
                used += mm + KERF;
            }
            own.add(stick("S" + s, used + spare));
        }
        CutJob.ShopItem shop =
                new CutJob.ShopItem(
                        "B", false, Length.mm(38), Length.mm(89), Length.mm(2400), Money.of(5));
        return new CutJob(Length.mm(KERF), own, List.of(), List.of(shop), pieces, List.of());
    }

    private static OwnStick stick(String id, int mm) {
        return new OwnStick(
                id, Length.mm(38), Length.mm(89), Length.mm(mm), 1, List.of(), Length.ZERO);
    }

    private static WantedPiece piece(String id, int mm) {
        return new WantedPiece(
                id, Length.mm(38), Length.mm(89), Length.mm(mm), 1, Optional.empty());
    }
}
