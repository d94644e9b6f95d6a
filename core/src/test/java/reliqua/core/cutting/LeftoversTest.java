package reliqua.core.cutting;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import reliqua.core.measure.Length;
import reliqua.core.stock.Latitude;

class LeftoversTest {
    @Test
    void nothingThatCountsMoreIsChanged() {
        Random random = new Random(81);
        int changed = 0;
        for (int n = 0; n < 200; n++) {
            CutJob job =
                    n % 2 == 0 ? Jobs.workable(random) : Jobs.lenient(Jobs.yard(random), random);
            for (StickProblem problem : StickProblem.split(Jobs.bevelled(job, random))) {
                Packing before =
                        new Consolidation(problem)
                                .apply(
                                        new StickPlanner(problem, CutPlanner.Settings.LIVE)
                                                .plan(Progress.NONE)
                                                .packing());
                Packing after = Leftovers.arranged(problem, before, Progress.NONE);
                assertThat(given(problem, after)).as("job %d", n).isEqualTo(given(problem, before));
                assertThat(after.charge(problem)).isEqualTo(before.charge(problem));
                assertThat(after.minutes(problem)).isLessThanOrEqualTo(before.minutes(problem));
                assertThat(after.loss(problem)).isLessThanOrEqualTo(before.loss(problem));
                assertThat(after.opened(problem)).isEqualTo(before.opened(problem));
                assertThat(squares(problem, after))
                        .isGreaterThanOrEqualTo(squares(problem, before) - 1e-3);
                changed += squares(problem, after) > squares(problem, before) + 1e-3 ? 1 : 0;
            }
        }
        assertThat(changed).isPositive();
    }

    private static int[] given(StickProblem problem, Packing packing) {
        int[] given = new int[problem.size()];
        packing.patterns().forEach(p -> Arrays.setAll(given, i -> given[i] + p.counts()[i]));
        return given;
    }

    /** Of the rests of all own sticks, used or not. */
    private static double squares(StickProblem problem, Packing packing) {
        double sum = 0;
        int[] idle = problem.copies();
        for (Pattern pattern : packing.patterns()) {
            sum += squares(problem, pattern.bin(), pattern.bySegment());
            if (problem.bin(pattern).own()) {
                idle[problem.bin(pattern).group()]--;
            }
        }
        for (int g = 0; g < idle.length; g++) {
            for (int b = 0; b < problem.bins().size(); b++) {
                if (idle[g] > 0 && problem.bins().get(b).group() == g) {
                    int segments = problem.bins().get(b).segments().size();
                    sum += idle[g] * squares(problem, b, new int[segments][problem.size()]);
                    break;
                }
            }
        }
        return sum;
    }

    private static double squares(StickProblem problem, int bin, int[][] counts) {
        double sum = 0;
        StickProblem.BinType type = problem.bins().get(bin);
        for (int s = 0; s < counts.length; s++) {
            double rest = type.segments().get(s).length() + problem.kerf();
            for (int i = 0; i < counts[s].length; i++) {
                rest -= (double) counts[s][i] * problem.weight(type.lane(s), i);
            }
            sum += rest > 0 ? rest * rest / 1e18 : 0;
        }
        return sum;
    }

    @Test
    void aShortPieceComesFromTheShortStickAndTheLongOneStaysWhole() {
        CutPlan plan =
                plan(
                        List.of(stick("long", 3000, 0), stick("short", 1050, 0)),
                        List.of(piece("p", 1000, false)));
        assertThat(plan.sticks()).extracting(CutPlan.StickCut::source).containsExactly("short");
    }

    @Test
    void whatIsSeenComesFromTheFairStickAndWhatIsHiddenFromThePoorOne() {
        CutPlan plan =
                plan(
                        List.of(stick("fair", 1200, 0), stick("poor", 1200, 3)),
                        List.of(piece("hidden", 1000, false), piece("trim", 1000, true)));
        assertThat(plan.sticks())
                .anyMatch(
                        s ->
                                s.source().equals("fair")
                                        && s.pieces().getFirst().id().equals("trim"));
    }

    private static CutPlan plan(List<OwnStick> sticks, List<WantedPiece> pieces) {
        CutJob job = new CutJob(Length.mm(3), sticks, List.of(), List.of(), pieces, List.of());
        CutPlan plan = new CutPlanner(CutPlanner.Settings.FULL).plan(job, Progress.NONE);
        assertThat(PlanChecker.faults(job, plan)).isEmpty();
        return plan;
    }

    private static OwnStick stick(String id, long length, int looks) {
        return new OwnStick(
                id,
                Length.mm(38),
                Length.mm(89),
                Length.mm(length),
                1,
                List.of(),
                Length.ZERO,
                Optional.empty(),
                looks);
    }

    private static WantedPiece piece(String id, long length, boolean seen) {
        return new WantedPiece(
                id,
                Length.mm(38),
                Length.mm(89),
                Length.mm(length),
                1,
                Optional.empty(),
                Set.of(),
                Set.of(),
                Latitude.NONE,
                Optional.empty(),
                seen,
                Length.ZERO);
    }
}
