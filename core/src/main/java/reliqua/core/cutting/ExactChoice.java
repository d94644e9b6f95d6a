package reliqua.core.cutting;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import java.util.stream.IntStream;

/**
 * A choice among given patterns that gives every piece exactly as often as it is wanted, from the
 * copies there are.
 *
 * <p>Problem: exact cover with multiplicities. Steps: take the piece that the fewest patterns can
 * still give, try these patterns one after the other, and bar what was tried in vain from the rest
 * of the branch (Knuth 2000, algorithm X); begin anew in another order after a number of steps,
 * twice as many after every eight beginnings, since a bad first choice is seldom seen before long
 * (Gomes, Selman, Kautz 1998). Finds a needle where linear programs see only a haystack of equal
 * value; proves nothing.
 */
final class ExactChoice {
    private static final int FIRST_STEPS = 200;
    private static final int BEGINNINGS = 40;

    private final StickProblem problem;
    private final List<Pattern> patterns;
    private final RandomGenerator random;
    private final Progress progress;

    /** By pattern, the pieces it gives. */
    private final int[][] gives;

    /** By piece, the patterns that give it. */
    private final int[][] givers;

    private final int[] left;
    private final int[] copies;
    private final int[] barred;
    private final int[] open;
    private final List<Pattern> chosen = new ArrayList<>();
    private int wanted;
    private int steps;

    ExactChoice(StickProblem problem, List<Pattern> patterns, long seed, Progress progress) {
        this.problem = problem;
        this.random = RandomGeneratorFactory.of("L64X128MixRandom").create(seed);
        this.progress = progress;
        this.patterns = patterns;
        this.left = problem.demands();
        this.copies = problem.copies();
        this.gives = patterns.stream().map(ExactChoice::pieces).toArray(int[][]::new);
        this.barred = new int[patterns.size()];
        this.open = new int[left.length];
        List<List<Integer>> lists = new ArrayList<>();
        Arrays.stream(left).forEach(_ -> lists.add(new ArrayList<>()));
        for (int p = 0; p < gives.length; p++) {
            for (int piece : gives[p]) {
                lists.get(piece).add(p);
            }
        }
        this.givers =
                lists.stream()
                        .map(l -> l.stream().mapToInt(Integer::intValue).toArray())
                        .toArray(int[][]::new);
        this.wanted = Arrays.stream(left).sum();
    }

    private static int[] pieces(Pattern pattern) {
        int[] counts = pattern.counts();
        return IntStream.range(0, counts.length).filter(i -> counts[i] > 0).toArray();
    }

    /** The choice, if one was found in time. */
    Optional<Packing> found() {
        for (int beginning = 0; beginning < BEGINNINGS && !progress.cancelled(); beginning++) {
            steps = FIRST_STEPS << (beginning / 8);
            shuffle();
            if (search()) {
                return Optional.of(new Packing(chosen, new int[left.length]));
            }
        }
        return Optional.empty();
    }

    private void shuffle() {
        for (int[] list : givers) {
            List<Integer> mixed = new ArrayList<>(Arrays.stream(list).boxed().toList());
            Collections.shuffle(mixed, java.util.Random.from(random));
            Arrays.setAll(list, mixed::get);
        }
    }

    /** A pattern is out where something it gives is not wanted so often, or no stick is left. */
    private boolean isOut(int p) {
        if (barred[p] > 0 || copies[problem.bin(patterns.get(p)).group()] == 0) {
            return true;
        }
        int[] counts = patterns.get(p).counts();
        for (int piece : gives[p]) {
            if (counts[piece] > left[piece]) {
                return true;
            }
        }
        return false;
    }

    private void count() {
        Arrays.fill(open, 0);
        for (int p = 0; p < gives.length; p++) {
            if (!isOut(p)) {
                for (int piece : gives[p]) {
                    open[piece]++;
                }
            }
        }
    }

    private int scarcest() {
        int best = -1;
        for (int i = 0; i < left.length; i++) {
            if (left[i] > 0 && (best < 0 || open[i] < open[best])) {
                best = i;
            }
        }
        return best;
    }

    private boolean search() {
        if (wanted == 0) {
            return true;
        }
        count();
        int piece = scarcest();
        List<Integer> tried = new ArrayList<>();
        boolean found = false;
        for (int n = 0; n < givers[piece].length && !found && steps > 0; n++) {
            int p = givers[piece][n];
            if (!isOut(p)) {
                steps--;
                take(p, 1);
                found = search();
                if (!found) {
                    take(p, -1);
                    barred[p]++;
                    tried.add(p);
                }
            }
        }
        tried.forEach(p -> barred[p]--);
        return found;
    }

    private void take(int p, int times) {
        Pattern pattern = patterns.get(p);
        for (int piece : gives[p]) {
            left[piece] -= times * pattern.counts()[piece];
            wanted -= times * pattern.counts()[piece];
        }
        copies[problem.bin(pattern).group()] -= times;
        if (times > 0) {
            chosen.add(pattern);
        } else {
            chosen.removeLast();
        }
    }
}
