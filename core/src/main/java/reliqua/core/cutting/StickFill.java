package reliqua.core.cutting;

/** Fills one stick with the pieces that are worth most, one clear stretch after the other. */
final class StickFill {
    private static final double LARGER = 0.9;

    /** On four metres of stick that is one choice for every two millimetres. */
    private static final int STATES = 2000;

    private final StickProblem problem;

    StickFill(StickProblem problem) {
        this.problem = problem;
    }

    /** What a stick of the bin type gives of the pieces left; empty where nothing fits. */
    Pattern pattern(int bin, double[] values, int[] left) {
        StickProblem.BinType type = problem.bins().get(bin);
        int[] remaining = left.clone();
        int[][] bySegment = new int[type.segments().size()][left.length];
        for (int s = 0; s < bySegment.length; s++) {
            long length = type.segments().get(s).length();
            if (gives(type.lane(s), values, remaining, length)) {
                frontier(type.lane(s), values, remaining, length)
                        .addCounts(length + problem.kerf(), bySegment[s]);
                for (int i = 0; i < remaining.length; i++) {
                    remaining[i] -= bySegment[s][i];
                }
            }
        }
        return Pattern.of(bin, bySegment, left.length);
    }

    /** The best choices of pieces for every stretch of the stick up to a length. */
    Frontier frontier(StickProblem.Lane lane, double[] values, int[] left, long length) {
        return new Frontier(
                problem.weights(lane),
                fitting(values, lane),
                left,
                length + problem.kerf(),
                STATES);
    }

    /** Whether any piece left is of worth here and fits. */
    boolean gives(StickProblem.Lane lane, double[] values, int[] left, long length) {
        for (int i = 0; i < left.length; i++) {
            if (left[i] > 0
                    && values[i] > 0
                    && lane.allowed().get(i)
                    && problem.pieces().get(i).length() <= length) {
                return true;
            }
        }
        return false;
    }

    /** The values of what the stick can give, and nothing for the rest. */
    static double[] masked(double[] values, StickProblem.Lane lane) {
        double[] masked = values.clone();
        for (int i = 0; i < masked.length; i++) {
            if (!lane.allowed().get(i)) {
                masked[i] = 0;
            }
        }
        return masked;
    }

    /** A piece that asks for less than this stick has counts for less on it. */
    private static double[] fitting(double[] values, StickProblem.Lane lane) {
        double[] fitting = masked(values, lane);
        for (int i = 0; i < fitting.length; i++) {
            if (lane.excess().get(i) > 0) {
                fitting[i] *= LARGER;
            }
        }
        return fitting;
    }

    /** Whether the pattern asks for no more than what is left. */
    static boolean isWithin(Pattern pattern, int[] left) {
        int[] counts = pattern.counts();
        for (int i = 0; i < left.length; i++) {
            if (counts[i] > left[i]) {
                return false;
            }
        }
        return true;
    }
}
