/** The frame: path, tally, bench, slip and say line. */
@org.jspecify.annotations.NullMarked
package reliqua.desktop.shell;
