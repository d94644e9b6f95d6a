package reliqua.core.coop.family;

import java.util.ArrayList;
import java.util.List;
import reliqua.core.coop.Corner;
import reliqua.core.flock.Needs;
import reliqua.core.measure.Angle;
import reliqua.core.measure.Length;
import reliqua.core.measure.Sum;
import reliqua.core.stock.Section;

/**
 * Lines of an A-frame pen. The ridge runs along the front; the closed end is at the left. Sloped
 * lines are drawn for the front and mirrored for the back.
 */
final class AFrameLayout {
    private static final Length STATIONS_APART = Length.mm(610);
    private static final Length BATTENS_APART = Length.mm(560);
    private static final Length BAR_ABOVE_GROUND = Length.mm(350);
    private static final Length PROFILE = Length.mm(16);
    private static final Length AT_RIDGE = Length.mm(2);

    final Choices c;
    final Needs needs;
    final Length width;
    final Length depth;
    final Length peak;
    final Length closed;
    final Section frame;
    final Section batten;

    AFrameLayout(DesignSpec spec, Brief brief) throws Unbuildable {
        this.c = spec.choices();
        this.needs = brief.needs();
        this.width = spec.width();
        this.depth = spec.depth();
        this.peak = spec.length(PenSizes.PEAK);
        this.closed = spec.length(PenSizes.CLOSED);
        this.frame = c.section(Choices.Group.RUN);
        this.batten = c.section(Choices.Group.PURLINS);
        Unbuildable.unless(closed.atMost(width), Sum.of("family.closed", closed, width));
        Unbuildable.unless(
                peak.atLeast(depth.scaled(0.5)), Sum.of("family.peak", peak, depth.scaled(0.5)));
    }

    Length thick() {
        return frame.thickness();
    }

    Length wide() {
        return frame.width();
    }

    private Length rise() {
        return peak.minus(thick());
    }

    private Length run() {
        return depth.minus(thick()).half();
    }

    Angle slope() {
        return Angle.ofSlope(rise(), run());
    }

    /** Length of a leg's outer edge, from the rail to the ridge board. */
    Length edge() {
        return new Length(Math.round(Math.hypot(rise().nm(), run().nm())));
    }

    /** So far up the slope from the outer edge of the rail, and so far outside the legs. */
    Corner on(Length up, Length out) {
        double cos = slope().cos();
        double sin = slope().sin();
        return new Corner(
                up.scaled(cos).minus(out.scaled(sin)),
                thick().plus(up.scaled(sin)).plus(out.scaled(cos)));
    }

    /** Height of the line so far outside the legs, at a depth from the front. */
    Length heightAt(Length y, Length out) {
        return thick().plus(y.scaled(slope().tan())).plus(out.scaled(1 / slope().cos()));
    }

    /** Depth at which the line so far outside the legs has a height. */
    Length depthAt(Length z, Length out) {
        return z.minus(thick()).minus(out.scaled(1 / slope().cos())).scaled(1 / slope().tan());
    }

    /** A slab lying on the slope. */
    List<Corner> slab(Length from, Length to, Length low, Length high) {
        return List.of(on(from, low), on(to, low), on(to, high), on(from, high));
    }

    /** The same on the other side of the ridge. */
    List<Corner> mirrored(List<Corner> corners) {
        return corners.stream().map(p -> new Corner(depth.minus(p.u()), p.v())).toList();
    }

    /** Left edges of the pairs of legs. */
    List<Length> stations() {
        List<Length> stations =
                new ArrayList<>(Spacing.even(Length.ZERO, closed, thick(), STATIONS_APART));
        Length rest = width.minus(closed);
        if (rest.compareTo(thick().times(2)) > 0) {
            List<Length> open = Spacing.even(closed.minus(thick()), width, thick(), STATIONS_APART);
            stations.addAll(open.subList(1, open.size()));
        }
        return stations;
    }

    /** Lower edges of the battens up the slope. */
    List<Length> battens() {
        return Spacing.even(Length.ZERO, edge(), batten.width(), BATTENS_APART);
    }

    /** Where the roofing of both sides all but meets, cut level. */
    Length capBottom() {
        return heightAt(depth.half().minus(AT_RIDGE), batten.thickness());
    }

    /** Roofing on the battens, from the rail to the ridge. */
    List<Corner> roofing() {
        Length low = batten.thickness();
        Length high = low.plus(PROFILE);
        Length z = capBottom();
        return List.of(
                on(Length.ZERO, low),
                new Corner(depthAt(z, low), z),
                new Corner(depthAt(z, high), z),
                on(Length.ZERO, high));
    }

    /** Length of the roofing down the slope. */
    Length roofingLength() {
        Corner top = roofing().get(1);
        Corner foot = roofing().getFirst();
        double level = top.u().minus(foot.u()).toMm();
        double up = top.v().minus(foot.v()).toMm();
        return Length.ofMm(Math.hypot(level, up)).ceilTo(c.step());
    }

    /** On rails as flat as those of the frame. */
    Length nestFloor() {
        return thick().plus(c.skin());
    }

    Length nestLip() {
        return nestFloor().plus(needs.nestLip());
    }

    /** Underside of the roost bars: top of the ties that carry them. */
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

    /** Middle of a bar from the front: evenly about the ridge. */
    Length barAt(int n) {
        Length first = depth.half().minus(needs.roostSpacing().times(bars() - 1L).half());
        return first.plus(needs.roostSpacing().times(n));
    }

    /** From the lowest bar to the battens above it. */
    Length headroom() {
        Length side = barAt(0).minus(bar().width().half());
        return heightAt(side, wide().negated()).minus(barTop());
    }
}
