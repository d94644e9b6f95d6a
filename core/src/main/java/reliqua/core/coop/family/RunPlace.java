package reliqua.core.coop.family;

import reliqua.core.coop.Terrain;
import reliqua.core.measure.Length;

/**
 * Where a run stands before a house, or before two beside one another.
 *
 * @param at the house whose way out leads into it
 * @param width of all before which it stands
 * @param top of the run, under the lowest eaves
 * @param terrain the ground it stands on
 */
record RunPlace(ShedLayout at, Length width, Length top, Terrain terrain) {
    /** Before one house. */
    static RunPlace before(ShedLayout at) {
        return new RunPlace(at, at.d.width(), RunBuilder.top(at), at.terrain);
    }
}
