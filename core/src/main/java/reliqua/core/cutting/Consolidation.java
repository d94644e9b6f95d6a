package reliqua.core.cutting;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * Spares work and own sticks without changing the bill: empties what needs most work first, then
 * the least filled own stick, into the room left on the others, as long as that works, so that
 * little is worked, few sticks are opened and what remains is long. What is worked all the same is
 * worked in the quickest way that still gives its pieces.
 */
final class Consolidation {
    private final StickProblem problem;

    Consolidation(StickProblem problem) {
        this.problem = problem;
    }

    Packing apply(Packing packing) {
        List<Pattern> patterns = new ArrayList<>(packing.patterns());
        patterns.sort(
                Comparator.comparingInt((Pattern p) -> -problem.bin(p).minutes())
                        .thenComparingLong(this::filled));
        for (int at = 0; at < patterns.size(); ) {
            Pattern candidate = patterns.get(at);
            List<Pattern> rest = new ArrayList<>(patterns);
            rest.remove(at);
            if (problem.bin(candidate).own() && moved(candidate, rest)) {
                patterns = rest;
            } else {
                at++;
            }
        }
        return new Packing(patterns.stream().map(this::quickest).toList(), packing.missing());
    }

    private Pattern quickest(Pattern pattern) {
        StickProblem.BinType now = problem.bin(pattern);
        for (int b = 0; b < problem.bins().size(); b++) {
            StickProblem.BinType other = problem.bins().get(b);
            if (now.own() && other.group() == now.group() && other.minutes() < now.minutes()) {
                int[][] empty = new int[other.segments().size()][problem.size()];
                List<Pattern> into = new ArrayList<>(List.of(Pattern.of(b, empty, problem.size())));
                if (moved(pattern, into)) {
                    return into.getFirst();
                }
            }
        }
        return pattern;
    }

    private boolean moved(Pattern from, List<Pattern> into) {
        List<Integer> order = new ArrayList<>();
        for (int i = 0; i < from.counts().length; i++) {
            for (int n = 0; n < from.counts()[i]; n++) {
                order.add(i);
            }
        }
        order.sort(Comparator.comparingLong(i -> -problem.pieces().get(i).length()));
        return order.stream().allMatch(piece -> placed(piece, into));
    }

    private boolean placed(int piece, List<Pattern> into) {
        long length = problem.pieces().get(piece).length();
        long tightest = Long.MAX_VALUE;
        int pattern = -1;
        int segment = -1;
        for (int p = 0; p < into.size(); p++) {
            StickProblem.BinType bin = problem.bin(into.get(p));
            for (int s = 0; s < bin.segments().size(); s++) {
                long room =
                        bin.segments().get(s).length() - used(into.get(p).bySegment()[s]) - length;
                if (bin.allows(s, piece) && room >= 0 && room < tightest) {
                    tightest = room;
                    pattern = p;
                    segment = s;
                }
            }
        }
        if (pattern < 0) {
            return false;
        }
        into.set(pattern, into.get(pattern).plus(segment, piece));
        return true;
    }

    private long used(int[] counts) {
        long used = 0;
        for (int i = 0; i < counts.length; i++) {
            used += counts[i] * (problem.pieces().get(i).length() + problem.kerf());
        }
        return used;
    }

    private long filled(Pattern pattern) {
        return used(pattern.counts());
    }
}
