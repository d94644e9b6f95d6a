/** The steps of the build. */
@org.jspecify.annotations.NullMarked
package reliqua.desktop.raise;
