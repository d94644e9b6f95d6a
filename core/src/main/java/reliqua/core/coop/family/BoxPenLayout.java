package reliqua.core.coop.family;

import reliqua.core.flock.Needs;
import reliqua.core.measure.Length;
import reliqua.core.measure.Sum;
import reliqua.core.stock.FoundPart;
import reliqua.core.stock.Section;

/** Lines of a low box pen; the closed end is at the left, the door at the right of the front. */
final class BoxPenLayout implements SlopedPen {
    /** One in ten: enough to drain with sealed laps, and low in the wind. */
    static final double FALL = 0.1;

    private static final Length OVERHANG = Length.mm(60);
    private static final Length DOOR = Length.mm(600);
    private static final Length LEAST_DOOR = Length.mm(250);
    private static final Length UNDER_NESTS = Length.mm(40);
    private static final Length BAR_ABOVE_GROUND = Length.mm(250);
    private static final Length BEFORE_ROOST = Length.mm(120);

    final Choices c;
    final Needs needs;
    final Length width;
    final Length depth;
    final Length height;
    final Length closed;
    final Section frame;
    final SingleSlope roof;

    BoxPenLayout(DesignSpec spec, Brief brief) throws Unbuildable {
        this.c = spec.choices();
        this.needs = brief.needs();
        this.width = spec.width();
        this.depth = spec.depth();
        this.height = spec.length(ShedDimensions.FRONT);
        this.closed = spec.length(PenSizes.CLOSED);
        this.frame = c.section(Choices.Group.RUN);
        Length open = width.minus(closed);
        Unbuildable.unless(
                open.atLeast(DOOR.plus(wide().times(3))), Sum.of("family.closed", closed, width));
        this.roof =
                new SingleSlope(
                        width,
                        depth,
                        OVERHANG,
                        height,
                        back(height, depth),
                        thick(),
                        c.skin(),
                        Length.ZERO,
                        needs,
                        c);
        roof.check();
        Unbuildable.unless(
                back(height, depth).minus(wide().times(2)).atLeast(LEAST_DOOR),
                Sum.of("family.boxLow", height));
    }

    private static Length back(Length height, Length depth) {
        return height.minus(depth.scaled(FALL));
    }

    @Override
    public Needs needs() {
        return needs;
    }

    @Override
    public SingleSlope roof() {
        return roof;
    }

    @Override
    public Length closed() {
        return closed;
    }

    Length thick() {
        return frame.thickness();
    }

    Length wide() {
        return frame.width();
    }

    Length backTop() {
        return roof.backTop();
    }

    @Override
    public Length doorTo() {
        return width.minus(wide());
    }

    Length doorFrom() {
        return doorTo().minus(DOOR);
    }

    /** Inside of the closed part. */
    Room room() {
        return new Room(thick(), closed, thick(), depth.minus(thick()), Length.ZERO);
    }

    private static Length nestFloor(Choices c) {
        return c.section(Choices.Group.TRIM).width().plus(c.skin()).plus(UNDER_NESTS);
    }

    @Override
    public Length nestLip() {
        return nestFloor(c).plus(needs.nestLip());
    }

    private static Length ledgerTop(Choices c, Needs needs) {
        Section bar = c.section(Choices.Group.ROOSTS);
        Length overNests =
                nestFloor(c)
                        .plus(needs.nestLip())
                        .plus(needs.nestBelowRoost())
                        .minus(bar.thickness());
        Length least = c.section(Choices.Group.RUN).width().max(BAR_ABOVE_GROUND);
        return (needs.nests() == 0 ? least : overNests.max(least)).ceilTo(c.step());
    }

    @Override
    public int bars() {
        return RoostBuilder.bars(room(), needs);
    }

    @Override
    public RoostBuilder roosts() {
        Length from = room().y1().minus(needs.roostSpacing().times(bars())).minus(BEFORE_ROOST);
        return new RoostBuilder(
                room(),
                bars(),
                c.section(Choices.Group.ROOSTS),
                frame,
                from.max(room().y0()),
                ledgerTop(c, needs),
                needs.roostSpacing());
    }

    @Override
    public InsideNests nests() {
        Length clear = bars() == 0 ? Length.ZERO : room().y1().minus(roosts().ledgerFrom());
        return new InsideNests(
                room(),
                needs.nests(),
                needs,
                nestFloor(c),
                c.skin(),
                c.section(Choices.Group.TRIM),
                clear,
                c.finds().thing(FoundPart.Use.NEST));
    }

    /** Height of the front under which birds stand on the back bar, and nests have room. */
    static Length leastHeight(Length depth, Choices c, Needs needs) {
        Length bars =
                needs.roost().isPositive()
                        ? ledgerTop(c, needs)
                                .plus(c.section(Choices.Group.ROOSTS).thickness())
                                .plus(needs.headroom())
                        : Length.ZERO;
        Length nests =
                needs.nests() == 0
                        ? Length.ZERO
                        : nestFloor(c).plus(needs.nestHeight()).plus(c.skin().times(2));
        return bars.max(nests).plus(depth.scaled(FALL));
    }
}
