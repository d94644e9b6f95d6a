package reliqua.core.coop.family;

import java.util.List;
import reliqua.core.coop.Axis;
import reliqua.core.coop.Corner;
import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.measure.Angle;
import reliqua.core.measure.Length;
import reliqua.core.measure.Sum;
import reliqua.core.stock.FoundPart;
import reliqua.core.stock.Section;

/**
 * Beams from front to back under a floor frame, on a timber with a wheel at each end and on two
 * props behind; the outer beams reach out behind as handles. The wheels stand before the middle, so
 * that the house rests on its props and most of its weight is on the wheels when it is lifted. Of a
 * house in levels beams and floor are higher, and the timber hangs below them on two braced posts.
 */
final class RollingBase {
    static final Section LEAST_BEAM = Section.mm(36, 85);

    private static final Length USUAL_SIZE = Length.mm(300);
    private static final Length USUAL_THICK = Length.mm(45);

    /** A smaller wheel sinks into grass under a house. */
    private static final Length LEAST_SIZE = Length.mm(220);

    private static final Length BEAMS_APART = Length.mm(1200);

    /** Between a wheel and the cladding. */
    private static final Length PLAY = Length.mm(10);

    /** Where the wheels stand: about a third of the weight of what is behind stays on the props. */
    private static final double AXLE_FROM_FRONT = 0.36;

    private static final Length HANDLE = Length.mm(500);

    /** A hen stands up under the beams; higher ones would tip over on a bank. */
    private static final Length LEAST_LEVEL = Length.mm(380);

    private static final Length MOST_LEVEL = Length.mm(650);
    private static final Length LEAST_HANGER = Length.mm(100);
    private static final Angle HALF_RIGHT = new Angle(45);

    private final ShedLayout at;
    private final PartsBook book;
    private final Section beam;
    private final Finds.Thing wheel;
    private final Length size;

    RollingBase(ShedLayout at, PartsBook book) throws Unbuildable {
        this.at = at;
        this.book = book;
        this.beam = at.leg();
        this.wheel = wheel(at.c);
        this.size = size(at.c);
        Length underNests = at.nestFloor().minus(at.skin()).minus(at.trim().width());
        Unbuildable.unless(
                at.needs.nests() == 0 || size.plus(PLAY).atMost(underNests),
                Sum.of("family.wheelsHigh", size, underNests));
    }

    private static Finds.Thing wheel(Choices choices) throws Unbuildable {
        Finds.Thing wheel =
                choices.finds()
                        .thing(FoundPart.Use.WHEELS)
                        .orElseThrow(() -> new Unbuildable(Sum.of("family.noWheels")));
        Unbuildable.unless(wheel.count() >= 2, Sum.of("family.noWheels"));
        return wheel;
    }

    private static Length size(Choices choices) throws Unbuildable {
        Length size = wheel(choices).size(0, USUAL_SIZE);
        Unbuildable.unless(
                size.atLeast(LEAST_SIZE), Sum.of("family.smallWheels", size, LEAST_SIZE));
        return size;
    }

    /**
     * From the ground to the floor frame: up to the axis, half the timber, and a beam on edge; in
     * levels the room below the beams.
     */
    static Length clear(DesignSpec spec) throws Unbuildable {
        Choices choices = spec.choices();
        Length high = choices.section(Choices.Group.LEGS).width();
        Length least = axleTop(choices).plus(high);
        if (!spec.addOns().contains(AddOn.GROUND_LEVEL)) {
            return least;
        }
        Length level = spec.length(ShedSizes.LEVEL);
        Unbuildable.unless(
                level.atLeast(LEAST_LEVEL) && level.atMost(MOST_LEVEL),
                Sum.of("family.level", level, LEAST_LEVEL, MOST_LEVEL));
        Length clear = level.plus(high);
        Unbuildable.unless(
                level.minus(axleTop(choices)).atLeast(LEAST_HANGER),
                Sum.of("family.levelWheels", level, size(choices)));
        return clear;
    }

    /** Front face of the timber of the wheels. */
    static Length axleFront(ShedLayout at) {
        return at.d.depth().scaled(AXLE_FROM_FRONT).floorTo(at.c.step());
    }

    /** Upper edge of the timber of the wheels. */
    static Length axleTop(Choices choices) throws Unbuildable {
        Length high = choices.section(Choices.Group.LEGS).width();
        return size(choices).half().plus(high.half());
    }

    void build() {
        Length top = at.d.clear();
        Length bottom = top.minus(beam.width());
        beams(bottom, top);
        Length axleTop = size.half().plus(beam.width().half());
        Length y = axleFront(at);
        axle(y, axleTop);
        props(top);
        if (at.inLevels) {
            hangers(y, axleTop.minus(beam.width()), top);
            Length behind = y.plus(beam.thickness()).plus(beam.width());
            new GroundFlaps(at, book, bottom).build(y, behind, beam.thickness());
        }
    }

    /** Behind the timber and inside the outer beams, bolted to both, with a brace each. */
    private void hangers(Length y, Length low, Length top) {
        Length across = beam.thickness();
        Length y0 = y.plus(across);
        Length y1 = y0.plus(beam.width());
        Length right = at.d.width().minus(across);
        Length thin = at.floor().thickness().min(across);
        hanger(Solid.box(across, across.times(2), y0, y1, low, top));
        hanger(Solid.box(right.minus(across), right, y0, y1, low, top));
        List<Corner> profile = brace(y1, low.plus(beam.width()), top);
        brace(profile, across, across.plus(thin));
        brace(profile, right.minus(thin), right);
    }

    private void hanger(Solid solid) {
        book.stick(Role.AXLE_POST, beam, solid.bounds().height(), solid);
    }

    /** Half right from the back of a post up to the side of its beam, clear of the props. */
    private List<Corner> brace(Length y, Length low, Length top) {
        Length slant = at.floor().width().scaled(Math.sqrt(2));
        Length room = at.d.depth().minus(beam.width()).minus(PLAY).minus(y);
        Length up = top.minus(low).min(room);
        return List.of(
                new Corner(y, top.minus(up)),
                new Corner(y.plus(up), top),
                new Corner(y.plus(up).minus(slant), top),
                new Corner(y, top.minus(up).plus(slant)));
    }

    private void brace(List<Corner> profile, Length x0, Length x1) {
        Length up = profile.get(1).v().minus(profile.get(0).v());
        book.stick(
                Role.AXLE_BRACE,
                at.floor(),
                up.scaled(Math.sqrt(2)).ceilTo(at.c.step()),
                HALF_RIGHT,
                HALF_RIGHT,
                new Solid(Axis.X, profile, List.of(), x0, x1));
    }

    /** Left edges of the beams. */
    static List<Length> beamEdges(ShedLayout at) {
        return Spacing.even(Length.ZERO, at.d.width(), at.leg().thickness(), BEAMS_APART);
    }

    private void beams(Length bottom, Length top) {
        Length across = beam.thickness();
        List<Length> edges = beamEdges(at);
        for (int n = 0; n < edges.size(); n++) {
            boolean outer = n == 0 || n == edges.size() - 1;
            Length end = outer ? at.d.depth().plus(HANDLE) : at.d.depth();
            Length x = edges.get(n);
            Solid solid = Solid.box(x, x.plus(across), Length.ZERO, end, bottom, top);
            book.stick(Role.CHASSIS_BEAM, beam, end, solid);
        }
    }

    private void axle(Length y, Length top) {
        Length out = outermost().plus(PLAY);
        Length right = at.d.width().plus(out);
        Length deep = beam.thickness();
        book.stick(
                Role.CHASSIS_AXLE,
                beam,
                right.plus(out),
                Solid.box(out.negated(), right, y, y.plus(deep), top.minus(beam.width()), top));
        Length thick = wheel.size(1, USUAL_THICK).min(size);
        Corner centre = new Corner(y.plus(deep.half()), size.half());
        for (Length x : List.of(out.negated().minus(thick), right)) {
            Solid solid = Solid.disc(Axis.X, centre, size.half(), x, x.plus(thick));
            book.whole(Role.CHASSIS_WHEEL, wheel.find(), List.of(), solid);
        }
    }

    /** What the wheels turn beside: the cladding, and flaps of netting in levels. */
    private Length outermost() {
        return at.inLevels ? at.skin().max(GroundFlaps.thickness(at)) : at.skin();
    }

    /** Beside the outer beams, at the back corners. */
    private void props(Length top) {
        Length across = beam.thickness();
        Length y1 = at.d.depth();
        Length y0 = y1.minus(beam.width());
        Length last = at.d.width().minus(across.times(2));
        for (Length x : List.of(across, last)) {
            Solid solid = Solid.box(x, x.plus(across), y0, y1, Length.ZERO, top);
            book.stick(Role.PROP, beam, top, solid);
        }
    }
}
