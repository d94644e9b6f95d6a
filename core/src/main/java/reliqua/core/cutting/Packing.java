package reliqua.core.cutting;

import java.util.ArrayList;
import java.util.List;

/**
 * A solution of a {@link StickProblem}: the pattern of every stick that is cut, and what stays
 * unplaced.
 *
 * @param patterns one a stick
 * @param missing by piece
 */
record Packing(List<Pattern> patterns, int[] missing) {
    Packing {
        patterns = List.copyOf(patterns);
    }

    int unplaced() {
        int sum = 0;
        for (int n : missing) {
            sum += n;
        }
        return sum;
    }

    long cost(StickProblem problem) {
        return patterns.stream().mapToLong(p -> problem.bin(p).price()).sum();
    }

    /** What the planners make as small as they can: the price, and work as far as it counts. */
    long charge(StickProblem problem) {
        return patterns.stream().mapToLong(p -> problem.bin(p).charge()).sum();
    }

    long opened(StickProblem problem) {
        return patterns.stream().filter(p -> problem.bin(p).own()).count();
    }

    /** Minutes to work things into sticks. */
    long minutes(StickProblem problem) {
        return patterns.stream().mapToLong(p -> problem.bin(p).minutes()).sum();
    }

    /** Wood used up beyond what is asked, in tenths of a litre. */
    long loss(StickProblem problem) {
        return patterns.stream().mapToLong(problem::loss).sum();
    }

    /**
     * Fewer unplaced, then a lower charge, then less work beforehand, then less wood lost, then
     * fewer own things opened.
     */
    boolean betterThan(Packing other, StickProblem problem) {
        if (unplaced() != other.unplaced()) {
            return unplaced() < other.unplaced();
        }
        long mine = charge(problem);
        long theirs = other.charge(problem);
        if (mine != theirs) {
            return mine < theirs;
        }
        long work = minutes(problem) - other.minutes(problem);
        if (work != 0) {
            return work < 0;
        }
        long loss = loss(problem) - other.loss(problem);
        return loss != 0 ? loss < 0 : opened(problem) < other.opened(problem);
    }

    /**
     * Drops what exceeds the demand, in the order of the patterns, and the sticks left empty by it.
     */
    static Packing trimmed(List<Pattern> patterns, int[] demand) {
        int[] left = demand.clone();
        List<Pattern> kept = new ArrayList<>();
        for (Pattern pattern : patterns) {
            Pattern cut = pattern.atMost(left);
            for (int i = 0; i < left.length; i++) {
                left[i] -= cut.counts()[i];
            }
            if (!cut.isEmpty()) {
                kept.add(cut);
            }
        }
        return new Packing(kept, left);
    }
}
