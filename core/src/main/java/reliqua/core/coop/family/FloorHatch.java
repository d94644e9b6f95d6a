package reliqua.core.coop.family;

import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import reliqua.core.coop.Axis;
import reliqua.core.coop.Corner;
import reliqua.core.coop.Opening;
import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.measure.Length;
import reliqua.core.measure.Sum;

/**
 * A way down for the birds through the floor, to the ground below a house in levels: a hole between
 * two joists, a ladder under it, and a lid that lies over it at night. It opens before the roosts,
 * so that nothing falls down it but litter.
 */
final class FloorHatch {
    private static final Length WIDE = Length.mm(300);
    private static final Length DEEP = Length.mm(380);
    private static final Length NARROWEST = Length.mm(230);
    private static final Length FROM_WALL = Length.mm(40);
    private static final Length LAP = Length.mm(25);

    /** Between the ladder and a joist. */
    private static final Length PLAY = Length.mm(8);

    private static final Length CLEATS_APART = Length.mm(125);

    /** A hen turns round before its foot. */
    private static final Length BEFORE_FOOT = Length.mm(200);

    /** Half right, with cleats: as steep as hens walk. */
    private static final double HALF_RIGHT = Math.sqrt(0.5);

    private final ShedLayout at;
    private final DeckHole hole;

    /**
     * Between the two joists nearest the middle that leave it room and have no beam between them.
     *
     * @param joists left edges
     * @throws Unbuildable where joists are too close, roosts too near or the ladder too long
     */
    FloorHatch(ShedLayout at, List<Length> joists) throws Unbuildable {
        this.at = at;
        Length y0 = begin();
        Length y1 = y0.plus(DEEP.ceilTo(at.c.step()));
        this.hole =
                bays(joists)
                        .map(bay -> DeckHole.between(at, joists, bay, LAP, WIDE, y0, y1))
                        .filter(h -> h.wide().atLeast(NARROWEST) && isClear(h))
                        .findFirst()
                        .orElseThrow(
                                () ->
                                        new Unbuildable(
                                                Sum.of("family.floorHatchNarrow", NARROWEST)));
        Length foot = y0.plus(at.joistTop()).plus(BEFORE_FOOT);
        Unbuildable.unless(
                foot.atMost(at.d.depth()), Sum.of("family.levelShallow", at.d.depth(), foot));
        Length end = at.roostBars() == 0 ? at.room().y1() : at.roosts().front();
        Unbuildable.unless(y1.plus(LAP).atMost(end), Sum.of("family.floorHatchDeep", at.d.depth()));
    }

    /** Behind the front, or behind the timber of the wheels where that is in the ladder's way. */
    private Length begin() throws Unbuildable {
        Length first = at.wall().width().plus(FROM_WALL);
        Length axle = RollingBase.axleFront(at);
        Length behind = axle.plus(at.leg().thickness());
        Length under = at.skin().scaled(1 / HALF_RIGHT);
        Length over = at.joistTop().minus(under).minus(behind.minus(first));
        boolean clears = over.minus(PLAY).atLeast(RollingBase.axleTop(at.c));
        return clears ? first : behind.plus(at.trim().width()).plus(PLAY);
    }

    /** From the middle outward. */
    private static Stream<Integer> bays(List<Length> joists) {
        int middle = DeckHole.middle(joists);
        return IntStream.range(0, joists.size() - 1)
                .boxed()
                .sorted(Comparator.comparing(bay -> Math.abs(bay - middle)));
    }

    /** Of beams, and of the braced posts inside the outer ones. */
    private boolean isClear(DeckHole hole) {
        Length thick = at.leg().thickness();
        Length braced = thick.times(2).plus(PLAY);
        return hole.x0().atLeast(braced)
                && hole.x1().atMost(at.d.width().minus(braced))
                && RollingBase.beamEdges(at).stream()
                        .allMatch(x -> x.plus(thick).atMost(hole.x0()) || x.atLeast(hole.x1()));
    }

    DeckHole hole() {
        return hole;
    }

    void build(PartsBook book) {
        lid(book);
        ladder(book);
        book.opening(
                Opening.inFloor(
                        Opening.Kind.FLOOR_HATCH,
                        hole.x0(),
                        hole.x1(),
                        hole.y0(),
                        hole.y1(),
                        at.joistTop()));
    }

    /** On the deck all round the hole, hinged at the side of the front. */
    private void lid(PartsBook book) {
        Length x0 = hole.x0().minus(LAP);
        Length x1 = hole.x1().plus(LAP);
        Length y0 = hole.y0().minus(LAP);
        Length y1 = hole.y1().plus(LAP);
        Length top = at.deckTop().plus(at.c.deck());
        book.panel(
                Role.FLOOR_HATCH_LID,
                at.c.deck(),
                x1.minus(x0),
                y1.minus(y0),
                Solid.box(x0, x1, y0, y1, at.deckTop(), top));
    }

    /** A board with cleats from a ledger under the front edge of the hole down to the ground. */
    private void ladder(PartsBook book) {
        Length x0 = hole.x0().plus(PLAY);
        Length x1 = hole.x1().minus(PLAY);
        Length trimThick = at.trim().thickness();
        Length trimWide = at.trim().width();
        Length head = at.joistTop();
        book.stick(
                Role.RAMP_LEDGER,
                at.trim(),
                x1.minus(x0),
                Solid.box(
                        x0, x1, hole.y0().minus(trimWide), hole.y0(), head.minus(trimThick), head));
        Length thick = at.skin();
        Length under = thick.scaled(1 / HALF_RIGHT);
        List<Corner> board =
                List.of(
                        new Corner(hole.y0(), head.minus(under)),
                        new Corner(hole.y0().plus(head).minus(under), Length.ZERO),
                        new Corner(hole.y0().plus(head), Length.ZERO),
                        new Corner(hole.y0(), head));
        Length along = head.scaled(1 / HALF_RIGHT);
        book.panel(
                Role.RAMP_BOARD,
                thick,
                x1.minus(x0),
                along.ceilTo(at.c.step()),
                new Solid(Axis.X, board, List.of(), x0, x1));
        for (Length down = CLEATS_APART;
                down.plus(trimWide).plus(trimThick).atMost(along);
                down = down.plus(CLEATS_APART)) {
            cleat(book, down, x0, x1);
        }
    }

    private void cleat(PartsBook book, Length down, Length x0, Length x1) {
        Length low = down.plus(at.trim().width());
        Length thick = at.trim().thickness();
        List<Corner> profile =
                List.of(
                        onLadder(down, Length.ZERO),
                        onLadder(low, Length.ZERO),
                        onLadder(low, thick),
                        onLadder(down, thick));
        book.stick(
                Role.RAMP_CLEAT,
                at.trim(),
                x1.minus(x0),
                new Solid(Axis.X, profile, List.of(), x0, x1));
    }

    /** So far down the upper face of the ladder, and so far above it, square. */
    private Corner onLadder(Length down, Length above) {
        return new Corner(
                hole.y0().plus(down.plus(above).scaled(HALF_RIGHT)),
                at.joistTop().minus(down.minus(above).scaled(HALF_RIGHT)));
    }
}
