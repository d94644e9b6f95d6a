package reliqua.core.cutting;

import com.google.ortools.linearsolver.MPConstraint;
import com.google.ortools.linearsolver.MPSolver;
import com.google.ortools.linearsolver.MPVariable;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.LongStream;

/**
 * A lower bound on what sheets cost: how many panels of a kind lie on sheets of a kind, in
 * fractions, so that on every kind of sheet the areas, and the products of {@link DualFeasible}
 * values, add up to no more than its sheets. A panel lies only on sheets that take it. Rows that a
 * solution breaks are added until none is found. The bound is made from the multipliers of the rows
 * alone (any that are not negative give one), so it holds whatever the solver's rounding.
 */
final class SheetRelaxation implements AutoCloseable {
    private static final int MOST_FUNCTIONS = 12;
    private static final int MOST_ROUNDS = 40;
    private static final double BROKEN = 1e-4;
    private static final double SAFE = 1 - 1e-9;
    private static final double SAFE_WHOLE = 1 - 1e-6;
    private static final int MOST_WHOLE_ROUNDS = 4;
    private static final int MOST_NODES = 400;

    private final SheetProblem problem;
    private final List<SheetKinds.Kind> sheets;
    private final List<SheetProblem.PanelType> types;
    private final int[] demand;

    /** By type and kind: how it may lie, straight and turned. */
    private final boolean[][][] lies;

    private final List<Row> rows = new ArrayList<>();
    private final MPSolver solver;
    private final MPConstraint[] cover;
    private final MPVariable[][] laid;
    private final MPVariable[] used;
    private final double scale;

    /** On sheets of a kind, the values of all panels add up to no more than the sheets. */
    private record Row(int kind, double[] values, MPConstraint constraint) {}

    /**
     * Sets up the areas.
     *
     * @param wanted panels, by type, that count; the others are left out
     * @param usable area of a sheet without its flaws, as a share of the whole
     */
    SheetRelaxation(SheetProblem problem, SheetKinds kinds, int[] wanted, double[] usable) {
        this.problem = problem;
        this.sheets = kinds.kinds();
        this.types = kinds.types();
        this.demand = wanted;
        this.lies = new boolean[types.size()][sheets.size()][];
        this.solver = MPSolver.createSolver("GLOP");
        this.cover = new MPConstraint[types.size()];
        this.laid = new MPVariable[types.size()][sheets.size()];
        this.used = new MPVariable[sheets.size()];
        this.scale =
                1.0
                        / Math.max(
                                1_000_000,
                                sheets.stream().mapToLong(k -> k.bin().price()).max().orElse(1));
        variables();
        for (int kind = 0; kind < sheets.size(); kind++) {
            DualFeasible share = new DualFeasible.Share();
            double[] areas = values(kind, share, share);
            for (int t = 0; t < areas.length; t++) {
                areas[t] /= usable[kind];
            }
            add(kind, areas);
        }
    }

    /** The same, rows and all, with whole numbers for another solver. */
    private SheetRelaxation(SheetRelaxation other, MPSolver branching) {
        this.problem = other.problem;
        this.sheets = other.sheets;
        this.types = other.types;
        this.demand = other.demand;
        this.lies = other.lies;
        this.solver = branching;
        this.cover = new MPConstraint[types.size()];
        this.laid = new MPVariable[types.size()][sheets.size()];
        this.used = new MPVariable[sheets.size()];
        this.scale = other.scale;
        variables();
        other.rows.forEach(r -> add(r.kind(), r.values()));
        for (MPVariable each : branching.variables()) {
            each.setInteger(true);
        }
    }

    private void variables() {
        solver.objective().setMinimization();
        for (int kind = 0; kind < sheets.size(); kind++) {
            SheetKinds.Kind sheet = sheets.get(kind);
            double most = sheet.own() ? sheet.copies() : MPSolver.infinity();
            used[kind] = solver.makeNumVar(0, most, "");
            solver.objective().setCoefficient(used[kind], sheet.bin().price() * scale);
        }
        for (int t = 0; t < types.size(); t++) {
            cover[t] = solver.makeConstraint(demand[t], MPSolver.infinity());
            for (int kind = 0; kind < sheets.size(); kind++) {
                lies[t][kind] = ways(types.get(t), sheets.get(kind).bin());
                if (demand[t] > 0 && (lies[t][kind][0] || lies[t][kind][1])) {
                    laid[t][kind] = solver.makeNumVar(0, demand[t], "");
                    cover[t].setCoefficient(laid[t][kind], 1);
                }
            }
        }
    }

    private static boolean[] ways(SheetProblem.PanelType panel, SheetProblem.Bin bin) {
        boolean straight = panel.width() <= bin.width() && panel.length() <= bin.length();
        boolean turned =
                panel.mayTurn(bin)
                        && panel.length() <= bin.width()
                        && panel.width() <= bin.length();
        return new boolean[] {straight, turned};
    }

    private long grown(long side) {
        return side + problem.kerf();
    }

    /** The lesser of the ways it may lie; panels and sheets are grown by a kerf. */
    private double[] values(int kind, DualFeasible across, DualFeasible along) {
        SheetProblem.Bin bin = sheets.get(kind).bin();
        double[] values = new double[types.size()];
        for (int t = 0; t < values.length; t++) {
            SheetProblem.PanelType p = types.get(t);
            double least = Double.POSITIVE_INFINITY;
            if (lies[t][kind][0]) {
                least = product(across, along, p.width(), p.length(), bin);
            }
            if (lies[t][kind][1]) {
                least = Math.min(least, product(across, along, p.length(), p.width(), bin));
            }
            values[t] = least;
        }
        return values;
    }

    private double product(
            DualFeasible across, DualFeasible along, long wide, long high, SheetProblem.Bin bin) {
        return across.of(grown(wide), grown(bin.width()))
                * along.of(grown(high), grown(bin.length()));
    }

    private void add(int kind, double[] values) {
        MPConstraint row = solver.makeConstraint(Double.NEGATIVE_INFINITY, 0);
        row.setCoefficient(used[kind], -1);
        for (int t = 0; t < values.length; t++) {
            if (laid[t][kind] != null) {
                row.setCoefficient(laid[t][kind], values[t]);
            }
        }
        rows.add(new Row(kind, values, row));
    }

    /** The bound in millionths. */
    double value(Progress progress) {
        double best = 0;
        for (int round = 0; round < MOST_ROUNDS && !progress.cancelled(); round++) {
            if (CancelWatch.solve(solver, progress) != MPSolver.ResultStatus.OPTIMAL) {
                return best;
            }
            best = Math.max(best, proven());
            if (!tightened()) {
                return best;
            }
        }
        return best;
    }

    /**
     * The same with panels and sheets whole, in millionths: what a branching solver proves in a
     * while. A bound of its own rounding, so a millionth of it is given away.
     */
    double whole(Progress progress) {
        double best = 0;
        for (int round = 0; round < MOST_WHOLE_ROUNDS && !progress.cancelled(); round++) {
            MPSolver branching = MPSolver.createSolver("SCIP");
            // Counted, not timed: the same plan on a fast machine and on a slow one.
            branching.setSolverSpecificParametersAsString("limits/totalnodes = " + MOST_NODES);
            try (SheetRelaxation model = new SheetRelaxation(this, branching)) {
                MPSolver.ResultStatus status = CancelWatch.solve(branching, progress);
                if (status != MPSolver.ResultStatus.OPTIMAL
                        && status != MPSolver.ResultStatus.FEASIBLE) {
                    return best;
                }
                best = Math.max(best, branching.objective().bestBound() / scale * SAFE_WHOLE);
                int known = rows.size();
                if (status != MPSolver.ResultStatus.OPTIMAL || !model.tightened()) {
                    return best;
                }
                model.rows
                        .subList(known, model.rows.size())
                        .forEach(r -> add(r.kind(), r.values()));
            }
        }
        return best;
    }

    /** Gives back what the solver holds outside of Java's memory. */
    @Override
    public void close() {
        solver.delete();
    }

    /** What the multipliers prove: panels at what they cost at least, less the own sheets. */
    private double proven() {
        double[] most = new double[sheets.size()];
        double[][] worth = new double[types.size()][sheets.size()];
        for (Row row : rows) {
            double dual = Math.max(0, -row.constraint().dualValue() / scale);
            most[row.kind()] += dual;
            for (int t = 0; t < types.size(); t++) {
                worth[t][row.kind()] += laid[t][row.kind()] == null ? 0 : dual * row.values()[t];
            }
        }
        double fair = 1;
        for (int kind = 0; kind < most.length; kind++) {
            SheetKinds.Kind sheet = sheets.get(kind);
            if (!sheet.own() && most[kind] > sheet.bin().price()) {
                fair = Math.min(fair, sheet.bin().price() / most[kind]);
            }
        }
        double bound = 0;
        for (int t = 0; t < types.size(); t++) {
            bound += demand[t] * cheapest(t, worth[t]);
        }
        for (int kind = 0; kind < most.length; kind++) {
            bound -= sheets.get(kind).own() ? sheets.get(kind).copies() * most[kind] : 0;
        }
        return Math.max(0, bound * fair * SAFE);
    }

    private double cheapest(int type, double[] worth) {
        return IntStream.range(0, worth.length)
                .filter(kind -> laid[type][kind] != null)
                .mapToDouble(kind -> worth[kind])
                .min()
                .orElse(0);
    }

    /** Adds the row that is broken most, for every kind of sheet that has one. */
    private boolean tightened() {
        double[][] shares = new double[sheets.size()][types.size()];
        double[] full = new double[sheets.size()];
        for (int kind = 0; kind < full.length; kind++) {
            full[kind] = used[kind].solutionValue();
            for (int t = 0; t < types.size(); t++) {
                shares[kind][t] = laid[t][kind] == null ? 0 : laid[t][kind].solutionValue();
            }
        }
        boolean any = false;
        for (int kind = 0; kind < full.length; kind++) {
            double[] broken = mostBroken(kind, shares[kind], full[kind]);
            if (broken.length > 0) {
                add(kind, broken);
                any = true;
            }
        }
        return any;
    }

    private double[] mostBroken(int kind, double[] share, double full) {
        double[] found = {};
        if (Arrays.stream(share).sum() <= BROKEN) {
            return found;
        }
        SheetProblem.Bin bin = sheets.get(kind).bin();
        double most = full + BROKEN;
        List<DualFeasible> along = functions(kind, grown(bin.length()));
        for (DualFeasible across : functions(kind, grown(bin.width()))) {
            for (DualFeasible other : along) {
                double[] values = values(kind, across, other);
                double sum = 0;
                for (int t = 0; t < values.length; t++) {
                    sum += share[t] > 0 ? share[t] * values[t] : 0;
                }
                if (sum > most) {
                    most = sum;
                    found = values;
                }
            }
        }
        return found;
    }

    private List<DualFeasible> functions(int kind, long whole) {
        LongStream sides =
                IntStream.range(0, types.size())
                        .filter(t -> laid[t][kind] != null)
                        .mapToObj(types::get)
                        .flatMapToLong(p -> LongStream.of(grown(p.width()), grown(p.length())))
                        .filter(side -> side < whole);
        return DualFeasible.telling(sides, whole, MOST_FUNCTIONS);
    }
}
