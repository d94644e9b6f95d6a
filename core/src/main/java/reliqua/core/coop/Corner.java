package reliqua.core.coop;

import reliqua.core.measure.Length;

/**
 * A point of a profile: u and v are the two axes that are left when the prism's own axis is taken
 * out of x, y, z.
 */
public record Corner(Length u, Length v) {}
