/** What can be built on to a coop of any kind: read off its geometry, not off its family. */
@org.jspecify.annotations.NullMarked
package reliqua.core.coop.addon;
