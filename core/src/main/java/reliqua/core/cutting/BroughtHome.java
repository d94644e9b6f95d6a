package reliqua.core.cutting;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import reliqua.core.stock.Heap;
import reliqua.core.stock.Lot;
import reliqua.core.stock.Material;

/**
 * Things a plan was to buy that lie on the heap now: its tickets are cut from those, and nothing
 * else of it changes.
 */
final class BroughtHome {
    private final Map<String, String> homes = new HashMap<>();
    private final Map<String, Integer> used = new HashMap<>();
    private final List<Lot> lots;

    /** Of lots that the plan did not know of. */
    private BroughtHome(Heap heap, List<Ticket> tickets) {
        Set<String> known =
                tickets.stream()
                        .filter(t -> !t.bought())
                        .map(Ticket::source)
                        .collect(Collectors.toSet());
        this.lots = heap.lots().stream().filter(l -> !known.contains(l.id())).toList();
    }

    /** The tickets of a plan, each from the heap where its thing has come home. */
    static List<Ticket> of(Heap heap, List<Ticket> tickets) {
        BroughtHome home = new BroughtHome(heap, tickets);
        return tickets.stream().map(home::fetched).toList();
    }

    private Ticket fetched(Ticket ticket) {
        if (!ticket.bought()) {
            return ticket;
        }
        Optional<String> lot =
                Optional.ofNullable(homes.get(ticket.thing())).or(() -> next(ticket));
        lot.ifPresent(id -> homes.put(ticket.thing(), id));
        return lot.map(ticket::broughtHomeAs).orElse(ticket);
    }

    private Optional<String> next(Ticket ticket) {
        Material whole = ticket.made().map(Ticket.Made::whole).orElse(ticket.material());
        Optional<String> lot =
                lots.stream()
                        .filter(l -> l.material().equals(whole))
                        .filter(l -> used.getOrDefault(l.id(), 0) < l.quantity())
                        .map(Lot::id)
                        .findFirst();
        lot.ifPresent(id -> used.merge(id, 1, Integer::sum));
        return lot;
    }
}
