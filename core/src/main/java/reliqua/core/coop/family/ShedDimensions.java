package reliqua.core.coop.family;

import java.util.Optional;
import reliqua.core.measure.Length;

/**
 * The lengths of a house with stud walls, as its builders read them.
 *
 * @param width outer width of the frame, along the front
 * @param depth outer depth of the frame, front to back
 * @param clear height from the ground to the floor frame
 * @param front height of the front wall frame, deck to top of plate
 * @param back height of the back wall frame; the roof drains this way
 * @param overhang of the roof at front and back, level
 * @param rise from the plates to the ridge of a gable, or to the step of a split roof; nothing
 *     under a single slope
 */
record ShedDimensions(
        Length width,
        Length depth,
        Length clear,
        Length front,
        Length back,
        Length overhang,
        Optional<Length> rise) {
    static final String EAVES = "eaves";
    static final String RISE = "rise";

    static final String WIDTH = "width";
    static final String DEPTH = "depth";
    static final String FRONT = "front";
    static final String BACK = "back";
    static final String OVERHANG = "overhang";
}
