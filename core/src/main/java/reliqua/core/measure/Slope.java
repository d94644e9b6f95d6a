package reliqua.core.measure;

/**
 * An angle that is worded as a square sets it, by its rise in so much run.
 *
 * @param angle from square
 */
public record Slope(Angle angle) {}
