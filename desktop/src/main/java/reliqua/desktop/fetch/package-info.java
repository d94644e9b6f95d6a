/** What remains to buy. */
@org.jspecify.annotations.NullMarked
package reliqua.desktop.fetch;
