/** Commands over the core and the files, each usable without a display. */
@org.jspecify.annotations.NullMarked
package reliqua.cli;
