package reliqua.core.coop.addon;

import java.util.List;
import java.util.stream.Stream;
import reliqua.core.coop.Axis;
import reliqua.core.coop.Bounds;
import reliqua.core.coop.Corner;
import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.coop.Spans;
import reliqua.core.coop.family.Choices;
import reliqua.core.coop.family.Finds;
import reliqua.core.coop.family.Unbuildable;
import reliqua.core.measure.Length;
import reliqua.core.measure.Sum;
import reliqua.core.stock.FoundPart;
import reliqua.core.stock.Section;

/**
 * A pair of wheels on a timber across one end of a pen: the closed one, which is heavier, unless
 * the door is there. They just touch the ground while the pen stands on its rails; whoever lifts
 * the other end by its rope rolls it. Under a wide back a third hangs in the middle, on two arms
 * and a finger's breadth higher, where there is one: it carries the back over humps.
 */
final class Wheels implements Addition {
    private static final Length USUAL_SIZE = Length.mm(200);
    private static final Length USUAL_THICK = Length.mm(45);

    /** A small wheel sinks in, and the timber must clear the ground. */
    private static final Length LEAST_SIZE = Length.mm(140);

    private static final Length PLAY = Length.mm(8);

    /** With the pen tilted it is the lowest of the three, so at rest it hangs off the ground. */
    private static final Length CENTRE_LIFT = Length.mm(15);

    /** From the bolt of the middle wheel to the ends of its arms. */
    private static final Length BEYOND_BOLT = Length.mm(40);

    /** Where the timber goes: its inner face, and which way is out. */
    private record End(Length face, boolean left) {
        Length out(Length by) {
            return left ? face.minus(by) : face.plus(by);
        }
    }

    @Override
    public void build(Standing at) throws Unbuildable {
        Finds.Thing wheel =
                at.choices()
                        .finds()
                        .thing(FoundPart.Use.WHEELS)
                        .orElseThrow(() -> new Unbuildable(Sum.of("addon.noWheels")));
        Unbuildable.unless(wheel.count() >= 2, Sum.of("addon.noWheels"));
        Length size = wheel.size(0, USUAL_SIZE);
        Unbuildable.unless(size.atLeast(LEAST_SIZE), Sum.of("addon.smallWheels", size, LEAST_SIZE));
        Section timber = at.section(Choices.Group.WALLS);
        End end = end(at, size);
        Length thick = wheel.size(1, USUAL_THICK).min(size);
        Length front = side(at, end, size, true).minus(PLAY);
        Length back = side(at, end, size, false).plus(PLAY);
        Length low = size.minus(timber.width()).half();
        Length other = end.out(timber.thickness());
        Solid axle =
                Solid.box(
                        end.face().min(other),
                        end.face().max(other),
                        front,
                        back,
                        low,
                        low.plus(timber.width()));
        Unbuildable.unless(at.isFree(axle), Sum.of("addon.noWheelRoom"));
        at.box(Role.AXLE, timber, axle);
        Length middle = end.out(timber.thickness().half());
        for (Length y : List.of(front.minus(thick), back)) {
            Solid round =
                    Solid.disc(
                            Axis.Y, new Corner(middle, size.half()), size.half(), y, y.plus(thick));
            Unbuildable.unless(at.isFree(round), Sum.of("addon.noWheelRoom"));
            at.book().whole(Role.WHEEL, wheel.find(), List.of(), round);
        }
        boolean wide = back.minus(front).plus(thick.times(2)).compareTo(Spans.BETWEEN_WHEELS) > 0;
        if (wide && wheel.count() > 2) {
            centre(at, wheel, end, other, front.plus(back).half(), low);
        }
    }

    /** Where something else is in its way it is left out, and the wide back is told of. */
    private static void centre(
            Standing at, Finds.Thing wheel, End end, Length from, Length y, Length low) {
        Section timber = at.section(Choices.Group.WALLS);
        Length size = wheel.size(0, USUAL_SIZE);
        Length half = wheel.size(1, USUAL_THICK).min(size).half();
        End axle = new End(from, end.left());
        Length bolt = axle.out(PLAY.plus(size.half()));
        Length tip = axle.out(PLAY.plus(size.half()).plus(BEYOND_BOLT));
        Length z = low.plus(CENTRE_LIFT);
        List<Solid> arms =
                Stream.of(y.minus(half).minus(timber.thickness()), y.plus(half))
                        .map(
                                y0 ->
                                        Solid.box(
                                                from.min(tip),
                                                from.max(tip),
                                                y0,
                                                y0.plus(timber.thickness()),
                                                z,
                                                z.plus(timber.width())))
                        .toList();
        Corner centre = new Corner(bolt, size.half().plus(CENTRE_LIFT));
        Solid round = Solid.disc(Axis.Y, centre, size.half(), y.minus(half), y.plus(half));
        if (arms.stream().allMatch(at::isFree) && at.isFree(round)) {
            arms.forEach(arm -> at.box(Role.AXLE_ARM, timber, arm));
            at.book().whole(Role.WHEEL, wheel.find(), List.of(), round);
        }
    }

    /** The closed end, at x = 0, unless the keeper opens it there. */
    private static End end(Standing at, Length high) {
        boolean door =
                at.coop().openings().stream()
                        .filter(o -> o.isHinged())
                        .anyMatch(o -> o.place().x1().equals(Length.ZERO));
        Length face =
                at.book().parts().stream()
                        .map(p -> p.solid().bounds())
                        .filter(b -> b.z0().compareTo(high) < 0 && b.z1().isPositive())
                        .map(door ? Bounds::x1 : Bounds::x0)
                        .reduce(door ? Length::max : Length::min)
                        .orElseThrow();
        return new End(face, !door);
    }

    /** Outermost of all that a wheel must clear. */
    private static Length side(Standing at, End end, Length size, boolean front) {
        Length inner = end.left() ? end.face().plus(size) : end.face().minus(size);
        Length x0 = end.face().min(inner);
        Length x1 = end.face().max(inner);
        return at.book().parts().stream()
                .map(p -> p.solid().bounds())
                .filter(b -> b.x0().atMost(x1) && b.x1().atLeast(x0))
                .filter(b -> b.z0().compareTo(size) < 0)
                .map(b -> front ? b.y0() : b.y1())
                .reduce(front ? Length::min : Length::max)
                .orElseThrow();
    }
}
