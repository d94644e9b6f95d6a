package reliqua.core.cutting;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import reliqua.core.measure.Length;
import reliqua.core.measure.Money;

/**
 * On tiny jobs every way of cutting can be tried; what the planner proves must be true of them all.
 */
class ExactOptimumTest {
    private static final long[] SHOP = {1000, 1500};
    private static final long[] PRICES = {300, 410};
    private static final long KERF = 3;

    @Test
    void provenMeansOptimalAndBoundsHold() {
        Random random = new Random(91);
        int proven = 0;
        for (int n = 0; n < 150; n++) {
            long[] own = random.longs(random.nextInt(3), 300, 1300).toArray();
            long[] pieces = random.longs(2 + random.nextInt(5), 120, 900).toArray();
            long best = best(own, pieces);
            CutPlan plan =
                    new CutPlanner(CutPlanner.Settings.FULL).plan(job(own, pieces), Progress.NONE);
            assertThat(plan.isComplete()).isTrue();
            assertThat(plan.lowerBound()).as("job %d", n).isLessThanOrEqualTo(Money.cents(best));
            assertThat(plan.cost()).as("job %d", n).isGreaterThanOrEqualTo(Money.cents(best));
            if (plan.status() == CutPlan.Status.OPTIMAL) {
                proven++;
                assertThat(plan.cost()).as("job %d", n).isEqualTo(Money.cents(best));
            }
        }
        assertThat(proven).isGreaterThan(145);
    }

    private static CutJob job(long[] own, long[] pieces) {
        List<OwnStick> sticks = new ArrayList<>();
        for (long length : own) {
            sticks.add(
                    new OwnStick(
                            "S" + sticks.size(),
                            Length.mm(38),
                            Length.mm(89),
                            Length.mm(length),
                            1,
                            List.of(),
                            Length.ZERO));
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
            wanted.add(
                    new WantedPiece(
                            "p" + wanted.size(),
                            Length.mm(38),
                            Length.mm(89),
                            Length.mm(length),
                            1,
                            Optional.empty()));
        }
        return new CutJob(Length.mm(KERF), sticks, List.of(), shop, wanted, List.of());
    }

    /** The lowest bill in cents, by trying every assignment. */
    private static long best(long[] own, long[] pieces) {
        List<long[]> bins = new ArrayList<>();
        for (long length : own) {
            bins.add(new long[] {length + KERF, 0});
        }
        return place(bins, pieces, 0, 0, Long.MAX_VALUE);
    }

    private static long place(List<long[]> bins, long[] pieces, int next, long cost, long best) {
        if (cost >= best) {
            return best;
        }
        if (next == pieces.length) {
            return cost;
        }
        long needed = pieces[next] + KERF;
        long lowest = best;
        for (long[] bin : List.copyOf(bins)) {
            if (bin[0] >= needed) {
                bin[0] -= needed;
                lowest = Math.min(lowest, place(bins, pieces, next + 1, cost, lowest));
                bin[0] += needed;
            }
        }
        for (int i = 0; i < SHOP.length; i++) {
            if (SHOP[i] + KERF >= needed) {
                bins.add(new long[] {SHOP[i] + KERF - needed, 1});
                lowest = Math.min(lowest, place(bins, pieces, next + 1, cost + PRICES[i], lowest));
                bins.removeLast();
            }
        }
        return lowest;
    }
}
