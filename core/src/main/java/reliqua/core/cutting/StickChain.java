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

    private StickChain(StickProblem problem, StickProblem.Lane lane) {
        this.problem = problem;
        this.lane = lane;
        this.end = -problem.kerf();
    }

    /** So many of each piece in order. */
    static List<Link> of(StickProblem problem, StickProblem.Lane lane, int[] counts) {
        StickChain chain = new StickChain(problem, lane);
        List<Integer> pieces = new ArrayList<>();
        for (int i = 0; i < counts.length; i++) {
            for (int n = 0; n < counts[i]; n++) {
                pieces.add(i);
            }
        }
        pieces.sort(Comparator.comparingLong(i -> -problem.pieces().get(i).length()));
        Map<Bevel, List<Integer>> nested = new LinkedHashMap<>();
        pieces.stream()
                .filter(lane::nests)
                .forEach(
                        i ->
                                nested.computeIfAbsent(
                                                slant(chain.bevel(i)), _ -> new ArrayList<>())
                                        .add(i));
        nested.values().forEach(chain::together);
        pieces.stream().filter(i -> !lane.nests(i)).forEach(i -> chain.add(i, false));
        return chain.links;
    }

    private Bevel bevel(int piece) {
        return problem.pieces().get(piece).bevel().orElseThrow();
    }

    private static Bevel slant(Bevel bevel) {
        return new Bevel(bevel.run(), bevel.acrossWidth(), true);
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
