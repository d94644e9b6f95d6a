/** The rack. */
@org.jspecify.annotations.NullMarked
package reliqua.desktop.heap;
