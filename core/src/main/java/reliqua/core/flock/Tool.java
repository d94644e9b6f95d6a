package reliqua.core.flock;

import reliqua.core.measure.Sum;

/** Tools that decide what can be cut and fastened, and how. */
public enum Tool {
    HAND_SAW,
    CIRCULAR_SAW,
    TABLE_SAW,
    MITRE_SAW,
    JIGSAW,
    DRILL,
    SNIPS,
    STAPLE_GUN,
    PRY_BAR;

    /** The tool in words. */
    public Sum sum() {
        return Sum.of("tool." + name());
    }

    /** What the tool allows, in words. */
    public Sum allows() {
        return Sum.of("tool." + name() + ".allows");
    }

    /** Whether boards can be ripped along with it. */
    public boolean rips() {
        return this == CIRCULAR_SAW || this == TABLE_SAW;
    }

    /** Whether it cuts bevels to a set angle. */
    public boolean bevels() {
        return this == CIRCULAR_SAW || this == TABLE_SAW || this == MITRE_SAW;
    }
}
