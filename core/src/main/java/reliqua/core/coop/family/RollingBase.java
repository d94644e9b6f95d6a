package reliqua.core.coop.family;

import java.util.List;
import reliqua.core.coop.Axis;
import reliqua.core.coop.Corner;
import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.measure.Length;
import reliqua.core.measure.Sum;
import reliqua.core.stock.FoundPart;
import reliqua.core.stock.Section;

/**
 * Beams from front to back under a floor frame, on a timber with a wheel at each end and on two
 * props behind; the outer beams reach out behind as handles. The wheels stand before the middle, so
 * that the house rests on its props and most of its weight is on the wheels when it is lifted.
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

    /** From the ground to the floor frame: up to the axis, half the timber, and a beam on edge. */
    static Length clear(Choices choices) throws Unbuildable {
        Length high = choices.section(Choices.Group.LEGS).width();
        return size(choices).half().plus(high.half()).plus(high);
    }

    void build() {
        Length top = at.d.clear();
        Length bottom = top.minus(beam.width());
        beams(bottom, top);
        axle(bottom);
        props(top);
    }

    private void beams(Length bottom, Length top) {
        Length across = beam.thickness();
        List<Length> edges = Spacing.even(Length.ZERO, at.d.width(), across, BEAMS_APART);
        for (int n = 0; n < edges.size(); n++) {
            boolean outer = n == 0 || n == edges.size() - 1;
            Length end = outer ? at.d.depth().plus(HANDLE) : at.d.depth();
            Length x = edges.get(n);
            Solid solid = Solid.box(x, x.plus(across), Length.ZERO, end, bottom, top);
            book.stick(Role.CHASSIS_BEAM, beam, end, solid);
        }
    }

    private void axle(Length top) {
        Length y = at.d.depth().scaled(AXLE_FROM_FRONT).floorTo(at.c.step());
        Length out = at.skin().plus(PLAY);
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
