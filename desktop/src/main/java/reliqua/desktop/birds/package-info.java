/** The birds and what they need. */
@org.jspecify.annotations.NullMarked
package reliqua.desktop.birds;
