package reliqua.core.cutting;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;
import reliqua.core.measure.Length;

/**
 * Panels of any outline on sheets of any outline: sloped ends head to tail, small panels in the
 * openings and corners of large ones, a slanting edge used to the edge.
 *
 * <p>Improves on a plan of least rectangles. First what that plan buys or misses is tried on what
 * its own sheets really have left; then all panels are laid anew in two orders. A heuristic: the
 * bound compares true areas. Other than a plan of rectangles, such a plan may need a cut that does
 * not run from edge to edge.
 */
final class SheetNesting {
    private static final double MM2 = 1e-12;

    private final SheetProblem problem;
    private final Progress progress;
    private final List<List<NestShape>> shapes;

    SheetNesting(SheetProblem problem, Progress progress) {
        this.problem = problem;
        this.progress = progress;
        this.shapes =
                IntStream.range(0, problem.panels().size())
                        .mapToObj(i -> NestShape.of(problem, i))
                        .toList();
    }

    /** What is laid where. */
    private record Layout(List<NestSheet> own, List<NestSheet> bought, List<Integer> missing) {
        long cost() {
            return bought.stream().mapToLong(s -> s.bin().price()).sum();
        }
    }

    /** The best of the rectangles' plan and of what nesting finds, with the bound of both. */
    SheetPlanner.Result improved(SheetPlanner.Result rectangles) {
        if (rectangles.cost() == 0 && rectangles.missing().isEmpty()) {
            return rectangles;
        }
        double bound = bound();
        List<Layout> found = new ArrayList<>();
        found.add(laid(kept(rectangles), loose(rectangles)));
        for (ToDoubleFunction<SheetProblem.PanelType> size : sizes()) {
            found.add(laid(empty(), sorted(IntStream.range(0, shapes.size()), size)));
        }
        if (progress.cancelled()) {
            // What was not laid any more counts as missing there.
            return rectangles.bounded(bound);
        }
        Layout best =
                found.stream()
                        .min(
                                Comparator.<Layout>comparingInt(l -> l.missing().size())
                                        .thenComparingLong(Layout::cost))
                        .orElseThrow();
        int fewer = rectangles.missing().size() - best.missing().size();
        boolean better = fewer > 0 || fewer == 0 && best.cost() < rectangles.cost();
        return (better ? result(best) : rectangles).bounded(bound);
    }

    private static List<ToDoubleFunction<SheetProblem.PanelType>> sizes() {
        return List.of(p -> (double) p.width() * p.length(), p -> Math.max(p.width(), p.length()));
    }

    /** What the own sheets have no area for must be bought, at best at the lowest price an area. */
    private double bound() {
        double wanted = 0;
        for (int i = 0; i < shapes.size(); i++) {
            wanted += buyable(i) ? shapes.get(i).getFirst().shape().getArea() : 0;
        }
        double own =
                problem.own().stream()
                        .mapToDouble(
                                b ->
                                        b.outline()
                                                .map(o -> o.squareMetres() * 1e6)
                                                .orElse(MM2 * b.width() * b.length()))
                        .sum();
        double rate =
                problem.shop().stream()
                        .mapToDouble(b -> b.price() / (MM2 * b.width() * b.length()))
                        .min()
                        .orElse(0);
        long[] prices = problem.shop().stream().mapToLong(SheetProblem.Bin::price).toArray();
        return new PossibleBills(prices).atLeast(Math.max(0, wanted - own) * rate * (1 - 1e-9));
    }

    private boolean buyable(int panel) {
        return problem.shop().stream().anyMatch(problem.panels().get(panel)::fits);
    }

    private List<NestSheet> empty() {
        return problem.own().stream().map(b -> new NestSheet(b, problem.kerf())).toList();
    }

    /** The own sheets with what a plan has on them. */
    private List<NestSheet> kept(SheetPlanner.Result plan) {
        List<NestSheet> own = empty();
        Map<String, List<Integer>> byId = byId();
        for (NestSheet sheet : own) {
            for (CutPlan.SheetCut cut : plan.cuts()) {
                if (is(cut, sheet.bin())) {
                    for (CutPlan.PlacedPanel p : cut.panels()) {
                        int panel = byId.get(p.id()).removeFirst();
                        sheet.place(way(panel, p.quarters()), p.x().toMm(), p.y().toMm());
                    }
                }
            }
        }
        return own;
    }

    private NestShape way(int panel, int quarters) {
        return shapes.get(panel).stream()
                .filter(s -> s.quarters() == quarters)
                .findFirst()
                .orElseThrow();
    }

    private static boolean is(CutPlan.SheetCut cut, SheetProblem.Bin bin) {
        return bin.source().equals(cut.source()) && bin.copy() == cut.copy();
    }

    private Map<String, List<Integer>> byId() {
        Map<String, List<Integer>> byId = new HashMap<>();
        for (int i = 0; i < shapes.size(); i++) {
            byId.computeIfAbsent(problem.panels().get(i).id(), _ -> new ArrayList<>()).add(i);
        }
        return byId;
    }

    /** What a plan buys or misses, largest first. */
    private List<Integer> loose(SheetPlanner.Result plan) {
        Map<String, List<Integer>> byId = byId();
        for (CutPlan.SheetCut cut : plan.cuts()) {
            if (problem.own().stream().anyMatch(b -> is(cut, b))) {
                cut.panels().forEach(p -> byId.get(p.id()).removeFirst());
            }
        }
        return sorted(
                byId.values().stream().flatMap(List::stream).mapToInt(Integer::intValue),
                sizes().getFirst());
    }

    private List<Integer> sorted(IntStream panels, ToDoubleFunction<SheetProblem.PanelType> size) {
        return panels.boxed()
                .sorted(
                        Comparator.comparingDouble(
                                i -> -size.applyAsDouble(problem.panels().get(i))))
                .toList();
    }

    /** When cancelled, what is not laid yet counts as missing. */
    private Layout laid(List<NestSheet> own, List<Integer> panels) {
        Layout layout = new Layout(own, new ArrayList<>(), new ArrayList<>());
        for (int panel : panels) {
            if (progress.cancelled()
                    || !put(layout.own(), panel)
                            && !put(layout.bought(), panel)
                            && !buy(layout.bought(), panel)) {
                layout.missing().add(panel);
            }
        }
        return layout;
    }

    private boolean put(List<NestSheet> sheets, int panel) {
        NestSheet target = null;
        NestSheet.Spot best = null;
        for (NestSheet sheet : sheets) {
            Optional<NestSheet.Spot> spot = sheet.best(shapes.get(panel));
            if (spot.isPresent() && (best == null || spot.get().region() < best.region())) {
                target = sheet;
                best = spot.get();
            }
        }
        if (target == null || best == null) {
            return false;
        }
        target.place(best.shape(), best.x(), best.y());
        return true;
    }

    private boolean buy(List<NestSheet> bought, int panel) {
        List<SheetProblem.Bin> cheapest =
                problem.shop().stream()
                        .sorted(Comparator.comparingLong(SheetProblem.Bin::price))
                        .toList();
        for (SheetProblem.Bin item : cheapest) {
            NestSheet sheet = new NestSheet(item, problem.kerf());
            if (put(List.of(sheet), panel)) {
                bought.add(sheet);
                return true;
            }
        }
        return false;
    }

    private SheetPlanner.Result result(Layout layout) {
        List<CutPlan.SheetCut> cuts = new ArrayList<>();
        layout.own().stream()
                .filter(s -> !s.placed().isEmpty())
                .forEach(s -> cuts.add(cut(s, s.bin().copy())));
        Map<String, Integer> copies = new HashMap<>();
        layout.bought()
                .forEach(s -> cuts.add(cut(s, copies.merge(s.bin().source(), 1, Integer::sum))));
        return new SheetPlanner.Result(
                cuts,
                layout.missing().stream().map(i -> problem.panels().get(i).id()).toList(),
                layout.cost(),
                0,
                false);
    }

    private CutPlan.SheetCut cut(NestSheet sheet, int copy) {
        return new CutPlan.SheetCut(
                sheet.bin().source(),
                copy,
                sheet.placed().stream()
                        .map(
                                p ->
                                        new CutPlan.PlacedPanel(
                                                problem.panels().get(p.shape().panel()).id(),
                                                length(p.x()),
                                                length(p.y()),
                                                p.shape().quarters() % 2 == 1,
                                                p.shape().quarters() > 1))
                        .toList());
    }

    /** A hair outside is a rounding. */
    private static Length length(double mm) {
        return Length.ofMm(Math.max(0, mm));
    }
}
