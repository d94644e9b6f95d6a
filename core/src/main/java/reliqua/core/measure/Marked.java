package reliqua.core.measure;

/**
 * A length that is worded to the nearest step of the tape, as a pencil mark is set.
 *
 * @param length exact
 */
public record Marked(Length length) {}
