package reliqua.core.cutting;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import java.util.stream.IntStream;

/**
 * For sticks that just suffice, not a millimetre over, and that can be filled in too many ways to
 * list them: all but a few are filled by chance, each to its end, and for the few and the pieces
 * left all exact fillings are listed and an exact choice sought ({@link ExactChoice}); then anew
 * with others. A fill by chance seldom spoils the end, since of so many ways many are right.
 */
final class ExactEnd {
    private static final int BEGINNINGS = 60;
    private static final int FEWEST_LEFT = 16;
    private static final int MOST_LEFT = 22;
    private static final int MOST_PATTERNS = 5_000;
    private static final long MOST_STEPS = 200_000;

    /** Lengths this much apart may change places. */
    private static final double MIXED = 0.3;

    /** Nanometres: chooses by chance among fillings of one length, and never a shorter one. */
    private static final double CHANCE = 0.01;

    private final StickProblem problem;
    private final StickFill stick;
    private final RandomGenerator random;
    private final Progress progress;

    ExactEnd(StickProblem problem, long seed, Progress progress) {
        this.problem = problem;
        this.stick = new StickFill(problem);
        this.random = RandomGeneratorFactory.of("L64X128MixRandom").create(seed);
        this.progress = progress;
    }

    /** A packing without waste; nothing where there is length to spare, or none was found. */
    Optional<Packing> found() {
        List<Integer> bins = sticks();
        if (bins.isEmpty() || !isJustEnough(bins)) {
            return Optional.empty();
        }
        for (int n = 0; n < BEGINNINGS && !progress.cancelled(); n++) {
            shortFirst(bins);
            int few = FEWEST_LEFT + n % (MOST_LEFT - FEWEST_LEFT + 1);
            Optional<Packing> found = filled(bins, few);
            if (found.isPresent()) {
                return found;
            }
        }
        return Optional.empty();
    }

    /** The bin of every own stick; none where one stick can be used in several ways. */
    private List<Integer> sticks() {
        List<Integer> sticks = new ArrayList<>();
        boolean[] seen = new boolean[problem.groups().size()];
        for (int b = 0; b < problem.bins().size(); b++) {
            StickProblem.BinType bin = problem.bins().get(b);
            if (bin.own()) {
                if (seen[bin.group()] || bin.isSpecial()) {
                    return List.of();
                }
                seen[bin.group()] = true;
                sticks.addAll(Collections.nCopies(problem.groups().get(bin.group()).size(), b));
            }
        }
        return sticks;
    }

    private boolean isJustEnough(List<Integer> bins) {
        long room = bins.stream().mapToLong(this::room).sum();
        long needed =
                problem.pieces().stream()
                        .mapToLong(p -> p.demand() * (p.length() + problem.kerf()))
                        .sum();
        return room == needed;
    }

    private long room(int bin) {
        return problem.bins().get(bin).segments().stream()
                .mapToLong(s -> s.length() + problem.kerf())
                .sum();
    }

    private boolean isFull(Pattern pattern) {
        return IntStream.range(0, problem.bin(pattern).segments().size())
                .allMatch(segment -> problem.room(pattern, segment) == 0);
    }

    /** Short sticks can be filled in few ways and come first, with a little chance. */
    private void shortFirst(List<Integer> bins) {
        Map<Integer, Double> keys = new HashMap<>();
        bins.forEach(b -> keys.put(b, room(b) * (1 - MIXED * random.nextDouble())));
        bins.sort(Comparator.comparingDouble(keys::get));
    }

    /** All but a few by chance, the few exactly. */
    private Optional<Packing> filled(List<Integer> bins, int few) {
        int[] left = problem.demands();
        int[] copies = problem.copies();
        List<Pattern> patterns = new ArrayList<>();
        for (int bin : bins) {
            if (Arrays.stream(left).sum() <= few) {
                break;
            }
            Pattern pattern = stick.pattern(bin, worths(), left);
            if (!isFull(pattern)) {
                return Optional.empty();
            }
            pattern.takeFrom(left);
            copies[problem.bins().get(bin).group()]--;
            patterns.add(pattern);
        }
        return end(problem.left(left, copies))
                .map(
                        end -> {
                            patterns.addAll(end.patterns());
                            return new Packing(patterns, new int[left.length]);
                        });
    }

    private double[] worths() {
        return problem.pieces().stream()
                .mapToDouble(p -> p.length() + problem.kerf() - CHANCE * random.nextDouble())
                .toArray();
    }

    private Optional<Packing> end(StickProblem rest) {
        double[] lengths =
                rest.pieces().stream().mapToDouble(p -> p.length() + rest.kerf()).toArray();
        double[] duals = new Pricing(rest).price(lengths, rest.demands()).fairDuals();
        return PatternEnumeration.within(rest, duals, 0, 0, MOST_PATTERNS, MOST_STEPS, progress)
                .flatMap(
                        listed ->
                                new ExactChoice(rest, listed, random.nextLong(), progress).found());
    }
}
