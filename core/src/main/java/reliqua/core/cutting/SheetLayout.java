package reliqua.core.cutting;

import java.util.ArrayList;
import java.util.List;
import reliqua.core.measure.Length;

/**
 * A layout of all panels, with its worth.
 *
 * @param own what lies on each own sheet
 * @param bought sheets that are bought
 * @param missing panels that lie nowhere
 * @param cost of what is bought, in millionths
 * @param boughtArea of the panels on bought sheets; the less, the nearer to buying one sheet fewer
 */
record SheetLayout(
        List<List<OpenSheet.Placed>> own,
        List<OpenSheet> bought,
        List<Integer> missing,
        long cost,
        long boughtArea) {

    /** A layout with its worth reckoned. */
    static SheetLayout of(
            SheetProblem problem,
            List<List<OpenSheet.Placed>> own,
            List<OpenSheet> bought,
            List<Integer> missing) {
        long cost = bought.stream().mapToLong(s -> s.bin().price()).sum();
        long area =
                bought.stream()
                        .flatMap(s -> s.placed().stream())
                        .mapToLong(p -> area(problem.panels().get(p.panel())))
                        .sum();
        return new SheetLayout(own, bought, missing, cost, area);
    }

    /** In square tenths of a millimetre, so that sums stay within a long. */
    private static long area(SheetProblem.PanelType type) {
        return type.width() / 100_000 * (type.length() / 100_000);
    }

    /** Fewer missing, then cheaper, then less on bought sheets; or the same in all. */
    boolean noWorseThan(SheetLayout other) {
        if (missing.size() != other.missing.size()) {
            return missing.size() < other.missing.size();
        }
        return cost != other.cost ? cost < other.cost : boughtArea <= other.boughtArea;
    }

    /** As a cut plan tells it. */
    List<CutPlan.SheetCut> cuts(SheetProblem problem) {
        List<CutPlan.SheetCut> cuts = new ArrayList<>();
        for (int b = 0; b < own.size(); b++) {
            if (!own.get(b).isEmpty()) {
                SheetProblem.Bin bin = problem.own().get(b);
                cuts.add(
                        new CutPlan.SheetCut(
                                bin.source(), bin.copy(), placed(problem, own.get(b))));
            }
        }
        for (SheetProblem.Bin item : problem.shop()) {
            int copy = 0;
            for (OpenSheet sheet : bought) {
                if (sheet.bin() == item) {
                    cuts.add(
                            new CutPlan.SheetCut(
                                    item.source(), ++copy, placed(problem, sheet.placed())));
                }
            }
        }
        return cuts;
    }

    private static List<CutPlan.PlacedPanel> placed(
            SheetProblem problem, List<OpenSheet.Placed> placed) {
        return placed.stream()
                .map(
                        p ->
                                new CutPlan.PlacedPanel(
                                        problem.panels().get(p.panel()).id(),
                                        new Length(p.x()),
                                        new Length(p.y()),
                                        p.turned()))
                .toList();
    }
}
