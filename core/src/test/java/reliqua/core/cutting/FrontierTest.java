package reliqua.core.cutting;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Random;
import org.junit.jupiter.api.Test;

class FrontierTest {
    @Test
    void isAsGoodAsTryingEverythingAtEveryCapacity() {
        Random random = new Random(31);
        for (int n = 0; n < 200; n++) {
            int kinds = 1 + random.nextInt(4);
            long[] weights = random.longs(kinds, 1, 12).toArray();
            double[] values = random.ints(kinds, 0, 9).asDoubleStream().toArray();
            int[] bounds = random.ints(kinds, 0, 4).toArray();
            Frontier frontier = new Frontier(weights, values, bounds, 30);
            for (int capacity = 0; capacity <= 30; capacity++) {
                assertThat(frontier.value(capacity))
                        .isEqualTo(best(weights, values, bounds, capacity, 0));
                int[] counts = new int[kinds];
                frontier.addCounts(capacity, counts);
                long weight = 0;
                double value = 0;
                for (int i = 0; i < kinds; i++) {
                    assertThat(counts[i]).isBetween(0, bounds[i]);
                    weight += counts[i] * weights[i];
                    value += counts[i] * values[i];
                }
                assertThat(weight).isLessThanOrEqualTo(capacity);
                assertThat(value).isEqualTo(frontier.value(capacity));
            }
        }
    }

    @Test
    void withFewStatesTheChoiceStillFitsAndIsNearlyAsGood() {
        Random random = new Random(32);
        for (int n = 0; n < 100; n++) {
            int kinds = 8 + random.nextInt(8);
            long[] weights = random.longs(kinds, 100_000, 900_000).toArray();
            double[] values = random.doubles(kinds, 1, 9).toArray();
            int[] bounds = random.ints(kinds, 1, 5).toArray();
            long capacity = 4_000_000;
            Frontier few = new Frontier(weights, values, bounds, capacity, 200);
            Frontier all = new Frontier(weights, values, bounds, capacity);
            int[] counts = new int[kinds];
            few.addCounts(capacity, counts);
            long weight = 0;
            for (int i = 0; i < kinds; i++) {
                assertThat(counts[i]).isBetween(0, bounds[i]);
                weight += counts[i] * weights[i];
            }
            assertThat(weight).isLessThanOrEqualTo(capacity);
            assertThat(few.value(capacity))
                    .isBetween(0.98 * all.value(capacity), all.value(capacity) + 1e-9);
            assertThat(few.value(weights[0] - 1))
                    .isLessThanOrEqualTo(all.value(weights[0] - 1) + 1e-9);
        }
    }

    private static double best(
            long[] weights, double[] values, int[] bounds, long capacity, int from) {
        if (from == weights.length) {
            return 0;
        }
        double best = 0;
        for (int n = 0; n <= bounds[from] && n * weights[from] <= capacity; n++) {
            best =
                    Math.max(
                            best,
                            n * values[from]
                                    + best(
                                            weights,
                                            values,
                                            bounds,
                                            capacity - n * weights[from],
                                            from + 1));
        }
        return best;
    }

    @Test
    void billsAreSumsOfWholePrices() {
        PossibleBills bills = new PossibleBills(new long[] {3_300_000, 4_250_000});
        assertThat(bills.atLeast(0)).isZero();
        assertThat(bills.atLeast(1)).isEqualTo(3_300_000);
        assertThat(bills.atLeast(3_300_001)).isEqualTo(4_250_000);
        assertThat(bills.atLeast(4_300_000)).isEqualTo(6_600_000);
        assertThat(bills.below(6_600_000)).isEqualTo(4_250_000);
        assertThat(bills.below(3_300_000)).isZero();
    }
}
