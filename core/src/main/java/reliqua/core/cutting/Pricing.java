package reliqua.core.cutting;

import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;

/** Finds, for given worths of the pieces, the most valuable pattern of every bin type. */
final class Pricing {
    private final StickProblem problem;

    /** The lanes that differ; sticks that can give the same pieces share one. */
    private final List<StickProblem.Lane> lanes;

    /** What every piece takes up, by lane. */
    private final long[][] weights;

    /** The largest room of any stick, by lane. */
    private final long[] largest;

    /** Which of them a lane of a bin type is. */
    private final int[][] laneOf;

    Pricing(StickProblem problem) {
        this.problem = problem;
        Map<StickProblem.Lane, Integer> places = new LinkedHashMap<>();
        this.laneOf =
                problem.bins().stream()
                        .map(
                                bin ->
                                        bin.lanes().stream()
                                                .mapToInt(lane -> place(places, lane))
                                                .toArray())
                        .toArray(int[][]::new);
        this.lanes = List.copyOf(places.keySet());
        this.weights = lanes.stream().map(problem::weights).toArray(long[][]::new);
        this.largest = new long[lanes.size()];
        for (int b = 0; b < laneOf.length; b++) {
            StickProblem.BinType bin = problem.bins().get(b);
            bin.segments().forEach(widen(laneOf[b]));
            bin.relaxed().forEach(widen(laneOf[b]));
        }
    }

    private static int place(Map<StickProblem.Lane, Integer> places, StickProblem.Lane lane) {
        Integer place = places.putIfAbsent(lane, places.size());
        return place == null ? places.size() - 1 : place;
    }

    private Consumer<StickProblem.Segment> widen(int[] places) {
        return stretch -> {
            int place = places[stretch.lane()];
            largest[place] = Math.max(largest[place], stretch.length() + problem.kerf());
        };
    }

    /** Prices all bins at once. */
    Prices price(double[] duals, int[] demand) {
        Frontier[] frontiers = new Frontier[lanes.size()];
        for (int n = 0; n < frontiers.length; n++) {
            double[] values = StickFill.masked(duals, lanes.get(n));
            frontiers[n] = new Frontier(weights[n], values, demand, largest[n]);
        }
        return new Prices(duals, frontiers);
    }

    /** The answer of one pricing. */
    final class Prices {
        private final double[] duals;
        private final Frontier[][] frontiers;

        private Prices(double[] duals, Frontier[] byLane) {
            this.duals = duals;
            this.frontiers =
                    Arrays.stream(laneOf)
                            .map(
                                    places ->
                                            Arrays.stream(places)
                                                    .mapToObj(place -> byLane[place])
                                                    .toArray(Frontier[]::new))
                            .toArray(Frontier[][]::new);
        }

        /** The best worth of a stretch of a bin type. */
        double value(int bin, StickProblem.Segment stretch) {
            return frontiers[bin][stretch.lane()].value(stretch.length() + problem.kerf());
        }

        /** The best worth of what is left of a stretch of a bin type, kerf included. */
        double value(int bin, int segment, long room) {
            int lane = problem.bins().get(bin).segments().get(segment).lane();
            return frontiers[bin][lane].value(room);
        }

        /** The worth of the best pattern of a bin type. */
        double worth(int bin) {
            return problem.bins().get(bin).segments().stream()
                    .mapToDouble(s -> value(bin, s))
                    .sum();
        }

        private double relaxedWorth(int bin) {
            return problem.bins().get(bin).relaxed().stream().mapToDouble(s -> value(bin, s)).sum();
        }

        /**
         * No pattern of one of a group's things is worth more beyond its charge, in whatever way it
         * is used.
         */
        double rent(int group) {
            return rent(group, 1);
        }

        private double rent(int group, double factor) {
            double rent = 0;
            for (int b = 0; b < frontiers.length; b++) {
                StickProblem.BinType bin = problem.bins().get(b);
                if (bin.group() == group) {
                    rent = Math.max(rent, factor * relaxedWorth(b) - bin.charge());
                }
            }
            return rent;
        }

        /** The best pattern of a bin type. */
        Pattern pattern(int bin) {
            List<StickProblem.Segment> segments = problem.bins().get(bin).segments();
            int[][] bySegment = new int[segments.size()][duals.length];
            for (int s = 0; s < bySegment.length; s++) {
                StickProblem.Segment segment = segments.get(s);
                frontiers[bin][segment.lane()].addCounts(
                        segment.length() + problem.kerf(), bySegment[s]);
            }
            return lying(Pattern.of(bin, bySegment, duals.length));
        }

        /** Without what does not lie: nested two by two and left over, or clear of no flaw. */
        private Pattern lying(Pattern pattern) {
            Pattern less = pattern;
            while (!problem.lies(less)) {
                less = less.withoutShortest(problem);
            }
            return less;
        }

        /**
         * Worths of the pieces, brought down until no shop pattern is worth more than its price.
         */
        double[] fairDuals() {
            double factor = factor();
            return Arrays.stream(duals).map(d -> d * factor).toArray();
        }

        private double factor() {
            double factor = 1;
            for (int b = 0; b < frontiers.length; b++) {
                double worth = relaxedWorth(b);
                if (!problem.bins().get(b).own() && worth > 0) {
                    factor = Math.min(factor, problem.bins().get(b).charge() / worth);
                }
            }
            return factor;
        }

        /**
         * The Lagrangian value of these duals; {@code copies} by group. No plan costs less, so zero
         * is the better bound where it is below zero; what other plans can cost is measured from
         * the value itself.
         */
        double lagrangian(int[] demand, int[] copies) {
            double factor = factor();
            double sum = 0;
            for (int g = 0; g < copies.length; g++) {
                sum -= copies[g] == 0 ? 0 : copies[g] * rent(g, factor);
            }
            for (int i = 0; i < demand.length; i++) {
                sum += factor * duals[i] * demand[i];
            }
            return sum;
        }
    }
}
