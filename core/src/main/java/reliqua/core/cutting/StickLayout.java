package reliqua.core.cutting;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import reliqua.core.measure.Length;

/**
 * Lays a packing out on real sticks: longest pieces first from the marked end, so that the
 * left-over is in one piece.
 */
final class StickLayout {
    private final StickProblem problem;

    StickLayout(StickProblem problem) {
        this.problem = problem;
    }

    /** Adds missing pieces wherever a used or unused own stick still has room for them. */
    Packing toppedUp(Packing packing) {
        if (packing.unplaced() == 0) {
            return packing;
        }
        int[] missing = packing.missing().clone();
        List<Pattern> patterns = new ArrayList<>(packing.patterns());
        patterns.replaceAll(p -> topUp(p, missing));
        int[] unused = problem.copies();
        patterns.forEach(p -> unused[problem.bin(p).group()] -= problem.bin(p).own() ? 1 : 0);
        for (int b = 0; b < problem.bins().size(); b++) {
            StickProblem.BinType bin = problem.bins().get(b);
            int[][] empty = new int[bin.segments().size()][problem.size()];
            while (bin.own() && unused[bin.group()] > 0) {
                Pattern filled = topUp(Pattern.of(b, empty, problem.size()), missing);
                if (filled.isEmpty()) {
                    break;
                }
                patterns.add(filled);
                unused[bin.group()]--;
            }
        }
        return new Packing(patterns, missing);
    }

    private Pattern topUp(Pattern pattern, int[] missing) {
        Pattern fuller = pattern;
        StickProblem.BinType bin = problem.bin(pattern);
        for (int s = 0; s < bin.segments().size(); s++) {
            for (int i = 0; i < missing.length; i++) {
                while (missing[i] > 0
                        && bin.allows(s, i)
                        && problem.room(fuller, s) >= problem.weight(bin.lane(s), i)
                        && problem.lies(fuller.plus(s, i))) {
                    fuller = fuller.plus(s, i);
                    missing[i]--;
                }
            }
        }
        return fuller;
    }

    /** The sticks to cut, own copies taken in order, shop copies counted from one. */
    List<CutPlan.StickCut> cuts(Packing packing) {
        int[] taken = new int[problem.groups().size()];
        List<CutPlan.StickCut> cuts = new ArrayList<>();
        packing.patterns().stream()
                .sorted(Comparator.comparingInt(Pattern::bin))
                .forEach(pattern -> cuts.add(cut(pattern, taken[problem.bin(pattern).group()]++)));
        return cuts;
    }

    private CutPlan.StickCut cut(Pattern pattern, int index) {
        StickProblem.BinType bin = problem.bin(pattern);
        List<CutPlan.PlacedPiece> placed = new ArrayList<>();
        for (int s = 0; s < bin.segments().size(); s++) {
            StickProblem.Segment segment = bin.segments().get(s);
            for (StickChain.Link link :
                    StickChain.of(problem, bin.lane(s), segment, pattern.bySegment()[s])) {
                placed.add(
                        new CutPlan.PlacedPiece(
                                problem.pieces().get(link.piece()).id(),
                                new Length(segment.start() + link.at()),
                                segment.lane() + 1,
                                link.turned(),
                                link.nested()));
            }
        }
        if (!bin.own()) {
            return new CutPlan.StickCut(bin.source(), index + 1, placed);
        }
        StickProblem.Copy copy = problem.groups().get(bin.group()).get(index);
        return new CutPlan.StickCut(copy.source(), copy.number(), bin.way(), placed);
    }
}
