/**
 * The one model of a coop: parts as prisms in space, openings, and what can be measured of them.
 * Axes: x to the right seen from the front, y from front to back, z up; the origin lies on the
 * ground at the front left corner of the outer frame.
 */
@org.jspecify.annotations.NullMarked
package reliqua.core.coop;
