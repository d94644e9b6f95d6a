package reliqua.core.cutting;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.util.AffineTransformation;
import reliqua.core.measure.Length;
import reliqua.core.measure.Money;
import reliqua.core.stock.SheetOutline;

/**
 * Checks a plan against its job from scratch, sharing no code with the planners. Every fault is a
 * sentence.
 */
final class PlanChecker {
    private final CutJob job;
    private final CutPlan plan;
    private final List<String> faults = new ArrayList<>();
    private final Map<String, Integer> seen = new HashMap<>();

    private PlanChecker(CutJob job, CutPlan plan) {
        this.job = job;
        this.plan = plan;
    }

    static List<String> faults(CutJob job, CutPlan plan) {
        PlanChecker checker = new PlanChecker(job, plan);
        checker.check();
        return checker.faults;
    }

    private void check() {
        Map<String, OwnStick> sticks = by(job.sticks(), OwnStick::id);
        Map<String, CutJob.Workable> workables = by(job.workables(), CutJob.Workable::id);
        Map<String, OwnSheet> sheets = by(job.sheets(), OwnSheet::id);
        Map<String, CutJob.ShopItem> shop = by(job.shop(), CutJob.ShopItem::id);
        Set<String> used = new HashSet<>();
        Money cost = Money.ZERO;
        Money work = Money.ZERO;
        for (CutPlan.StickCut cut : plan.sticks()) {
            once(used, cut.source(), cut.copy());
            OwnStick own = sticks.get(cut.source());
            if (workables.containsKey(cut.source())) {
                CutJob.Workable thing = workables.get(cut.source());
                worked(cut, thing);
                work = work.plus(job.charge(thing.way(cut.way()).orElseThrow().minutes()));
            } else if (own != null) {
                copies(cut.source(), cut.copy(), own.quantity());
                require(cut.way().isEmpty(), cut.source() + " is a plain stick");
                stick(cut, own);
            } else {
                CutJob.ShopItem item = shop.get(cut.source());
                cost = cost.plus(item.price());
                stick(
                        cut,
                        new OwnStick(
                                item.id(),
                                item.thickness(),
                                item.width(),
                                item.length(),
                                1,
                                List.of(),
                                Length.ZERO));
            }
        }
        for (CutPlan.SheetCut cut : plan.sheets()) {
            once(used, cut.source(), cut.copy());
            OwnSheet own = sheets.get(cut.source());
            if (own != null) {
                copies(cut.source(), cut.copy(), own.quantity());
                sheet(cut, own);
            } else {
                CutJob.ShopItem item = shop.get(cut.source());
                cost = cost.plus(item.price());
                sheet(
                        cut,
                        new OwnSheet(
                                item.id(),
                                item.thickness(),
                                item.width(),
                                item.length(),
                                1,
                                List.of(),
                                Optional.empty(),
                                item.grain()));
            }
        }
        require(cost.equals(plan.cost()), "cost is " + plan.cost() + ", the bill says " + cost);
        require(work.equals(plan.work()), "work counts " + plan.work() + ", it is " + work);
        require(plan.lowerBound().compareTo(cost.plus(work)) <= 0, "the bound is above the cost");
        demand();
    }

    private static <T> Map<String, T> by(List<T> list, Function<T, String> id) {
        return list.stream().collect(Collectors.toMap(id, Function.identity()));
    }

    private void require(boolean holds, String otherwise) {
        if (!holds) {
            faults.add(otherwise);
        }
    }

    private void once(Set<String> used, String source, int copy) {
        require(used.add(source + "#" + copy), source + " " + copy + " is cut twice");
    }

    private void copies(String source, int copy, int quantity) {
        require(copy >= 1 && copy <= quantity, source + " has no copy " + copy);
    }

    /** Every stick of the way is cut like a plain one. */
    private void worked(CutPlan.StickCut cut, CutJob.Workable thing) {
        copies(cut.source(), cut.copy(), thing.quantity());
        List<OwnStick> sticks = thing.way(cut.way()).orElseThrow().each();
        Map<Integer, List<CutPlan.PlacedPiece>> byStick =
                cut.pieces().stream().collect(Collectors.groupingBy(CutPlan.PlacedPiece::of));
        byStick.forEach(
                (of, pieces) ->
                        stick(
                                new CutPlan.StickCut(cut.source(), cut.copy(), pieces),
                                sticks.get(of - 1)));
    }

    private void stick(CutPlan.StickCut cut, OwnStick stick) {
        long last = Long.MIN_VALUE;
        Optional<Bevel> open = Optional.empty();
        for (CutPlan.PlacedPiece placed : cut.pieces()) {
            WantedPiece piece =
                    job.pieces().stream()
                            .filter(p -> p.id().equals(placed.id()))
                            .findFirst()
                            .orElseThrow();
            seen.merge(piece.id(), 1, Integer::sum);
            long from = placed.at().nm();
            long to = from + piece.length().nm();
            String where = piece.id() + " on " + cut.source();
            require(piece.from(cut.source()), where + ": not wanted from there");
            require(serves(piece, stick, from, to), where + ": wrong section");
            require(from >= 0 && to <= stick.length().nm(), where + ": outside");
            Optional<Bevel> leading = slant(piece, stick, !placed.turned());
            long least =
                    open.isPresent() && open.equals(leading)
                            ? nested(open.get(), stick)
                            : job.kerf().nm();
            require(last == Long.MIN_VALUE || from - last >= least, where + ": no kerf");
            open = slant(piece, stick, placed.turned());
            stick.flaws()
                    .forEach(
                            f ->
                                    require(
                                            to <= f.from().nm()
                                                    || from + piece.covered().nm() >= f.to().nm(),
                                            where + ": in a flaw"));
            double ratio = (double) piece.length().nm() / stick.length().nm();
            Optional<Length> most = piece.maxBow();
            require(
                    most.isEmpty() || stick.bow().nm() * ratio * ratio <= most.get().nm() + 1000,
                    where + ": too bent");
            last = to;
        }
    }

    /** How an end slants: of one with a single bevel, the far end unless it is turned. */
    private static Optional<Bevel> slant(
            WantedPiece piece, OwnStick stick, boolean squareWhereSingle) {
        return piece.bevel()
                .filter(b -> b.bothEnds() || !squareWhereSingle)
                .filter(
                        b ->
                                b.acrossWidth()
                                        ? piece.width().equals(stick.width())
                                        : piece.thickness().equals(stick.thickness()))
                .map(b -> new Bevel(b.run(), b.acrossWidth(), true));
    }

    /** From long point to long point of two nested pieces: the cut slants, so it is longer. */
    private long nested(Bevel slant, OwnStick stick) {
        double run = slant.run().nm();
        double depth = (slant.acrossWidth() ? stick.width() : stick.thickness()).nm();
        return (long) Math.floor(job.kerf().nm() * Math.sqrt(1 + run * run / depth / depth) - run);
    }

    private static boolean serves(WantedPiece piece, OwnStick stick, long from, long to) {
        if (stick.tip().isEmpty()) {
            long thicker = stick.thickness().nm() - piece.thickness().nm();
            long wider = stick.width().nm() - piece.width().nm();
            return thicker >= 0
                    && wider >= 0
                    && thicker <= piece.latitude().thicker().nm()
                    && wider <= piece.latitude().wider().nm();
        }
        // A micrometre for rounding.
        double thick = diameter(stick, from) - 1000;
        double thin = diameter(stick, to) + 1000;
        return piece.latitude()
                .round()
                .filter(r -> thick <= r.to().nm() && thin >= r.from().nm())
                .isPresent();
    }

    private static double diameter(OwnStick pole, long at) {
        double butt = pole.thickness().nm();
        double tip = pole.tip().orElseThrow().nm();
        return butt + (tip - butt) * at / pole.length().nm();
    }

    private boolean shaped() {
        return job.panels().stream().anyMatch(p -> p.outline().isPresent())
                || job.sheets().stream().anyMatch(s -> s.outline().isPresent());
    }

    /** Shapes of any outline: inside the edge, clear of flaws, a kerf apart. */
    private void shapes(CutPlan.SheetCut cut, OwnSheet sheet) {
        GeometryFactory make = new GeometryFactory();
        Geometry edge =
                sheet.outline()
                        .map(o -> ring(make, o.corners()))
                        .orElse(box(make, 0, 0, sheet.width().toMm(), sheet.length().toMm()));
        List<Geometry> laid = new ArrayList<>();
        for (CutPlan.PlacedPanel placed : cut.panels()) {
            WantedPanel panel =
                    job.panels().stream()
                            .filter(p -> p.id().equals(placed.id()))
                            .findFirst()
                            .orElseThrow();
            seen.merge(panel.id(), 1, Integer::sum);
            String where = panel.id() + " on " + cut.source();
            require(panel.thickness().equals(sheet.thickness()), where + ": wrong thickness");
            require(!placed.turned() || panel.turn(), where + ": may not be turned");
            require(
                    !placed.turned() || !panel.grain() || !sheet.grain(),
                    where + ": across the grain");
            Geometry shape = laid(make, panel, placed);
            require(edge.buffer(0.001).covers(shape), where + ": outside");
            for (CutJob.Box f : sheet.flaws()) {
                Geometry flaw =
                        box(
                                make,
                                f.x().toMm(),
                                f.y().toMm(),
                                f.x().plus(f.width()).toMm(),
                                f.y().plus(f.length()).toMm());
                require(!flaw.buffer(-0.001).intersects(shape), where + ": in a flaw");
            }
            for (Geometry other : laid) {
                boolean apart =
                        job.kerf().nm() > 0
                                ? other.distance(shape) >= job.kerf().toMm() - 0.002
                                : !other.buffer(-0.001).intersects(shape);
                require(apart, where + ": no kerf");
            }
            laid.add(shape);
        }
    }

    private static Geometry ring(GeometryFactory make, List<SheetOutline.Corner> corners) {
        Coordinate[] points = new Coordinate[corners.size() + 1];
        for (int i = 0; i < points.length; i++) {
            SheetOutline.Corner c = corners.get(i % corners.size());
            points[i] = new Coordinate(c.x().toMm(), c.y().toMm());
        }
        return make.createPolygon(points);
    }

    private static Geometry box(GeometryFactory make, double x0, double y0, double x1, double y1) {
        return make.toGeometry(new Envelope(x0, x1, y0, y1));
    }

    /** Turned about the middle of its least rectangle, then moved by that rectangle's corner. */
    private static Geometry laid(
            GeometryFactory make, WantedPanel panel, CutPlan.PlacedPanel placed) {
        double w = panel.width().toMm();
        double l = panel.length().toMm();
        Geometry shape =
                panel.outline()
                        .map(o -> ring(make, o.edge().corners()))
                        .orElse(box(make, 0, 0, w, l));
        for (SheetOutline opening : panel.outline().map(PanelOutline::openings).orElse(List.of())) {
            shape = shape.difference(ring(make, opening.corners()));
        }
        double angle = (placed.turned() ? Math.PI / 2 : 0) + (placed.half() ? Math.PI : 0);
        Geometry turned =
                AffineTransformation.rotationInstance(angle, w / 2, l / 2).transform(shape);
        double alongX = placed.turned() ? l : w;
        double alongY = placed.turned() ? w : l;
        return AffineTransformation.translationInstance(
                        placed.x().toMm() - (w - alongX) / 2, placed.y().toMm() - (l - alongY) / 2)
                .transform(turned);
    }

    private void sheet(CutPlan.SheetCut cut, OwnSheet sheet) {
        if (shaped()) {
            shapes(cut, sheet);
            return;
        }
        List<long[]> rects = new ArrayList<>();
        for (CutPlan.PlacedPanel placed : cut.panels()) {
            WantedPanel panel =
                    job.panels().stream()
                            .filter(p -> p.id().equals(placed.id()))
                            .findFirst()
                            .orElseThrow();
            seen.merge(panel.id(), 1, Integer::sum);
            String where = panel.id() + " on " + cut.source();
            require(panel.thickness().equals(sheet.thickness()), where + ": wrong thickness");
            require(!placed.turned() || panel.turn(), where + ": may not be turned");
            require(
                    !placed.turned() || !panel.grain() || !sheet.grain(),
                    where + ": across the grain");
            long w = (placed.turned() ? panel.length() : panel.width()).nm();
            long l = (placed.turned() ? panel.width() : panel.length()).nm();
            long x = placed.x().nm();
            long y = placed.y().nm();
            require(
                    x >= 0 && y >= 0 && x + w <= sheet.width().nm() && y + l <= sheet.length().nm(),
                    where + ": outside");
            for (CutJob.Box f : sheet.flaws()) {
                long fx = f.x().nm();
                long fy = f.y().nm();
                boolean clear =
                        x + w <= fx
                                || fx + f.width().nm() <= x
                                || y + l <= fy
                                || fy + f.length().nm() <= y;
                require(clear, where + ": in a flaw");
            }
            rects.add(new long[] {x, y, x + w, y + l});
        }
        require(parts(rects), cut.source() + ": no edge-to-edge cuts");
    }

    /** Whether one straight cut after another parts all rectangles, each cut a kerf wide. */
    private boolean parts(List<long[]> rects) {
        if (rects.size() <= 1) {
            return true;
        }
        for (int axis = 0; axis < 2; axis++) {
            int a = axis;
            for (long[] one : rects) {
                long cut = one[a + 2];
                List<long[]> before = rects.stream().filter(r -> r[a + 2] <= cut).toList();
                List<long[]> after =
                        rects.stream().filter(r -> r[a] >= cut + job.kerf().nm()).toList();
                if (!after.isEmpty() && before.size() + after.size() == rects.size()) {
                    return parts(before) && parts(after);
                }
            }
        }
        return false;
    }

    private void demand() {
        job.pieces().forEach(p -> counted(p.id(), p.quantity()));
        job.panels().forEach(p -> counted(p.id(), p.quantity()));
    }

    private void counted(String id, int quantity) {
        int placed = seen.getOrDefault(id, 0) + plan.unplaced().getOrDefault(id, 0);
        require(placed == quantity, id + ": " + placed + " of " + quantity);
    }
}
