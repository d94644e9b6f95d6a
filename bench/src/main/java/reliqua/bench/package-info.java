/** Benchmarks of the planners on folders of cut jobs, side by side with what one does by hand. */
@org.jspecify.annotations.NullMarked
package reliqua.bench;
