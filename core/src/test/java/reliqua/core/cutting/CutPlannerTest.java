package reliqua.core.cutting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.anyString;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import reliqua.core.measure.Length;
import reliqua.core.measure.Money;

class CutPlannerTest {
    private static CutPlan plan(CutJob job, CutPlanner.Settings settings) {
        return new CutPlanner(settings).plan(job, Progress.NONE);
    }

    @Test
    void everyPlanOfRandomYardsIsValidAndNeverDearerThanByHand() {
        Random random = new Random(21);
        for (int n = 0; n < 400; n++) {
            CutJob job = Jobs.yard(random);
            CutPlan plan = plan(job, CutPlanner.Settings.LIVE);
            CutPlan quick = plan(job, CutPlanner.Settings.QUICK);
            assertThat(PlanChecker.faults(job, plan)).as("job %d", n).isEmpty();
            assertThat(PlanChecker.faults(job, quick)).as("quick, job %d", n).isEmpty();
            int missing = total(plan);
            assertThat(missing).isLessThanOrEqualTo(total(quick));
            if (missing == total(quick)) {
                assertThat(plan.cost()).isLessThanOrEqualTo(quick.cost());
                assertThat(plan.lowerBound()).isLessThanOrEqualTo(quick.cost());
            }
        }
    }

    private static int total(CutPlan plan) {
        return plan.unplaced().values().stream().mapToInt(Integer::intValue).sum();
    }

    @Test
    void whatWasCutWithoutWasteComesTogetherAgainForNothing() {
        Random random = new Random(22);
        for (int n = 0; n < 60; n++) {
            CutJob job = Jobs.planted(random);
            CutPlan plan = plan(job, CutPlanner.Settings.FULL);
            assertThat(PlanChecker.faults(job, plan)).isEmpty();
            assertThat(plan.cost()).as("job %d", n).isEqualTo(Money.ZERO);
            assertThat(plan.status()).isEqualTo(CutPlan.Status.OPTIMAL);
        }
    }

    @Test
    void everyLayoutOfRandomSheetsIsValid() {
        Random random = new Random(23);
        for (int n = 0; n < 250; n++) {
            CutJob job = Jobs.sheets(random);
            CutPlan plan =
                    plan(
                            job,
                            new CutPlanner.Settings(
                                    CutPlanner.StickEffort.PROVEN, 0.05, 150, false, 1));
            assertThat(PlanChecker.faults(job, plan)).as("job %d", n).isEmpty();
            assertThat(plan.cost())
                    .isLessThanOrEqualTo(plan(job, CutPlanner.Settings.QUICK).cost());
        }
    }

    @Test
    void theSameJobGivesTheSamePlan() {
        Random random = new Random(24);
        for (int n = 0; n < 20; n++) {
            CutJob job = Jobs.yard(random);
            assertThat(plan(job, CutPlanner.Settings.LIVE))
                    .isEqualTo(plan(job, CutPlanner.Settings.LIVE));
        }
    }

    @Test
    void theBenchOfTheFormatsOwnExample() {
        CutJob job =
                new CutJob(
                        Jobs.mm(3),
                        List.of(
                                stick("S1", 38, 89, 2400, 2, 8),
                                new OwnStick(
                                        "S2",
                                        Jobs.mm(38),
                                        Jobs.mm(89),
                                        Jobs.mm(1830),
                                        1,
                                        List.of(new CutJob.Stretch(Jobs.mm(600), Jobs.mm(660))),
                                        Length.ZERO),
                                stick("S3", 25, 140, 1210, 1, 0)),
                        List.of(),
                        List.of(
                                item("B1", 38, 89, 2400, 4.2),
                                item("B2", 25, 140, 2400, 6.9),
                                item("B3", 25, 140, 3600, 9.8)),
                        List.of(
                                piece("leg", 38, 89, 430, 4),
                                new WantedPiece(
                                        "rail",
                                        Jobs.mm(38),
                                        Jobs.mm(89),
                                        Jobs.mm(1200),
                                        2,
                                        Optional.of(Jobs.mm(3))),
                                piece("slat", 25, 140, 1200, 4),
                                piece("flagpole", 38, 89, 2900, 1)),
                        List.of());
        CutPlan plan = plan(job, CutPlanner.Settings.FULL);
        assertThat(plan.cost()).isEqualTo(Money.of(16.7));
        assertThat(plan.lowerBound()).isEqualTo(Money.of(16.7));
        assertThat(plan.unplaced()).containsOnlyKeys("flagpole");
    }

    @Test
    void piecesThatJustFitWithTheirKerfsFitExactly() {
        Length board = Length.inches(96);
        Length kerf = Length.inches(1, 8);
        Length third = board.minus(kerf.times(2)).dividedBy(3);
        CutJob job =
                new CutJob(
                        kerf,
                        List.of(
                                new OwnStick(
                                        "S",
                                        Jobs.mm(38),
                                        Jobs.mm(89),
                                        board,
                                        1,
                                        List.of(),
                                        Length.ZERO)),
                        List.of(),
                        List.of(),
                        List.of(
                                new WantedPiece(
                                        "p", Jobs.mm(38), Jobs.mm(89), third, 3, Optional.empty())),
                        List.of());
        assertThat(plan(job, CutPlanner.Settings.FULL).isComplete()).isTrue();
    }

    @Test
    void aCancelledPlanIsStillValid() {
        Progress cancelled = mock(Progress.class);
        when(cancelled.cancelled()).thenReturn(true);
        CutJob job = Jobs.yard(new Random(25));
        CutPlan plan = new CutPlanner(CutPlanner.Settings.FULL).plan(job, cancelled);
        assertThat(PlanChecker.faults(job, plan)).isEmpty();
    }

    @Test
    void progressEndsWithTheWholeJob() {
        Progress progress = mock(Progress.class);
        new CutPlanner(CutPlanner.Settings.QUICK).plan(Jobs.yard(new Random(26)), progress);
        verify(progress).report(eq(1.0), anyString());
    }

    private static OwnStick stick(String id, int t, int w, int length, int quantity, int bow) {
        return new OwnStick(
                id, Jobs.mm(t), Jobs.mm(w), Jobs.mm(length), quantity, List.of(), Jobs.mm(bow));
    }

    private static CutJob.ShopItem item(String id, int t, int w, int length, double price) {
        return new CutJob.ShopItem(
                id, false, Jobs.mm(t), Jobs.mm(w), Jobs.mm(length), Money.of(price));
    }

    private static WantedPiece piece(String id, int t, int w, int length, int quantity) {
        return new WantedPiece(
                id, Jobs.mm(t), Jobs.mm(w), Jobs.mm(length), quantity, Optional.empty());
    }

    /** Cancelled at every moment there is, a plan is whole, valid and claims nothing false. */
    @Test
    void aPlanThatIsStoppedIsValidWhereverItStood() {
        Random random = new Random(29);
        for (int n = 0; n < 60; n++) {
            CutJob job = n % 3 == 0 ? Jobs.sheets(random) : Jobs.yard(random);
            CutPlan whole = plan(job, CutPlanner.Settings.FULL);
            int looks = random.nextInt(12);
            CutPlan stopped = new CutPlanner(CutPlanner.Settings.FULL).plan(job, stopsAfter(looks));
            assertThat(PlanChecker.faults(job, stopped)).as("job %d", n).isEmpty();
            assertThat(total(stopped)).isGreaterThanOrEqualTo(total(whole));
            if (total(stopped) == total(whole)) {
                assertThat(stopped.lowerBound()).isLessThanOrEqualTo(whole.cost());
            }
        }
    }

    private static Progress stopsAfter(int looks) {
        java.util.concurrent.atomic.AtomicInteger left =
                new java.util.concurrent.atomic.AtomicInteger(looks);
        return new Progress() {
            @Override
            public void report(double share, String words) {}

            @Override
            public boolean cancelled() {
                return left.getAndDecrement() <= 0;
            }
        };
    }

    /**
     * Sticks that were cut up, some of them longer than their pieces: nothing need be bought, so no
     * proof may say otherwise.
     */
    @Test
    void whatIsProvenIsTrueOfJobsThatNeedNoBuying() {
        Random random = new Random(35);
        for (int n = 0; n < 120; n++) {
            CutJob job = Jobs.withRoom(Jobs.planted(random), random);
            CutPlan plan = plan(job, CutPlanner.Settings.FULL);
            assertThat(PlanChecker.faults(job, plan)).as("job %d", n).isEmpty();
            assertThat(plan.lowerBound()).as("job %d", n).isEqualTo(Money.ZERO);
            if (plan.status() == CutPlan.Status.OPTIMAL) {
                assertThat(plan.cost()).as("job %d", n).isEqualTo(Money.ZERO);
            }
        }
    }
}
