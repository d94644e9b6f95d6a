package reliqua.core.cutting;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Lists every pattern that a plan below a given cost could use.
 *
 * <p>Under fixed duals every plan costs at least the Lagrangian bound plus, for each pattern it
 * uses, how much that pattern is worth less than the best of its bin (or than its price). So
 * patterns that fall short by more than the gap between the wanted cost and the bound cannot occur.
 * Only patterns that cannot take one more piece are listed: others are covered by them. If no plan
 * of the listed patterns reaches the wanted cost, none exists (Baldacci, Christofides, Mingozzi
 * 2008 use the same argument for routing). Gives up beyond a number of patterns, and when
 * cancelled.
 */
final class PatternEnumeration {
    private static final long MOST_STEPS = 3_000_000;

    /** How many steps between two looks whether to stop. */
    private static final int LOOK = 1_000;

    private final StickProblem problem;
    private final double[] duals;
    private final int[] demand;
    private final Pricing.Prices prices;
    private final List<Pattern> found = new ArrayList<>();
    private final int most;
    private final Progress progress;
    private final long mostSteps;
    private long steps;

    private PatternEnumeration(
            StickProblem problem, double[] duals, int most, long mostSteps, Progress progress) {
        this.progress = progress;
        this.mostSteps = mostSteps;
        this.most = most;
        this.problem = problem;
        this.duals = duals;
        this.demand = problem.demands();
        this.prices = new Pricing(problem).price(duals, demand);
    }

    /**
     * The patterns of all plans that reach a total, or nothing when there are too many.
     *
     * @param duals worths of the pieces at which no shop pattern is worth more than its price
     * @param total charge of the plan, with what its missing pieces count
     * @param ceiling wanted charge: dearer shop items are left out
     * @param most gives up beyond so many
     */
    static Optional<List<Pattern>> reaching(
            StickProblem problem,
            double[] duals,
            double total,
            long ceiling,
            int most,
            Progress progress) {
        // Measured from the value of these very duals, which may lie far below the best bound.
        double value =
                new Pricing(problem)
                        .price(duals, problem.demands())
                        .lagrangian(problem.demands(), problem.copies());
        return within(problem, duals, total - value, ceiling, most, MOST_STEPS, progress);
    }

    /**
     * The patterns that fall short by no more than a slack, or nothing when there are too many.
     *
     * @param slack wanted cost minus bound, in millionths
     * @param ceiling wanted cost: dearer shop items are left out
     * @param most gives up beyond so many
     * @param mostSteps gives up after so many steps, too
     */
    static Optional<List<Pattern>> within(
            StickProblem problem,
            double[] duals,
            double slack,
            long ceiling,
            int most,
            long mostSteps,
            Progress progress) {
        PatternEnumeration search =
                new PatternEnumeration(problem, duals, most, mostSteps, progress);
        for (int b = 0; b < problem.bins().size(); b++) {
            StickProblem.BinType bin = problem.bins().get(b);
            double aim = bin.charge() + (bin.own() ? search.prices.rent(bin.group()) : 0);
            boolean none = bin.own() && problem.groups().get(bin.group()).isEmpty();
            if (none || bin.charge() > ceiling) {
                continue;
            }
            int[][] counts = new int[bin.segments().size()][problem.size()];
            double least = aim - slack - 1e-6 * Math.max(1, aim);
            if (!search.segment(b, 0, counts, search.demand.clone(), 0, least)) {
                return Optional.empty();
            }
        }
        return Optional.of(search.found);
    }

    private double bestFrom(int b, int segment) {
        List<StickProblem.Segment> segments = problem.bins().get(b).segments();
        double sum = 0;
        for (int s = segment; s < segments.size(); s++) {
            sum += prices.value(b, segments.get(s));
        }
        return sum;
    }

    private boolean segment(int b, int s, int[][] counts, int[] left, double worth, double least) {
        StickProblem.BinType bin = problem.bins().get(b);
        if (s == bin.segments().size()) {
            return worth < least || keep(b, counts);
        }
        if (worth + bestFrom(b, s) < least) {
            return true;
        }
        long capacity = bin.segments().get(s).length() + problem.kerf();
        return piece(b, s, 0, capacity, counts, left, worth, least);
    }

    private boolean piece(
            int b,
            int s,
            int i,
            long room,
            int[][] counts,
            int[] left,
            double worth,
            double least) {
        if (++steps > mostSteps || steps % LOOK == 0 && progress.cancelled()) {
            return false;
        }
        if (worth + prices.value(b, s, room) + bestFrom(b, s + 1) < least) {
            return true;
        }
        StickProblem.BinType bin = problem.bins().get(b);
        if (i == problem.size()) {
            return !isMaximal(bin, s, room, left) || segment(b, s + 1, counts, left, worth, least);
        }
        long weight = problem.weight(bin.lane(s), i);
        int most = bin.allows(s, i) ? (int) Math.min(left[i], room / weight) : 0;
        for (int n = most; n >= 0; n--) {
            counts[s][i] = n;
            left[i] -= n;
            boolean going =
                    piece(
                            b,
                            s,
                            i + 1,
                            room - n * weight,
                            counts,
                            left,
                            worth + n * duals[i],
                            least);
            left[i] += n;
            counts[s][i] = 0;
            if (!going) {
                return false;
            }
        }
        return true;
    }

    private boolean isMaximal(StickProblem.BinType bin, int s, long room, int[] left) {
        for (int i = 0; i < left.length; i++) {
            if (bin.allows(s, i) && left[i] > 0 && problem.weight(bin.lane(s), i) <= room) {
                return false;
            }
        }
        return true;
    }

    private boolean keep(int b, int[][] counts) {
        int[][] copy = new int[counts.length][];
        for (int s = 0; s < copy.length; s++) {
            copy[s] = counts[s].clone();
        }
        Pattern pattern = Pattern.of(b, copy, problem.size());
        if (problem.lies(pattern)) {
            found.add(pattern);
        }
        return found.size() <= most;
    }
}
