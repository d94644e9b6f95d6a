package reliqua.core.cutting;

import java.util.List;
import java.util.Set;
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
 * @param back what went back to the heap: off-cuts, and what else was made of it
 */
public record CutMade(
        Lot taken,
        boolean bought,
        Material material,
        List<Piece> pieces,
        List<String> spoiled,
        List<Back> back) {
    /** Refuses more than one thing; copies the lists. */
    public CutMade {
        if (taken.quantity() != 1) {
            throw new IllegalArgumentException(
                    Words.say("stock.lot.quantity", taken.id(), taken.quantity()));
        }
        pieces = List.copyOf(pieces);
        spoiled = List.copyOf(spoiled);
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
        };
    }

    /** The pieces of a ticket but those whose marks are spoiled. */
    public static List<Piece> pieces(Ticket ticket, Set<String> spoiled) {
        return ticket.cuts().stream()
                .filter(c -> !spoiled.contains(c.marks()))
                .map(
                        c ->
                                new Piece(
                                        c.parts().stream()
                                                .map(p -> new Made(p.mark(), PartShape.of(p)))
                                                .toList(),
                                        c.x(),
                                        c.y(),
                                        c.across(),
                                        c.along(),
                                        c.quarters(),
                                        c.parts().stream().allMatch(CutMade::square)))
                .toList();
    }
}
