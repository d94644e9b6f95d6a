package reliqua.core.coop;

import reliqua.core.measure.Length;

/**
 * A point of a profile: u and v are the two axes that are left when the prism's own axis is taken
 * out of x, y, z.
 */
public record Corner(Length u, Length v) {
    /** The point so far away at an angle from the u axis towards the v axis, in radians. */
    public Corner along(Length far, double angle) {
        return new Corner(u.plus(far.scaled(Math.cos(angle))), v.plus(far.scaled(Math.sin(angle))));
    }
}
