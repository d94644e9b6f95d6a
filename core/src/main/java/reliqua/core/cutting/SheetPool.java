package reliqua.core.cutting;

import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Every sheet laid so far, from which whole sheets are chosen anew. */
final class SheetPool {
    private static final int MOST = 1500;

    /** Deterministic seconds for choosing. */
    private static final double EFFORT = 0.1;

    private final SheetProblem problem;
    private final SheetKinds kinds;
    private final boolean[] fitsShop;
    private final Set<SheetPattern> patterns = new LinkedHashSet<>();

    /** {@code fitsShop} tells of every panel whether a shop sheet holds it. */
    SheetPool(SheetProblem problem, SheetKinds kinds, boolean[] fitsShop) {
        this.problem = problem;
        this.kinds = kinds;
        this.fitsShop = fitsShop;
    }

    void addAll(Collection<SheetPattern> more) {
        patterns.addAll(more);
    }

    /** The same layout, its sheets remembered. */
    SheetLayout remembered(SheetLayout layout) {
        for (int b = 0; b < layout.own().size() && patterns.size() < MOST; b++) {
            if (!layout.own().get(b).isEmpty()) {
                patterns.add(kinds.pattern(problem.own().get(b), layout.own().get(b)));
            }
        }
        for (OpenSheet sheet : layout.bought()) {
            if (patterns.size() < MOST) {
                patterns.add(kinds.pattern(sheet.bin(), sheet.placed()));
            }
        }
        return layout;
    }

    /** The best choice of sheets; none where the solver is missing or finds none. */
    Optional<List<SheetPattern>> choose(Progress progress) {
        if (progress.cancelled() || !NativeSolver.isLoaded()) {
            return Optional.empty();
        }
        boolean[] buyable = new boolean[kinds.types().size()];
        for (int t = 0; t < buyable.length; t++) {
            buyable[t] = fitsShop[kinds.panels(t).getFirst()];
        }
        return new SheetMaster(kinds, buyable, EFFORT, progress).choose(List.copyOf(patterns));
    }
}
