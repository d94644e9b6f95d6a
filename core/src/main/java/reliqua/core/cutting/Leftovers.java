package reliqua.core.cutting;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * Rearranges a packing without changing its bill, its work, what it loses or what it opens: few
 * long left-overs rather than many short ones, and what is in sight from sticks of fair looks.
 *
 * <p>Local search: the contents of two sticks are exchanged, or moved to a stick that lies idle, or
 * single pieces are moved or exchanged, as long as the score rises. The score is the sum of the
 * squares of all clear rests, of idle sticks too, so that one long rest counts more than two halves
 * of it; less, for every piece in sight, its length times how poor its stick looks.
 */
final class Leftovers {
    /** Score lost for a metre in sight, for every grade that its stick looks poor. */
    private static final double LOOKS = 0.3;

    private static final double LEAST = 1e-6;
    private static final double METRE = 1e9;

    /** Exchanges looked at; enough for any coop, and a tenth of a second for the largest jobs. */
    private static final int MOST_TRIALS = 200_000;

    private final StickProblem problem;
    private final List<Pattern> patterns;
    private final int[] unused;
    private final Progress progress;
    private int trials;

    private Leftovers(StickProblem problem, Packing packing, Progress progress) {
        this.problem = problem;
        this.progress = progress;
        this.patterns = new ArrayList<>(packing.patterns());
        this.unused = problem.copies();
        patterns.forEach(p -> unused[problem.bin(p).group()]--);
    }

    /** The packing rearranged. */
    static Packing arranged(StickProblem problem, Packing packing, Progress progress) {
        Leftovers search = new Leftovers(problem, packing, progress);
        boolean going = true;
        while (going && search.goesOn()) {
            going = search.pass();
        }
        return new Packing(search.patterns, packing.missing());
    }

    private boolean goesOn() {
        return trials < MOST_TRIALS && !progress.cancelled();
    }

    private boolean pass() {
        boolean better = false;
        for (int p = 0; p < patterns.size() && goesOn(); p++) {
            better |= toIdle(p);
            for (int q = p + 1; q < patterns.size() && goesOn(); q++) {
                better |= exchanged(p, q) || pieceExchanged(p, q) || moved(p, q) || moved(q, p);
            }
        }
        return better;
    }

    /** Of one stick as it is used. */
    private double score(Pattern pattern) {
        StickProblem.BinType bin = problem.bin(pattern);
        double score = 0;
        for (int s = 0; s < bin.segments().size(); s++) {
            double rest = Math.max(0, problem.room(pattern, s)) / METRE;
            for (int i = 0; i < problem.size(); i++) {
                score -= pattern.bySegment()[s][i] * seen(i) * bin.looks();
            }
            score += rest * rest;
        }
        return score;
    }

    private double seen(int piece) {
        StickProblem.PieceType type = problem.pieces().get(piece);
        return type.seen() ? LOOKS * type.length() / METRE : 0;
    }

    private Pattern empty(int bin) {
        int segments = problem.bins().get(bin).segments().size();
        return Pattern.of(bin, new int[segments][problem.size()], problem.size());
    }

    /** Of a thing that is left as it is: in the way that takes least work, its first bin. */
    private double idle(int group) {
        int first = 0;
        while (problem.bins().get(first).group() != group) {
            first++;
        }
        return score(empty(first));
    }

    private boolean toIdle(int p) {
        Pattern here = patterns.get(p);
        StickProblem.BinType bin = problem.bin(here);
        if (!bin.own() || bin.isSpecial()) {
            return false;
        }
        for (int b = 0; b < problem.bins().size(); b++) {
            StickProblem.BinType other = problem.bins().get(b);
            boolean idle = other.own() && other.group() != bin.group() && unused[other.group()] > 0;
            if (!idle || other.minutes() > bin.minutes() || other.isSpecial()) {
                continue;
            }
            trials++;
            Optional<Pattern> there =
                    content(here) > room(b) ? Optional.empty() : filled(empty(b), here);
            if (there.isPresent()
                    && problem.loss(there.get()) <= problem.loss(here)
                    && score(there.get()) + idle(bin.group())
                            > score(here) + idle(other.group()) + LEAST) {
                patterns.set(p, there.get());
                unused[bin.group()]++;
                unused[other.group()]--;
                return true;
            }
        }
        return false;
    }

    /** The pieces of one pattern put into another, longest first, each where it is tightest. */
    private Optional<Pattern> filled(Pattern into, Pattern pieces) {
        Pattern filled = into;
        for (int piece : longestFirst(pieces)) {
            Optional<Pattern> more = with(filled, piece);
            if (more.isEmpty()) {
                return Optional.empty();
            }
            filled = more.get();
        }
        return Optional.of(filled);
    }

    private List<Integer> longestFirst(Pattern pattern) {
        return IntStream.range(0, problem.size())
                .boxed()
                .flatMap(i -> IntStream.range(0, pattern.counts()[i]).mapToObj(_ -> i))
                .sorted(Comparator.comparingLong(i -> -problem.pieces().get(i).length()))
                .toList();
    }

    private Optional<Pattern> with(Pattern pattern, int piece) {
        StickProblem.BinType bin = problem.bin(pattern);
        int tightest = -1;
        long least = Long.MAX_VALUE;
        for (int s = 0; s < bin.segments().size(); s++) {
            long room = problem.room(pattern, s) - problem.weight(bin.lane(s), piece);
            if (bin.allows(s, piece) && room >= 0 && room < least) {
                least = room;
                tightest = s;
            }
        }
        return tightest < 0 ? Optional.empty() : Optional.of(pattern.plus(tightest, piece));
    }

    /** Of all its pieces, without kerfs. */
    private long content(Pattern pattern) {
        long sum = 0;
        for (int i = 0; i < problem.size(); i++) {
            int count = pattern.counts()[i];
            sum += count == 0 ? 0 : count * problem.pieces().get(i).length();
        }
        return sum;
    }

    /** Of a whole bin. */
    private long room(int bin) {
        long sum = 0;
        for (StickProblem.Segment segment : problem.bins().get(bin).segments()) {
            sum += segment.length();
        }
        return sum;
    }

    private boolean exchanged(int p, int q) {
        Pattern a = patterns.get(p);
        Pattern b = patterns.get(q);
        trials++;
        boolean special = problem.bin(a).isSpecial() || problem.bin(b).isSpecial();
        if (special
                || a.bin() == b.bin()
                || content(a) > room(b.bin())
                || content(b) > room(a.bin())) {
            return false;
        }
        Optional<Pattern> there = filled(empty(b.bin()), a);
        Optional<Pattern> here = there.flatMap(_ -> filled(empty(a.bin()), b));
        return here.isPresent() && taken(p, q, here.get(), there.orElseThrow());
    }

    private boolean moved(int from, int to) {
        Pattern source = patterns.get(from);
        for (int piece : distinct(source)) {
            trials++;
            Optional<Pattern> more = with(patterns.get(to), piece);
            if (more.isPresent() && taken(from, to, without(source, piece), more.get())) {
                return true;
            }
        }
        return false;
    }

    private boolean pieceExchanged(int p, int q) {
        Pattern a = patterns.get(p);
        Pattern b = patterns.get(q);
        for (int i : distinct(a)) {
            for (int j : distinct(b)) {
                trials++;
                Optional<Pattern> one = i == j ? Optional.empty() : with(without(a, i), j);
                Optional<Pattern> two = one.flatMap(_ -> with(without(b, j), i));
                if (two.isPresent() && taken(p, q, one.orElseThrow(), two.get())) {
                    return true;
                }
            }
        }
        return false;
    }

    private int[] distinct(Pattern pattern) {
        int[] distinct = new int[problem.size()];
        int kinds = 0;
        for (int i = 0; i < distinct.length; i++) {
            if (pattern.counts()[i] > 0) {
                distinct[kinds++] = i;
            }
        }
        return Arrays.copyOf(distinct, kinds);
    }

    private Pattern without(Pattern pattern, int piece) {
        for (int s = 0; s < pattern.bySegment().length; s++) {
            if (pattern.bySegment()[s][piece] > 0) {
                return pattern.minus(s, piece);
            }
        }
        throw new IllegalArgumentException("piece " + piece + " is not in the pattern");
    }

    /** Takes two new patterns if they are better; a stick must not be left without a piece. */
    private boolean taken(int p, int q, Pattern a, Pattern b) {
        Pattern before = patterns.get(p);
        Pattern other = patterns.get(q);
        boolean lies = !a.isEmpty() && !b.isEmpty() && problem.lies(a) && problem.lies(b);
        if (!lies
                || score(a) + score(b) <= score(before) + score(other) + LEAST
                || problem.loss(a) + problem.loss(b) > problem.loss(before) + problem.loss(other)) {
            return false;
        }
        patterns.set(p, a);
        patterns.set(q, b);
        return true;
    }
}
