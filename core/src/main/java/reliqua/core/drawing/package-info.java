/**
 * Display lists: what a drawing shows, in millimetres of the real thing, y downwards, without any
 * toolkit. The screen, SVG and PDF each have a painter for them.
 */
@org.jspecify.annotations.NullMarked
package reliqua.core.drawing;
