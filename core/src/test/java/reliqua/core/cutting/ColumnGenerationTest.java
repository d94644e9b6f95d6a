package reliqua.core.cutting;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** The linear program: its bound holds of whole plans, and it can be rounded and taken back. */
class ColumnGenerationTest {
    @BeforeAll
    static void solver() {
        assertThat(NativeSolver.isLoaded()).isTrue();
    }

    private static List<StickProblem> problems(int jobs) {
        Random random = new Random(37);
        return IntStream.range(0, jobs)
                .mapToObj(_ -> Jobs.yard(random))
                .flatMap(job -> StickProblem.split(job).stream())
                .filter(p -> IntStream.range(0, p.size()).allMatch(p::buyable))
                .toList();
    }

    private static long shortage(StickProblem problem) {
        return 1_000_000
                + (long) Arrays.stream(problem.singlePrices(0)).sum()
                        * Arrays.stream(problem.demands()).sum();
    }

    @Test
    void noPlanCostsLessThanTheBound() {
        int above = 0;
        for (StickProblem problem : problems(150)) {
            Packing plan =
                    new StickPlanner(problem, CutPlanner.Settings.FULL)
                            .plan(Progress.NONE)
                            .packing();
            try (ColumnGeneration master = new ColumnGeneration(problem, shortage(problem))) {
                double bound = master.solve(Progress.NONE);
                assertThat(bound).isLessThanOrEqualTo(plan.charge(problem) + 0.5);
                above += bound > 0.9 * plan.charge(problem) ? 1 : 0;
            }
        }
        assertThat(above).isGreaterThan(40);
    }

    /** A worth for every piece: then no bought stick may hold more than what it costs. */
    @Test
    void atTheWorthsOfTheBoundNoBoughtStickIsABargain() {
        for (StickProblem problem : problems(80)) {
            try (ColumnGeneration master = new ColumnGeneration(problem, shortage(problem))) {
                master.solve(Progress.NONE);
                double[] worths = master.bestDuals();
                for (StickProblem.BinType bin : problem.bins()) {
                    if (!bin.own()) {
                        long room = bin.segments().getFirst().length() + problem.kerf();
                        double most = most(problem, bin, worths, 0, room);
                        assertThat(most).isLessThanOrEqualTo(bin.charge() * (1 + 1e-6) + 1);
                    }
                }
            }
        }
    }

    /** The most that fits, by trying every number of every piece. */
    private static double most(
            StickProblem problem, StickProblem.BinType bin, double[] worths, int piece, long room) {
        if (piece == worths.length) {
            return 0;
        }
        long takes = problem.pieces().get(piece).length() + problem.kerf();
        double best = 0;
        int limit = bin.allows(0, piece) ? problem.pieces().get(piece).demand() : 0;
        for (int n = 0; n <= limit && n * takes <= room; n++) {
            double rest = most(problem, bin, worths, piece + 1, room - n * takes);
            best = Math.max(best, n * worths[piece] + rest);
        }
        return best;
    }

    @Test
    void whatIsFixedIsTakenOffAndComesBack() {
        for (StickProblem problem : problems(60)) {
            try (ColumnGeneration master = new ColumnGeneration(problem, shortage(problem))) {
                double bound = master.solve(Progress.NONE);
                double[] use = master.use();
                int at =
                        IntStream.range(0, use.length)
                                .filter(i -> use[i] >= 1)
                                .findFirst()
                                .orElse(-1);
                if (at < 0) {
                    continue;
                }
                Pattern pattern = master.patterns().get(at);
                int[] before = master.demand();
                master.fix(pattern, 1);
                for (int i = 0; i < before.length; i++) {
                    assertThat(master.demand()[i])
                            .isEqualTo(Math.max(0, before[i] - pattern.counts()[i]));
                }
                assertThat(master.solve(Progress.NONE))
                        .isLessThanOrEqualTo(bound + 1e-6 * Math.max(1, bound));
                master.reset();
                assertThat(master.demand()).isEqualTo(problem.demands());
                assertThat(master.copies()).isEqualTo(problem.copies());
                assertThat(master.solve(Progress.NONE))
                        .isBetween(
                                bound - 1e-5 * Math.max(1, bound),
                                bound + 1e-5 * Math.max(1, bound));
            }
        }
    }

    @Test
    void aPatternIsKnownOnceAndAnEmptyOneNever() {
        StickProblem problem = problems(20).getFirst();
        try (ColumnGeneration master = new ColumnGeneration(problem, shortage(problem))) {
            master.solve(Progress.NONE);
            Pattern known = master.patterns().getFirst();
            assertThat(master.add(known)).isFalse();
            int segments = problem.bins().getFirst().segments().size();
            int[][] nothing = new int[segments][problem.size()];
            assertThat(master.add(Pattern.of(0, nothing, problem.size()))).isFalse();
            assertThat(master.patterns()).doesNotHaveDuplicates();
        }
    }
}
