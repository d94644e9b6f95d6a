/** The coop in use: what is in it, what is due, what was noted, and what that tells. */
@org.jspecify.annotations.NullMarked
package reliqua.core.keep;
