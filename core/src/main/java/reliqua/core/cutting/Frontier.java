package reliqua.core.cutting;

import java.util.Arrays;

/**
 * Bounded knapsack for all capacities at once.
 *
 * <p>Problem: maximise the sum of value[i] n[i] with the sum of weight[i] n[i] at most C and n[i]
 * at most bound[i], for every C up to a limit. Steps: take the items one after the other, in binary
 * multiples, and keep only the states (weight, value) that no lighter state equals in value. The
 * kept states are exact, so the best value for C is that of the heaviest state not above C. Time
 * and memory are proportional to items times kept states. Weights are whole numbers of any size:
 * nothing is rounded. With a limit to the states, of those of nearly the same weight only the best
 * is kept once there are more: the choice is then good, not best, which is enough for heuristics.
 * Reference: Kellerer, Pferschy, Pisinger, Knapsack Problems, 2004, ch. 3 (dynamic programming with
 * lists).
 */
final class Frontier {
    /** Room for so many states at first; it grows. */
    private static final int FIRST = 64;

    private final double least;
    private final int most;
    private long[] weight = new long[FIRST];
    private double[] value = new double[FIRST];
    private int[] parent = new int[FIRST];
    private int[] item = new int[FIRST];
    private int[] count = new int[FIRST];
    private int nodes = 1;
    private int[] states = {0};
    private final int kinds;

    /**
     * Builds the frontier.
     *
     * @param weights above zero
     * @param values items of value zero or less are left out
     * @param bounds how often each item may be taken
     * @param capacity largest capacity that will be asked for
     */
    Frontier(long[] weights, double[] values, int[] bounds, long capacity) {
        this(weights, values, bounds, capacity, Integer.MAX_VALUE);
    }

    /**
     * The same with a limit.
     *
     * @param most about so many states are kept at once
     */
    Frontier(long[] weights, double[] values, int[] bounds, long capacity, int most) {
        this.kinds = weights.length;
        this.most = most;
        double highest = 0;
        for (double v : values) {
            highest = Math.max(highest, v);
        }
        this.least = highest * 1e-12;
        parent[0] = -1;
        for (int i = 0; i < kinds; i++) {
            if (values[i] <= least || weights[i] > capacity) {
                continue;
            }
            long times = Math.min(bounds[i], capacity / weights[i]);
            for (int chunk = 1; times > 0; chunk *= 2) {
                int take = (int) Math.min(chunk, times);
                merge(i, take, weights[i] * take, values[i] * take, capacity);
                times -= take;
            }
        }
    }

    private void merge(int which, int take, long addWeight, double addValue, long capacity) {
        int[] merged = new int[states.length * 2];
        int size = 0;
        double best = Double.NEGATIVE_INFINITY;
        int a = 0;
        int b = 0;
        while (a < states.length || b < states.length) {
            long shifted = b < states.length ? weight[states[b]] + addWeight : Long.MAX_VALUE;
            if (shifted > capacity) {
                b = states.length;
                shifted = Long.MAX_VALUE;
            }
            if (a < states.length && weight[states[a]] <= shifted) {
                int node = states[a++];
                if (value[node] > best + least) {
                    merged[size++] = node;
                    best = value[node];
                }
            } else if (b < states.length) {
                int from = states[b++];
                double worth = value[from] + addValue;
                if (worth > best + least) {
                    merged[size++] = node(shifted, worth, from, which, take);
                    best = worth;
                }
            }
        }
        states = Arrays.copyOf(merged, size > most ? thinned(merged, size, capacity) : size);
    }

    /**
     * Keeps the empty choice and, of each of so many equal ranges of weight, the state of most
     * value, which is the last.
     */
    private int thinned(int[] merged, int size, long capacity) {
        long range = capacity / most + 1;
        int kept = 1;
        for (int i = 1; i < size; i++) {
            if (i + 1 == size || weight[merged[i]] / range != weight[merged[i + 1]] / range) {
                merged[kept++] = merged[i];
            }
        }
        return kept;
    }

    private int node(long w, double v, int from, int which, int take) {
        if (nodes == weight.length) {
            int larger = nodes * 2;
            weight = Arrays.copyOf(weight, larger);
            value = Arrays.copyOf(value, larger);
            parent = Arrays.copyOf(parent, larger);
            item = Arrays.copyOf(item, larger);
            count = Arrays.copyOf(count, larger);
        }
        weight[nodes] = w;
        value[nodes] = v;
        parent[nodes] = from;
        item[nodes] = which;
        count[nodes] = take;
        return nodes++;
    }

    private int best(long capacity) {
        int low = 0;
        int high = states.length - 1;
        while (low < high) {
            int middle = (low + high + 1) >>> 1;
            if (weight[states[middle]] <= capacity) {
                low = middle;
            } else {
                high = middle - 1;
            }
        }
        return states[low];
    }

    /** The best value within {@code capacity} (zero or more). */
    double value(long capacity) {
        return value[best(capacity)];
    }

    /**
     * Adds how often each item is taken in the best choice within {@code capacity} to {@code
     * counts}.
     */
    void addCounts(long capacity, int[] counts) {
        for (int node = best(capacity); parent[node] >= 0; node = parent[node]) {
            counts[item[node]] += count[node];
        }
    }
}
