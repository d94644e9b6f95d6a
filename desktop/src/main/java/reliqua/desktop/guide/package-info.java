/** The user guide inside the program: the same pages as in docs/guide. */
@org.jspecify.annotations.NullMarked
package reliqua.desktop.guide;
