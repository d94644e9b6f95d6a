package reliqua.core.cutting;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import reliqua.core.measure.Length;
import reliqua.core.measure.Money;
import reliqua.core.stock.Latitude;

/** Pieces whose ends slant alike lie nested, one cut parting two. */
class NestingTest {
    private static final long KERF = 3;
    private static final long RUN = 40;
    private static final long[] SHOP = {1000, 1500};
    private static final long[] PRICES = {300, 410};

    @Test
    void everyPlanOfBevelledPiecesIsValidAndNeverDearerThanWithoutNesting() {
        Random random = new Random(71);
        int cheaper = 0;
        for (int n = 0; n < 150; n++) {
            CutJob plain = n % 2 == 0 ? Jobs.yard(random) : Jobs.workable(random);
            CutJob job = Jobs.bevelled(plain, random);
            CutPlan plan = new CutPlanner(CutPlanner.Settings.LIVE).plan(job, Progress.NONE);
            assertThat(PlanChecker.faults(job, plan)).as("job %d", n).isEmpty();
            CutPlan straight = new CutPlanner(CutPlanner.Settings.LIVE).plan(plain, Progress.NONE);
            if (total(plan) == total(straight)) {
                assertThat(plan.lowerBound()).as("job %d", n).isLessThanOrEqualTo(straight.cost());
                cheaper += plan.cost().compareTo(straight.cost()) < 0 ? 1 : 0;
            }
        }
        assertThat(cheaper).isPositive();
    }

    private static int total(CutPlan plan) {
        return plan.unplaced().values().stream().mapToInt(Integer::intValue).sum();
    }

    @Test
    void threeRaftersComeFromAStickTooShortForThemOneByOne() {
        // 3 x 830 + 2 kerfs = 2496; nested, two runs of 40 less what the slant of the cut takes.
        CutJob job =
                new CutJob(
                        Length.mm(KERF),
                        List.of(stick("S", 2420)),
                        List.of(),
                        List.of(),
                        List.of(piece("rafter", 830, 3, Optional.of(slant(true)))),
                        List.of());
        CutPlan plan = new CutPlanner(CutPlanner.Settings.FULL).plan(job, Progress.NONE);
        assertThat(PlanChecker.faults(job, plan)).isEmpty();
        assertThat(plan.unplaced()).isEmpty();
    }

    @Test
    void twoStudsAreTurnedEndForEnd() {
        CutJob job =
                new CutJob(
                        Length.mm(KERF),
                        List.of(stick("S", 1970)),
                        List.of(),
                        List.of(),
                        List.of(piece("stud", 1000, 2, Optional.of(slant(false)))),
                        List.of());
        CutPlan plan = new CutPlanner(CutPlanner.Settings.FULL).plan(job, Progress.NONE);
        assertThat(PlanChecker.faults(job, plan)).isEmpty();
        assertThat(plan.sticks().getFirst().pieces())
                .extracting(CutPlan.PlacedPiece::turned)
                .containsExactly(false, true);
    }

    @Test
    void aThickerStickIsNotNestedAcrossItsThickness() {
        WantedPiece stud =
                new WantedPiece(
                        "stud",
                        Length.mm(38),
                        Length.mm(89),
                        Length.mm(1000),
                        2,
                        Optional.empty(),
                        Set.of(),
                        Set.of(),
                        Latitude.mm(20, 0),
                        Optional.of(new Bevel(Length.mm(RUN), false, false)),
                        false,
                        Length.ZERO);
        OwnStick thick =
                new OwnStick(
                        "S",
                        Length.mm(50),
                        Length.mm(89),
                        Length.mm(1970),
                        1,
                        List.of(),
                        Length.ZERO);
        CutJob job =
                new CutJob(
                        Length.mm(KERF),
                        List.of(thick),
                        List.of(),
                        List.of(),
                        List.of(stud),
                        List.of());
        CutPlan plan = new CutPlanner(CutPlanner.Settings.FULL).plan(job, Progress.NONE);
        assertThat(plan.unplaced()).containsEntry("stud", 1);
    }

    /** Every way of sharing few pieces out is tried; the bound must hold for the best of them. */
    @Test
    void boundsHoldAndProvenMeansBest() {
        Random random = new Random(72);
        int proven = 0;
        for (int n = 0; n < 120; n++) {
            boolean both = n % 2 == 0;
            long[] own = random.longs(random.nextInt(3), 500, 1400).toArray();
            long[] pieces = random.longs(2 + random.nextInt(4), 150, 900).toArray();
            CutJob job = job(own, pieces, both);
            CutPlan plan = new CutPlanner(CutPlanner.Settings.FULL).plan(job, Progress.NONE);
            assertThat(PlanChecker.faults(job, plan)).isEmpty();
            Money best = Money.cents(best(own, pieces, both));
            assertThat(plan.isComplete()).isTrue();
            assertThat(plan.lowerBound()).as("job %d", n).isLessThanOrEqualTo(best);
            assertThat(plan.cost()).as("job %d", n).isGreaterThanOrEqualTo(best);
            if (plan.status() == CutPlan.Status.OPTIMAL) {
                proven++;
                assertThat(plan.cost()).as("job %d", n).isEqualTo(best);
            }
        }
        assertThat(proven).isGreaterThan(100);
    }

    private static CutJob job(long[] own, long[] pieces, boolean both) {
        List<OwnStick> sticks = new ArrayList<>();
        for (long length : own) {
            sticks.add(stick("S" + sticks.size(), length));
        }
        List<CutJob.ShopItem> shop = new ArrayList<>();
        for (int i = 0; i < SHOP.length; i++) {
            shop.add(
                    new CutJob.ShopItem(
                            "B" + i,
                            false,
                            Length.mm(38),
                            Length.mm(89),
                            Length.mm(SHOP[i]),
                            Money.cents(PRICES[i])));
        }
        List<WantedPiece> wanted = new ArrayList<>();
        for (long length : pieces) {
            wanted.add(piece("p" + wanted.size(), length, 1, Optional.of(slant(both))));
        }
        return new CutJob(Length.mm(KERF), sticks, List.of(), shop, wanted, List.of());
    }

    private static Bevel slant(boolean both) {
        return new Bevel(Length.mm(RUN), true, both);
    }

    private static OwnStick stick(String id, long length) {
        return new OwnStick(
                id, Length.mm(38), Length.mm(89), Length.mm(length), 1, List.of(), Length.ZERO);
    }

    private static WantedPiece piece(String id, long length, int quantity, Optional<Bevel> bevel) {
        return new WantedPiece(
                id,
                Length.mm(38),
                Length.mm(89),
                Length.mm(length),
                quantity,
                Optional.empty(),
                Set.of(),
                Set.of(),
                Latitude.NONE,
                bevel,
                false,
                Length.ZERO);
    }

    private static long best(long[] own, long[] pieces, boolean both) {
        List<List<Long>> bins = new ArrayList<>();
        List<Long> rooms = new ArrayList<>();
        for (long length : own) {
            bins.add(new ArrayList<>());
            rooms.add(length);
        }
        return place(bins, rooms, pieces, 0, 0, Long.MAX_VALUE, both);
    }

    private static long place(
            List<List<Long>> bins,
            List<Long> rooms,
            long[] pieces,
            int next,
            long cost,
            long best,
            boolean both) {
        if (cost >= best || next == pieces.length) {
            return Math.min(cost, best);
        }
        long lowest = best;
        for (int b = 0; b < bins.size(); b++) {
            bins.get(b).add(pieces[next]);
            if (taken(bins.get(b), both) <= rooms.get(b)) {
                lowest = Math.min(lowest, place(bins, rooms, pieces, next + 1, cost, lowest, both));
            }
            bins.get(b).removeLast();
        }
        for (int i = 0; i < SHOP.length; i++) {
            if (pieces[next] <= SHOP[i]) {
                bins.add(new ArrayList<>(List.of(pieces[next])));
                rooms.add(SHOP[i]);
                lowest =
                        Math.min(
                                lowest,
                                place(
                                        bins,
                                        rooms,
                                        pieces,
                                        next + 1,
                                        cost + PRICES[i],
                                        lowest,
                                        both));
                bins.removeLast();
                rooms.removeLast();
            }
        }
        return lowest;
    }

    private static double taken(List<Long> lengths, boolean both) {
        long n = lengths.size();
        long joints = both ? n - 1 : n / 2;
        double slanting = KERF * Math.hypot(RUN, 89) / 89;
        double all = lengths.stream().mapToLong(Long::longValue).sum();
        return all - joints * (RUN - slanting) + (n - 1 - joints) * KERF;
    }
}
