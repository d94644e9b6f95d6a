package reliqua.core.cutting;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * Buys for what no own stick gave: always the stick of the shop with the lowest price for what it
 * takes up, until nothing is wanted.
 *
 * <p>Sticks of one section in several lengths share a knapsack, which is solved for the longest of
 * them. What a stick gave best is not sought again as long as all of its pieces are still wanted:
 * the best of more pieces is the best of fewer, if they are among them.
 */
final class ShopFill {
    private final StickProblem problem;
    private final StickFill stick;
    private final List<List<Integer>> byLane;
    private final List<Integer> mixed;

    ShopFill(StickProblem problem, StickFill stick) {
        this.problem = problem;
        this.stick = stick;
        Map<StickProblem.Lane, List<Integer>> lanes = new LinkedHashMap<>();
        this.mixed = new ArrayList<>();
        IntStream.range(0, problem.bins().size())
                .filter(this::isPlainShop)
                .forEach(
                        bin -> {
                            StickProblem.BinType type = problem.bins().get(bin);
                            if (type.segments().size() == 1) {
                                lanes.computeIfAbsent(type.lane(0), _ -> new ArrayList<>())
                                        .add(bin);
                            } else {
                                mixed.add(bin);
                            }
                        });
        this.byLane = List.copyOf(lanes.values());
    }

    private boolean isPlainShop(int bin) {
        StickProblem.BinType type = problem.bins().get(bin);
        return !type.own() && !type.isSpecial();
    }

    /** Adds what is bought to {@code patterns} and takes it off {@code left}. */
    void buy(double[] values, int[] left, List<Pattern> patterns) {
        @Nullable Pattern[] known = new Pattern[problem.bins().size()];
        for (Pattern best = best(known, values, left);
                best != null;
                best = best(known, values, left)) {
            best.takeFrom(left);
            patterns.add(best);
        }
    }

    private @Nullable Pattern best(@Nullable Pattern[] known, double[] values, int[] left) {
        for (List<Integer> bins : byLane) {
            renew(bins, known, values, left);
        }
        for (int bin : mixed) {
            if (isStale(known[bin], left)) {
                known[bin] = stick.pattern(bin, values, left);
            }
        }
        Pattern best = null;
        double lowest = Double.POSITIVE_INFINITY;
        for (Pattern pattern : known) {
            double rate = pattern == null ? Double.POSITIVE_INFINITY : rate(pattern, values);
            if (rate < lowest) {
                lowest = rate;
                best = pattern;
            }
        }
        return best;
    }

    private static boolean isStale(@Nullable Pattern pattern, int[] left) {
        return pattern == null || !StickFill.isWithin(pattern, left);
    }

    private double rate(Pattern pattern, double[] values) {
        double taken = 0;
        for (int i = 0; i < values.length; i++) {
            taken += pattern.counts()[i] * values[i];
        }
        return taken == 0 ? Double.POSITIVE_INFINITY : (problem.bin(pattern).price() + 1) / taken;
    }

    private void renew(List<Integer> bins, @Nullable Pattern[] known, double[] values, int[] left) {
        List<Integer> stale = bins.stream().filter(b -> isStale(known[b], left)).toList();
        if (stale.isEmpty()) {
            return;
        }
        StickProblem.Lane lane = problem.bins().get(stale.getFirst()).lane(0);
        long longest = stale.stream().mapToLong(this::length).max().orElse(0);
        int[][] nothing = new int[1][left.length];
        if (!stick.gives(lane, values, left, longest)) {
            stale.forEach(b -> known[b] = Pattern.of(b, nothing, left.length));
            return;
        }
        Frontier frontier = stick.frontier(lane, values, left, longest);
        for (int bin : stale) {
            int[] counts = new int[left.length];
            frontier.addCounts(length(bin) + problem.kerf(), counts);
            known[bin] = Pattern.of(bin, new int[][] {counts}, left.length);
        }
    }

    private long length(int bin) {
        return problem.bins().get(bin).segments().getFirst().length();
    }
}
