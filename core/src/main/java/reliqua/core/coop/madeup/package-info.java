/**
 * Parts made up of several pieces where no single one is to be had: sticks lapped, roofing laid in
 * courses, panels tiled over a seam on framing or boarded upright.
 */
@org.jspecify.annotations.NullMarked
package reliqua.core.coop.madeup;
