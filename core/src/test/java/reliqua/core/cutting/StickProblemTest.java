package reliqua.core.cutting;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import reliqua.core.measure.Length;
import reliqua.core.measure.Money;

class StickProblemTest {
    private static OwnStick stick(String id, int bow, CutJob.Stretch... flaws) {
        return new OwnStick(id, mm(38), mm(89), mm(2000), 1, List.of(flaws), mm(bow));
    }

    private static Length mm(long millimetres) {
        return Length.mm(millimetres);
    }

    private static CutJob.Stretch flaw(double from, double to) {
        return new CutJob.Stretch(Length.ofMm(from), Length.ofMm(to));
    }

    private static CutJob job(Length kerf, List<OwnStick> sticks, WantedPiece... pieces) {
        return new CutJob(kerf, sticks, List.of(), List.of(), List.of(pieces), List.of());
    }

    private static WantedPiece piece(String id, long length, int quantity, Optional<Length> bow) {
        return new WantedPiece(id, mm(38), mm(89), mm(length), quantity, bow);
    }

    private static CutPlan plan(CutJob job) {
        CutPlan plan = new CutPlanner(CutPlanner.Settings.FULL).plan(job, Progress.NONE);
        assertThat(PlanChecker.faults(job, plan)).isEmpty();
        return plan;
    }

    @Test
    void equalSticksAreOneBinWithTheirCopies() {
        CutJob job =
                job(
                        mm(3),
                        List.of(stick("a", 0), stick("b", 0)),
                        piece("p", 500, 1, Optional.empty()));
        StickProblem problem = StickProblem.split(job).getFirst();
        assertThat(problem.bins()).hasSize(1);
        assertThat(problem.groups()).hasSize(1);
        assertThat(problem.groups().getFirst()).hasSize(2);
    }

    @Test
    void acrossAFlawNarrowerThanTheKerfPiecesStillKeepTheKerf() {
        CutJob job =
                job(
                        mm(10),
                        List.of(stick("a", 0, flaw(1000, 1002))),
                        piece("p", 1000, 1, Optional.empty()),
                        piece("q", 990, 1, Optional.empty()),
                        piece("r", 998, 1, Optional.empty()));
        CutPlan plan = plan(job);
        assertThat(plan.unplaced()).hasSize(1);
        assertThat(plan.unplaced()).doesNotContainKey("q");
    }

    @Test
    void bentSticksGiveShortStraightPieces() {
        CutJob job =
                job(
                        mm(3),
                        List.of(stick("a", 20)),
                        piece("long", 1500, 1, Optional.of(mm(4))),
                        piece("short", 800, 1, Optional.of(mm(4))));
        CutPlan plan = plan(job);
        assertThat(plan.unplaced()).containsOnlyKeys("long");
    }

    @Test
    void ownSticksGoToPiecesTheShopCannotGive() {
        CutJob job =
                new CutJob(
                        mm(0),
                        List.of(stick("a", 0)),
                        List.of(),
                        List.of(
                                new CutJob.ShopItem(
                                        "B", false, mm(38), mm(89), mm(1500), Money.of(4))),
                        List.of(
                                piece("long", 1900, 1, Optional.empty()),
                                piece("short", 1000, 2, Optional.empty())),
                        List.of());
        CutPlan plan = plan(job);
        assertThat(plan.isComplete()).isTrue();
        assertThat(plan.cost()).isEqualTo(Money.of(8));
    }

    @Test
    void fewSticksAreOpenedAndTheRestStaysWhole() {
        CutJob job =
                job(
                        mm(3),
                        List.of(stick("a", 0), stick("b", 0), stick("c", 1)),
                        piece("p", 400, 4, Optional.empty()));
        assertThat(plan(job).sticks()).hasSize(1);
    }

    @Test
    void whatNothingHoldsIsUnplacedAndNothingElse() {
        CutJob job =
                job(
                        mm(3),
                        List.of(stick("a", 0)),
                        piece("huge", 9000, 2, Optional.empty()),
                        piece("p", 900, 2, Optional.empty()));
        assertThat(plan(job).unplaced()).containsExactly(java.util.Map.entry("huge", 2));
    }
}
