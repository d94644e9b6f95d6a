package reliqua.core.cutting;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.Deque;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.ToIntFunction;
import java.util.stream.Collectors;
import reliqua.core.coop.Part;
import reliqua.core.measure.Length;
import reliqua.core.measure.Money;
import reliqua.core.stock.Heap;
import reliqua.core.stock.Material;
import reliqua.core.stock.Roofing;
import reliqua.core.stock.Sheet;

/** What the plans of several jobs come to, as tickets with the parts they give. */
final class Gathered {
    /** Fewest missing, then lowest cost, then fewest tickets. */
    static final Comparator<Gathered> ORDER =
            Comparator.<Gathered>comparingInt(g -> g.missing.size())
                    .thenComparing(g -> g.cost)
                    .thenComparingInt(g -> g.tickets.size());

    private final Demand demand;
    private final Heap heap;
    private final List<Ticket> tickets = new ArrayList<>();
    private final List<Part> missing = new ArrayList<>();

    /** How many of a lot are used whole: what is cut is counted behind them. */
    private ToIntFunction<String> before = _ -> 0;

    private Money cost = Money.ZERO;
    private Money bound = Money.ZERO;
    private boolean proven = true;
    private String remark = "";

    Gathered(Demand demand, Heap heap) {
        this.demand = demand;
        this.heap = heap;
    }

    /** Plans a job and adds what comes of it. */
    void add(CutJob job, CutPlanner.Settings how, Progress progress) {
        CutPlan plan = new CutPlanner(how).plan(job, progress);
        // Parts come from the weather side on, so the soundest roofing goes there.
        plan.sticks().stream()
                .sorted(Comparator.comparingInt(stick -> wear(stick.source())))
                .forEach(stick -> sticks(stick, job));
        for (CutPlan.SheetCut sheet : plan.sheets()) {
            List<Ticket.Cut> cuts = new ArrayList<>();
            for (CutPlan.PlacedPanel placed : sheet.panels()) {
                WantedPanel panel =
                        job.panels().stream()
                                .filter(p -> p.id().equals(placed.id()))
                                .findFirst()
                                .orElseThrow();
                Length across = placed.turned() ? panel.length() : panel.width();
                Length along = placed.turned() ? panel.width() : panel.length();
                Ticket.Cut cut =
                        new Ticket.Cut(
                                next(placed.id()),
                                placed.x(),
                                placed.y(),
                                across,
                                along,
                                placed.quarters());
                cuts.add(cut);
                cuts.addAll(demand.openings().lying(cut));
            }
            ticket(sheet.source(), sheet.copy(), SheetGrain.back(cuts, turned(sheet.source())));
        }
        plan.unplaced()
                .forEach(
                        (id, n) -> {
                            for (int i = 0; i < n; i++) {
                                miss(next(id));
                            }
                        });
        cost = cost.plus(plan.cost());
        bound = bound.plus(plan.lowerBound());
        proven &= plan.status() == CutPlan.Status.OPTIMAL;
        remark = plan.remark().isEmpty() ? remark : plan.remark();
    }

    /** Without the panel what would come out of it is missing too. */
    private void miss(List<Part> parts) {
        missing.addAll(parts);
        parts.forEach(p -> missing.addAll(demand.openings().outOf(p)));
    }

    private Optional<Sheet> turned(String source) {
        return Optional.of(demand.material(source))
                .filter(m -> m instanceof Sheet s && SheetGrain.isTurned(s))
                .map(Sheet.class::cast)
                .filter(_ -> heap.find(source).isPresent());
    }

    private int wear(String source) {
        return demand.material(source) instanceof Roofing roofing ? roofing.wear() : 0;
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
                        stick.copy() + before.applyAsInt(stick.source()),
                        false,
                        making.get().gives().get(of - 1),
                        Optional.of(new Ticket.Made(whole, making.get(), of)),
                        cuts));
    }

    boolean isFree() {
        return missing.isEmpty() && cost.isZero();
    }

    boolean isWhole() {
        return missing.isEmpty();
    }

    Money bound() {
        return bound;
    }

    /** Lots and offers that are cut so far. */
    Set<String> sources() {
        return tickets.stream().map(Ticket::source).collect(Collectors.toSet());
    }

    /** Adds what is used whole; what of it must be bought, every plan of these parts buys. */
    void take(WholeThings whole) {
        before = whole::used;
        tickets.addAll(whole.tickets());
        missing.addAll(whole.missing());
        cost = cost.plus(whole.cost());
        bound = bound.plus(whole.cost());
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
        tickets.add(new Ticket(source, copy + before.applyAsInt(source), bought, material, cuts));
    }

    /** All of it as a plan, behind what is cut already. */
    WorkPlan plan(List<Ticket> made, Workshop workshop) {
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
