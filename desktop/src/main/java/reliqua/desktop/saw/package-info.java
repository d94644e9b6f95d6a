/** The cutting tickets. */
@org.jspecify.annotations.NullMarked
package reliqua.desktop.saw;
