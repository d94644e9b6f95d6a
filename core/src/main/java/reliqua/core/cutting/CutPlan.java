package reliqua.core.cutting;

import java.util.List;
import java.util.SortedMap;
import java.util.TreeMap;
import reliqua.core.measure.Length;
import reliqua.core.measure.Money;

/**
 * Which part is cut from which piece of material, and where: the cut-plan format, version 4
 * (version 3 is the same without nested, turned and half-turned parts, version 2 also without what
 * work counts, version 1 also without ways).
 *
 * @param sticks one entry a stick that is cut or bought, in the order of the job
 * @param sheets one entry a sheet that is cut or bought, in the order of the job
 * @param unplaced parts no material can give, and how many of each
 * @param cost price of everything bought
 * @param work what the work beforehand counts, where an hour of it has a price
 * @param lowerBound no plan with as few unplaced parts costs less, work included
 * @param status whether the cost is proven
 * @param remark what the planner wants said, for example that it worked without its solver; may be
 *     empty
 */
public record CutPlan(
        List<StickCut> sticks,
        List<SheetCut> sheets,
        SortedMap<String, Integer> unplaced,
        Money cost,
        Money work,
        Money lowerBound,
        Status status,
        String remark) {

    /** What has been proved. */
    public enum Status {
        /** No plan with as few unplaced parts is cheaper. */
        OPTIMAL,
        /** Valid; a cheaper one has not been ruled out. */
        FEASIBLE
    }

    /** Copies the lists. */
    public CutPlan {
        sticks = List.copyOf(sticks);
        sheets = List.copyOf(sheets);
        unplaced = java.util.Collections.unmodifiableSortedMap(new TreeMap<>(unplaced));
    }

    /**
     * A piece whose near end lies at {@code at}.
     *
     * @param of which of the sticks that the way gives, counted from one; one for a plain stick
     * @param turned whether the bevelled end of a piece with one bevel comes first
     * @param nested whether it lies beside the slant of the one before, one cut parting the two
     */
    public record PlacedPiece(String id, Length at, int of, boolean turned, boolean nested) {
        /** By itself. */
        public PlacedPiece(String id, Length at, int of) {
            this(id, at, of, false, false);
        }

        /** On a plain stick. */
        public PlacedPiece(String id, Length at) {
            this(id, at, 1);
        }
    }

    /**
     * One stick, or one thing worked into sticks, with its pieces in order from the marked end.
     *
     * @param way how it is worked first; empty for a plain stick
     */
    public record StickCut(String source, int copy, String way, List<PlacedPiece> pieces) {
        /** Copies the list. */
        public StickCut {
            pieces = List.copyOf(pieces);
        }

        /** Of a plain stick. */
        public StickCut(String source, int copy, List<PlacedPiece> pieces) {
            this(source, copy, "", pieces);
        }
    }

    /**
     * A panel whose least rectangle has its near corner at x, y.
     *
     * @param turned by a quarter against the clock: width and length are exchanged
     * @param half whether it is turned by a half more
     */
    public record PlacedPanel(String id, Length x, Length y, boolean turned, boolean half) {
        /** A rectangle, which looks the same a half turn further. */
        public PlacedPanel(String id, Length x, Length y, boolean turned) {
            this(id, x, y, turned, false);
        }

        /** Quarter turns against the clock. */
        public int quarters() {
            return (turned ? 1 : 0) + (half ? 2 : 0);
        }
    }

    /** One sheet with its panels. */
    public record SheetCut(String source, int copy, List<PlacedPanel> panels) {
        /** Copies the list. */
        public SheetCut {
            panels = List.copyOf(panels);
        }
    }

    public boolean isComplete() {
        return unplaced.isEmpty();
    }
}
