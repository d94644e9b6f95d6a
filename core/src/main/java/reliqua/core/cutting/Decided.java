package reliqua.core.cutting;

import java.util.List;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.function.Predicate;
import reliqua.core.coop.madeup.Seam;

/**
 * What the keeper did and wants at the saw, which every plan obeys.
 *
 * @param cuts what has been cut, in that order
 * @param wishes of single pieces
 * @param seams of parts that are made up of several pieces, some of which are cut
 */
public record Decided(List<CutMade> cuts, SortedSet<CutWish> wishes, List<Seam> seams) {
    /** Nothing yet. */
    public static final Decided NOTHING = new Decided(List.of(), new TreeSet<>(), List.of());

    /** Copies the collections. */
    public Decided {
        cuts = List.copyOf(cuts);
        seams = List.copyOf(seams);
        wishes = java.util.Collections.unmodifiableSortedSet(new TreeSet<>(wishes));
    }

    /** Only what has been cut. */
    public static Decided cut(List<CutMade> cuts) {
        return new Decided(cuts, new TreeSet<>(), List.of());
    }

    /** The same but for one wish. */
    Decided without(CutWish wish) {
        SortedSet<CutWish> fewer = new TreeSet<>(wishes);
        fewer.remove(wish);
        return new Decided(cuts, fewer, seams);
    }

    /** With wishes about things that are there only: a lot that is used up can give nothing. */
    Decided among(Predicate<String> there) {
        SortedSet<CutWish> live = new TreeSet<>(wishes);
        live.removeIf(w -> !there.test(w.source()));
        return new Decided(cuts, live, seams);
    }

    /** Whether a piece of this mark may come from there. */
    boolean allows(String mark, String source) {
        return wishes.stream().allMatch(w -> w.allows(mark, source));
    }
}
