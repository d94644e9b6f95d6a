package reliqua.core.coop.madeup;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import reliqua.core.coop.Axis;
import reliqua.core.coop.Bounds;
import reliqua.core.coop.Part;
import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.measure.Angle;
import reliqua.core.measure.Length;

/**
 * A joist or rafter of two sticks that butt end to end, with a scab on either side: as deep as the
 * stick and six times its depth long each way from the joint, which is never in the middle third.
 * It stays in line, where a lap finds no room beside the stick.
 */
final class ScabbedStick implements Maker {
    private static final int EACH_WAY_IN_DEPTHS = 6;

    /** Two scabs to clamp, and twelve screws. */
    private static final int MINUTES = 18;

    private final Supply supply;

    ScabbedStick(Supply supply) {
        this.supply = supply;
    }

    private static boolean suits(Part.StickPart stick, Length first) {
        Length each = stick.section().width().times(EACH_WAY_IN_DEPTHS);
        boolean outside =
                first.times(3).atMost(stick.length())
                        || first.times(3).atLeast(stick.length().times(2));
        return outside && first.atLeast(each) && stick.length().minus(first).atLeast(each);
    }

    @Override
    public List<Seam> options(Part part) {
        List<Seam> seams = new ArrayList<>();
        if (part instanceof Part.StickPart stick && isMember(stick)) {
            Length third = stick.length().dividedBy(3);
            for (Length clear : supply.sticks(stick.section())) {
                Length first = clear.min(third);
                if (suits(stick, first)) {
                    seams.add(new Seam(stick.mark(), Seam.Kind.SCABBED, List.of(first)));
                }
            }
        }
        return seams.stream().distinct().toList();
    }

    private static boolean isMember(Part.StickPart stick) {
        return stick.role() == Role.JOIST || stick.role() == Role.RAFTER;
    }

    @Override
    public Optional<MadeUp> make(Part part, Seam seam) {
        if (!(part instanceof Part.StickPart stick)
                || !isMember(stick)
                || seam.at().size() != 1
                || !suits(stick, seam.at().getFirst())) {
            return Optional.empty();
        }
        Length first = seam.at().getFirst();
        Length each = stick.section().width().times(EACH_WAY_IN_DEPTHS);
        Bounds b = stick.solid().bounds();
        // A sloped stick is longer than the ground it covers.
        double level = b.depth().ratio(stick.length());
        Length at = b.y0().plus(first.scaled(level));
        Length half = each.scaled(level);
        Optional<Solid> one = stick.solid().between(Axis.Y, b.y0(), at);
        Optional<Solid> two = stick.solid().between(Axis.Y, at, b.y1());
        Optional<Solid> scab = stick.solid().between(Axis.Y, at.minus(half), at.plus(half));
        if (one.isEmpty() || two.isEmpty() || scab.isEmpty()) {
            return Optional.empty();
        }
        Length second = stick.length().minus(first);
        return Optional.of(
                new MadeUp(
                        seam,
                        List.of(
                                piece(stick, 0, first, stick.startCut(), Angle.ZERO, one.get()),
                                piece(stick, 1, second, Angle.ZERO, stick.endCut(), two.get()),
                                scab(stick, 2, each.times(2), scab.get(), b.width()),
                                scab(stick, 3, each.times(2), scab.get(), b.width().negated())),
                        MINUTES));
    }

    private static Part piece(
            Part.StickPart whole, int n, Length length, Angle start, Angle end, Solid solid) {
        return new Part.StickPart(
                MadeUp.mark(whole, n), whole.role(), whole.section(), length, start, end, solid);
    }

    private static Part scab(
            Part.StickPart whole, int n, Length length, Solid solid, Length aside) {
        Role role = whole.role() == Role.JOIST ? Role.JOIST_SCAB : Role.RAFTER_SCAB;
        return new Part.StickPart(
                MadeUp.mark(whole, n),
                role,
                whole.section(),
                length,
                Angle.ZERO,
                Angle.ZERO,
                solid.shifted(aside, Length.ZERO, Length.ZERO));
    }
}
