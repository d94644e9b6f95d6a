package reliqua.core.cutting;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.Deque;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SortedSet;
import java.util.TreeMap;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Part;
import reliqua.core.measure.Length;
import reliqua.core.measure.Money;
import reliqua.core.stock.Heap;
import reliqua.core.stock.Material;
import reliqua.core.stock.PriceBook;

/** Plans everything that is cut for a coop: timber and sheets, roofing, mesh. */
public final class CoopPlanner {
    /** The cost of each wish takes a plan of its own. */
    private static final int MOST_COSTED = 6;

    private final Heap heap;
    private final PriceBook prices;
    private final Workshop workshop;
    private final CutPlanner.Settings settings;

    /** A planner over this heap and price book. */
    public CoopPlanner(
            Heap heap, PriceBook prices, Workshop workshop, CutPlanner.Settings settings) {
        this.heap = new Heap(heap.usable());
        this.prices = prices;
        this.workshop = workshop;
        this.settings = settings;
    }

    /** The plan of a coop of which nothing is cut yet. */
    public WorkPlan plan(Coop coop, Progress progress) {
        return plan(coop, Decided.NOTHING, Optional.empty(), progress);
    }

    /**
     * The plan of a coop of which some is cut. Tickets of the plan before stay as they are when
     * they still give all that is wanted and none is cheaper.
     *
     * @param asked what has been cut and is wished; wishes about things that are gone do not count
     * @param before the plan before
     */
    public WorkPlan plan(Coop coop, Decided asked, Optional<WorkPlan> before, Progress progress) {
        Decided decided = asked.among(this::isThere);
        WorkPlan plan = planned(coop, decided, before, progress);
        Map<CutWish, Money> costs = new TreeMap<>();
        decided.wishes().stream()
                .limit(MOST_COSTED)
                .forEach(
                        wish -> {
                            WorkPlan without =
                                    planned(
                                            coop,
                                            decided.without(wish),
                                            Optional.of(plan),
                                            progress);
                            costs.put(wish, extra(plan.weighed(), without.weighed()));
                        });
        return plan.withWishes(costs);
    }

    private boolean isThere(String source) {
        return heap.find(source).isPresent()
                || prices.offers().stream().anyMatch(o -> o.id().equals(source));
    }

    /** A wish never pays: what looks like a gain is a plan that was not sought as hard. */
    private static Money extra(Money with, Money without) {
        return with.compareTo(without) > 0 ? with.minus(without) : Money.ZERO;
    }

    private WorkPlan planned(
            Coop coop, Decided decided, Optional<WorkPlan> before, Progress progress) {
        Served served = new Served(coop, decided.cuts());
        List<Ticket> made = new ArrayList<>();
        for (CutMade cut : decided.cuts()) {
            made.add(served.ticket(cut, made.size() + 1));
        }
        Optional<WorkPlan> kept =
                before.filter(b -> b.workshop().equals(workshop))
                        .flatMap(b -> KeptPlan.of(b, coop, served, decided, heap, prices))
                        .map(k -> k.plan(made, workshop));
        if (kept.filter(k -> k.weighed().isZero() && k.missing().isEmpty()).isPresent()) {
            return kept.get();
        }
        WorkPlan fresh = fresh(served.wanted(coop), decided.wishes(), progress).plan(made);
        return kept.filter(k -> k.missing().size() <= fresh.missing().size())
                .filter(k -> k.weighed().compareTo(fresh.weighed()) <= 0)
                .map(k -> k.provenBy(fresh))
                .orElse(fresh);
    }

    /** The parts of a coop that no piece cut so far serves. */
    public static List<Part> wanted(Coop coop, List<CutMade> cuts) {
        return new Served(coop, cuts).wanted(coop);
    }

    /** Sloped panels share rectangles two by two unless single ones come cheaper. */
    private Gathered fresh(List<Part> wanted, SortedSet<CutWish> wishes, Progress progress) {
        Workables workables = new Workables(heap, workshop, Demand.sections(wanted));
        Demand demand = new Demand(wanted, heap, prices, workshop, workables, wishes);
        Gathered gathered = new Gathered(demand);
        gathered.add(demand.sticks(), settings, progress);
        sheets(demand, gathered, progress);
        gathered.add(demand.roofing(), settings, progress);
        Set<String> used = new HashSet<>();
        for (Length aperture : demand.apertures()) {
            CutJob mesh = demand.mesh(aperture, lot -> !used.contains(lot.id()));
            gathered.add(mesh, settings, progress);
            gathered.tickets.forEach(t -> used.add(t.source()));
        }
        return gathered;
    }

    private void sheets(Demand all, Gathered gathered, Progress progress) {
        Gathered paired = sheets(all, true, progress);
        if (paired.missing.isEmpty() && (paired.cost.isZero() || settings.sheetRounds() == 0)) {
            gathered.take(paired, paired.bound);
            return;
        }
        Gathered single = sheets(all, false, progress);
        Gathered better = ORDER.compare(single, paired) < 0 ? single : paired;
        // What holds of both ways is the lower of the two bounds.
        gathered.take(
                better, paired.bound.compareTo(single.bound) < 0 ? paired.bound : single.bound);
    }

    private Gathered sheets(Demand all, boolean pairs, Progress progress) {
        Demand demand = all.again();
        Gathered gathered = new Gathered(demand);
        gathered.add(demand.sheets(pairs), settings, progress);
        return gathered;
    }

    private static final Comparator<Gathered> ORDER =
            Comparator.<Gathered>comparingInt(g -> g.missing.size())
                    .thenComparing(g -> g.cost)
                    .thenComparingInt(g -> g.tickets.size());

    private final class Gathered {
        private final Demand demand;
        private final List<Ticket> tickets = new ArrayList<>();
        private final List<Part> missing = new ArrayList<>();
        private Money cost = Money.ZERO;
        private Money bound = Money.ZERO;
        private boolean proven = true;
        private String remark = "";

        Gathered(Demand demand) {
            this.demand = demand;
        }

        void add(CutJob job, CutPlanner.Settings how, Progress progress) {
            CutPlan plan = new CutPlanner(how).plan(job, progress);
            plan.sticks().forEach(stick -> sticks(stick, job));
            for (CutPlan.SheetCut sheet : plan.sheets()) {
                List<Ticket.Cut> cuts = new ArrayList<>();
                for (CutPlan.PlacedPanel placed : sheet.panels()) {
                    CutJob.Panel panel =
                            job.panels().stream()
                                    .filter(p -> p.id().equals(placed.id()))
                                    .findFirst()
                                    .orElseThrow();
                    Length across = placed.turned() ? panel.length() : panel.width();
                    Length along = placed.turned() ? panel.width() : panel.length();
                    cuts.add(
                            new Ticket.Cut(
                                    next(placed.id()), placed.x(), placed.y(), across, along));
                }
                ticket(sheet.source(), sheet.copy(), cuts);
            }
            plan.unplaced()
                    .forEach(
                            (id, n) -> {
                                for (int i = 0; i < n; i++) {
                                    missing.addAll(next(id));
                                }
                            });
            cost = cost.plus(plan.cost());
            bound = bound.plus(plan.lowerBound());
            proven &= plan.status() == CutPlan.Status.OPTIMAL;
            remark = plan.remark().isEmpty() ? remark : plan.remark();
        }

        /** One ticket for a stick, or one for every stick that is made of the thing. */
        private void sticks(CutPlan.StickCut stick, CutJob job) {
            Map<Integer, List<Ticket.Cut>> byStick = new TreeMap<>();
            for (CutPlan.PlacedPiece placed : stick.pieces()) {
                Length length =
                        job.pieces().stream()
                                .filter(p -> p.id().equals(placed.id()))
                                .findFirst()
                                .orElseThrow()
                                .length();
                byStick.computeIfAbsent(placed.of(), _ -> new ArrayList<>())
                        .add(
                                new Ticket.Cut(
                                        next(placed.id()),
                                        placed.at(),
                                        Length.ZERO,
                                        length,
                                        Length.ZERO));
            }
            byStick.forEach((of, cuts) -> ticket(stick, of, cuts));
        }

        private void ticket(CutPlan.StickCut stick, int of, List<Ticket.Cut> cuts) {
            Optional<Making> making = demand.workables().making(stick.source(), stick.way());
            if (making.isEmpty()) {
                ticket(stick.source(), stick.copy(), cuts);
                return;
            }
            Material whole = demand.material(stick.source());
            tickets.add(
                    new Ticket(
                            stick.source(),
                            stick.copy(),
                            false,
                            making.get().gives().get(of - 1),
                            Optional.of(new Ticket.Made(whole, making.get(), of)),
                            cuts));
        }

        /** Adds what was planned apart, with the bound that holds for it. */
        void take(Gathered other, Money otherBound) {
            tickets.addAll(other.tickets);
            missing.addAll(other.missing);
            cost = cost.plus(other.cost);
            bound = bound.plus(otherBound);
            proven &= other.cost.compareTo(otherBound) <= 0;
        }

        private List<Part> next(String id) {
            Deque<List<Part>> queue = demand.marks().get(id);
            return queue.removeFirst();
        }

        private void ticket(String source, int copy, List<Ticket.Cut> cuts) {
            Material material = demand.material(source);
            boolean bought = heap.find(source).isEmpty();
            tickets.add(new Ticket(source, copy, bought, material, cuts));
        }

        WorkPlan plan(List<Ticket> made) {
            return new WorkPlan(
                    tickets.stream().sorted(TicketOrder.comparator()).toList(),
                    missing,
                    cost,
                    bound,
                    proven && missing.isEmpty(),
                    remark,
                    made,
                    Map.of(),
                    workshop);
        }
    }
}
