package reliqua.core.cutting;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import reliqua.core.measure.Money;

/** Sheets that were cut up without waste are put together again. */
class WholeFillsTest {
    @Test
    void everySheetCutUpWithoutWasteIsFoundAgainForNothing() {
        Random random = new Random(2026);
        for (int n = 0; n < 60; n++) {
            CutJob job = PlantedSheets.job(random);
            CutPlan plan = new CutPlanner(CutPlanner.Settings.FULL).plan(job, Progress.NONE);
            assertThat(PlanChecker.faults(job, plan)).as("job %d", n).isEmpty();
            assertThat(plan.cost()).as("job %d", n).isEqualTo(Money.ZERO);
            assertThat(plan.status()).isEqualTo(CutPlan.Status.OPTIMAL);
        }
    }

    @Test
    void equalSheetsAreFilledTogetherAndNoneIsFilledAtTheCostOfAnother() {
        Random random = new Random(31);
        for (int n = 0; n < 12; n++) {
            CutJob job = PlantedSheets.ofEqual(random, 2 + random.nextInt(4), 8 + n);
            CutPlan plan = new CutPlanner(CutPlanner.Settings.FULL).plan(job, Progress.NONE);
            assertThat(PlanChecker.faults(job, plan)).as("job %d", n).isEmpty();
            assertThat(plan.cost()).as("job %d", n).isEqualTo(Money.ZERO);
        }
    }

    @Test
    void theChosenFillingsTakeNoPanelTwiceAndNoMoreSheetsThanThereAre() {
        Random random = new Random(8);
        for (int n = 0; n < 20; n++) {
            SheetProblem problem =
                    SheetProblem.split(PlantedSheets.ofEqual(random, 3, 7)).getFirst();
            SheetKinds kinds = new SheetKinds(problem);
            assertThat(kinds.kinds().getFirst().copies()).isEqualTo(3);
            List<SheetPattern> chosen =
                    new WholeSheets(problem, kinds, 200_000, n, Progress.NONE).best();
            assertThat(chosen).hasSizeBetween(1, 3);
            int panels = chosen.stream().mapToInt(p -> p.spots().size()).sum();
            SheetProblem rest = kinds.without(problem, chosen);
            assertThat(rest.panels()).hasSize(problem.panels().size() - panels);
            assertThat(rest.own()).hasSize(3 - chosen.size());
        }
    }

    @Test
    void fillingsKeepClearOfFlawsAndInsideTheSheet() {
        Random random = new Random(5);
        for (int n = 0; n < 30; n++) {
            SheetProblem problem = SheetProblem.split(PlantedSheets.job(random)).getFirst();
            SheetKinds kinds = new SheetKinds(problem);
            List<SheetPattern> fills =
                    new WholeFills(kinds, problem.kerf(), 1_000_000, 3, Progress.NONE).all();
            assertThat(fills).isNotEmpty();
            for (SheetPattern fill : fills) {
                SheetProblem.Bin bin = kinds.kinds().get(fill.bin()).bin();
                for (SheetPattern.Spot spot : fill.spots()) {
                    SheetProblem.PanelType type = kinds.types().get(spot.type());
                    long x1 = spot.x() + (spot.turned() ? type.length() : type.width());
                    long y1 = spot.y() + (spot.turned() ? type.width() : type.length());
                    assertThat(x1).isLessThanOrEqualTo(bin.width());
                    assertThat(y1).isLessThanOrEqualTo(bin.length());
                    assertThat(bin.flaws()).noneMatch(f -> f.overlaps(spot.x(), spot.y(), x1, y1));
                }
            }
        }
    }

    @Test
    void theSameSeedGivesTheSamePlan() {
        CutJob job = PlantedSheets.job(new Random(9));
        CutPlanner planner = new CutPlanner(CutPlanner.Settings.FULL);
        assertThat(planner.plan(job, Progress.NONE).sheets())
                .isEqualTo(planner.plan(job, Progress.NONE).sheets());
    }

    @Test
    void aSearchThatMayNotLookFindsNothingAndEnds() {
        SheetProblem problem = SheetProblem.split(PlantedSheets.job(new Random(4))).getFirst();
        SheetKinds kinds = new SheetKinds(problem);
        assertThat(new WholeFills(kinds, problem.kerf(), 0, 3, Progress.NONE).all()).isEmpty();
    }
}
