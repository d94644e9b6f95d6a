package reliqua.core.coop.madeup;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.SortedMap;
import reliqua.core.measure.Length;

/**
 * Which boards of mixed real widths fill a wall: as few as possible, and so near to its width that
 * the rest, shared out between them, leaves gaps a batten covers. Bounded subset sum in whole
 * millimetres (Kellerer, Pferschy, Pisinger 2004, ch. 4); boards are taken a little wider than they
 * are, so they always fit.
 */
final class BoardFill {
    /**
     * Battens of 36 mm cover a gap so wide with a lap of 12 mm each side, and boards still swell.
     */
    private static final long WIDEST_GAP = 12;

    private BoardFill() {}

    /**
     * The widths from left to right, widest first; empty where no choice fills it.
     *
     * @param boards how many there are of each width
     */
    static List<Length> of(Length wall, SortedMap<Length, Integer> boards) {
        int room = (int) Math.floor(wall.toMm());
        int[] fewest = new int[room + 1];
        Length[] last = new Length[room + 1];
        int[] before = new int[room + 1];
        Arrays.fill(fewest, Integer.MAX_VALUE);
        fewest[0] = 0;
        for (Map.Entry<Length, Integer> kind : boards.entrySet()) {
            for (int n = 0; n < Math.min(kind.getValue(), room); n++) {
                int wide = (int) Math.ceil(kind.getKey().toMm());
                if (!add(kind.getKey(), wide, fewest, last, before)) {
                    break;
                }
            }
        }
        for (int sum = room; sum > 0; sum--) {
            if (fewest[sum] < Integer.MAX_VALUE
                    && room - sum <= WIDEST_GAP * Math.max(0, fewest[sum] - 1L)) {
                return widths(sum, last, before, boards);
            }
        }
        return List.of();
    }

    /** One more board of a width wherever it helps; whether it did. */
    private static boolean add(Length width, int wide, int[] fewest, Length[] last, int[] before) {
        boolean helped = false;
        for (int sum = fewest.length - 1; sum >= wide; sum--) {
            int from = sum - wide;
            if (fewest[from] < Integer.MAX_VALUE && fewest[from] + 1 < fewest[sum]) {
                fewest[sum] = fewest[from] + 1;
                last[sum] = width;
                before[sum] = from;
                helped = true;
            }
        }
        return helped;
    }

    private static List<Length> widths(
            int sum, Length[] last, int[] before, SortedMap<Length, Integer> boards) {
        List<Length> widths = new ArrayList<>();
        for (int at = sum; at > 0; at = before[at]) {
            widths.add(last[at]);
        }
        // Predecessors may have been bettered since they were used, so the counts are looked at.
        boolean there =
                boards.entrySet().stream()
                        .allMatch(
                                e ->
                                        widths.stream().filter(e.getKey()::equals).count()
                                                <= e.getValue());
        widths.sort(java.util.Comparator.reverseOrder());
        return there ? widths : List.of();
    }
}
