package reliqua.core.coop.family;

import java.util.ArrayList;
import java.util.List;
import reliqua.core.measure.Length;

/** Where equal members stand in a row. */
public final class Spacing {
    private Spacing() {}

    /**
     * Left edges of members of {@code thickness} from {@code from} to {@code to} (outer edges),
     * evenly spread so that no two stand more than {@code most} apart, centre to centre.
     */
    public static List<Length> even(Length from, Length to, Length thickness, Length most) {
        Length run = to.minus(from).minus(thickness);
        int bays = (int) Math.max(1, Math.ceilDiv(run.nm(), most.nm()));
        List<Length> edges = new ArrayList<>();
        for (int i = 0; i <= bays; i++) {
            edges.add(from.plus(run.times(i).dividedBy(bays)));
        }
        return edges;
    }

    /**
     * Divides a surface into columns that are no wider than {@code widest}, with seams only at the
     * given places; takes the farthest seam each time. Empty when some column would be too wide.
     */
    static List<Length> seams(Length from, Length to, List<Length> allowed, Length widest) {
        List<Length> cuts = new ArrayList<>();
        Length at = from;
        while (to.minus(at).compareTo(widest) > 0) {
            Length begin = at;
            Length next =
                    allowed.stream()
                            .filter(s -> s.compareTo(begin) > 0 && s.minus(begin).atMost(widest))
                            .reduce(Length::max)
                            .orElse(begin);
            if (next.equals(begin)) {
                return List.of();
            }
            cuts.add(next);
            at = next;
        }
        List<Length> all = new ArrayList<>();
        all.add(from);
        all.addAll(cuts);
        all.add(to);
        return all;
    }
}
