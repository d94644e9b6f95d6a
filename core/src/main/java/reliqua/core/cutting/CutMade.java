package reliqua.core.cutting;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Part;
import reliqua.core.measure.Length;
import reliqua.core.measure.Words;
import reliqua.core.stock.Lot;
import reliqua.core.stock.Material;

/**
 * A ticket that has been cut. The thing is no longer in the heap and its pieces lie there, whatever
 * becomes of the plan afterwards.
 *
 * @param taken the thing as it was, one of it; bought ones too
 * @param bought whether it was bought for this
 * @param material what was cut across: the thing itself, or what was made of it first
 * @param pieces what came out and is good
 * @param spoiled what came out and is not, then or later; it is wanted again
 * @param uncut marks of pieces that were not cut out of it after all: a flaw showed where they were
 *     to be
 * @param back what went back to the heap: off-cuts, and what else was made of it
 */
public record CutMade(
        Lot taken,
        boolean bought,
        Material material,
        List<Piece> pieces,
        List<Piece> spoiled,
        List<String> uncut,
        List<Back> back) {
    /** Refuses more than one thing; copies the lists. */
    public CutMade {
        if (taken.quantity() != 1) {
            throw new IllegalArgumentException(
                    Words.say("stock.lot.quantity", taken.id(), taken.quantity()));
        }
        pieces = List.copyOf(pieces);
        spoiled = List.copyOf(spoiled);
        uncut = List.copyOf(uncut);
        back = List.copyOf(back);
    }

    /**
     * A lot that went back to the heap.
     *
     * @param lot its id
     * @param quantity how many, one or more
     */
    public record Back(String lot, int quantity) {}

    /**
     * A piece, or a rectangle that gave two.
     *
     * @param made the marks and shapes it was cut as
     * @param x near edge along a stick, or across a sheet
     * @param y near edge along a sheet
     * @param across size along x
     * @param along size along y; zero for sticks
     * @param quarters by how many quarters against the clock it was turned on a sheet
     * @param square whether it fills this rectangle, or this length from end to end: not when its
     *     ends are bevelled, it is no rectangle or has openings, or it was parted in two
     */
    public record Piece(
            List<Made> made,
            Length x,
            Length y,
            Length across,
            Length along,
            int quarters,
            boolean square) {
        /** Copies the list. */
        public Piece {
            made = List.copyOf(made);
        }

        /** Its marks, joined by a plus. */
        public String marks() {
            return String.join(" + ", made.stream().map(Made::mark).toList());
        }
    }

    /**
     * One part as it was cut.
     *
     * @param mark written on it
     * @param shape as {@link PartShape} tells it
     */
    public record Made(String mark, String shape) {}

    private static boolean square(Part part) {
        return switch (part) {
            case Part.StickPart s -> s.startCut().degrees() == 0 && s.endCut().degrees() == 0;
            case Part.PanelPart p -> PanelFace.of(p).isEmpty();
            case Part.RoofPart _, Part.MeshPart _ -> true;
            case Part.WholePart _ -> false;
        };
    }

    /** Good and spoiled pieces as they lay in it, from its marked end or corner. */
    List<Piece> laid() {
        return Stream.concat(pieces.stream(), spoiled.stream())
                .filter(p -> p.across().isPositive())
                .sorted(Comparator.comparing(Piece::y).thenComparing(Piece::x))
                .toList();
    }

    /** The same with one piece fewer, which is spoiled or has gone elsewhere. */
    public CutMade without(Piece piece, boolean isSpoiled) {
        List<Piece> rest = new ArrayList<>(pieces);
        rest.remove(piece);
        List<Piece> lost = new ArrayList<>(spoiled);
        if (isSpoiled) {
            lost.add(piece);
        }
        return new CutMade(taken, bought, material, rest, lost, uncut, back);
    }

    /**
     * The same pieces once it was measured that what they became is of another size: those of these
     * parts are what the parts are now.
     *
     * @param before the coop as it was meant
     * @param after as it was measured, its parts of the same marks
     * @param marks of what stands
     */
    public CutMade measured(Coop before, Coop after, Set<String> marks) {
        List<Piece> all =
                pieces.stream()
                        .map(
                                p ->
                                        new Piece(
                                                p.made().stream()
                                                        .map(m -> measured(m, before, after, marks))
                                                        .toList(),
                                                p.x(),
                                                p.y(),
                                                p.across(),
                                                p.along(),
                                                p.quarters(),
                                                p.square()))
                        .toList();
        return new CutMade(taken, bought, material, all, spoiled, uncut, back);
    }

    private static Made measured(Made made, Coop before, Coop after, Set<String> marks) {
        Optional<Part> was = before.find(made.mark());
        boolean stands =
                marks.contains(made.mark())
                        && was.filter(p -> PartShape.isOf(p, made.shape())).isPresent();
        return stands
                ? after.find(made.mark())
                        .map(p -> new Made(made.mark(), PartShape.of(p)))
                        .orElse(made)
                : made;
    }

    /** The pieces that cuts of a ticket give. */
    public static List<Piece> pieces(Collection<Ticket.Cut> cuts) {
        return cuts.stream().map(CutMade::piece).toList();
    }

    private static Piece piece(Ticket.Cut cut) {
        return new Piece(
                cut.parts().stream().map(p -> new Made(p.mark(), PartShape.of(p))).toList(),
                cut.x(),
                cut.y(),
                cut.across(),
                cut.along(),
                cut.quarters(),
                cut.parts().stream().allMatch(CutMade::square));
    }
}
