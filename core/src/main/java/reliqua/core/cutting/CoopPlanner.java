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
import reliqua.core.coop.madeup.MadeUp;
import reliqua.core.coop.madeup.MadeUps;
import reliqua.core.coop.madeup.Seam;
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

    /**
     * The plan before, mended: what stands of it stays, the rest is planned beside it. At once, and
     * with no bound; {@link #plan} tells whether there is something better.
     */
    public WorkPlan mended(Coop whole, Decided asked, WorkPlan before, Progress progress) {
        Decided decided = asked.among(this::isThere);
        List<MadeUp> madeUp = new MadeUps(whole, heap).of(union(decided.seams(), before.seams()));
        Coop coop = whole.with(madeUp);
        Served served = new Served(coop, decided.cuts());
        KeptPlan kept = KeptPlan.standing(before, coop, served, decided, heap, prices);
        Patch patch = new Patch(kept, workshop.kerf());
        CoopPlanner rest = new CoopPlanner(patch.left(heap), prices, workshop, settings);
        WorkPlan planned =
                rest.fresh(kept.rest(), decided.wishes(), settings, progress).plan(List.of());
        return patch.with(planned, before, made(served, decided)).joined(madeUp);
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
            Coop whole, Decided decided, Optional<WorkPlan> before, Progress progress) {
        MadeUps ways = new MadeUps(whole, heap);
        Optional<WorkPlan> kept =
                before.filter(b -> b.workshop().equals(workshop))
                        .flatMap(b -> kept(b, whole, ways, decided));
        if (kept.filter(k -> k.weighed().isZero() && k.missing().isEmpty()).isPresent()) {
            return kept.get();
        }
        WorkPlan fresh = joined(whole, ways, decided, progress);
        return kept.filter(k -> k.missing().size() <= fresh.missing().size())
                .filter(k -> k.weighed().compareTo(fresh.weighed()) <= 0)
                .map(k -> k.seams().equals(fresh.seams()) ? k.provenBy(fresh) : k)
                .orElse(fresh);
    }

    /** The tickets of the plan before, for the house with the joints it had. */
    private Optional<WorkPlan> kept(WorkPlan before, Coop whole, MadeUps ways, Decided decided) {
        List<MadeUp> madeUp = ways.of(union(decided.seams(), before.seams()));
        Coop coop = whole.with(madeUp);
        Served served = new Served(coop, decided.cuts());
        return KeptPlan.of(before, coop, served, decided, heap, prices)
                .map(k -> k.plan(made(served, decided), workshop).joined(madeUp));
    }

    private static List<Seam> union(List<Seam> fixed, List<Seam> more) {
        Map<String, Seam> byMark = new TreeMap<>();
        more.forEach(s -> byMark.put(s.mark(), s));
        fixed.forEach(s -> byMark.put(s.mark(), s));
        return List.copyOf(byMark.values());
    }

    /** A plan of the house in whole pieces, or with joints where that is better. */
    private WorkPlan joined(Coop whole, MadeUps ways, Decided decided, Progress progress) {
        WorkPlan direct = fresh(whole, ways, decided, decided.seams(), settings, progress);
        if (!settings.joins() || direct.weighed().isZero() && direct.missing().isEmpty()) {
            return direct;
        }
        List<Seam> seams =
                new Joining(
                                whole,
                                ways,
                                s ->
                                        fresh(
                                                whole,
                                                ways,
                                                decided,
                                                s,
                                                CutPlanner.Settings.QUICK,
                                                progress),
                                progress)
                        .seams(decided.seams(), direct);
        if (seams.equals(decided.seams())) {
            return direct;
        }
        WorkPlan joined = fresh(whole, ways, decided, seams, settings, progress);
        return Joining.beats(joined, direct) ? joined : direct;
    }

    private WorkPlan fresh(
            Coop whole,
            MadeUps ways,
            Decided decided,
            List<Seam> seams,
            CutPlanner.Settings how,
            Progress progress) {
        List<MadeUp> madeUp = ways.of(seams);
        Coop coop = whole.with(madeUp);
        Served served = new Served(coop, decided.cuts());
        return fresh(served.wanted(coop), decided.wishes(), how, progress)
                .plan(made(served, decided))
                .joined(madeUp);
    }

    private static List<Ticket> made(Served served, Decided decided) {
        List<Ticket> made = new ArrayList<>();
        for (CutMade cut : decided.cuts()) {
            made.add(served.ticket(cut, made.size() + 1));
        }
        return made;
    }

    /** The parts of a coop that no piece cut so far serves. */
    public static List<Part> wanted(Coop coop, List<CutMade> cuts) {
        return new Served(coop, cuts).wanted(coop);
    }

    /** Sloped panels share rectangles two by two unless single ones come cheaper. */
    private Gathered fresh(
            List<Part> wanted,
            SortedSet<CutWish> wishes,
            CutPlanner.Settings how,
            Progress progress) {
        Workables workables = new Workables(heap, workshop, Demand.sections(wanted));
        Demand demand = new Demand(wanted, heap, prices, workshop, workables, wishes);
        Gathered gathered = new Gathered(demand);
        gathered.add(demand.sticks(), how, progress);
        sheets(demand, gathered, how, progress);
        gathered.add(demand.roofing(), how, progress);
        Set<String> used = new HashSet<>();
        for (Length aperture : demand.apertures()) {
            CutJob mesh = demand.mesh(aperture, lot -> !used.contains(lot.id()));
            gathered.add(mesh, how, progress);
            gathered.tickets.forEach(t -> used.add(t.source()));
        }
        return gathered;
    }

    private void sheets(Demand all, Gathered gathered, CutPlanner.Settings how, Progress progress) {
        Gathered paired = sheets(all, true, how, progress);
        if (paired.missing.isEmpty() && (paired.cost.isZero() || how.sheetRounds() == 0)) {
            gathered.take(paired, paired.bound);
            return;
        }
        Gathered single = sheets(all, false, how, progress);
        Gathered better = ORDER.compare(single, paired) < 0 ? single : paired;
        // What holds of both ways is the lower of the two bounds.
        gathered.take(
                better, paired.bound.compareTo(single.bound) < 0 ? paired.bound : single.bound);
    }

    private Gathered sheets(Demand all, boolean pairs, CutPlanner.Settings how, Progress progress) {
        Demand demand = all.again();
        Gathered gathered = new Gathered(demand);
        gathered.add(demand.sheets(pairs), how, progress);
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
                    workshop,
                    List.of(),
                    0);
        }
    }
}
