package reliqua.core.coop.family;

import java.util.List;
import java.util.Optional;
import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.measure.Length;
import reliqua.core.measure.Sum;

/**
 * A frame of rims and joists with the deck on top, on legs inside its corners, on skids under it,
 * or on beams that roll.
 */
final class FloorBuilder {
    private static final Length LEGS_APART = Length.mm(1850);

    /** A slat of 19 mm, and mesh drawn tight, carry a bird over so much without a spring in it. */
    private static final Length SLATS_SPAN = Length.mm(420);

    /** Between 20 and 25 mm; the last even share of the room may be a little more. */
    private static final Length SLAT_GAP = Length.mm(20);

    /** What stands on mesh stands so much higher. */
    static final Length MESH = Length.mm(1);

    private static final Length THICK_DECK = Length.mm(15);
    private static final Length MIDDLING_DECK = Length.mm(11);

    private final ShedLayout at;
    private final PartsBook book;

    FloorBuilder(ShedLayout at, PartsBook book) {
        this.at = at;
        this.book = book;
    }

    /** A thin deck wants its joists closer. */
    private static Length joistsApart(ShedLayout at) {
        if (at.slatted() || at.wired) {
            return SLATS_SPAN;
        }
        if (at.c.deck().atLeast(THICK_DECK)) {
            return ShedLayout.MEMBERS_APART;
        }
        return at.c.deck().atLeast(MIDDLING_DECK) ? Length.mm(460) : Length.mm(310);
    }

    private List<Length> joistEdges() {
        return joistEdges(at);
    }

    private static List<Length> joistEdges(ShedLayout at) {
        return Spacing.even(Length.ZERO, at.d.width(), at.floor().thickness(), joistsApart(at));
    }

    /** Over these posts may stand. */
    static List<Length> joistMiddles(ShedLayout at) {
        Length half = at.floor().thickness().half();
        return joistEdges(at).stream().map(x -> x.plus(half)).toList();
    }

    void build() throws Unbuildable {
        Length jt = at.floor().thickness();
        Length bottom = at.d.clear();
        Length top = at.joistTop();
        Length width = at.d.width();
        Length depth = at.d.depth();
        switch (at.kind.base()) {
            case LEGS -> legs();
            case SKIDS ->
                    new SkidBase(at.leg(), width, depth, bottom, at.terrain, at.c.step())
                            .build(book);
            case WHEELS -> new RollingBase(at, book).build();
        }
        if (at.found.isPresent()) {
            found(at.found.get());
            return;
        }
        rims();
        for (Length x : joistEdges()) {
            book.stick(
                    Role.JOIST,
                    at.floor(),
                    depth.minus(jt.times(2)),
                    Solid.box(x, x.plus(jt), jt, depth.minus(jt), bottom, top));
        }
        if (at.slatted()) {
            slats();
        } else if (at.wired) {
            mesh();
        } else {
            deck();
        }
    }

    private void rims() {
        Length jt = at.floor().thickness();
        Length width = at.d.width();
        for (Length y : List.of(Length.ZERO, at.d.depth().minus(jt))) {
            book.stick(
                    Role.RIM,
                    at.floor(),
                    width,
                    Solid.box(Length.ZERO, width, y, y.plus(jt), at.d.clear(), at.joistTop()));
        }
    }

    /** On the skids; between legs on a beam in front and one behind, which its own frame spans. */
    private void found(FoundFloor floor) {
        boolean onLegs = at.kind.base() == ShedKind.Base.LEGS;
        if (onLegs) {
            rims();
        }
        Length top = at.foundTop(floor);
        floor.lay(at.d.width(), at.d.depth(), at.foundUnder(), top, book);
        if (floor.pallet().isPresent()) {
            Room all = new Room(Length.ZERO, at.d.width(), Length.ZERO, at.d.depth(), at.deckTop());
            PalletFloor.deck(all, top, at.c, book);
        }
    }

    /**
     * Slats across the joists from wall to wall: edge to edge where a wall stands on them, between
     * with a gap that droppings fall through and no foot does.
     */
    private void slats() {
        Length wide = at.slat().width();
        Length wall = at.wall().width();
        int under = Math.ceilDiv((int) Math.ceil(wall.toMm()), (int) Math.floor(wide.toMm()));
        Length edge = wide.times(under);
        for (int n = 0; n < under; n++) {
            slat(wide.times(n));
            slat(at.d.depth().minus(wide.times(n + 1L)));
        }
        Length room = at.d.depth().minus(edge.times(2));
        Length pitch = wide.plus(SLAT_GAP);
        long between = Math.max(0, room.minus(SLAT_GAP).nm() / pitch.nm());
        Length gap = room.minus(wide.times(between)).dividedBy(between + 1);
        for (int n = 0; n < between; n++) {
            slat(edge.plus(gap).plus(wide.plus(gap).times(n)));
        }
    }

    private void slat(Length y) {
        Length width = at.d.width();
        book.stick(
                Role.SLAT,
                at.slat(),
                width,
                Solid.box(
                        Length.ZERO,
                        width,
                        y,
                        y.plus(at.slat().width()),
                        at.joistTop(),
                        at.deckTop()));
    }

    /** Over the whole frame, clamped at its edges by the walls that stand on it. */
    private void mesh() {
        Length width = at.d.width();
        Length depth = at.d.depth();
        Length top = at.joistTop();
        book.mesh(
                Role.FLOOR_MESH,
                at.needs.meshAperture(),
                depth.min(width),
                depth.max(width),
                Solid.box(Length.ZERO, width, Length.ZERO, depth, top, top.plus(MESH)));
    }

    private void legs() throws Unbuildable {
        Length jt = at.floor().thickness();
        Length across = at.leg().width();
        Length deep = at.leg().thickness();
        List<Length> joists = joistEdges();
        Unbuildable.unless(
                joists.get(1).atLeast(jt.plus(across)), Sum.of("family.legsCrowded", at.d.width()));
        int pairs = (int) Math.max(2, 1 + Math.ceilDiv(at.d.width().nm(), LEGS_APART.nm()));
        for (int pair = 0; pair < pairs; pair++) {
            int joist = pair * (joists.size() - 1) / (pairs - 1);
            Length x =
                    pair == pairs - 1 ? joists.getLast().minus(across) : joists.get(joist).plus(jt);
            for (Length y : List.of(jt, at.d.depth().minus(jt).minus(deep))) {
                Length foot = at.below(x.plus(across.half()), y.plus(deep.half())).negated();
                book.stick(
                        Role.LEG,
                        at.leg(),
                        at.joistTop().minus(foot),
                        Solid.box(x, x.plus(across), y, y.plus(deep), foot, at.joistTop()));
            }
        }
    }

    private void deck() throws Unbuildable {
        Length half = at.floor().thickness().half();
        List<Length> allowed = joistEdges().stream().map(x -> x.plus(half)).toList();
        List<Length> seams = Spacing.seams(Length.ZERO, at.d.width(), allowed, at.c.widestPanel());
        Unbuildable.unless(!seams.isEmpty(), Sum.of("family.seams", at.c.widestPanel()));
        Optional<FloorVent> vent =
                at.floorVent ? Optional.of(new FloorVent(at, joistEdges())) : Optional.empty();
        Optional<FloorHatch> hatch =
                at.inLevels ? Optional.of(new FloorHatch(at, joistEdges())) : Optional.empty();
        Optional<DeckHole> hole = vent.map(FloorVent::hole).or(() -> hatch.map(FloorHatch::hole));
        for (int i = 0; i + 1 < seams.size(); i++) {
            Length x0 = seams.get(i);
            Length x1 = seams.get(i + 1);
            book.panel(
                    Role.DECK,
                    at.c.deck(),
                    x1.minus(x0),
                    at.d.depth(),
                    DeckHole.deck(at, hole, x0, x1));
        }
        vent.ifPresent(v -> v.build(book));
        hatch.ifPresent(h -> h.build(book));
    }
}
