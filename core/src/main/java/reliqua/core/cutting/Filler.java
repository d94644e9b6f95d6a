package reliqua.core.cutting;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.random.RandomGenerator;
import java.util.stream.IntStream;

/**
 * Heuristic for sticks: fills own sticks one after the other with the choice of pieces that leaves
 * least, then buys the rest ({@link ShopFill}). Piece values are corrected between rounds (pieces
 * that were left over become dearer), after Belov and Scheithauer's sequential value correction.
 */
final class Filler {
    private final StickProblem problem;
    private final StickFill stick;
    private final ShopFill shop;
    private final RandomGenerator random;
    private final double[] excess;

    Filler(StickProblem problem, RandomGenerator random) {
        this.problem = problem;
        this.stick = new StickFill(problem);
        this.shop = new ShopFill(problem, stick);
        this.random = random;
        this.excess = IntStream.range(0, problem.bins().size()).mapToDouble(this::excess).toArray();
    }

    /**
     * The best of so many rounds, beginning from {@code wanted} pieces and {@code copies} left of
     * each group.
     */
    Packing best(int rounds, int[] wanted, int[] copies, Progress progress) {
        double[] values = lengths();
        Packing best = fill(values, wanted, copies, binOrder(0));
        for (int round = 1; round < rounds && !perfect(best) && !progress.cancelled(); round++) {
            Packing next = fill(values, wanted, copies, binOrder(round));
            if (next.betterThan(best, problem)) {
                best = next;
            }
            correct(values, next, wanted);
        }
        return best;
    }

    private boolean perfect(Packing packing) {
        return packing.unplaced() == 0 && packing.charge(problem) == 0;
    }

    private double[] lengths() {
        double[] base = new double[problem.size()];
        for (int i = 0; i < base.length; i++) {
            base[i] = base(i);
        }
        return base;
    }

    /**
     * Its length; pieces the shop cannot give count double, so that own stock goes to them first.
     */
    private double base(int piece) {
        double length = problem.pieces().get(piece).length() + problem.kerf();
        return problem.buyable(piece) ? length : 2 * length;
    }

    private void correct(double[] values, Packing packing, int[] wanted) {
        int[] bought = packing.missing().clone();
        for (Pattern pattern : packing.patterns()) {
            if (!problem.bin(pattern).own()) {
                for (int i = 0; i < bought.length; i++) {
                    bought[i] += pattern.counts()[i];
                }
            }
        }
        for (int i = 0; i < values.length; i++) {
            double late = wanted[i] == 0 ? 0 : (double) bought[i] / wanted[i];
            double target = base(i) * (1 + 0.12 * late + 0.04 * random.nextDouble());
            values[i] = 0.6 * values[i] + 0.4 * target;
        }
    }

    private List<Integer> binOrder(int round) {
        List<Integer> own =
                new ArrayList<>(
                        IntStream.range(0, problem.bins().size())
                                .filter(this::isPlainOwn)
                                .boxed()
                                .toList());
        Comparator<Integer> bySize = Comparator.comparingLong(this::capacity);
        Comparator<Integer> order = round % 3 == 1 ? bySize.reversed() : bySize;
        if (round % 3 == 2) {
            Map<Integer, Double> keys = new HashMap<>();
            own.forEach(b -> keys.put(b, capacity(b) * (0.5 + random.nextDouble())));
            order = Comparator.comparingDouble(keys::get);
        }
        own.sort(
                Comparator.comparingInt(this::minutes)
                        .thenComparingDouble(b -> excess[b])
                        .thenComparing(order));
        return own;
    }

    /** Nesting and covered ends are left to the patterns of column generation. */
    private boolean isPlainOwn(int bin) {
        StickProblem.BinType type = problem.bins().get(bin);
        return type.own() && !type.isSpecial();
    }

    /** What is larger than asked is taken after what is as asked. */
    private double excess(int bin) {
        return problem.bins().get(bin).lanes().stream()
                .flatMap(l -> l.excess().stream())
                .mapToDouble(Double::doubleValue)
                .sum();
    }

    /** What needs work first is taken last. */
    private int minutes(int bin) {
        return problem.bins().get(bin).minutes();
    }

    private long capacity(int bin) {
        return problem.bins().get(bin).segments().stream()
                .mapToLong(StickProblem.Segment::length)
                .sum();
    }

    private Packing fill(double[] values, int[] wanted, int[] copies, List<Integer> order) {
        int[] left = wanted.clone();
        int[] unused = copies.clone();
        List<Pattern> patterns = new ArrayList<>();
        for (int bin : order) {
            int group = problem.bins().get(bin).group();
            Pattern pattern = null;
            while (unused[group] > 0) {
                // The best of more pieces stays the best as long as all of its pieces are there.
                if (pattern == null || !StickFill.isWithin(pattern, left)) {
                    pattern = stick.pattern(bin, values, left);
                }
                if (pattern.isEmpty()) {
                    break;
                }
                unused[group]--;
                pattern.takeFrom(left);
                patterns.add(pattern);
            }
        }
        shop.buy(values, left, patterns);
        return new Packing(patterns, left);
    }
}
