package reliqua.core.coop.madeup;

import java.util.List;
import reliqua.core.coop.Part;

/**
 * A part made up of several.
 *
 * @param seam how
 * @param parts what stands in its place; their marks are its mark and a letter
 * @param minutes of work more than for the part in one piece
 */
public record MadeUp(Seam seam, List<Part> parts, int minutes) {
    /** Copies the list. */
    public MadeUp {
        parts = List.copyOf(parts);
    }

    /** The mark of the n-th piece, from zero. */
    static String mark(Part whole, int n) {
        return whole.mark() + (char) ('a' + n % 26) + (n < 26 ? "" : String.valueOf(n / 26));
    }
}
