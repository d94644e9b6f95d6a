package reliqua.core.coop.family;

import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.flock.Needs;
import reliqua.core.measure.Length;
import reliqua.core.measure.Sum;

/**
 * Bars from side to side in the back of the house, resting on ledgers that are screwed to the
 * studs, never to a skin.
 */
final class RoostBuilder {
    private static final Length FARTHEST = Length.mm(1150);

    private final ShedLayout at;
    private final PartsBook book;

    RoostBuilder(ShedLayout at, PartsBook book) {
        this.at = at;
        this.book = book;
    }

    void build() throws Unbuildable {
        int bars = at.roostBars();
        if (bars == 0) {
            return;
        }
        Length st = at.wall().thickness();
        Length sd = at.wall().width();
        Length front = at.roostAt(bars - 1);
        ShedLayout.require(
                front.minus(sd).atLeast(Needs.ROOST_SPACING),
                Sum.of("family.roosts", bars, at.d.depth()));
        Length width = at.d.width();
        Length top = at.ledgerTop();
        for (Length x : java.util.List.of(sd, width.minus(sd).minus(st))) {
            book.stick(
                    Role.ROOST_LEDGER,
                    at.wall(),
                    at.d.depth().minus(sd.times(2)),
                    Solid.box(x, x.plus(st), sd, at.d.depth().minus(sd), top.minus(sd), top));
        }
        Length half = at.roost().width().half();
        for (int bar = 0; bar < bars; bar++) {
            Length y = at.roostAt(bar);
            book.stick(
                    Role.ROOST_BAR,
                    at.roost(),
                    at.roostSpan(),
                    Solid.box(
                            sd,
                            width.minus(sd),
                            y.minus(half),
                            y.minus(half).plus(at.roost().width()),
                            top,
                            at.roostTop()));
            posts(y, half, top);
        }
    }

    /**
     * A bar that spans too far would sag under birds shoulder to shoulder; posts on the deck halve
     * the span.
     */
    private void posts(Length y, Length half, Length top) {
        int fields = (int) Math.ceilDiv(at.roostSpan().nm(), FARTHEST.nm());
        Length thick = at.roost().thickness();
        for (int n = 1; n < fields; n++) {
            Length x =
                    at.wall()
                            .width()
                            .plus(at.roostSpan().times(n).dividedBy(fields))
                            .minus(thick.half());
            Length y0 = y.minus(half);
            book.stick(
                    Role.ROOST_POST,
                    at.roost(),
                    top.minus(at.deckTop()),
                    Solid.box(
                            x, x.plus(thick), y0, y0.plus(at.roost().width()), at.deckTop(), top));
        }
    }
}
