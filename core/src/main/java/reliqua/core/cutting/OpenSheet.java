package reliqua.core.cutting;

import java.util.ArrayList;
import java.util.List;

/**
 * A sheet being filled: its free rectangles, each of which can be cut off by edge-to-edge cuts, and
 * what lies on it.
 */
final class OpenSheet {
    /** A panel (by index) placed with its near corner at x, y. */
    record Placed(int panel, long x, long y, boolean turned) {}

    /** Where a panel could go: in which free rectangle, at which corner, and how well it fits. */
    record Spot(int rect, long x, long y, long width, long length, boolean turned, double misfit) {}

    private final SheetProblem.Bin bin;
    private final long kerf;
    private final long smallest;
    private final List<SheetProblem.Rect> free = new ArrayList<>();
    private final List<Placed> placed = new ArrayList<>();

    /** {@code smallest} is the shortest side of any panel: narrower rests are not kept. */
    OpenSheet(SheetProblem.Bin bin, long kerf, long smallest) {
        this.bin = bin;
        this.kerf = kerf;
        this.smallest = smallest;
        keep(0, 0, bin.width(), bin.length());
    }

    SheetProblem.Bin bin() {
        return bin;
    }

    List<Placed> placed() {
        return placed;
    }

    /**
     * The best spot for a panel of this size, or null when there is none: the hot loop of the
     * search.
     */
    @org.jspecify.annotations.Nullable
    Spot best(
            long width,
            long length,
            boolean mayTurn,
            @org.jspecify.annotations.Nullable Spot soFar) {
        Spot best = soFar;
        for (int r = 0; r < free.size(); r++) {
            best = better(best, spot(r, width, length, false));
            if (mayTurn && width != length) {
                best = better(best, spot(r, length, width, true));
            }
        }
        return best;
    }

    private static @org.jspecify.annotations.Nullable Spot better(
            @org.jspecify.annotations.Nullable Spot a, @org.jspecify.annotations.Nullable Spot b) {
        return a == null || b != null && b.misfit() < a.misfit() ? b : a;
    }

    private @org.jspecify.annotations.Nullable Spot spot(
            int r, long width, long length, boolean turned) {
        SheetProblem.Rect rect = free.get(r);
        if (width > rect.width() || length > rect.length()) {
            return null;
        }
        Spot best =
                clear(rect, rect.x0(), rect.y0(), width, length)
                        ? new Spot(
                                r,
                                rect.x0(),
                                rect.y0(),
                                width,
                                length,
                                turned,
                                misfit(rect, rect.x0(), rect.y0(), width, length))
                        : null;
        for (SheetProblem.Rect flaw : bin.flaws()) {
            if (flaw.overlaps(rect.x0(), rect.y0(), rect.x1(), rect.y1())) {
                best =
                        better(
                                best,
                                beside(
                                        r,
                                        rect,
                                        Math.max(flaw.x1(), rect.x0()),
                                        rect.y0(),
                                        width,
                                        length,
                                        turned));
                best =
                        better(
                                best,
                                beside(
                                        r,
                                        rect,
                                        rect.x0(),
                                        Math.max(flaw.y1(), rect.y0()),
                                        width,
                                        length,
                                        turned));
                best =
                        better(
                                best,
                                beside(
                                        r,
                                        rect,
                                        Math.max(flaw.x1(), rect.x0()),
                                        Math.max(flaw.y1(), rect.y0()),
                                        width,
                                        length,
                                        turned));
            }
        }
        return best;
    }

    private @org.jspecify.annotations.Nullable Spot beside(
            int r,
            SheetProblem.Rect rect,
            long x,
            long y,
            long width,
            long length,
            boolean turned) {
        return clear(rect, x, y, width, length)
                ? new Spot(r, x, y, width, length, turned, misfit(rect, x, y, width, length))
                : null;
    }

    private boolean clear(SheetProblem.Rect rect, long x, long y, long width, long length) {
        if (x + width > rect.x1() || y + length > rect.y1()) {
            return false;
        }
        for (SheetProblem.Rect flaw : bin.flaws()) {
            if (flaw.overlaps(x, y, x + width, y + length)) {
                return false;
            }
        }
        return true;
    }

    /** Zero for an exact fit on both sides; small when one side fits exactly. */
    private double misfit(SheetProblem.Rect rect, long x, long y, long width, long length) {
        double across = (double) (rect.x1() - x - width) / rect.width();
        double along = (double) (rect.y1() - y - length) / rect.length();
        double lost = (x > rect.x0() ? 0.2 : 0) + (y > rect.y0() ? 0.2 : 0);
        double near = Math.min(across, along);
        return (near < 1e-7 ? 0 : 0.3 + near) + 0.15 * Math.max(across, along) + lost;
    }

    /**
     * Puts a panel on a spot and cuts the rest of its rectangle: first across when {@code
     * acrossFirst}.
     */
    void place(int panel, Spot spot, boolean acrossFirst) {
        SheetProblem.Rect rect = free.remove(spot.rect());
        placed.add(new Placed(panel, spot.x(), spot.y(), spot.turned()));
        long left = spot.x() - kerf;
        long right = spot.x() + spot.width() + kerf;
        long below = spot.y() - kerf;
        long above = spot.y() + spot.length() + kerf;
        if (acrossFirst) {
            keep(rect.x0(), rect.y0(), rect.x1(), below);
            keep(rect.x0(), above, rect.x1(), rect.y1());
            keep(rect.x0(), spot.y(), left, spot.y() + spot.length());
            keep(right, spot.y(), rect.x1(), spot.y() + spot.length());
        } else {
            keep(rect.x0(), rect.y0(), left, rect.y1());
            keep(right, rect.y0(), rect.x1(), rect.y1());
            keep(spot.x(), rect.y0(), spot.x() + spot.width(), below);
            keep(spot.x(), above, spot.x() + spot.width(), rect.y1());
        }
    }

    /** Whether the rest is larger in one piece when the first cut runs across. */
    boolean acrossKeepsMore(Spot spot) {
        SheetProblem.Rect rect = free.get(spot.rect());
        double besides = rect.x1() - spot.x() - spot.width();
        double beyond = rect.y1() - spot.y() - spot.length();
        return beyond * rect.width() >= besides * rect.length();
    }

    private void keep(long x0, long y0, long x1, long y1) {
        if (x1 - x0 >= smallest && y1 - y0 >= smallest) {
            free.add(new SheetProblem.Rect(x0, y0, x1, y1));
        }
    }
}
