package reliqua.core.cutting;

import java.util.List;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.function.Predicate;
import reliqua.core.coop.madeup.Seam;
import reliqua.core.flock.Site;
import reliqua.core.flock.Siting;
import reliqua.core.measure.Bearing;

/**
 * What the keeper did and wants at the saw, which every plan obeys.
 *
 * @param cuts what has been cut, in that order
 * @param wishes of single pieces
 * @param seams of parts that are made up of several pieces, some of which are cut
 * @param windward which end of the house meets the strong winds
 */
public record Decided(
        List<CutMade> cuts, SortedSet<CutWish> wishes, List<Seam> seams, Windward windward) {
    /** Nothing yet. */
    public static final Decided NOTHING = new Decided(List.of(), new TreeSet<>(), List.of());

    /** The end of a house: its first coordinates or its last, from its front left to right. */
    public enum Windward {
        START,
        END
    }

    /** Where nothing is known of the wind. */
    public Decided(List<CutMade> cuts, SortedSet<CutWish> wishes, List<Seam> seams) {
        this(cuts, wishes, seams, Windward.START);
    }

    /** Copies the collections. */
    public Decided {
        cuts = List.copyOf(cuts);
        seams = List.copyOf(seams);
        wishes = java.util.Collections.unmodifiableSortedSet(new TreeSet<>(wishes));
    }

    /**
     * The end that looks more into the strong winds. The first coordinates are at the left of
     * somebody who looks at the front, so to the right of one who looks out of it.
     */
    public static Windward windward(Site site) {
        Bearing start = Siting.Wall.RIGHT.looks(site.facing());
        return start.agreement(site.windFrom()) >= 0 ? Windward.START : Windward.END;
    }

    /** Only what has been cut. */
    public static Decided cut(List<CutMade> cuts) {
        return new Decided(cuts, new TreeSet<>(), List.of());
    }

    /** The same but for one wish. */
    Decided without(CutWish wish) {
        SortedSet<CutWish> fewer = new TreeSet<>(wishes);
        fewer.remove(wish);
        return new Decided(cuts, fewer, seams, windward);
    }

    /** With wishes about things that are there only: a lot that is used up can give nothing. */
    Decided among(Predicate<String> there) {
        SortedSet<CutWish> live = new TreeSet<>(wishes);
        live.removeIf(w -> !there.test(w.source()));
        return new Decided(cuts, live, seams, windward);
    }

    /** Whether a piece of this mark may come from there. */
    boolean allows(String mark, String source) {
        return wishes.stream().allMatch(w -> w.allows(mark, source));
    }
}
