/** Pictures of the core on the screen, flat and in space. */
@org.jspecify.annotations.NullMarked
package reliqua.desktop.paint;
