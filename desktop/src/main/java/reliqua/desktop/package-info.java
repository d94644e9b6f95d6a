/** The application: start, window, shell. */
@org.jspecify.annotations.NullMarked
package reliqua.desktop;
