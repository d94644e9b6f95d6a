package reliqua.core.cutting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import reliqua.core.measure.Length;
import reliqua.core.measure.Money;
import reliqua.core.stock.Latitude;

class LargeJobTest {
    private static final Length THICK = Jobs.mm(38);

    private static CutJob sticks(Random random, int kinds, int each, int own, int tied) {
        List<OwnStick> sticks = new ArrayList<>();
        for (int n = 0; n < own; n++) {
            List<CutJob.Stretch> flaws =
                    random.nextInt(4) > 0
                            ? List.of()
                            : List.of(new CutJob.Stretch(Jobs.mm(400), Jobs.mm(450)));
            sticks.add(
                    new OwnStick(
                            "s" + n,
                            THICK,
                            Jobs.mm(n % 2 == 0 ? 89 : 140),
                            Jobs.mm(1200 + random.nextInt(3600)),
                            1 + random.nextInt(4),
                            flaws,
                            Length.ZERO));
        }
        List<WantedPiece> pieces = new ArrayList<>();
        for (int n = 0; n < kinds; n++) {
            Set<String> only = n < tied ? Set.of("s" + 2 * n) : Set.of();
            pieces.add(
                    new WantedPiece(
                            "p" + n,
                            THICK,
                            Jobs.mm(n % 2 == 0 || n < tied ? 89 : 140),
                            Jobs.mm(n < tied ? 300 : 200 + random.nextInt(1900)),
                            n < tied ? 1 : each,
                            Optional.empty(),
                            only,
                            Set.of(),
                            Latitude.NONE));
        }
        List<CutJob.ShopItem> shop =
                List.of(item("b", false, 89, 2400, 5), item("c", false, 140, 3600, 11));
        return new CutJob(Jobs.mm(3), sticks, List.of(), List.of(), shop, pieces, List.of());
    }

    private static CutJob.ShopItem item(String id, boolean sheet, int wide, int length, int price) {
        return new CutJob.ShopItem(
                id, sheet, THICK, Jobs.mm(wide), Jobs.mm(length), Money.cents(price * 100L));
    }

    private static CutJob sheets(Random random, int panels) {
        List<OwnSheet> own =
                IntStream.range(0, panels / 10)
                        .mapToObj(
                                n ->
                                        new OwnSheet(
                                                "h" + n,
                                                THICK,
                                                Jobs.mm(600 + random.nextInt(600)),
                                                Jobs.mm(900 + random.nextInt(1500)),
                                                1 + random.nextInt(2),
                                                List.of()))
                        .toList();
        List<WantedPanel> wanted =
                IntStream.range(0, panels / 2)
                        .mapToObj(
                                n ->
                                        new WantedPanel(
                                                "q" + n,
                                                THICK,
                                                Jobs.mm(100 + random.nextInt(1000)),
                                                Jobs.mm(100 + random.nextInt(2200)),
                                                2,
                                                true))
                        .toList();
        List<CutJob.ShopItem> shop = List.of(item("S", true, 1220, 2440, 28));
        return new CutJob(Jobs.mm(3), List.of(), own, shop, List.of(), wanted);
    }

    @Test
    void plansOfLargeJobsAreValidAndWhole() {
        Random random = new Random(61);
        List<CutJob> jobs =
                List.of(
                        sticks(random, 260, 4, 300, 0),
                        sticks(random, 210, 1, 400, 12),
                        sticks(random, 6, 700, 50, 0),
                        sheets(random, 260));
        for (CutJob job : jobs) {
            assertThat(LargeJob.is(job)).isTrue();
            CutPlan plan = new CutPlanner(CutPlanner.Settings.QUICK).plan(job, Progress.NONE);
            assertThat(PlanChecker.faults(job, plan)).isEmpty();
            assertThat(plan.isComplete()).isTrue();
            assertThat(plan.lowerBound()).isLessThanOrEqualTo(plan.cost());
        }
    }

    @Test
    void tryingLongerIsNeverDearerAndStoppingAtOnceIsStillWhole() {
        CutJob job = sticks(new Random(62), 204, 3, 40, 0);
        CutPlan quick = new CutPlanner(CutPlanner.Settings.QUICK).plan(job, Progress.NONE);
        CutPlan full = new CutPlanner(CutPlanner.Settings.LIVE).plan(job, Progress.NONE);
        CutPlan stopped = new CutPlanner(CutPlanner.Settings.FULL).plan(job, stopped());
        assertThat(PlanChecker.faults(job, full)).isEmpty();
        assertThat(PlanChecker.faults(job, stopped)).isEmpty();
        assertThat(stopped.isComplete()).isTrue();
        assertThat(full.cost()).isLessThanOrEqualTo(quick.cost());
        assertThat(full.lowerBound()).isLessThanOrEqualTo(full.cost()).isGreaterThan(Money.ZERO);
    }

    private static Progress stopped() {
        return new Progress() {
            @Override
            public void report(double share, String words) {}

            @Override
            public boolean cancelled() {
                return true;
            }
        };
    }

    @Test
    void theBoundByLengthAndAreaHoldsForEveryPlan() {
        Random random = new Random(63);
        for (int n = 0; n < 60; n++) {
            for (CutJob job : List.of(Jobs.yard(random), Jobs.sheets(random))) {
                CutPlan plan = new CutPlanner(CutPlanner.Settings.QUICK).plan(job, Progress.NONE);
                if (plan.isComplete()) {
                    assertThat(new SizeBound(job).value()).isLessThanOrEqualTo(plan.cost());
                }
            }
        }
    }

    @Test
    void moreThanAnyYardHoldsIsRefusedInWords() {
        for (int many : new int[] {Integer.MAX_VALUE, 100_001}) {
            assertThatThrownBy(
                            () -> new WantedPiece("p", THICK, THICK, THICK, many, Optional.empty()))
                    .hasMessageContaining("p: ")
                    .hasMessageContaining("100,000");
        }
        WantedPiece most = new WantedPiece("p", THICK, THICK, THICK, 100_000, Optional.empty());
        WantedPiece one = new WantedPiece("q", THICK, THICK, THICK, 1, Optional.empty());
        assertThatThrownBy(
                        () ->
                                new CutJob(
                                        Length.ZERO,
                                        List.of(),
                                        List.of(),
                                        List.of(),
                                        List.of(most, one),
                                        List.of()))
                .hasMessageContaining("pieces");
    }
}
