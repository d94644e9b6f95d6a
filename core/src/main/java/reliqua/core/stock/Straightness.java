package reliqua.core.stock;

import reliqua.core.measure.Length;

/** How straight a piece must be for its work: bow at most length / {@link #tolerance()}. */
public enum Straightness {
    /** Door and lid frames: a warped door never closes flat. */
    DOOR(500),
    /** Posts, plates, studs and rafters. */
    FRAME(250),
    /** Floor joists, loaded flat by the deck. */
    JOIST(200),
    /** Battens and boards, pulled flat by their screws. */
    BATTEN(100);

    private final int tolerance;

    Straightness(int tolerance) {
        this.tolerance = tolerance;
    }

    /** The bow may be one part in this many of the length. */
    public int tolerance() {
        return tolerance;
    }

    /** The bow allowed in a piece of this length. */
    public Length allowedBow(Length piece) {
        return piece.dividedBy(tolerance);
    }
}
