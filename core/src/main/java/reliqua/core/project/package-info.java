/**
 * The project: what the keeper decided and did, its edits and history, and everything derived from
 * it.
 */
@org.jspecify.annotations.NullMarked
package reliqua.core.project;
