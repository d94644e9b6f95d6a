/**
 * The rules that turn a family's few dimensions into a coop, by shared builders of floor, walls,
 * roof and fittings.
 */
@org.jspecify.annotations.NullMarked
package reliqua.core.coop.family;
