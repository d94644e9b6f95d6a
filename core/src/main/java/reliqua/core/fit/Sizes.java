package reliqua.core.fit;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
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

    /** So much of a board is little to waste. */
    private static final double WASTE = 0.035;

    private static final Length APART = Length.mm(12);
    private static final int SHARED = 4;

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
            for (Length clear : SectionOptions.lengths(heap, prices, choices.section(group))) {
                for (int k = 1; k <= MOST_PIECES; k++) {
                    Length piece = clear.minus(kerf.times(k - 1L)).dividedBy(k).floorTo(step);
                    vote(votes, piece.plus(less), least, most);
                    vote(votes, piece, least, most);
                }
            }
        }
        for (Length side : sheets.sides()) {
            for (int k = 1; k <= 3; k++) {
                Length part = side.minus(kerf.times(k - 1L)).dividedBy(k).floorTo(step);
                vote(votes, part, least, most);
                vote(votes, part.minus(choices.skin().times(2)).floorTo(step), least, most);
            }
        }
        return chosen(votes, limit);
    }

    /**
     * The sizes that most boards give exactly; and those that most give with little waste: of ten
     * boards of nearly one length the shortest is what all of them give.
     */
    private static List<Length> chosen(TreeMap<Length, Integer> votes, int limit) {
        Comparator<Length> exactly = Comparator.comparingInt(size -> -votes.get(size));
        TreeSet<Length> chosen = new TreeSet<>();
        votes.keySet().stream()
                .sorted(exactly.thenComparing(Comparator.naturalOrder()))
                .limit(limit)
                .forEach(chosen::add);
        Comparator<Length> nearly = Comparator.comparingInt(size -> -supplied(votes, size));
        List<Length> shared = new ArrayList<>();
        votes.keySet().stream()
                .sorted(nearly.thenComparing(exactly).thenComparing(Comparator.naturalOrder()))
                .filter(size -> shared.stream().noneMatch(s -> near(s, size)))
                .limit(SHARED)
                .forEach(shared::add);
        chosen.addAll(shared);
        return List.copyOf(chosen);
    }

    private static boolean near(Length one, Length other) {
        return one.minus(other).abs().atMost(APART);
    }

    private static int supplied(TreeMap<Length, Integer> votes, Length size) {
        return votes.subMap(size, true, size.plus(size.scaled(WASTE)), true).values().stream()
                .mapToInt(n -> n)
                .sum();
    }

    private static void vote(
            TreeMap<Length, Integer> votes, Length size, Length least, Length most) {
        if (size.atLeast(least) && size.atMost(most)) {
            votes.merge(size, 1, Integer::sum);
        }
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
