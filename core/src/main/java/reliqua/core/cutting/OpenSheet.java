package reliqua.core.cutting;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleSupplier;
import org.jspecify.annotations.Nullable;

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
    private final PanelSides sides;
    private final List<SheetProblem.Rect> free = new ArrayList<>();
    private final List<Placed> placed = new ArrayList<>();

    /** {@code sides} tells which rests are of use: narrower than any panel are not kept. */
    OpenSheet(SheetProblem.Bin bin, long kerf, PanelSides sides) {
        this.bin = bin;
        this.kerf = kerf;
        this.sides = sides;
        keep(0, 0, bin.width(), bin.length());
    }

    /** A sheet on which everything lies already; nothing more is put on it. */
    static OpenSheet filled(
            SheetProblem.Bin bin, long kerf, PanelSides sides, List<Placed> placed) {
        OpenSheet sheet = new OpenSheet(bin, kerf, sides);
        sheet.free.clear();
        sheet.placed.addAll(placed);
        return sheet;
    }

    SheetProblem.Bin bin() {
        return bin;
    }

    List<Placed> placed() {
        return placed;
    }

    /**
     * The best spot for a panel of this size, if there is one: the hot loop of the search.
     *
     * @param jitter added to each misfit, so that a search does not always take the same
     */
    Optional<Spot> best(long width, long length, boolean mayTurn, DoubleSupplier jitter) {
        Spot best = null;
        for (int r = 0; r < free.size(); r++) {
            best = better(best, spot(r, width, length, false, jitter));
            if (mayTurn && width != length) {
                best = better(best, spot(r, length, width, true, jitter));
            }
        }
        return Optional.ofNullable(best);
    }

    private static @Nullable Spot better(@Nullable Spot a, @Nullable Spot b) {
        return a == null || b != null && b.misfit() < a.misfit() ? b : a;
    }

    private @Nullable Spot spot(
            int r, long width, long length, boolean turned, DoubleSupplier jitter) {
        SheetProblem.Rect rect = free.get(r);
        if (width > rect.width() || length > rect.length()) {
            return null;
        }
        // Pushed left and down as far as it goes, a panel comes to rest against the border or a
        // flaw:
        // only those places need be tried, but all pairs of them.
        Spot best = null;
        for (int i = -1; i < bin.flaws().size(); i++) {
            long x = i < 0 ? rect.x0() : bin.flaws().get(i).x1();
            if (x < rect.x0() || x + width > rect.x1()) {
                continue;
            }
            for (int j = -1; j < bin.flaws().size(); j++) {
                long y = j < 0 ? rect.y0() : bin.flaws().get(j).y1();
                if (y >= rect.y0() && y + length <= rect.y1()) {
                    best = better(best, at(r, x, y, width, length, turned, jitter));
                }
            }
        }
        return best;
    }

    private @Nullable Spot at(
            int r, long x, long y, long width, long length, boolean turned, DoubleSupplier jitter) {
        SheetProblem.Rect rect = free.get(r);
        if (!clear(rect, x, y, width, length)) {
            return null;
        }
        double misfit = misfit(rect, x, y, width, length) + jitter.getAsDouble();
        return new Spot(r, x, y, width, length, turned, misfit);
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

    /** Zero when what is left on both sides is nothing, or just what another panel takes up. */
    private double misfit(SheetProblem.Rect rect, long x, long y, long width, long length) {
        long besides = rect.x1() - x - width;
        long beyond = rect.y1() - y - length;
        double across = (double) sides.lost(besides) / rect.width();
        double along = (double) sides.lost(beyond) / rect.length();
        double skipped = (x > rect.x0() ? 0.2 : 0) + (y > rect.y0() ? 0.2 : 0);
        double exact = besides == 0 || beyond == 0 ? 0 : 0.15;
        return exact + Math.min(across, along) * 2 + 0.3 * Math.max(across, along) + skipped;
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
        if (x1 - x0 >= sides.smallest() && y1 - y0 >= sides.smallest()) {
            free.add(new SheetProblem.Rect(x0, y0, x1, y1));
        }
    }
}
