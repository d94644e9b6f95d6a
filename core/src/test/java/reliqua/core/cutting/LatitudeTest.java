package reliqua.core.cutting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import reliqua.core.measure.Length;
import reliqua.core.measure.Money;
import reliqua.core.stock.Latitude;

/** Larger sections and poles in place of what is asked, and work that is weighed against money. */
class LatitudeTest {
    private static CutPlan plan(CutJob job) {
        return new CutPlanner(CutPlanner.Settings.FULL).plan(job, Progress.NONE);
    }

    @Test
    void everyPlanIsValidAndPolesAndLargerSticksAreUsed() {
        Random random = new Random(81);
        int round = 0;
        int larger = 0;
        for (int n = 0; n < 220; n++) {
            CutJob job =
                    Jobs.lenient(n % 2 == 0 ? Jobs.yard(random) : Jobs.workable(random), random);
            CutPlan plan = plan(job);
            CutPlan quick = new CutPlanner(CutPlanner.Settings.QUICK).plan(job, Progress.NONE);
            assertThat(PlanChecker.faults(job, plan)).as("job %d", n).isEmpty();
            assertThat(PlanChecker.faults(job, quick)).as("quick, job %d", n).isEmpty();
            if (quick.unplaced().equals(plan.unplaced())) {
                assertThat(quick.cost().plus(quick.work()))
                        .as("job %d", n)
                        .isGreaterThanOrEqualTo(plan.lowerBound());
            }
            round += plan.sticks().stream().anyMatch(s -> s.source().startsWith("pole")) ? 1 : 0;
            larger += plan.sticks().stream().anyMatch(s -> isLarger(s, job)) ? 1 : 0;
        }
        assertThat(round).isGreaterThan(30);
        assertThat(larger).isGreaterThan(12);
    }

    private static boolean isLarger(CutPlan.StickCut cut, CutJob job) {
        return job.sticks().stream()
                .filter(s -> s.id().equals(cut.source()) && s.tip().isEmpty())
                .anyMatch(
                        s ->
                                cut.pieces().stream()
                                        .map(p -> find(job, p.id()))
                                        .anyMatch(p -> !p.width().equals(s.width())));
    }

    private static WantedPiece find(CutJob job, String id) {
        return job.pieces().stream().filter(p -> p.id().equals(id)).findFirst().orElseThrow();
    }

    /** Whoever may take more can never do worse. */
    @Test
    void latitudeNeverMakesAPlanDearer() {
        Random random = new Random(82);
        for (int n = 0; n < 80; n++) {
            CutJob strict = Jobs.yard(random);
            CutJob job = Jobs.lenient(strict, random);
            CutPlan plan = plan(job);
            CutPlan without = plan(strict);
            assertThat(missing(plan)).as("job %d", n).isLessThanOrEqualTo(missing(without));
            if (missing(plan) == missing(without)) {
                assertThat(plan.lowerBound()).as("job %d", n).isLessThanOrEqualTo(without.cost());
                if (plan.status() == CutPlan.Status.OPTIMAL) {
                    assertThat(plan.cost()).as("job %d", n).isLessThanOrEqualTo(without.cost());
                }
            }
        }
    }

    private static int missing(CutPlan plan) {
        return plan.unplaced().values().stream().mapToInt(Integer::intValue).sum();
    }

    @Test
    void theSectionAskedComesFirstAndALargerOneBeforeTheShop() {
        WantedPiece piece = piece(Latitude.mm(0, 60));
        OwnStick exact = stick("exact", 38, 64, Optional.empty());
        OwnStick wide = stick("wide", 38, 89, Optional.empty());
        OwnStick wider = stick("wider", 38, 140, Optional.empty());
        assertThat(source(List.of(wide, exact, wider), piece)).isEqualTo("exact");
        assertThat(source(List.of(wider, wide), piece)).isEqualTo("wide");
        assertThat(source(List.of(wider), piece)).isEqualTo("shop");
        assertThat(source(List.of(wide), piece(Latitude.NONE))).isEqualTo("shop");
    }

    @Test
    void aPoleGivesThePieceWhereItIsNeitherTooThickNorTooThin() {
        WantedPiece piece = piece(Latitude.NONE.orRound(60, 90));
        // 110 mm at the thick end, 50 at the tip: 90 is reached after 1000 mm of 3000, 60 at 2500.
        OwnStick pole = stick("pole", 110, 110, Optional.of(Length.mm(50)));
        CutPlan plan = plan(job(List.of(pole), piece, Money.ZERO));
        assertThat(plan.sticks()).hasSize(1);
        assertThat(plan.sticks().getFirst().pieces().getFirst().at()).isEqualTo(Length.mm(1000));
        assertThat(source(List.of(stick("thin", 55, 55, Optional.of(Length.mm(50)))), piece))
                .isEqualTo("shop");
    }

    @Test
    void anHourWithAPriceIsWeighedAgainstTheBill() {
        CutJob.Workable thing =
                new CutJob.Workable(
                        "W",
                        1,
                        List.of(
                                new CutJob.Way(
                                        "rip", 30, List.of(stick("r", 38, 64, Optional.empty())))));
        WantedPiece piece = piece(Latitude.NONE);
        assertThat(worked(thing, piece, Money.ZERO).cost()).isEqualTo(Money.ZERO);
        CutPlan cheap = worked(thing, piece, Money.of(4));
        assertThat(cheap.cost()).isEqualTo(Money.ZERO);
        assertThat(cheap.work()).isEqualTo(Money.of(2));
        assertThat(cheap.lowerBound()).isEqualTo(Money.of(2));
        // Half an hour at 12 counts 6; the stick costs 5.
        CutPlan dear = worked(thing, piece, Money.of(12));
        assertThat(dear.cost()).isEqualTo(Money.of(5));
        assertThat(dear.work()).isEqualTo(Money.ZERO);
        assertThat(dear.status()).isEqualTo(CutPlan.Status.OPTIMAL);
    }

    @Test
    void nonsenseIsRefused() {
        assertThatThrownBy(() -> Latitude.mm(-1, 0)).hasMessageContaining("zero or more");
        assertThatThrownBy(() -> Latitude.NONE.orRound(90, 60)).hasMessageContaining("order");
        assertThatThrownBy(() -> stick("p", 60, 60, Optional.of(Length.mm(70))))
                .hasMessageContaining("tip");
        assertThatThrownBy(() -> stick("p", 60, 80, Optional.of(Length.mm(50))))
                .hasMessageContaining("thick end");
    }

    private static CutPlan worked(CutJob.Workable thing, WantedPiece piece, Money hour) {
        CutJob job = job(List.of(), piece, hour);
        return plan(
                new CutJob(
                        job.kerf(),
                        List.of(),
                        List.of(thing),
                        List.of(),
                        job.shop(),
                        job.pieces(),
                        List.of(),
                        hour));
    }

    private static String source(List<OwnStick> sticks, WantedPiece piece) {
        return plan(job(sticks, piece, Money.ZERO)).sticks().getFirst().source();
    }

    private static CutJob job(List<OwnStick> sticks, WantedPiece piece, Money hour) {
        CutJob.ShopItem shop =
                new CutJob.ShopItem(
                        "shop", false, Length.mm(38), Length.mm(64), Length.mm(3000), Money.of(5));
        return new CutJob(
                Length.mm(3),
                sticks,
                List.of(),
                List.of(),
                List.of(shop),
                List.of(piece),
                List.of(),
                hour);
    }

    private static WantedPiece piece(Latitude latitude) {
        return new WantedPiece(
                "p",
                Length.mm(38),
                Length.mm(64),
                Length.mm(1400),
                1,
                Optional.empty(),
                Set.of(),
                Set.of(),
                latitude);
    }

    private static OwnStick stick(String id, int thick, int wide, Optional<Length> tip) {
        return new OwnStick(
                id,
                Length.mm(thick),
                Length.mm(wide),
                Length.mm(3000),
                1,
                List.of(),
                Length.ZERO,
                tip);
    }
}
