package reliqua.core.cutting;

import java.util.Arrays;

/**
 * Which totals a bill of whole shop items can have: sums of prices. A bound on the money rounds up
 * to the next of them, which closes most gaps, since small bills are few (nothing, one board, two
 * boards...).
 */
final class PossibleBills {
    private static final int MOST = 200_000;

    private final long step;
    private final long[] prices;
    private boolean[] reachable = {true};

    /** From the prices in millionths; prices of zero are ignored. */
    PossibleBills(long[] prices) {
        this.prices = Arrays.stream(prices).filter(p -> p > 0).distinct().toArray();
        this.step = Math.max(1, Arrays.stream(this.prices).reduce(0, PossibleBills::gcd));
    }

    private static long gcd(long a, long b) {
        return b == 0 ? a : gcd(b, a % b);
    }

    /** The greatest common divisor of all prices. */
    long step() {
        return step;
    }

    /** The lowest possible bill that is not below {@code bound} by more than half a millionth. */
    double atLeast(double bound) {
        long first = (long) Math.ceil((bound - 0.5) / step);
        if (first <= 0 || prices.length == 0) {
            return 0;
        }
        long highest = Arrays.stream(prices).max().orElse(0) / step;
        if (first + highest >= MOST) {
            return (double) first * step;
        }
        extend((int) (first + highest));
        int at = (int) first;
        while (!reachable[at]) {
            at++;
        }
        return (double) at * step;
    }

    /** The highest possible bill below {@code bill}, which is above zero and itself possible. */
    long below(long bill) {
        int at = (int) Math.min(MOST, bill / step);
        if (at == MOST) {
            return bill - step;
        }
        extend(at);
        do {
            at--;
        } while (!reachable[at]);
        return at * step;
    }

    private void extend(int upTo) {
        if (reachable.length > upTo) {
            return;
        }
        reachable = new boolean[upTo + 1];
        reachable[0] = true;
        for (int sum = 1; sum <= upTo; sum++) {
            for (long price : prices) {
                int before = sum - (int) (price / step);
                if (before >= 0 && reachable[before]) {
                    reachable[sum] = true;
                    break;
                }
            }
        }
    }
}
