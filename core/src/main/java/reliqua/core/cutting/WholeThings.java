package reliqua.core.cutting;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import reliqua.core.coop.Bounds;
import reliqua.core.coop.Part;
import reliqua.core.measure.Length;
import reliqua.core.measure.Money;
import reliqua.core.stock.Heap;
import reliqua.core.stock.Lot;
import reliqua.core.stock.Material;
import reliqua.core.stock.Offer;
import reliqua.core.stock.PriceBook;

/**
 * Which thing of the heap serves for each part that is used whole. They are taken before anything
 * is cut: a pallet that is a wall is no longer boards. Parts that want the same take the soundest
 * first, and what the heap lacks is bought where a shop sells it.
 */
final class WholeThings {
    private final Heap heap;
    private final PriceBook prices;
    private final Decided decided;
    private final Map<String, Integer> used = new HashMap<>();
    private final Map<String, Integer> bought = new HashMap<>();
    private final List<Ticket> tickets = new ArrayList<>();
    private final List<Part> missing = new ArrayList<>();
    private Money cost = Money.ZERO;

    private WholeThings(Heap heap, PriceBook prices, Decided decided) {
        this.heap = heap;
        this.prices = prices;
        this.decided = decided;
    }

    /** For those of the parts that are used whole. */
    static WholeThings of(List<Part> wanted, Heap heap, PriceBook prices, Decided decided) {
        WholeThings things = new WholeThings(heap, prices, decided);
        wanted.stream()
                .filter(Part.WholePart.class::isInstance)
                .map(Part.WholePart.class::cast)
                // What is sawn down may as well be the worst.
                .sorted(Comparator.comparing(p -> p.sawnTo().isPresent()))
                .forEach(things::take);
        return things;
    }

    private void take(Part.WholePart part) {
        Optional<Lot> own =
                heap.lots().stream()
                        .filter(lot -> part.find().takes(lot.material()))
                        .filter(lot -> used.getOrDefault(lot.id(), 0) < lot.quantity())
                        .filter(lot -> decided.allows(part.mark(), lot.id()))
                        .min(Comparator.comparingDouble(l -> part.find().spoilt(l.material())));
        if (own.isPresent()) {
            int copy = used.merge(own.get().id(), 1, Integer::sum);
            ticket(own.get().id(), copy, false, own.get().material(), part);
            return;
        }
        Optional<Offer> offer =
                prices.offers().stream()
                        .filter(o -> part.find().takes(o.material()))
                        .filter(o -> decided.allows(part.mark(), o.id()))
                        .min(Comparator.comparing(Offer::price));
        if (offer.isPresent()) {
            int copy = bought.merge(offer.get().id(), 1, Integer::sum);
            ticket(offer.get().id(), copy, true, offer.get().material(), part);
            cost = cost.plus(offer.get().price());
        } else {
            missing.add(part);
        }
    }

    private void ticket(String source, int copy, boolean buy, Material material, Part part) {
        Bounds b = part.solid().bounds();
        Length longest = b.width().max(b.depth()).max(b.height());
        Ticket.Cut cut =
                new Ticket.Cut(List.of(part), Length.ZERO, Length.ZERO, longest, Length.ZERO);
        tickets.add(new Ticket(source, copy, buy, material, List.of(cut)));
    }

    /** How many of a lot are taken. */
    int used(String lot) {
        return used.getOrDefault(lot, 0);
    }

    List<Ticket> tickets() {
        return List.copyOf(tickets);
    }

    List<Part> missing() {
        return List.copyOf(missing);
    }

    Money cost() {
        return cost;
    }

    /** A heap, this one or part of it, without what is taken. */
    Heap rest(Heap of) {
        if (used.isEmpty()) {
            return of;
        }
        List<Lot> rest = new ArrayList<>();
        for (Lot lot : of.lots()) {
            int left = lot.quantity() - used.getOrDefault(lot.id(), 0);
            if (left > 0) {
                rest.add(left == lot.quantity() ? lot : lot.with(left, lot.material()));
            }
        }
        return new Heap(rest);
    }
}
