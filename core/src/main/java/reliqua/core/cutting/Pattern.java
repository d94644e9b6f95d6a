package reliqua.core.cutting;

import java.util.Arrays;

/**
 * What one thing of a bin type gives: how many of each piece, and from which clear stretch. Two
 * patterns are equal when they give the same pieces from the same bin type, however they lie.
 *
 * @param bin index of the bin type
 * @param counts by piece
 * @param bySegment by clear stretch and piece; sums to {@code counts}
 */
record Pattern(int bin, int[] counts, int[][] bySegment) {

    static Pattern of(int bin, int[][] bySegment, int pieces) {
        int[] counts = new int[pieces];
        for (int[] segment : bySegment) {
            for (int i = 0; i < pieces; i++) {
                counts[i] += segment[i];
            }
        }
        return new Pattern(bin, counts, bySegment);
    }

    boolean isEmpty() {
        return Arrays.stream(counts).allMatch(c -> c == 0);
    }

    /** Takes its pieces off what is left. */
    void takeFrom(int[] left) {
        for (int i = 0; i < left.length; i++) {
            left[i] -= counts[i];
        }
    }

    /** The same with at most {@code limit} of each piece. */
    Pattern atMost(int[] limit) {
        int[][] kept = new int[bySegment.length][];
        int[] left = limit.clone();
        for (int s = 0; s < kept.length; s++) {
            kept[s] = bySegment[s].clone();
            for (int i = 0; i < left.length; i++) {
                kept[s][i] = Math.min(kept[s][i], left[i]);
                left[i] -= kept[s][i];
            }
        }
        return of(bin, kept, limit.length);
    }

    /** The same with one more of a piece in a clear stretch. */
    Pattern plus(int segment, int piece) {
        int[][] more = new int[bySegment.length][];
        for (int s = 0; s < more.length; s++) {
            more[s] = bySegment[s].clone();
        }
        more[segment][piece]++;
        return of(bin, more, counts.length);
    }

    /** The same with one less of a piece in a clear stretch. */
    Pattern minus(int segment, int piece) {
        int[][] less = new int[bySegment.length][];
        for (int s = 0; s < less.length; s++) {
            less[s] = bySegment[s].clone();
        }
        less[segment][piece]--;
        return of(bin, less, counts.length);
    }

    /** The same with one piece less, the shortest of a stretch in which they do not lie. */
    Pattern withoutShortest(StickProblem problem) {
        int segment = -1;
        int piece = -1;
        for (int s = 0; s < bySegment.length; s++) {
            for (int i = 0; i < counts.length; i++) {
                boolean there = bySegment[s][i] > 0 && !problem.lies(this, s);
                if (there && (piece < 0 || length(problem, i) < length(problem, piece))) {
                    segment = s;
                    piece = i;
                }
            }
        }
        return minus(segment, piece);
    }

    private static long length(StickProblem problem, int piece) {
        return problem.pieces().get(piece).length();
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Pattern p && p.bin == bin && Arrays.equals(p.counts, counts);
    }

    @Override
    public int hashCode() {
        return 31 * bin + Arrays.hashCode(counts);
    }
}
