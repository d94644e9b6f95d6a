package reliqua.core.cutting;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import reliqua.core.measure.Length;
import reliqua.core.measure.Money;

/** Bounds never lie: they are compared with bills that are known to be possible. */
class SheetBoundTest {
    private static final Length KERF = Length.mm(3);

    private static CutJob job(List<OwnSheet> own, List<WantedPanel> panels) {
        CutJob.ShopItem full =
                new CutJob.ShopItem("Q", true, mm(12), mm(1220), mm(2440), Money.of(30));
        CutJob.ShopItem half =
                new CutJob.ShopItem("H", true, mm(12), mm(1220), mm(1220), Money.of(18));
        return new CutJob(KERF, List.of(), own, List.of(full, half), List.of(), panels);
    }

    private static Length mm(long millimetres) {
        return Length.mm(millimetres);
    }

    private static CutPlan plan(CutJob job) {
        return new CutPlanner(
                        new CutPlanner.Settings(CutPlanner.StickEffort.PROVEN, 0.05, 400, false, 1))
                .plan(job, Progress.NONE);
    }

    @Test
    void aWholeSheetWantedIsAWholeSheetBought() {
        CutPlan plan = plan(job(List.of(), List.of(panel("a", 1220, 2440, 3))));
        assertThat(plan.cost()).isEqualTo(Money.of(90));
        assertThat(plan.lowerBound()).isEqualTo(Money.of(90));
        assertThat(plan.status()).isEqualTo(CutPlan.Status.OPTIMAL);
    }

    private static WantedPanel panel(String id, long width, long length, int quantity) {
        return new WantedPanel(id, mm(12), mm(width), mm(length), quantity, true);
    }

    @Test
    void anOwnSheetThatTakesItAllCostsNothing() {
        OwnSheet own = new OwnSheet("P", mm(12), mm(1003), mm(2003), 1, List.of());
        CutPlan plan = plan(job(List.of(own), List.of(panel("a", 500, 1000, 4))));
        assertThat(plan.cost()).isEqualTo(Money.ZERO);
        assertThat(PlanChecker.faults(job(List.of(own), List.of(panel("a", 500, 1000, 4))), plan))
                .isEmpty();
    }

    @Test
    void aFlawInTheMiddleIsCutRound() {
        OwnSheet own =
                new OwnSheet(
                        "P",
                        mm(12),
                        mm(1000),
                        mm(1000),
                        1,
                        List.of(new CutJob.Box(mm(400), mm(400), mm(200), mm(200))));
        CutJob job = job(List.of(own), List.of(panel("a", 390, 990, 2)));
        CutPlan plan = plan(job);
        assertThat(plan.cost()).isEqualTo(Money.ZERO);
        assertThat(PlanChecker.faults(job, plan)).isEmpty();
    }

    @Test
    void theBoundIsNeverAboveAPossibleBill() {
        Random random = new Random(71);
        for (int n = 0; n < 120; n++) {
            List<WantedPanel> panels = new ArrayList<>();
            int sheets = 1 + random.nextInt(4);
            for (int s = 0; s < sheets; s++) {
                split(random, 1220, 2440, panels);
            }
            CutJob job = job(List.of(), panels);
            CutPlan plan = plan(job);
            assertThat(PlanChecker.faults(job, plan)).isEmpty();
            assertThat(plan.lowerBound()).isLessThanOrEqualTo(Money.of(30).times(sheets));
        }
    }

    /**
     * Cuts a sheet into a few panels from edge to edge; together they need no more than that sheet.
     */
    private static void split(Random random, int width, int length, List<WantedPanel> into) {
        boolean across = random.nextBoolean();
        int side = across ? length : width;
        if (side < 500 || random.nextInt(4) == 0) {
            into.add(panel("p" + into.size(), width, length, 1));
            return;
        }
        int at = 200 + random.nextInt(side - 403);
        if (across) {
            split(random, width, at, into);
            split(random, width, length - at - 3, into);
        } else {
            split(random, at, length, into);
            split(random, width - at - 3, length, into);
        }
    }
}
