package reliqua.core.coop.family;

import java.util.List;
import java.util.Optional;
import reliqua.core.coop.Axis;
import reliqua.core.coop.Solid;
import reliqua.core.measure.Length;

/** A hole in a deck between two joists, over nothing that carries the floor. */
record DeckHole(Length x0, Length x1, Length y0, Length y1) {
    /**
     * A hole no wider than this, in the middle of a bay.
     *
     * @param joists left edges
     * @param bay which one, from the left
     * @param beside left free between the hole and a joist
     * @param most how wide at most
     * @param y0 where it begins
     * @param y1 where it ends
     */
    static DeckHole between(
            ShedLayout at,
            List<Length> joists,
            int bay,
            Length beside,
            Length most,
            Length y0,
            Length y1) {
        Length wall = at.wall().width();
        Length from = joists.get(bay).plus(at.floor().thickness()).max(wall).plus(beside);
        Length to = joists.get(bay + 1).min(at.d.width().minus(wall)).minus(beside);
        Length wide = to.minus(from).min(most).floorTo(at.c.step());
        Length x0 = from.plus(to).minus(wide).half();
        return new DeckHole(x0, x0.plus(wide), y0, y1);
    }

    /** The bay that is most in the middle of a floor. */
    static int middle(List<Length> joists) {
        return (joists.size() - 1) / 2;
    }

    Length wide() {
        return x1.minus(x0);
    }

    Length deep() {
        return y1.minus(y0);
    }

    /** A stretch of a deck with the hole in it, where it is there. */
    static Solid deck(ShedLayout at, Optional<DeckHole> hole, Length from, Length to) {
        return new Solid(
                Axis.Z,
                Solid.rectangle(from, to, Length.ZERO, at.d.depth()),
                hole.filter(h -> h.x0.atLeast(from) && h.x1.atMost(to)).stream()
                        .map(h -> Solid.rectangle(h.x0, h.x1, h.y0, h.y1))
                        .toList(),
                at.joistTop(),
                at.deckTop());
    }
}
