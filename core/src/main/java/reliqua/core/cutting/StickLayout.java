package reliqua.core.cutting;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
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
        int[] unused = problem.bins().stream().mapToInt(b -> b.copies().size()).toArray();
        patterns.forEach(p -> unused[p.bin()] -= problem.bins().get(p.bin()).own() ? 1 : 0);
        for (int b = 0; b < unused.length; b++) {
            int segments = problem.bins().get(b).segments().size();
            for (int n = 0; n < unused[b]; n++) {
                patterns.add(Pattern.of(b, new int[segments][problem.size()], problem.size()));
            }
        }
        patterns.replaceAll(p -> topUp(p, missing));
        patterns.removeIf(Pattern::isEmpty);
        return new Packing(patterns, missing);
    }

    private Pattern topUp(Pattern pattern, int[] missing) {
        Pattern fuller = pattern;
        StickProblem.BinType bin = problem.bins().get(pattern.bin());
        for (int s = 0; s < bin.segments().size(); s++) {
            for (int i = 0; i < missing.length; i++) {
                while (missing[i] > 0 && bin.allowed()[i] && roomFor(fuller, bin, s, i)) {
                    fuller = fuller.plus(s, i);
                    missing[i]--;
                }
            }
        }
        return fuller;
    }

    private boolean roomFor(Pattern pattern, StickProblem.BinType bin, int segment, int piece) {
        long used = problem.pieces().get(piece).length();
        for (int i = 0; i < problem.size(); i++) {
            used +=
                    pattern.bySegment()[segment][i]
                            * (problem.pieces().get(i).length() + problem.kerf());
        }
        return used <= bin.segments().get(segment).length();
    }

    /** The sticks to cut, own copies taken in order, shop copies counted from one. */
    List<CutPlan.StickCut> cuts(Packing packing) {
        int[] taken = new int[problem.bins().size()];
        List<CutPlan.StickCut> cuts = new ArrayList<>();
        packing.patterns().stream()
                .sorted(Comparator.comparingInt(Pattern::bin))
                .forEach(pattern -> cuts.add(cut(pattern, taken[pattern.bin()]++)));
        return cuts;
    }

    private CutPlan.StickCut cut(Pattern pattern, int index) {
        StickProblem.BinType bin = problem.bins().get(pattern.bin());
        List<CutPlan.PlacedPiece> placed = new ArrayList<>();
        for (int s = 0; s < bin.segments().size(); s++) {
            long at = bin.segments().get(s).start();
            for (int i : longestFirst()) {
                for (int n = 0; n < pattern.bySegment()[s][i]; n++) {
                    placed.add(
                            new CutPlan.PlacedPiece(problem.pieces().get(i).id(), new Length(at)));
                    at += problem.pieces().get(i).length() + problem.kerf();
                }
            }
        }
        return bin.own()
                ? new CutPlan.StickCut(
                        bin.copies().get(index).source(), bin.copies().get(index).number(), placed)
                : new CutPlan.StickCut(bin.source(), index + 1, placed);
    }

    private List<Integer> longestFirst() {
        return IntStream.range(0, problem.size())
                .boxed()
                .sorted(Comparator.comparingLong(i -> -problem.pieces().get(i).length()))
                .toList();
    }
}
