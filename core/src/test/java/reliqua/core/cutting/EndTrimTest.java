package reliqua.core.cutting;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import reliqua.core.measure.Length;

class EndTrimTest {
    private static final Length TRIM = Length.mm(25);

    @Test
    void aPieceLosesNothingOfItsOwnAndLiesInsideTheTrimmedEnds() {
        CutPlan plan = plan(YardStock.trimmed(stick(1050), TRIM), 1000);
        assertThat(plan.unplaced()).isEmpty();
        assertThat(plan.sticks().getFirst().pieces().getFirst().at()).isEqualTo(TRIM);
    }

    @Test
    void aStickThatHadRoomBeforeTrimmingHasNoneAfter() {
        assertThat(plan(stick(1049), 1000).unplaced()).isEmpty();
        assertThat(plan(YardStock.trimmed(stick(1049), TRIM), 1000).unplaced()).isNotEmpty();
    }

    @Test
    void aStickShorterThanItsEndsGivesNothing() {
        assertThat(YardStock.trimmed(stick(40), TRIM).clearSpans()).isEmpty();
    }

    private static OwnStick stick(long length) {
        return new OwnStick(
                "S", Length.mm(38), Length.mm(89), Length.mm(length), 1, List.of(), Length.ZERO);
    }

    private static CutPlan plan(OwnStick own, long length) {
        WantedPiece piece =
                new WantedPiece(
                        "p", Length.mm(38), Length.mm(89), Length.mm(length), 1, Optional.empty());
        CutJob job =
                new CutJob(
                        Length.mm(3),
                        List.of(own),
                        List.of(),
                        List.of(),
                        List.of(piece),
                        List.of());
        CutPlan plan = new CutPlanner(CutPlanner.Settings.FULL).plan(job, Progress.NONE);
        assertThat(PlanChecker.faults(job, plan)).isEmpty();
        return plan;
    }
}
