package reliqua.core.cutting;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import java.util.stream.IntStream;

/**
 * Plans panels on sheets of one thickness by guillotine cuts: builds a layout panel by panel where
 * each fits best, then takes some sheets up again and lays them anew as long as the layout gets no
 * worse (ruin and recreate, after Schrimpf and others 2000). The bound compares areas, of panels
 * and sheets grown by a kerf, and where that leaves a gap what {@link SheetRelaxation} proves, so
 * it holds for every plan.
 */
final class SheetPlanner {
    /** Pairs of rectangles looked at for every round of laying anew. */
    private static final long JOINS_A_ROUND = 3000;

    private final SheetProblem problem;
    private final int rounds;
    private final boolean proves;
    private final RandomGenerator random;
    private final PanelSides sides;
    private final boolean[] fitsOwn;
    private final boolean[] fitsShop;
    private final SheetKinds kinds;
    private final SheetPool pool;

    SheetPlanner(SheetProblem problem, CutPlanner.Settings settings) {
        this.problem = problem;
        this.rounds = settings.sheetRounds();
        this.proves = settings.proves() && rounds > 0;
        this.random = RandomGeneratorFactory.of("L64X128MixRandom").create(settings.seed());
        this.sides = new PanelSides(problem.panels(), problem.kerf());
        this.kinds = new SheetKinds(problem);
        this.fitsOwn = new boolean[problem.panels().size()];
        this.fitsShop = new boolean[problem.panels().size()];
        for (int i = 0; i < fitsOwn.length; i++) {
            fitsOwn[i] = fitsAny(problem.own(), i);
            fitsShop[i] = fitsAny(problem.shop(), i);
        }
        this.pool = new SheetPool(problem, kinds, fitsShop);
    }

    private boolean fitsAny(List<SheetProblem.Bin> bins, int panel) {
        return bins.stream().anyMatch(bin -> holds(bin, panel));
    }

    private boolean holds(SheetProblem.Bin bin, int panel) {
        OpenSheet empty = new OpenSheet(bin, problem.kerf(), sides);
        return spot(empty, panel, 0).isPresent();
    }

    private Optional<OpenSheet.Spot> spot(OpenSheet sheet, int panel, double noise) {
        SheetProblem.PanelType type = problem.panels().get(panel);
        return sheet.best(
                type.width(),
                type.length(),
                type.mayTurn(sheet.bin()),
                () -> noise == 0 ? 0 : noise * random.nextDouble());
    }

    /** What was found and what is proven, in millionths. */
    record Result(
            List<CutPlan.SheetCut> cuts,
            List<String> missing,
            long cost,
            double bound,
            boolean proven) {
        /** The same with another bound. */
        Result bounded(double other) {
            double holds = Math.min(other, cost);
            return new Result(cuts, missing, cost, holds, missing.isEmpty() && cost <= holds);
        }
    }

    Result plan(Progress progress) {
        SheetBound area = new SheetBound(problem, fitsOwn, fitsShop);
        double bound = area.value();
        SheetLayout best = layOut(emptyOwn(), allPanels(0), 0);
        for (int o = 1; o < 3 && rounds > 0; o++) {
            SheetLayout next = layOut(emptyOwn(), allPanels(o), 0);
            best = next.noWorseThan(best) ? next : best;
        }
        if (proves && !closed(best, bound)) {
            bound = Math.max(bound, area.relaxed(kinds, progress));
        }
        if (rounds > 0 && !closed(best, bound)) {
            best = wholeFirst(best, progress);
        }
        SheetLayout current = best;
        for (int round = 0;
                round < rounds && !closed(best, bound) && !progress.cancelled();
                round++) {
            SheetLayout next =
                    round % 400 == 399
                            ? layOut(emptyOwn(), shuffled(allPanels(round % 3), 0.6), 0.1)
                            : relaid(current);
            current = next.noWorseThan(current) || round % 400 == 399 ? next : current;
            best = current.noWorseThan(best) ? current : best;
        }
        if (rounds > 0 && !closed(best, bound)) {
            best = recombined(best, progress);
        }
        return result(best, bound);
    }

    /** Sheets filled without waste, if there are any, and what is left laid on the others. */
    private SheetLayout wholeFirst(SheetLayout start, Progress progress) {
        WholeSheets whole =
                new WholeSheets(
                        problem, kinds, JOINS_A_ROUND * rounds, random.nextLong(), progress);
        List<SheetPattern> chosen = whole.best();
        if (chosen.isEmpty()) {
            return start;
        }
        pool.addAll(whole.found());
        SheetLayout filled = layout(chosen);
        List<Integer> loose = new ArrayList<>(allPanels(0));
        loose.retainAll(filled.missing());
        SheetLayout laid = layOut(filled.own(), loose, 0);
        return recombined(laid.noWorseThan(start) ? laid : start, progress);
    }

    /** The best choice among all sheets laid so far, when it is better than {@code best}. */
    private SheetLayout recombined(SheetLayout best, Progress progress) {
        return pool.choose(progress)
                .map(this::layout)
                .filter(l -> onlyImpossible(l) && l.noWorseThan(best))
                .orElse(best);
    }

    /** Chosen patterns with panels in them, as many of each as are wanted. */
    private SheetLayout layout(List<SheetPattern> chosen) {
        List<Deque<Integer>> loose = new ArrayList<>();
        for (int t = 0; t < kinds.types().size(); t++) {
            loose.add(new ArrayDeque<>(kinds.panels(t)));
        }
        List<List<OpenSheet.Placed>> own = new ArrayList<>(emptyOwn());
        List<OpenSheet> bought = new ArrayList<>();
        // Own sheets first, so that what is too many is left out of bought ones.
        for (SheetPattern pattern :
                chosen.stream().sorted(Comparator.comparing(p -> !isOwn(p))).toList()) {
            List<OpenSheet.Placed> placed = new ArrayList<>();
            for (SheetPattern.Spot spot : pattern.spots()) {
                Integer panel = loose.get(spot.type()).poll();
                if (panel != null) {
                    placed.add(new OpenSheet.Placed(panel, spot.x(), spot.y(), spot.turned()));
                }
            }
            SheetProblem.Bin bin = kinds.kinds().get(pattern.bin()).bin();
            if (isOwn(pattern)) {
                own.set(free(own, pattern.bin()), placed);
            } else if (!placed.isEmpty()) {
                bought.add(OpenSheet.filled(bin, problem.kerf(), sides, placed));
            }
        }
        List<Integer> missing = loose.stream().flatMap(Deque::stream).toList();
        return SheetLayout.of(problem, own, bought, missing);
    }

    private boolean isOwn(SheetPattern pattern) {
        return kinds.kinds().get(pattern.bin()).own();
    }

    private int free(List<List<OpenSheet.Placed>> own, int kind) {
        return IntStream.range(0, own.size())
                .filter(b -> own.get(b).isEmpty() && kinds.kindOf(problem.own().get(b)) == kind)
                .findFirst()
                .orElseThrow();
    }

    private boolean onlyImpossible(SheetLayout layout) {
        return layout.missing().stream().noneMatch(i -> fitsOwn[i] || fitsShop[i]);
    }

    private boolean closed(SheetLayout layout, double bound) {
        return onlyImpossible(layout) && layout.cost() <= bound;
    }

    private List<List<OpenSheet.Placed>> emptyOwn() {
        return problem.own().stream().map(_ -> List.<OpenSheet.Placed>of()).toList();
    }

    private List<Integer> allPanels(int order) {
        Comparator<Integer> byOnlyOwn = Comparator.comparing(i -> fitsShop[i]);
        Comparator<Integer> bySize =
                Comparator.comparingDouble(
                        i -> {
                            SheetProblem.PanelType p = problem.panels().get(i);
                            return -switch (order) {
                                case 0 -> (double) p.width() * p.length();
                                case 1 -> Math.max(p.width(), p.length());
                                default -> p.width() + p.length();
                            };
                        });
        return IntStream.range(0, problem.panels().size())
                .boxed()
                .sorted(byOnlyOwn.thenComparing(bySize))
                .toList();
    }

    private List<Integer> shuffled(List<Integer> order, double strength) {
        double[] keys = new double[problem.panels().size()];
        for (int n = 0; n < order.size(); n++) {
            keys[order.get(n)] = n + strength * order.size() * random.nextDouble();
        }
        return order.stream().sorted(Comparator.comparingDouble(i -> keys[i])).toList();
    }

    private SheetLayout relaid(SheetLayout layout) {
        List<List<OpenSheet.Placed>> own = new ArrayList<>(layout.own());
        List<Integer> loose = new ArrayList<>(layout.missing());
        layout.bought().forEach(s -> s.placed().forEach(p -> loose.add(p.panel())));
        int lifted = own.isEmpty() ? 0 : 1 + random.nextInt(Math.min(3, own.size()));
        for (int n = 0; n < lifted; n++) {
            int which = random.nextInt(own.size());
            own.get(which).forEach(p -> loose.add(p.panel()));
            own.set(which, List.of());
        }
        loose.sort(
                Comparator.<Integer, Boolean>comparing(i -> fitsShop[i])
                        .thenComparingDouble(
                                i ->
                                        -(double) problem.panels().get(i).width()
                                                * problem.panels().get(i).length()));
        return layOut(own, shuffled(loose, random.nextDouble()), 0.25 * random.nextDouble());
    }

    /**
     * Lays loose panels on the own sheets that are empty or have been lifted, then on bought ones.
     */
    private SheetLayout layOut(
            List<List<OpenSheet.Placed>> own, List<Integer> loose, double noise) {
        List<OpenSheet> open = new ArrayList<>();
        for (int b = 0; b < own.size(); b++) {
            if (own.get(b).isEmpty()) {
                open.add(new OpenSheet(problem.own().get(b), problem.kerf(), sides));
            }
        }
        List<OpenSheet> bought = new ArrayList<>();
        List<Integer> missing = new ArrayList<>();
        for (int panel : loose) {
            if (!put(panel, open, noise) && !put(panel, bought, noise) && !buy(panel, bought)) {
                missing.add(panel);
            }
        }
        List<List<OpenSheet.Placed>> filled = new ArrayList<>(own);
        int next = 0;
        for (int b = 0; b < own.size(); b++) {
            if (own.get(b).isEmpty()) {
                filled.set(b, List.copyOf(open.get(next++).placed()));
            }
        }
        return pool.remembered(SheetLayout.of(problem, filled, bought, missing));
    }

    private boolean put(int panel, List<OpenSheet> sheets, double noise) {
        OpenSheet target = null;
        OpenSheet.Spot best = null;
        for (OpenSheet sheet : sheets) {
            Optional<OpenSheet.Spot> spot = spot(sheet, panel, noise);
            if (spot.isPresent() && (best == null || spot.get().misfit() < best.misfit())) {
                best = spot.get();
                target = sheet;
            }
        }
        if (best == null || target == null) {
            return false;
        }
        boolean across = target.acrossKeepsMore(best);
        target.place(panel, best, noise > 0 && random.nextDouble() < 2 * noise ? !across : across);
        return true;
    }

    private boolean buy(int panel, List<OpenSheet> bought) {
        List<SheetProblem.Bin> fitting =
                problem.shop().stream()
                        .filter(bin -> holds(bin, panel))
                        .sorted(
                                Comparator.comparingDouble(
                                        bin -> bin.price() / ((double) bin.width() * bin.length())))
                        .toList();
        if (fitting.isEmpty()) {
            return false;
        }
        SheetProblem.Bin chosen = fitting.get(rounds > 0 ? random.nextInt(fitting.size()) : 0);
        OpenSheet sheet = new OpenSheet(chosen, problem.kerf(), sides);
        bought.add(sheet);
        return put(panel, List.of(sheet), 0);
    }

    private Result result(SheetLayout layout, double bound) {
        return new Result(
                layout.cuts(problem),
                layout.missing().stream().map(i -> problem.panels().get(i).id()).toList(),
                layout.cost(),
                Math.min(bound, layout.cost()),
                closed(layout, bound));
    }
}
