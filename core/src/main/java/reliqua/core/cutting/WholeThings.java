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
import reliqua.core.stock.Pallet;
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
    private final Length kerf;
    private final List<Opened> opened = new ArrayList<>();
    private final List<Ticket> tickets = new ArrayList<>();
    private final List<Part> missing = new ArrayList<>();
    private Money cost = Money.ZERO;

    /** A thing that is sawn down, with the parts it gives one behind the other. */
    private record Opened(Ticket thing, Length whole, List<Ticket.Cut> cuts) {
        Length end(Length kerf) {
            return cuts.getLast().end().plus(kerf);
        }
    }

    private WholeThings(Heap heap, PriceBook prices, Decided decided, Length kerf) {
        this.kerf = kerf;
        this.heap = heap;
        this.prices = prices;
        this.decided = decided;
    }

    /** For those of the parts that are used whole. */
    static WholeThings of(
            List<Part> wanted, Heap heap, PriceBook prices, Decided decided, Length kerf) {
        WholeThings things = new WholeThings(heap, prices, decided, kerf);
        wanted.stream()
                .filter(Part.WholePart.class::isInstance)
                .map(Part.WholePart.class::cast)
                // What is sawn down may as well be the worst; long parts leave room for short.
                .sorted(Comparator.comparing(p -> p.sawnTo().orElse(Length.ZERO).negated()))
                .sorted(Comparator.comparing(p -> p.sawnTo().isPresent()))
                .forEach(things::take);
        things.opened.forEach(o -> things.tickets.add(o.thing().with(o.thing().copy(), o.cuts())));
        return things;
    }

    private void take(Part.WholePart part) {
        if (part.sawnTo().filter(length -> fromOpened(part, length)).isPresent()) {
            return;
        }
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

    /** Out of what is left of a thing that is sawn down already. */
    private boolean fromOpened(Part.WholePart part, Length length) {
        for (Opened open : opened) {
            boolean serves =
                    part.find().takes(open.thing().material())
                            && decided.allows(part.mark(), open.thing().source())
                            && open.end(kerf).plus(length).atMost(open.whole());
            if (serves) {
                open.cuts().add(cut(part, open.end(kerf), length));
                return true;
            }
        }
        return false;
    }

    private void ticket(
            String source, int copy, boolean buy, Material material, Part.WholePart part) {
        Length at = Length.ZERO;
        Length length = part.sawnTo().orElseGet(() -> longest(part));
        Ticket ticket = new Ticket(source, copy, buy, material, List.of(cut(part, at, length)));
        if (part.sawnTo().isPresent() && material instanceof Pallet pallet) {
            opened.add(new Opened(ticket, pallet.length(), new ArrayList<>(ticket.cuts())));
        } else {
            tickets.add(ticket);
        }
    }

    private static Ticket.Cut cut(Part part, Length at, Length length) {
        return new Ticket.Cut(List.of(part), at, Length.ZERO, length, Length.ZERO);
    }

    private static Length longest(Part part) {
        Bounds b = part.solid().bounds();
        return b.width().max(b.depth()).max(b.height());
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
