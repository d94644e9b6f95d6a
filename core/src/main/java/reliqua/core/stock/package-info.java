/**
 * The heap: what lies in the yard, its true sizes, flaws and warp, and the line in which it is
 * called out.
 */
@org.jspecify.annotations.NullMarked
package reliqua.core.stock;
