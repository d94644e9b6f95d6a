package reliqua.core.cutting;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The pieces of one stretch of a stick in the order in which they lie: nested ones side by side,
 * all others longest first behind them.
 *
 * <p>Pieces with the same slant at both ends make one chain, each nested in the next; a piece with
 * one slanting end begins or ends the chain, or a pair.
 */
final class StickChain {
    /**
     * One piece in its place.
     *
     * @param at near end, from the beginning of the stretch
     * @param turned whether its slanting end comes first
     * @param nested whether it lies beside the slant of the one before
     */
    record Link(int piece, long at, boolean turned, boolean nested) {}

    private final StickProblem problem;
    private final StickProblem.Lane lane;
    private final List<Link> links = new ArrayList<>();
    private Optional<Bevel> open = Optional.empty();
    private long end;

    private StickChain(StickProblem problem, StickProblem.Lane lane, long from) {
        this.problem = problem;
        this.lane = lane;
        this.end = from - problem.kerf();
    }

    /**
     * So many of each piece in order; behind the flaw with which the stretch begins if there is
     * room, else with a covered end on it.
     */
    static List<Link> of(
            StickProblem problem,
            StickProblem.Lane lane,
            StickProblem.Segment stretch,
            int[] counts) {
        List<Link> clear = new StickChain(problem, lane, stretch.flawed()).laid(counts);
        if (stretch.flawed() == 0 || clear.isEmpty() || end(problem, clear) <= stretch.real()) {
            return clear;
        }
        long covered = problem.pieces().get(clear.getFirst().piece()).covered();
        long from = Math.max(0, stretch.flawed() - covered);
        return new StickChain(problem, lane, from).laid(counts);
    }

    private static long end(StickProblem problem, List<Link> chain) {
        Link last = chain.getLast();
        return last.at() + problem.pieces().get(last.piece()).length();
    }

    private List<Link> laid(int[] counts) {
        List<Integer> pieces = new ArrayList<>();
        for (int i = 0; i < counts.length; i++) {
            for (int n = 0; n < counts[i]; n++) {
                pieces.add(i);
            }
        }
        // What may lie on a flaw comes first, where the flaw is.
        pieces.sort(
                Comparator.<Integer>comparingLong(i -> -problem.pieces().get(i).covered())
                        .thenComparingLong(i -> -problem.pieces().get(i).length()));
        Map<Bevel, List<Integer>> nested = new LinkedHashMap<>();
        pieces.stream()
                .filter(lane::nests)
                .forEach(
                        i ->
                                nested.computeIfAbsent(bevel(i).slant(), _ -> new ArrayList<>())
                                        .add(i));
        nested.values().forEach(this::together);
        pieces.stream().filter(i -> !lane.nests(i)).forEach(i -> add(i, false));
        return links;
    }

    private Bevel bevel(int piece) {
        return problem.pieces().get(piece).bevel().orElseThrow();
    }

    private void together(List<Integer> alike) {
        List<Integer> single = alike.stream().filter(i -> !bevel(i).bothEnds()).toList();
        List<Integer> both = alike.stream().filter(i -> bevel(i).bothEnds()).toList();
        if (!single.isEmpty()) {
            add(single.getFirst(), false);
        }
        both.forEach(i -> add(i, false));
        for (int n = 1; n < single.size(); n++) {
            add(single.get(n), n % 2 == 1);
        }
    }

    private void add(int piece, boolean turned) {
        Optional<Bevel> slant = problem.pieces().get(piece).bevel().filter(_ -> lane.nests(piece));
        boolean begins = slant.filter(b -> b.bothEnds() || turned).isPresent();
        boolean joint = begins && open.filter(o -> o.matches(slant.get())).isPresent();
        long saved = joint ? saving(piece) : 0;
        long at = end + problem.kerf() - saved;
        links.add(new Link(piece, at, turned, joint));
        end = at + problem.pieces().get(piece).length();
        open = slant.filter(b -> b.bothEnds() || !turned);
    }

    /** Of one joint, from what the lane says of both or one of its sides. */
    private long saving(int piece) {
        return bevel(piece).bothEnds() ? lane.saving().get(piece) : 2 * lane.saving().get(piece);
    }
}
