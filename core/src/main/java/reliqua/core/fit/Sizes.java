package reliqua.core.fit;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.TreeSet;
import reliqua.core.coop.family.Choices;
import reliqua.core.measure.Length;
import reliqua.core.stock.Heap;
import reliqua.core.stock.PriceBook;

/**
 * Lengths worth trying: those at which some number of equal pieces and their kerfs just use up a
 * board, and whole, half and third sheets. Between them nothing changes but waste.
 */
final class Sizes {
    private static final int MOST_PIECES = 6;

    /** More sticks of one length than a house has in a row make a size no better. */
    private static final int ENOUGH = 8;

    /** What is cut off a stick without regret. */
    private static final Length LITTLE = Length.mm(70);

    /** Two sizes closer than this are the same idea. */
    private static final Length APART = Length.mm(25);

    private final Heap heap;
    private final PriceBook prices;
    private final Length kerf;
    private final Length step;

    Sizes(Heap heap, PriceBook prices, Length kerf, Length step) {
        this.heap = heap;
        this.prices = prices;
        this.kerf = kerf;
        this.step = step;
    }

    /**
     * Outer sizes from boards of a group (pieces are shorter by {@code less}) and from sheets; the
     * best-supplied first.
     */
    List<Length> worthTrying(
            Choices choices,
            Collection<Choices.Group> groups,
            Length less,
            SheetOptions sheets,
            Length least,
            Length most,
            int limit) {
        TreeMap<Length, Integer> votes = new TreeMap<>();
        for (Choices.Group group : groups) {
            SectionOptions.counted(heap, prices, choices.section(group))
                    .forEach(
                            (clear, count) -> {
                                for (int k = 1; k <= MOST_PIECES; k++) {
                                    Length piece =
                                            clear.minus(kerf.times(k - 1L))
                                                    .dividedBy(k)
                                                    .floorTo(step);
                                    vote(votes, piece.plus(less), count, least, most);
                                    vote(votes, piece, count, least, most);
                                }
                            });
        }
        for (Length side : sheets.sides()) {
            for (int k = 1; k <= 3; k++) {
                Length part = side.minus(kerf.times(k - 1L)).dividedBy(k).floorTo(step);
                vote(votes, part, 1, least, most);
                Length inner = part.minus(choices.skin().times(2)).floorTo(step);
                vote(votes, inner, 1, least, most);
            }
        }
        return best(votes, limit);
    }

    private static void vote(
            TreeMap<Length, Integer> votes, Length size, int count, Length least, Length most) {
        if (size.atLeast(least) && size.atMost(most)) {
            votes.merge(size, Math.min(count, ENOUGH), Integer::sum);
        }
    }

    /**
     * The sizes that most pieces serve with little waste. A heap of odd lengths has no two alike:
     * the shortest of a cluster serves for all of it, and stands for its neighbours.
     */
    private static List<Length> best(TreeMap<Length, Integer> votes, int limit) {
        TreeMap<Length, Integer> serving = new TreeMap<>();
        votes.keySet()
                .forEach(
                        size ->
                                serving.put(
                                        size,
                                        votes
                                                .subMap(size, true, size.plus(LITTLE), true)
                                                .values()
                                                .stream()
                                                .mapToInt(v -> v)
                                                .sum()));
        List<Length> ranked =
                serving.entrySet().stream()
                        .sorted(
                                Comparator.<Map.Entry<Length, Integer>>comparingInt(
                                                e -> -e.getValue())
                                        .thenComparing(Map.Entry::getKey))
                        .map(Map.Entry::getKey)
                        .toList();
        TreeSet<Length> chosen = new TreeSet<>();
        for (Length size : ranked) {
            boolean near =
                    !chosen.subSet(size.minus(APART), true, size.plus(APART), true).isEmpty();
            if (!near && chosen.size() < limit) {
                chosen.add(size);
            }
        }
        return List.copyOf(chosen);
    }

    /** Lengths for a single kind of piece between two limits. */
    List<Length> pieces(Choices choices, Choices.Group group, Length least, Length most) {
        TreeSet<Length> found = new TreeSet<>();
        for (Length clear : SectionOptions.lengths(heap, prices, choices.section(group))) {
            for (int k = 1; k <= MOST_PIECES; k++) {
                Length piece = clear.minus(kerf.times(k - 1L)).dividedBy(k).floorTo(step);
                if (piece.atLeast(least) && piece.atMost(most)) {
                    found.add(piece);
                }
            }
        }
        return new ArrayList<>(found.reversed());
    }
}
