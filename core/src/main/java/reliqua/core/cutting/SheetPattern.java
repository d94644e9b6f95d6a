package reliqua.core.cutting;

import java.util.Arrays;
import java.util.List;

/**
 * What one sheet of a kind gives: how many of each panel type, and where they lie. Two patterns are
 * equal when they give the same panels from the same kind of sheet, however they lie.
 *
 * @param bin index of the kind of sheet
 * @param counts by panel type
 * @param spots where they lie
 */
record SheetPattern(int bin, int[] counts, List<Spot> spots) {
    /** A panel of a type with its near corner at x, y. */
    record Spot(int type, long x, long y, boolean turned) {}

    static SheetPattern of(int bin, List<Spot> spots, int types) {
        int[] counts = new int[types];
        spots.forEach(s -> counts[s.type()]++);
        return new SheetPattern(bin, counts, List.copyOf(spots));
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof SheetPattern p && p.bin == bin && Arrays.equals(p.counts, counts);
    }

    @Override
    public int hashCode() {
        return 31 * bin + Arrays.hashCode(counts);
    }
}
