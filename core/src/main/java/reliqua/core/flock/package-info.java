/**
 * Birds and keeper, the schools of practice, and the needs they imply. All husbandry figures live
 * here.
 */
@org.jspecify.annotations.NullMarked
package reliqua.core.flock;
