package reliqua.core.cutting;

import java.util.ArrayList;
import java.util.List;
import java.util.random.RandomGenerator;

/**
 * Rounds a column-generation solution to whole sticks: takes the whole part of every pattern, then
 * rounds one up, solves the rest again with new columns, until nothing is wanted; what is left over
 * goes to the {@link Filler}.
 */
final class Dive {
    private static final double WHOLE = 1 - 1e-6;

    private final StickProblem problem;
    private final Filler filler;
    private final RandomGenerator random;

    Dive(StickProblem problem, Filler filler, RandomGenerator random) {
        this.problem = problem;
        this.filler = filler;
        this.random = random;
    }

    /** One dive from the root; {@code noise} above zero perturbs which pattern is rounded up. */
    Packing run(ColumnGeneration master, double noise, Progress progress) {
        List<Pattern> taken = new ArrayList<>();
        while (wanted(master.demand()) > 0 && !progress.cancelled()) {
            if (!takeWhole(master, taken) && !takeOne(master, taken, noise)) {
                break;
            }
            if (wanted(master.demand()) > 0) {
                master.solve(progress);
            }
        }
        Packing rest = filler.best(4, master.demand(), master.copies(), progress);
        taken.addAll(rest.patterns());
        return Packing.trimmed(taken, problem.demands());
    }

    private boolean takeWhole(ColumnGeneration master, List<Pattern> taken) {
        double[] use = master.use();
        boolean any = false;
        for (int p = 0; p < use.length; p++) {
            int times = (int) Math.floor(use[p] + 1e-6);
            Pattern pattern = master.patterns().get(p);
            times = Math.min(times, room(master, pattern));
            if (times > 0) {
                master.fix(pattern, times);
                for (int n = 0; n < times; n++) {
                    taken.add(pattern);
                }
                any = true;
            }
        }
        return any;
    }

    private boolean takeOne(ColumnGeneration master, List<Pattern> taken, double noise) {
        double[] use = master.use();
        int best = -1;
        double bestScore = 1e-6;
        for (int p = 0; p < use.length; p++) {
            double score =
                    use[p] < 1e-6 ? 0 : Math.min(use[p], WHOLE) + noise * random.nextDouble();
            if (score > bestScore && room(master, master.patterns().get(p)) > 0) {
                best = p;
                bestScore = score;
            }
        }
        if (best < 0) {
            return false;
        }
        Pattern pattern = master.patterns().get(best);
        master.fix(pattern, 1);
        taken.add(pattern);
        return true;
    }

    private int room(ColumnGeneration master, Pattern pattern) {
        int[] demand = master.demand();
        int most = Integer.MAX_VALUE;
        for (int i = 0; i < demand.length; i++) {
            if (pattern.counts()[i] > 0) {
                most = Math.min(most, Math.ceilDiv(demand[i], pattern.counts()[i]));
            }
        }
        StickProblem.BinType bin = problem.bin(pattern);
        return bin.own() ? Math.min(most, master.copies()[bin.group()]) : most;
    }

    private static int wanted(int[] demand) {
        int sum = 0;
        for (int d : demand) {
            sum += d;
        }
        return sum;
    }
}
