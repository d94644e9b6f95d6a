/**
 * What the window works on: project, history, file, and the design that follows in the background.
 */
@org.jspecify.annotations.NullMarked
package reliqua.desktop.work;
