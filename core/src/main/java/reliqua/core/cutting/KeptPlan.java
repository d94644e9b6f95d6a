package reliqua.core.cutting;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Part;
import reliqua.core.measure.Money;
import reliqua.core.stock.Heap;
import reliqua.core.stock.Lot;
import reliqua.core.stock.Material;
import reliqua.core.stock.Offer;
import reliqua.core.stock.PriceBook;

/**
 * The tickets of an earlier plan, as far as they still stand: their things are at hand and their
 * pieces still wanted. Who has begun to saw does not want the rest shuffled without need.
 */
final class KeptPlan {
    private final Heap heap;
    private final Decided decided;
    private final Map<String, Material> offers = new HashMap<>();
    private final Map<String, Money> prices = new HashMap<>();
    private final Map<String, Part> wanted = new HashMap<>();
    private final Map<String, Map<String, Integer>> copies = new HashMap<>();
    private final List<Ticket> kept = new ArrayList<>();
    private Money cost = Money.ZERO;

    private KeptPlan(Coop coop, Served served, Decided decided, Heap heap, PriceBook book) {
        this.heap = heap;
        this.decided = decided;
        for (Offer offer : book.offers()) {
            offers.put(offer.id(), offer.material());
            prices.put(offer.id(), offer.price());
        }
        coop.parts().stream().filter(p -> !served.has(p)).forEach(p -> wanted.put(p.mark(), p));
    }

    /** The kept tickets with what they cost; nothing when they are not all that is wanted. */
    static Optional<KeptPlan> of(
            WorkPlan before, Coop coop, Served served, Decided decided, Heap heap, PriceBook book) {
        KeptPlan plan = new KeptPlan(coop, served, decided, heap, book);
        Set<String> missing = new HashSet<>();
        before.missing().forEach(p -> missing.add(p.mark()));
        boolean whole = BroughtHome.of(heap, before.tickets()).stream().allMatch(plan::take);
        return whole && missing.containsAll(plan.wanted.keySet())
                ? Optional.of(plan)
                : Optional.empty();
    }

    /** The tickets that stand, whatever else is wanted. */
    static KeptPlan standing(
            WorkPlan before, Coop coop, Served served, Decided decided, Heap heap, PriceBook book) {
        KeptPlan plan = new KeptPlan(coop, served, decided, heap, book);
        BroughtHome.of(heap, before.tickets()).forEach(plan::take);
        return plan;
    }

    /** Parts that are wanted and on none of the kept tickets. */
    List<Part> rest() {
        return List.copyOf(wanted.values());
    }

    List<Ticket> tickets() {
        return List.copyOf(kept);
    }

    /** Of what they must buy. */
    Money cost() {
        return cost;
    }

    /** How many of a lot or offer the kept tickets use. */
    int used(String source) {
        return copies.getOrDefault(source, Map.of()).size();
    }

    /** As a plan; a bill of nothing needs no proof, another has none yet. */
    WorkPlan plan(List<Ticket> made, Workshop workshop) {
        List<Part> missing = List.copyOf(wanted.values());
        WorkPlan unproven =
                new WorkPlan(
                        kept,
                        missing,
                        cost,
                        Money.ZERO,
                        false,
                        "",
                        made,
                        Map.of(),
                        workshop,
                        List.of(),
                        0);
        return unproven.provenBy(unproven);
    }

    /** A ticket that is wanted whole is kept, one that is not wanted at all is dropped. */
    private boolean take(Ticket ticket) {
        List<Ticket.Cut> cuts = new ArrayList<>();
        int found = 0;
        int all = 0;
        for (Ticket.Cut cut : ticket.cuts()) {
            List<Part> parts = new ArrayList<>();
            for (Part part : cut.parts()) {
                all++;
                Part now = wanted.get(part.mark());
                if (now != null && PartShape.of(now).equals(PartShape.of(part))) {
                    if (!decided.allows(part.mark(), ticket.source())) {
                        return false;
                    }
                    parts.add(now);
                    found++;
                }
            }
            cuts.add(cut.with(parts));
        }
        if (found == 0) {
            return true;
        }
        return found == all && stands(ticket) && keep(ticket, cuts);
    }

    private boolean stands(Ticket ticket) {
        Material whole = ticket.made().map(Ticket.Made::whole).orElse(ticket.material());
        return ticket.bought()
                ? whole.equals(offers.get(ticket.source()))
                : heap.find(ticket.source()).filter(l -> l.material().equals(whole)).isPresent();
    }

    private boolean keep(Ticket ticket, List<Ticket.Cut> cuts) {
        Map<String, Integer> numbers =
                copies.computeIfAbsent(ticket.source(), _ -> new HashMap<>());
        int number = numbers.computeIfAbsent(ticket.thing(), _ -> numbers.size() + 1);
        if (ticket.bought()) {
            cost = cost.plus(prices.get(ticket.source()));
        } else if (number > heap.find(ticket.source()).map(Lot::quantity).orElse(0)) {
            return false;
        }
        cuts.forEach(c -> c.parts().forEach(p -> wanted.remove(p.mark())));
        kept.add(ticket.with(number, cuts));
        return true;
    }
}
