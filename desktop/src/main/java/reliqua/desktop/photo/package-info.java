/** Pictures of lots and steps: taken in, scaled down, shown. */
@org.jspecify.annotations.NullMarked
package reliqua.desktop.photo;
