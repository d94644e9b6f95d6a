package reliqua.core.cutting;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class BasketsTest {
    private static final int MANY = 10_000;

    private static List<StickProblem.BinType> shop(long[] prices, long ownCharge) {
        return IntStream.rangeClosed(0, prices.length)
                .mapToObj(
                        n ->
                                n == 0
                                        ? bin("own", true, ownCharge)
                                        : bin("B" + n, false, prices[n - 1]))
                .toList();
    }

    private static StickProblem.BinType bin(String source, boolean own, long charge) {
        return new StickProblem.BinType(
                0, own, source, "", 0, charge, charge, 0, false, List.of(), List.of(), List.of());
    }

    /** Whatever can be bought for the sum lies in a basket, and to no basket can be added. */
    @Test
    void everyPurchaseLiesInABasketThatIsFull() {
        Random random = new Random(7);
        for (int n = 0; n < 400; n++) {
            long[] prices =
                    random.longs(1 + random.nextInt(3), 1, 12).map(p -> p * 1_000_000).toArray();
            long sum = random.nextInt(40) * 1_000_000L;
            List<Map<String, Integer>> baskets = Baskets.within(sum, shop(prices, 0), MANY);
            assertThat(baskets).doesNotHaveDuplicates().isNotEmpty();
            for (Map<String, Integer> basket : baskets) {
                long left = sum - worth(basket, prices);
                assertThat(left).isNotNegative();
                assertThat(Arrays.stream(prices).allMatch(p -> p > left)).isTrue();
            }
            int[] bought = new int[prices.length];
            long left = sum;
            for (int i = 0; i < prices.length; i++) {
                bought[i] = random.nextInt((int) (left / prices[i]) + 1);
                left -= bought[i] * prices[i];
            }
            assertThat(baskets)
                    .anyMatch(
                            basket ->
                                    IntStream.range(0, bought.length)
                                            .allMatch(i -> bought[i] <= basket.get("B" + (i + 1))));
        }
    }

    private static long worth(Map<String, Integer> basket, long[] prices) {
        return IntStream.range(0, prices.length)
                .mapToLong(i -> basket.get("B" + (i + 1)) * prices[i])
                .sum();
    }

    @Test
    void tooManyBasketsOrWorkThatCountsGiveNone() {
        long[] prices = {1_000_000, 1_300_000};
        assertThat(Baskets.within(50_000_000, shop(prices, 0), 8)).isEmpty();
        assertThat(Baskets.within(3_000_000, shop(prices, 0), 8)).isNotEmpty();
        assertThat(Baskets.within(3_000_000, shop(prices, 500_000), 8)).isEmpty();
    }
}
