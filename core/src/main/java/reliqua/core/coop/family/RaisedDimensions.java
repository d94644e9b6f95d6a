package reliqua.core.coop.family;

import java.util.ArrayList;
import java.util.List;
import reliqua.core.measure.Length;

/**
 * The few lengths of a raised house that a keeper would name.
 *
 * @param width outer width of the frame, along the front
 * @param depth outer depth of the frame, front to back
 * @param legs clear height from the ground to the floor frame
 * @param front height of the front wall frame, deck to top of plate
 * @param back height of the back wall frame; the roof drains this way
 * @param overhang of the roof at front and back, level
 */
public record RaisedDimensions(
        Length width, Length depth, Length legs, Length front, Length back, Length overhang) {

    /** One dimension of the family. */
    public enum Name {
        WIDTH,
        DEPTH,
        LEGS,
        FRONT,
        BACK,
        OVERHANG
    }

    /** The length of one name. */
    public Length get(Name name) {
        return switch (name) {
            case WIDTH -> width;
            case DEPTH -> depth;
            case LEGS -> legs;
            case FRONT -> front;
            case BACK -> back;
            case OVERHANG -> overhang;
        };
    }

    /** The same with one length changed. */
    public RaisedDimensions with(Name name, Length length) {
        List<Length> all = new ArrayList<>();
        for (Name each : Name.values()) {
            all.add(each == name ? length : get(each));
        }
        return new RaisedDimensions(
                all.get(0), all.get(1), all.get(2), all.get(3), all.get(4), all.get(5));
    }
}
