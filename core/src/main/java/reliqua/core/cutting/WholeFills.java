package reliqua.core.cutting;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;

/**
 * Finds fillings of whole sheets without any waste, from the panels up: two rectangles with a side
 * in common are joined, a kerf between them, into a larger one, as long as there are panels for it
 * (after Wang 1983, with no waste allowed). A flaw counts as a panel that lies in its place. Every
 * filling can be cut from edge to edge by its joins, undone from the last.
 *
 * <p>Without waste few rectangles fit each other, so the closure is small; where it is not, the
 * search stops at a number of rectangles and gives what it has.
 */
final class WholeFills {
    private static final int MOST_FILLS = 200;
    private static final int LARGE_FIRST_RUNS = 4;

    private final SheetKinds kinds;
    private final long kerf;
    private final Progress progress;

    private final RandomGenerator random;
    private final WasteFree.Budget budget;

    /** Looks at no more than {@code joins} pairs of rectangles in all. */
    WholeFills(SheetKinds kinds, long kerf, long joins, long seed, Progress progress) {
        this.kinds = kinds;
        this.budget = new WasteFree.Budget(joins);
        this.kerf = kerf;
        this.random = RandomGeneratorFactory.of("L64X128MixRandom").create(seed);
        this.progress = progress;
    }

    /**
     * The fillings of every own kind of sheet: all there are where the closure is small, otherwise
     * those that a few searches for large rectangles first come upon.
     */
    List<SheetPattern> all() {
        Set<SheetPattern> fills = new LinkedHashSet<>();
        return search(fills, false) ? List.copyOf(fills) : more(fills);
    }

    /** Those that a few more searches for large rectangles first come upon. */
    List<SheetPattern> more() {
        return more(new LinkedHashSet<>());
    }

    private List<SheetPattern> more(Set<SheetPattern> fills) {
        boolean complete = false;
        for (int run = 0;
                run < LARGE_FIRST_RUNS && !complete && budget.left() > 0 && !progress.cancelled();
                run++) {
            complete = search(fills, true);
            if (fills.isEmpty()) {
                // Large rectangles were looked for and none came about: these panels were not cut
                // from whole sheets.
                break;
            }
        }
        return List.copyOf(fills);
    }

    /** Pairs of rectangles that may still be looked at. */
    long joinsLeft() {
        return budget.left();
    }

    /** One search; whether it came to its end. */
    private boolean search(Set<SheetPattern> fills, boolean largeFirst) {
        WasteFree.Hunt hunt = new WasteFree.Hunt(largeFirst, random, budget, progress);
        WasteFree plain = new WasteFree(kinds, kerf, hunt, longest(true), longest(false));
        plain.grow(panels());
        boolean complete = plain.complete();
        for (int kind = 0; kind < kinds.kinds().size(); kind++) {
            SheetProblem.Bin bin = kinds.kinds().get(kind).bin();
            if (!kinds.kinds().get(kind).own() || progress.cancelled()) {
                continue;
            }
            WasteFree closure = plain;
            List<WasteFree.Node> flaws = flaws(bin);
            if (!flaws.isEmpty()) {
                closure = new WasteFree(kinds, kerf, hunt, bin.width(), bin.length());
                closure.growFrom(plain, flaws);
                complete &= closure.complete();
            }
            fills.addAll(fills(kind, bin, closure, (1 << flaws.size()) - 1));
        }
        return complete;
    }

    private long longest(boolean width) {
        return kinds.kinds().stream()
                .filter(SheetKinds.Kind::own)
                .mapToLong(k -> width ? k.bin().width() : k.bin().length())
                .max()
                .orElse(0);
    }

    private List<WasteFree.Node> panels() {
        List<WasteFree.Node> leaves = new ArrayList<>();
        for (int type = 0; type < kinds.types().size(); type++) {
            SheetProblem.PanelType panel = kinds.types().get(type);
            byte[] counts = new byte[kinds.types().size()];
            counts[type] = 1;
            leaves.add(leaf(panel.width(), panel.length(), counts, type, false));
            boolean turns = kinds.kinds().stream().allMatch(k -> panel.mayTurn(k.bin()));
            if (turns && panel.width() != panel.length()) {
                leaves.add(leaf(panel.length(), panel.width(), counts, type, true));
            }
        }
        return leaves;
    }

    private static WasteFree.Node leaf(
            long width, long length, byte[] counts, int type, boolean turned) {
        return new WasteFree.Node(
                width,
                length,
                counts,
                0,
                WasteFree.ANYWHERE,
                WasteFree.ANYWHERE,
                type,
                turned,
                false,
                null,
                null);
    }

    /** Flaws that lie wholly inside; others cannot be closed up against. */
    private List<WasteFree.Node> flaws(SheetProblem.Bin bin) {
        List<WasteFree.Node> leaves = new ArrayList<>();
        for (int n = 0; n < Math.min(8, bin.flaws().size()); n++) {
            SheetProblem.Rect flaw = bin.flaws().get(n);
            leaves.add(
                    new WasteFree.Node(
                            flaw.width(),
                            flaw.length(),
                            new byte[kinds.types().size()],
                            1 << n,
                            flaw.x0(),
                            flaw.y0(),
                            WasteFree.FLAW,
                            false,
                            false,
                            null,
                            null));
        }
        return leaves;
    }

    private List<SheetPattern> fills(
            int kind, SheetProblem.Bin bin, WasteFree closure, int allFlaws) {
        List<SheetPattern> fills = new ArrayList<>();
        for (WasteFree.Node node : closure.of(bin.width(), bin.length())) {
            if (node.flaws() == allFlaws && fills.size() < MOST_FILLS) {
                List<SheetPattern.Spot> spots = new ArrayList<>();
                lay(node, 0, 0, spots);
                fills.add(SheetPattern.of(kind, spots, kinds.types().size()));
            }
        }
        return fills;
    }

    private void lay(WasteFree.Node node, long x, long y, List<SheetPattern.Spot> spots) {
        WasteFree.Node first = node.first();
        WasteFree.Node second = node.second();
        if (first == null || second == null) {
            if (node.type() != WasteFree.FLAW) {
                spots.add(new SheetPattern.Spot(node.type(), x, y, node.turned()));
            }
            return;
        }
        lay(first, x, y, spots);
        if (node.across()) {
            lay(second, x + first.width() + kerf, y, spots);
        } else {
            lay(second, x, y + first.length() + kerf, spots);
        }
    }
}
