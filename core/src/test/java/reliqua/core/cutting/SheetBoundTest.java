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
                        new CutPlanner.Settings(CutPlanner.StickEffort.PROVEN, 0.05, 400, true, 1))
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

    /** Own sheets of any size with flaws, and panels that no cutting brings together for less. */
    @Test
    void noPlanIsCheaperThanTheProgramProves() {
        Random random = new Random(72);
        int proven = 0;
        int jobs = 40;
        for (int n = 0; n < jobs; n++) {
            List<OwnSheet> own = new ArrayList<>();
            for (int s = random.nextInt(4); s > 0; s--) {
                own.add(messy("P" + s, random));
            }
            List<WantedPanel> panels = new ArrayList<>();
            for (int s = 2 + random.nextInt(8); s > 0; s--) {
                int width = 150 + random.nextInt(900);
                panels.add(panel("p" + s, width, 150 + random.nextInt(1800), 1));
            }
            CutJob job = job(own, panels);
            SheetProblem problem = SheetProblem.split(job).getFirst();
            boolean[] shop = new boolean[problem.panels().size()];
            java.util.Arrays.fill(shop, true);
            SheetBound bound = new SheetBound(problem, shop, shop);
            double relaxed = bound.relaxed(new SheetKinds(problem), Progress.NONE);
            CutPlan plan = plan(job);
            assertThat(PlanChecker.faults(job, plan)).isEmpty();
            assertThat(relaxed).isLessThanOrEqualTo(plan.cost().micros() + 1.0);
            proven += relaxed >= plan.cost().micros() - 1.0 ? 1 : 0;
        }
        assertThat(proven).as("it says something, too").isGreaterThan(jobs / 3);
    }

    private static OwnSheet messy(String id, Random random) {
        int width = 400 + random.nextInt(900);
        int length = 600 + random.nextInt(1900);
        CutJob.Box flaw =
                new CutJob.Box(
                        mm(random.nextInt(width - 100)),
                        mm(random.nextInt(length - 100)),
                        mm(20 + random.nextInt(80)),
                        mm(20 + random.nextInt(80)));
        return new OwnSheet(id, mm(12), mm(width), mm(length), 1, List.of(flaw));
    }

    /** More than half of a sheet both ways: no two share one, whatever their areas say. */
    @Test
    void largePanelsAskForASheetEach() {
        CutPlan plan = plan(job(List.of(), List.of(panel("a", 700, 1300, 3))));
        assertThat(plan.cost()).isEqualTo(Money.of(90));
        assertThat(plan.status()).isEqualTo(CutPlan.Status.OPTIMAL);
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
