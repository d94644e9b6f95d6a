package reliqua.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import reliqua.core.cutting.CutJob;
import reliqua.core.cutting.CutPlan;
import reliqua.core.cutting.CutPlanner;
import reliqua.core.cutting.OwnSheet;
import reliqua.core.cutting.Progress;
import reliqua.core.cutting.WantedPanel;
import reliqua.core.measure.Length;
import reliqua.core.measure.Money;

class ShelvesTest {
    @Test
    void rowsAcrossASheetTakeWhatFitsAndTheRestIsBought() {
        // Two of 400 side by side with a kerf between them; the third does not fit in the row, and
        // no second row fits above.
        assertThat(Shelves.cost(job(List.of(), 2))).isEqualTo(Money.ZERO);
        assertThat(Shelves.cost(job(List.of(), 3))).isEqualTo(Money.of(30));
    }

    @Test
    void ofAFlawedSheetOnlyTheLargestClearPartIsUsed() {
        CutJob.Box flaw =
                new CutJob.Box(Length.mm(500), Length.ZERO, Length.mm(10), Length.mm(1500));
        assertThat(Shelves.cost(job(List.of(flaw), 1))).isEqualTo(Money.ZERO);
        assertThat(Shelves.cost(job(List.of(flaw), 2))).isEqualTo(Money.of(30));
    }

    @Test
    void thePlannerIsNeverDearer() {
        Random random = new Random(3);
        for (int n = 0; n < 12; n++) {
            CutJob job = n % 2 == 0 ? FreshSheets.planted(random) : FreshSheets.yard(random);
            CutPlan plan = new CutPlanner(CutPlanner.Settings.FULL).plan(job, Progress.NONE);
            assertThat(plan.cost()).as("job %d", n).isLessThanOrEqualTo(Shelves.cost(job));
        }
    }

    private static CutJob job(List<CutJob.Box> flaws, int panels) {
        Length thickness = Length.mm(12);
        return new CutJob(
                Length.mm(3),
                List.of(),
                List.of(new OwnSheet("P", thickness, Length.mm(1000), Length.mm(1500), 1, flaws)),
                List.of(
                        new CutJob.ShopItem(
                                "Q",
                                true,
                                thickness,
                                Length.mm(1220),
                                Length.mm(2440),
                                Money.of(30))),
                List.of(),
                List.of(
                        new WantedPanel(
                                "a", thickness, Length.mm(400), Length.mm(900), panels, false)));
    }
}
