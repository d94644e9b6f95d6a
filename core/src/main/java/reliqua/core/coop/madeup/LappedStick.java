package reliqua.core.coop.madeup;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import reliqua.core.coop.Axis;
import reliqua.core.coop.Bounds;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Part;
import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.measure.Angle;
import reliqua.core.measure.Length;

/**
 * A joist, rafter or purlin of two sticks that lie side by side over a lap of four times their
 * depth, screwed through: never in the middle third of a span. A purlin's spans are from rafter to
 * rafter, so its lap lies over one of them; the others span from wall to wall.
 */
final class LappedStick implements Maker {
    private static final Set<Role> ROLES =
            Set.of(Role.JOIST, Role.RAFTER, Role.LIFTED_RAFTER, Role.PURLIN);
    private static final int LAP_IN_DEPTHS = 4;

    /** Drawing the lap, clamping it and driving six screws. */
    private static final int MINUTES = 10;

    private final Coop coop;
    private final Supply supply;

    LappedStick(Coop coop, Supply supply) {
        this.coop = coop;
        this.supply = supply;
    }

    @Override
    public List<Seam> options(Part part) {
        List<Seam> seams = new ArrayList<>();
        if (part instanceof Part.StickPart stick && ROLES.contains(stick.role())) {
            for (Length first : firsts(stick)) {
                seams.add(new Seam(stick.mark(), Seam.Kind.LAPPED, List.of(first)));
            }
        }
        return seams;
    }

    private List<Length> firsts(Part.StickPart stick) {
        Length half = lap(stick).half();
        if (stick.role() == Role.PURLIN) {
            Length start = stick.solid().bounds().x0();
            return coop.of(Role.RAFTER).stream()
                    .map(r -> r.solid().bounds())
                    .map(b -> b.x0().plus(b.width().half()).minus(start).plus(half))
                    .filter(first -> inside(stick, first))
                    .toList();
        }
        return supply.sticks(stick.section()).stream()
                .map(clear -> clear.min(stick.length().dividedBy(3).plus(half)))
                .filter(first -> inside(stick, first) && !inMiddleThird(stick, first.minus(half)))
                .distinct()
                .toList();
    }

    private static Length lap(Part.StickPart stick) {
        Length depth =
                stick.role() == Role.PURLIN ? stick.section().thickness() : stick.section().width();
        return depth.times(LAP_IN_DEPTHS);
    }

    /** What plumb cuts at both ends add to the length of a sloped stick: as much at the joint. */
    private static Length plumb(Part.StickPart stick) {
        return stick.section().width().scaled(Math.abs(stick.startCut().tan()));
    }

    private static boolean inside(Part.StickPart stick, Length first) {
        Length lap = lap(stick);
        return first.compareTo(lap) > 0
                && stick.length().minus(first).plus(lap).compareTo(lap) > 0
                && first.compareTo(stick.length()) < 0;
    }

    private static boolean inMiddleThird(Part.StickPart stick, Length middle) {
        return middle.times(3).compareTo(stick.length()) > 0
                && middle.times(3).compareTo(stick.length().times(2)) < 0;
    }

    @Override
    public Optional<MadeUp> make(Part part, Seam seam) {
        if (!(part instanceof Part.StickPart stick)
                || !ROLES.contains(stick.role())
                || seam.at().size() != 1
                || !inside(stick, seam.at().getFirst())) {
            return Optional.empty();
        }
        Axis axis = stick.role() == Role.PURLIN ? Axis.X : Axis.Y;
        Length first = seam.at().getFirst();
        Length plumb = plumb(stick);
        Length second = stick.length().minus(first).plus(lap(stick));
        Bounds b = stick.solid().bounds();
        Length low = axis == Axis.X ? b.x0() : b.y0();
        Length high = axis == Axis.X ? b.x1() : b.y1();
        // A sloped stick is longer than the ground it covers.
        double level = high.minus(low).ratio(stick.length().minus(plumb));
        Optional<Solid> one =
                stick.solid().between(axis, low, low.plus(first.minus(plumb).scaled(level)));
        Optional<Solid> two =
                stick.solid().between(axis, high.minus(second.minus(plumb).scaled(level)), high);
        if (one.isEmpty() || two.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(
                new MadeUp(
                        seam,
                        List.of(
                                piece(stick, 0, first, stick.startCut(), stick.endCut(), one.get()),
                                piece(
                                        stick,
                                        1,
                                        second,
                                        stick.startCut(),
                                        stick.endCut(),
                                        aside(stick, two.get()))),
                        MINUTES));
    }

    private static Part piece(
            Part.StickPart whole, int n, Length length, Angle start, Angle end, Solid solid) {
        return new Part.StickPart(
                MadeUp.mark(whole, n), whole.role(), whole.section(), length, start, end, solid);
    }

    /** Beside the first: into the house from the side it is nearer to, or down the slope. */
    private Solid aside(Part.StickPart stick, Solid solid) {
        if (stick.role() == Role.PURLIN) {
            Angle pitch = coop.measures().pitch();
            Length wide = stick.section().width();
            boolean front = solid.bounds().y0().compareTo(coop.measures().depth().half()) < 0;
            Length level = wide.scaled(front ? pitch.cos() : -pitch.cos());
            Length rise = wide.scaled(front ? -pitch.sin() : pitch.sin());
            return solid.shifted(Length.ZERO, level, rise);
        }
        Length thick = solid.bounds().width();
        boolean left = solid.bounds().x0().compareTo(coop.measures().width().half()) < 0;
        return solid.shifted(left ? thick : thick.negated(), Length.ZERO, Length.ZERO);
    }
}
