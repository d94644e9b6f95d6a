package reliqua.core.coop.family;

import java.util.Optional;
import reliqua.core.measure.Length;
import reliqua.core.measure.Sum;
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

    /** A lid that opens, and the drip board over it, stay clear of a window. */
    private static final Length ABOVE_LID = Length.mm(120);

    private static final Length BELOW_ROOF = Length.mm(20);

    /**
     * In the left wall beside the front corner, else behind the nests there, else above them.
     *
     * @param nests in that wall
     * @throws Unbuildable when it is too large for the wall
     */
    static WindowPlace in(ShedLayout at, int nests) throws Unbuildable {
        Length st = at.wall().thickness();
        Length low = at.deckTop().plus(st);
        WindowPlace first = from(at, at.wall().width().plus(st));
        if (nests == 0) {
            Unbuildable.unless(
                    first.fits(at, low),
                    Sum.of("family.window", first.width(), first.top.minus(first.sill)));
            return first;
        }
        Length behindNests = at.nestOpening(nests).to();
        WindowPlace behind = from(at, behindNests.plus(st));
        if (behind.fits(at, low)) {
            return behind;
        }
        boolean above =
                first.fits(at, at.lidAtWall().plus(ABOVE_LID))
                        && first.to.plus(st).atMost(behindNests);
        Unbuildable.unless(above, Sum.of("family.windowNests"));
        return first;
    }

    private static WindowPlace from(ShedLayout at, Length from) {
        Length step = at.c.step();
        Optional<FoundLeaf> found = FoundLeaf.in(at.c, FoundPart.Use.GLAZING);
        Length wide = found.map(f -> f.width().plus(AIR.times(2))).orElse(MADE_WIDE);
        Length high = found.map(f -> f.height().plus(AIR.times(2))).orElse(MADE_HIGH);
        Length to = from.plus(wide).ceilTo(step);
        Length under = at.rafterBottom(from).min(at.rafterBottom(to));
        Length top = under.minus(at.wall().thickness()).minus(BELOW_ROOF).floorTo(step);
        return new WindowPlace(from, to, top.minus(high), top, found);
    }

    private boolean fits(ShedLayout at, Length above) {
        Length st = at.wall().thickness();
        Length end =
                at.roof
                        .parting()
                        .map(step -> step.minus(st))
                        .orElse(at.d.depth().minus(at.wall().width()));
        return to.plus(st.times(2)).atMost(end) && sill.minus(st.times(2)).atLeast(above);
    }

    Length width() {
        return to.minus(from);
    }
}
