package reliqua.core.cutting;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;

/**
 * Spares work and own sticks without changing the bill: empties what needs most work first, then
 * the least filled own stick, into the room left on the others, as long as that works, so that
 * little is worked, few sticks are opened and what remains is long. What is worked all the same is
 * worked in the quickest way that still gives its pieces, and larger stock than asked gives way to
 * smaller that lies idle.
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
        int[] unused = problem.copies();
        patterns.forEach(p -> unused[problem.bin(p).group()]--);
        patterns.replaceAll(p -> lighter(p, unused));
        return new Packing(patterns, packing.missing());
    }

    /** The same pieces from the thing, and in the way, that takes least work and wastes least. */
    private Pattern lighter(Pattern pattern, int[] unused) {
        StickProblem.BinType bin = problem.bin(pattern);
        if (!bin.own() || bin.minutes() == 0 && problem.loss(pattern) == 0) {
            return pattern;
        }
        Pattern best = pattern;
        for (int b = 0; b < problem.bins().size(); b++) {
            StickProblem.BinType other = problem.bins().get(b);
            boolean there =
                    other.group() == problem.bin(pattern).group() || unused[other.group()] > 0;
            if (other.own() && there) {
                int[][] empty = new int[other.segments().size()][problem.size()];
                List<Pattern> into = new ArrayList<>(List.of(Pattern.of(b, empty, problem.size())));
                if (moved(pattern, into) && isLighter(into.getFirst(), best)) {
                    best = into.getFirst();
                }
            }
        }
        unused[problem.bin(pattern).group()]++;
        unused[problem.bin(best).group()]--;
        return best;
    }

    private boolean isLighter(Pattern a, Pattern b) {
        int minutes = problem.bin(a).minutes() - problem.bin(b).minutes();
        return minutes != 0 ? minutes < 0 : problem.loss(a) < problem.loss(b);
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
        long tightest = Long.MAX_VALUE;
        int pattern = -1;
        int segment = -1;
        for (int p = 0; p < into.size(); p++) {
            StickProblem.BinType bin = problem.bin(into.get(p));
            for (int s = 0; s < bin.segments().size(); s++) {
                long room =
                        bin.segments().get(s).length()
                                + problem.kerf()
                                - problem.weight(bin.lane(s), piece);
                if (room < 0 || !bin.allows(s, piece)) {
                    continue;
                }
                room -= problem.used(into.get(p), s);
                if (room >= 0
                        && room < tightest
                        && (!bin.isSpecial() || problem.lies(into.get(p).plus(s, piece)))) {
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

    private long filled(Pattern pattern) {
        return IntStream.range(0, pattern.bySegment().length)
                .mapToLong(s -> problem.used(pattern, s))
                .sum();
    }
}
