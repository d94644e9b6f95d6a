package reliqua.core.coop.family;

import java.util.Optional;
import reliqua.core.coop.Terrain;
import reliqua.core.flock.Needs;
import reliqua.core.measure.Length;

/**
 * Where a house stands, for what closes the space below it.
 *
 * @param width outer, along the front
 * @param depth outer, from front to back
 * @param clear from the ground to the underside of the floor
 * @param skin how far the cladding stands out before the frame
 * @param frontToo whether the front is closed even with a run before it
 * @param runOut how far a run reaches out before the front, if there is one
 * @param runFrame thickness of the frames of a run
 * @param wallEnd depth at which a wall ends that is the left side of the run, if there is one
 * @param slabs for paving round it, if there are any
 * @param terrain the ground it stands on
 * @param needs of the birds
 */
record Footprint(
        Length width,
        Length depth,
        Length clear,
        Length skin,
        boolean frontToo,
        Optional<Length> runOut,
        Length runFrame,
        Optional<Length> wallEnd,
        Optional<Finds.Footing> slabs,
        Terrain terrain,
        Needs needs) {}
