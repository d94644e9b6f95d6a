package reliqua.core.coop.family;

import java.util.ArrayList;
import java.util.List;
import reliqua.core.coop.Corner;
import reliqua.core.flock.Needs;
import reliqua.core.measure.Length;
import reliqua.core.measure.Sum;
import reliqua.core.stock.Section;

/**
 * Lines of a hoop pen: arcs of a circle from one ground rail to the other. Hoops of one length over
 * a given base have one radius: with half the angle they span, a, the arc is 2 r a and the base 2 r
 * sin a, so sin a / a is base over arc.
 */
final class HoopLayout {
    private static final Length HOOPS_APART = Length.mm(750);
    private static final Length BAR_ABOVE_GROUND = Length.mm(350);

    /** Odd, so that the topmost piece of a drawn arc lies level. */
    private static final int PIECES = 25;

    /** A plastic pipe bent closer than 40 times its thickness kinks; steel wants 60. */
    private static final int LEAST_RADIUS = 40;

    private static final int HALVINGS = 60;

    final Choices c;
    final Needs needs;
    final Finds.Hoops hoops;
    final Length width;
    final Length depth;
    final Length closed;
    final Section frame;

    private final double half;
    private final double radius;
    private final double centre;

    HoopLayout(DesignSpec spec, Brief brief) throws Unbuildable {
        this.c = spec.choices();
        this.needs = brief.needs();
        this.hoops = c.finds().hoops().orElseThrow(() -> new Unbuildable(Sum.of("family.noHoops")));
        this.width = spec.width();
        this.depth = spec.depth();
        this.closed = spec.length(PenSizes.CLOSED);
        this.frame = c.section(Choices.Group.RUN);
        Unbuildable.unless(closed.atMost(width), Sum.of("family.closed", closed, width));
        Length base = depth.minus(wide());
        Unbuildable.unless(
                base.compareTo(hoops.arc()) < 0, Sum.of("family.hoopFlat", hoops.arc(), depth));
        this.half = half(base.ratio(hoops.arc()));
        this.radius = hoops.arc().toMm() / 2 / half;
        this.centre = thick().toMm() - radius * Math.cos(half);
        Unbuildable.unless(
                radius >= LEAST_RADIUS * hoops.thick().toMm(),
                Sum.of("family.bend", Length.ofMm(radius), hoops.thick().times(LEAST_RADIUS)));
        int needed = stations().size();
        Unbuildable.unless(
                needed <= hoops.count(), Sum.of("family.hoopsShort", needed, hoops.count()));
    }

    /** Half the angle of an arc, from base over arc, which falls from 1 to 0 as it grows. */
    private static double half(double share) {
        double low = 1e-6;
        double high = Math.PI;
        for (int n = 0; n < HALVINGS; n++) {
            double middle = (low + high) / 2;
            if (Math.sin(middle) / middle > share) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return low;
    }

    Length thick() {
        return frame.thickness();
    }

    Length wide() {
        return frame.width();
    }

    Length pipe() {
        return hoops.thick();
    }

    /** Left edges of the hoops. */
    List<Length> stations() {
        List<Length> stations =
                new ArrayList<>(Spacing.even(Length.ZERO, closed, pipe(), HOOPS_APART));
        if (width.minus(closed).compareTo(pipe().times(2)) > 0) {
            List<Length> open = Spacing.even(closed.minus(pipe()), width, pipe(), HOOPS_APART);
            stations.addAll(open.subList(1, open.size()));
        }
        return stations;
    }

    /**
     * Points of a circle so far outside the middle of the hoops, from the front foot over the top
     * to the back foot, both at the height of the rails.
     */
    List<Corner> arc(Length out) {
        double at = radius + out.toMm();
        double end = Math.acos(radius * Math.cos(half) / at);
        List<Corner> points = new ArrayList<>();
        for (int n = 0; n <= PIECES; n++) {
            double angle = -end + 2 * end * n / PIECES;
            double y = depth.toMm() / 2 + at * Math.sin(angle);
            double z = n == 0 || n == PIECES ? thick().toMm() : centre + at * Math.cos(angle);
            points.add(new Corner(Length.ofMm(y), Length.ofMm(z)));
        }
        return points;
    }

    /** Between two circles about the middle of the hoops. */
    List<Corner> band(Length inner, Length outer) {
        List<Corner> band = new ArrayList<>(arc(outer));
        band.addAll(arc(inner).reversed());
        return band;
    }

    /** Level underside of the topmost piece of the inner circle. */
    Length innerTop() {
        return arc(pipe().half().negated()).get(PIECES / 2).v();
    }

    Length top() {
        return arc(pipe().half()).get(PIECES / 2).v();
    }

    /** Depth of a circle at a height, on the front side; the middle where it is over the top. */
    Length depthAt(Length z, Length out) {
        double at = radius + out.toMm();
        double up = z.toMm() - centre;
        double aside = at * at - up * up;
        return Length.ofMm(depth.toMm() / 2 - Math.sqrt(Math.max(0, aside)));
    }

    /** Height of a circle over a depth. */
    Length heightAt(Length y, Length out) {
        double at = radius + out.toMm();
        double aside = y.toMm() - depth.toMm() / 2;
        return Length.ofMm(centre + Math.sqrt(Math.max(0, at * at - aside * aside)));
    }

    Length nestFloor() {
        return thick().plus(c.skin());
    }

    Length nestLip() {
        return nestFloor().plus(needs.nestLip());
    }

    Length tieTop() {
        Length nests =
                needs.nests() == 0
                        ? Length.ZERO
                        : nestFloor().plus(needs.nestHeight()).plus(c.skin());
        return nests.max(BAR_ABOVE_GROUND).ceilTo(c.step());
    }

    Section bar() {
        return c.section(Choices.Group.ROOSTS);
    }

    Length barTop() {
        return tieTop().plus(bar().thickness());
    }

    int bars() {
        return (int) Math.ceilDiv(needs.roost().nm(), closed.nm());
    }

    /** Middle of a bar from the front: evenly about the middle. */
    Length barAt(int n) {
        Length first = depth.half().minus(needs.roostSpacing().times(bars() - 1L).half());
        return first.plus(needs.roostSpacing().times(n));
    }

    /** From the outermost bar to the hoop above it. */
    Length headroom() {
        Length side = barAt(0).minus(bar().width().half());
        return heightAt(side, pipe().half().negated()).minus(barTop());
    }
}
