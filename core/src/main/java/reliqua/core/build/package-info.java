/** The steps of the build, in order, from the design's own parts. */
@org.jspecify.annotations.NullMarked
package reliqua.core.build;
