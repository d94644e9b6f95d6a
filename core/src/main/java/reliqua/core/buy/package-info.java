/**
 * The bill in shop units, what the heap gave and its worth, and the hardware counted from joints,
 * openings and mesh.
 */
@org.jspecify.annotations.NullMarked
package reliqua.core.buy;
