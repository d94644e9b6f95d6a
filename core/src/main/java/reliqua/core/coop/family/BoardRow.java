package reliqua.core.coop.family;

import java.util.ArrayList;
import java.util.List;
import reliqua.core.measure.Length;

/** Boards side by side over a stretch. */
final class BoardRow {
    /** A gap so wide keeps out all but the smallest; boards swell into it. */
    static final Length GAP = Length.mm(8);

    /** Nothing narrower is ripped. */
    private static final Length NARROWEST = Length.mm(20);

    private BoardRow() {}

    /**
     * A board.
     *
     * @param from its near edge
     * @param to its far edge
     */
    record Board(Length from, Length to) {
        Length width() {
            return to.minus(from);
        }
    }

    /**
     * Whole boards with even gaps where these stay narrow; else boards edge to edge and the last
     * ripped to what is left.
     */
    static List<Board> of(Length from, Length to, Length wide) {
        Length all = to.minus(from);
        int count = (int) (all.nm() / wide.nm());
        Length rest = all.minus(wide.times(count));
        List<Board> row = new ArrayList<>();
        if (count > 0 && rest.atMost(GAP.times(count + 1L))) {
            for (int n = 0; n < count; n++) {
                Length gap = rest.times(n + 1L).dividedBy(count + 1L);
                Length at = from.plus(wide.times(n)).plus(gap);
                row.add(new Board(at, at.plus(wide)));
            }
            return row;
        }
        for (int n = 0; n < count; n++) {
            Length at = from.plus(wide.times(n));
            row.add(new Board(at, at.plus(wide)));
        }
        Length at = from.plus(wide.times(count));
        if (rest.atLeast(NARROWEST) || count == 0) {
            row.add(new Board(at, to));
        } else {
            // A sliver would split: the last whole board gives up some of its width to it.
            Board last = row.removeLast();
            Length middle = last.from().plus(to).half();
            row.add(new Board(last.from(), middle));
            row.add(new Board(middle, to));
        }
        return row;
    }
}
