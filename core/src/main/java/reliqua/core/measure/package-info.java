/**
 * Lengths, angles, areas, weights and money; reading and printing a tape; the sentences of the
 * core.
 */
@org.jspecify.annotations.NullMarked
package reliqua.core.measure;
