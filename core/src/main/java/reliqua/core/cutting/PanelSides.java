package reliqua.core.cutting;

import java.util.Arrays;
import java.util.List;
import java.util.stream.LongStream;

/** The sides that panels have, and so which rests of a sheet are of use. */
final class PanelSides {
    private final long[] sorted;
    private final long kerf;

    PanelSides(List<SheetProblem.PanelType> panels, long kerf) {
        this.kerf = kerf;
        this.sorted =
                panels.stream()
                        .flatMapToLong(p -> LongStream.of(p.width(), p.length()))
                        .sorted()
                        .distinct()
                        .toArray();
    }

    /** The shortest side of any panel. */
    long smallest() {
        return sorted.length == 0 ? 0 : sorted[0];
    }

    /** What of a rest is lost when the panel that fits it best is cut from it. */
    long lost(long rest) {
        long room = rest - kerf;
        int at = Arrays.binarySearch(sorted, room);
        if (rest == 0 || at >= 0) {
            return 0;
        }
        int below = -at - 2;
        return below < 0 ? rest : Math.min(rest, room - sorted[below]);
    }
}
