package reliqua.core.measure;

/**
 * A length that is walked rather than cut: worded in feet or in metres.
 *
 * @param length the length
 */
public record Distance(Length length) {}
