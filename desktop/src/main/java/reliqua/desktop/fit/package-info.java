/** The house fitted to the heap. */
@org.jspecify.annotations.NullMarked
package reliqua.desktop.fit;
