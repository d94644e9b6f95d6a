package reliqua.core.cutting;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Finds, for given worths of the pieces, the most valuable pattern of every bin type. */
final class Pricing {
    private final StickProblem problem;
    private final long[] weights;
    private final Map<List<Boolean>, List<Integer>> alike = new LinkedHashMap<>();
    private final Map<List<Boolean>, Long> largest = new LinkedHashMap<>();

    Pricing(StickProblem problem) {
        this.problem = problem;
        this.weights =
                problem.pieces().stream().mapToLong(p -> p.length() + problem.kerf()).toArray();
        for (int b = 0; b < problem.bins().size(); b++) {
            StickProblem.BinType bin = problem.bins().get(b);
            List<Boolean> key = key(bin.allowed());
            alike.computeIfAbsent(key, _ -> new java.util.ArrayList<>()).add(b);
            long capacity =
                    bin.relaxedLengths().stream().mapToLong(Long::longValue).max().orElse(0)
                            + problem.kerf();
            largest.merge(key, capacity, Math::max);
        }
    }

    private static List<Boolean> key(boolean[] allowed) {
        Boolean[] key = new Boolean[allowed.length];
        for (int i = 0; i < key.length; i++) {
            key[i] = allowed[i];
        }
        return List.of(key);
    }

    /** Prices all bins at once; bins with the same allowed pieces share one frontier. */
    Prices price(double[] duals, int[] demand) {
        Frontier[] frontiers = new Frontier[problem.bins().size()];
        alike.forEach(
                (key, bins) -> {
                    boolean[] allowed = problem.bins().get(bins.getFirst()).allowed();
                    Frontier frontier =
                            new Frontier(
                                    weights,
                                    Filler.masked(duals, allowed),
                                    demand,
                                    largest.get(key));
                    bins.forEach(b -> frontiers[b] = frontier);
                });
        return new Prices(duals, frontiers);
    }

    /** The answer of one pricing. */
    final class Prices {
        private final double[] duals;
        private final Frontier[] frontiers;

        private Prices(double[] duals, Frontier[] frontiers) {
            this.duals = duals;
            this.frontiers = frontiers;
        }

        /** One frontier a bin type, shared where the allowed pieces are the same. */
        Frontier[] frontiers() {
            return frontiers;
        }

        /** The worth of the best pattern of a bin type. */
        double worth(int bin) {
            return problem.bins().get(bin).segments().stream()
                    .mapToDouble(s -> frontiers[bin].value(s.length() + problem.kerf()))
                    .sum();
        }

        private double relaxedWorth(int bin) {
            return problem.bins().get(bin).relaxedLengths().stream()
                    .mapToDouble(l -> frontiers[bin].value(l + problem.kerf()))
                    .sum();
        }

        /** The best pattern of a bin type. */
        Pattern pattern(int bin) {
            List<StickProblem.Segment> segments = problem.bins().get(bin).segments();
            int[][] bySegment = new int[segments.size()][duals.length];
            for (int s = 0; s < bySegment.length; s++) {
                frontiers[bin].addCounts(segments.get(s).length() + problem.kerf(), bySegment[s]);
            }
            return Pattern.of(bin, bySegment, duals.length);
        }

        /**
         * Worths of the pieces, brought down until no shop pattern is worth more than its price.
         */
        double[] fairDuals() {
            double factor = factor();
            return java.util.Arrays.stream(duals).map(d -> d * factor).toArray();
        }

        private double factor() {
            double factor = 1;
            for (int b = 0; b < frontiers.length; b++) {
                double worth = relaxedWorth(b);
                if (!problem.bins().get(b).own() && worth > 0) {
                    factor = Math.min(factor, problem.bins().get(b).price() / worth);
                }
            }
            return factor;
        }

        /** The Lagrangian bound for these duals. */
        double bound(int[] demand, int[] copies) {
            double sum = 0;
            for (int b = 0; b < copies.length; b++) {
                sum -= problem.bins().get(b).own() ? copies[b] * relaxedWorth(b) : 0;
            }
            for (int i = 0; i < demand.length; i++) {
                sum += duals[i] * demand[i];
            }
            return Math.max(0, factor() * sum);
        }
    }
}
