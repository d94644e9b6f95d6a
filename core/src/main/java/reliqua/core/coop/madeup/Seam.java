package reliqua.core.coop.madeup;

import java.util.Comparator;
import java.util.List;
import reliqua.core.measure.Length;

/**
 * How a part is made up: enough to make it again from the same house.
 *
 * @param mark of the part
 * @param kind of joint
 * @param at where: see the kinds
 */
public record Seam(String mark, Kind kind, List<Length> at) implements Comparable<Seam> {
    /** The ways to make a part of several. */
    public enum Kind {
        /** A stick of two that lie side by side for a stretch; at: length of the first. */
        LAPPED,
        /** A stick of two end to end, a scab on either side; at: length of the first. */
        SCABBED,
        /** A plate of two end to end over a stud; at: length of the first. */
        BUTTED,
        /** Roofing of two, the upper over the lower on a purlin; at: length of the upper. */
        COURSES,
        /** Roofing of two narrower sheets, one over the other at the side; at: both widths. */
        BESIDE,
        /** A panel of several side by side, the seams on framing; at: their places in the house. */
        TILED_ACROSS,
        /** A panel of several in storeys, blocking behind the seams; at: their heights. */
        TILED_UP,
        /**
         * A panel in rows of several; at: the places of the seams that run up, a zero, the heights
         * of those across.
         */
        TILED,
        /** A panel of upright boards with battens over the gaps; at: thickness, then widths. */
        BOARDED,
        /**
         * A panel of level boards, each over the one below; at: thickness, then widths from below.
         */
        WEATHERBOARDED,
        /** Mesh of two strips one behind the other; at: length of the first. */
        LACED_LONG,
        /** Mesh of two strips side by side; at: width of the first. */
        LACED_WIDE
    }

    private static final Comparator<Seam> ORDER =
            Comparator.comparing(Seam::mark)
                    .thenComparing(Seam::kind)
                    .thenComparing(s -> s.at().toString());

    /** Copies the list. */
    public Seam {
        at = List.copyOf(at);
    }

    /** Whether a piece of this mark is part of it: its mark, a letter, perhaps a number. */
    public boolean makes(String pieceMark) {
        return pieceMark.matches(java.util.regex.Pattern.quote(mark) + "[a-z]\\d*");
    }

    @Override
    public int compareTo(Seam other) {
        return ORDER.compare(this, other);
    }
}
