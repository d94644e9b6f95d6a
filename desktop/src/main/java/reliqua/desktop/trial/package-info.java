/**
 * Measures the real window: how smooth it stays, what a kill loses, whether memory grows. Started
 * from {@code scripts/bench}, never by the tests.
 */
@org.jspecify.annotations.NullMarked
package reliqua.desktop.trial;
