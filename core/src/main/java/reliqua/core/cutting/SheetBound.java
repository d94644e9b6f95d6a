package reliqua.core.cutting;

import java.util.List;

/**
 * A lower bound on what sheets cost, by area.
 *
 * <p>Grow every panel and every sheet by a kerf to the right and upwards: what did not overlap with
 * a kerf between still does not overlap, so grown panels fill at most the grown sheets. A flaw of a
 * sheet, made smaller by a kerf on two sides, is covered by no grown panel. What the own sheets
 * cannot take must be bought, at best at the lowest price per area; and the dearest panel that fits
 * no own sheet needs at least its cheapest sheet.
 */
final class SheetBound {
    private static final double NM2_PER_MM2 = 1e12;

    /** Where less is left of a sheet, the program is told this much. */
    private static final double LEAST_SHARE = 0.01;

    private final SheetProblem problem;
    private final boolean[] fitsOwn;
    private final boolean[] fitsShop;

    SheetBound(SheetProblem problem, boolean[] fitsOwn, boolean[] fitsShop) {
        this.problem = problem;
        this.fitsOwn = fitsOwn;
        this.fitsShop = fitsShop;
    }

    /** The bound in millionths, rounded up to what any bill can be. */
    double value() {
        double onlyShop = 0;
        double either = 0;
        double dearest = 0;
        for (int i = 0; i < fitsOwn.length; i++) {
            if (!fitsShop[i]) {
                continue;
            }
            SheetProblem.PanelType panel = problem.panels().get(i);
            double area = grown(panel.width(), panel.length());
            if (fitsOwn[i]) {
                either += area;
            } else {
                onlyShop += area;
                dearest = Math.max(dearest, cheapestFor(panel));
            }
        }
        double own = problem.own().stream().mapToDouble(this::usable).sum();
        double rate =
                problem.shop().stream()
                        .mapToDouble(b -> b.price() / grown(b.width(), b.length()))
                        .min()
                        .orElse(0);
        double toBuy = onlyShop + Math.max(0, either - own);
        return Math.max(dearest, stepped(toBuy * rate * (1 - 1e-9)));
    }

    /** Up to the next sum of whole sheets. */
    private double stepped(double bound) {
        long[] prices = problem.shop().stream().mapToLong(SheetProblem.Bin::price).toArray();
        return new PossibleBills(prices).atLeast(bound);
    }

    private double grown(long width, long length) {
        return (double) (width + problem.kerf()) * (length + problem.kerf()) / NM2_PER_MM2;
    }

    /**
     * What a linear program over kinds of panels and sheets proves beside, in millionths; nothing
     * where the solver is not at hand. Panels that are no rectangles are left out: they may lie
     * within one another's.
     */
    double relaxed(SheetKinds kinds, Progress progress) {
        if (!NativeSolver.isLoaded()) {
            return 0;
        }
        int[] wanted = new int[kinds.types().size()];
        for (int t = 0; t < wanted.length; t++) {
            boolean counts = kinds.types().get(t).outline().isEmpty();
            wanted[t] = (int) kinds.panels(t).stream().filter(i -> counts && fitsShop[i]).count();
        }
        double[] share =
                kinds.kinds().stream()
                        .map(SheetKinds.Kind::bin)
                        .mapToDouble(b -> usable(b) / grown(b.width(), b.length()))
                        .map(s -> Math.max(LEAST_SHARE, s))
                        .toArray();
        try (SheetRelaxation relaxation = new SheetRelaxation(problem, kinds, wanted, share)) {
            double fractions = relaxation.value(progress);
            return stepped(Math.max(fractions, relaxation.whole(progress)));
        }
    }

    private double usable(SheetProblem.Bin bin) {
        List<SheetProblem.Rect> flaws = bin.flaws();
        double spoiled = 0;
        double largest = 0;
        boolean apart = true;
        for (int a = 0; a < flaws.size(); a++) {
            SheetProblem.Rect flaw = inside(flaws.get(a), bin);
            double core =
                    (double) Math.max(0, flaw.width() - problem.kerf())
                            * Math.max(0, flaw.length() - problem.kerf())
                            / NM2_PER_MM2;
            spoiled += core;
            largest = Math.max(largest, core);
            for (int b = 0; b < a; b++) {
                apart &=
                        !flaw.overlaps(
                                flaws.get(b).x0(),
                                flaws.get(b).y0(),
                                flaws.get(b).x1(),
                                flaws.get(b).y1());
            }
        }
        return grown(bin.width(), bin.length()) - (apart ? spoiled : largest);
    }

    private static SheetProblem.Rect inside(SheetProblem.Rect flaw, SheetProblem.Bin bin) {
        return new SheetProblem.Rect(
                Math.max(0, flaw.x0()),
                Math.max(0, flaw.y0()),
                Math.max(0, Math.min(bin.width(), flaw.x1())),
                Math.max(0, Math.min(bin.length(), flaw.y1())));
    }

    private double cheapestFor(SheetProblem.PanelType panel) {
        return problem.shop().stream()
                .filter(b -> panel.fits(b))
                .mapToLong(SheetProblem.Bin::price)
                .min()
                .orElse(0);
    }
}
