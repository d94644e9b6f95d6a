package reliqua.core.coop.family;

import java.util.Optional;
import reliqua.core.measure.Length;
import reliqua.core.stock.FoundPart;

/**
 * Where a window goes in the left wall of a house: beside the front corner, as high as the roof
 * lets it, so that light falls in and no draught on the birds. Without a found window it is an
 * opening with mesh inside and a flap outside.
 *
 * @param from front edge of the opening in the frame
 * @param to its other edge
 * @param sill its lower edge
 * @param top its upper edge
 * @param found what is set into it
 */
record WindowPlace(Length from, Length to, Length sill, Length top, Optional<FoundLeaf> found) {
    /** Of a window made on the spot. */
    private static final Length MADE_WIDE = Length.mm(400);

    private static final Length MADE_HIGH = Length.mm(300);

    /** Around a window in its frame, so that it goes in when the wood has moved. */
    static final Length AIR = Length.mm(3);

    private static final Length BELOW_ROOF = Length.mm(20);

    static WindowPlace in(Choices c, Length from, HouseRoof roof, Length header) {
        Optional<FoundLeaf> found = FoundLeaf.in(c, FoundPart.Use.GLAZING);
        Length wide = found.map(f -> f.width().plus(AIR.times(2))).orElse(MADE_WIDE);
        Length high = found.map(f -> f.height().plus(AIR.times(2))).orElse(MADE_HIGH);
        Length to = from.plus(wide).ceilTo(c.step());
        Length top =
                roof.rafterBottom(from)
                        .min(roof.rafterBottom(to))
                        .minus(header)
                        .minus(BELOW_ROOF)
                        .floorTo(c.step());
        return new WindowPlace(from, to, top.minus(high), top, found);
    }

    Length width() {
        return to.minus(from);
    }
}
