/**
 * The search for the house that suits a heap: dimensions worth trying, sections at hand, lowest
 * bill first.
 */
@org.jspecify.annotations.NullMarked
package reliqua.core.fit;
