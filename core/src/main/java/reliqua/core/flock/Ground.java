package reliqua.core.flock;

import reliqua.core.measure.Bearing;
import reliqua.core.measure.Length;

/**
 * How the ground falls under a coop, as seen from before its front.
 *
 * @param right fall to the right, for each unit of length; a rise is below zero
 * @param back fall to the back
 */
public record Ground(double right, double back) {
    /** Level ground. */
    public static final Ground LEVEL = new Ground(0, 0);

    /** Less is levelled with a spade as the site is cleared. */
    private static final double LEVELLED = 2;

    private static final double PERCENT = 100;

    /** Of a site, under a coop whose front looks where the site says. */
    static Ground of(Site site) {
        if (site.slope() < LEVELLED) {
            return LEVEL;
        }
        double fall = site.slope() / PERCENT;
        Bearing back = site.facing().opposite();
        return new Ground(
                fall * back.turned(90).agreement(site.downhill()),
                fall * back.agreement(site.downhill()));
    }

    /** The same as seen in a mirror, right and left changing places. */
    public Ground mirrored() {
        return new Ground(-right, back);
    }

    /** How much lower it is at a point than at the highest corner of a coop of this size. */
    public Length below(Length x, Length y, Length width, Length depth) {
        double highest = Math.min(0, right * width.nm()) + Math.min(0, back * depth.nm());
        double here = right * x.nm() + back * y.nm();
        return new Length(Math.max(0, Math.round(here - highest)));
    }
}
