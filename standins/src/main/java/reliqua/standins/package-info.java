/**
 * Simulated devices and services that ship with the program. Every merchant and price here is made
 * up.
 */
@org.jspecify.annotations.NullMarked
package reliqua.standins;
