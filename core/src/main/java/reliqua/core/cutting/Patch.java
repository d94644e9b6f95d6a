package reliqua.core.cutting;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import reliqua.core.measure.Length;
import reliqua.core.measure.Money;
import reliqua.core.stock.Heap;
import reliqua.core.stock.Lot;
import reliqua.core.stock.Stick;

/**
 * A plan mended rather than made anew: tickets that stand stay as they are, and what is wanted
 * beside them comes from the ends they leave and from what they do not touch.
 */
final class Patch {
    /** Shorter ends are not looked at. */
    private static final Length SHORTEST = Length.mm(60);

    private final KeptPlan kept;
    private final List<Ticket> tickets;
    private final Length kerf;

    Patch(KeptPlan kept, Length kerf) {
        this.kept = kept;
        this.tickets = new ArrayList<>(kept.tickets());
        this.kerf = kerf;
    }

    /** What is left of the heap beside the kept tickets; their ends are lots of their own. */
    Heap left(Heap heap) {
        Heap left = Heap.EMPTY;
        for (Lot lot : heap.lots()) {
            int rest = lot.quantity() - kept.used(lot.id());
            if (rest > 0) {
                left = left.plus(lot.with(rest, lot.material()));
            }
        }
        for (int n = 0; n < tickets.size(); n++) {
            if (tickets.get(n).material() instanceof Stick stick) {
                Length from = from(tickets.get(n));
                if (stick.length().minus(from).atLeast(SHORTEST)) {
                    left =
                            left.plus(
                                    new Lot(
                                            end(n),
                                            1,
                                            stick.part(from, stick.length()),
                                            Lot.Provenance.UNKNOWN));
                }
            }
        }
        return left;
    }

    private static String end(int ticket) {
        return "end of ticket " + ticket;
    }

    private Length from(Ticket ticket) {
        return ticket.cuts().stream()
                .map(Ticket.Cut::end)
                .reduce(Length.ZERO, Length::max)
                .plus(kerf);
    }

    /** The kept tickets and those of a plan for the rest, made from {@link #left}. */
    WorkPlan with(WorkPlan rest, WorkPlan before, List<Ticket> made) {
        Money cost = rest.cost();
        List<Ticket> all = new ArrayList<>(tickets);
        for (Ticket ticket : rest.tickets()) {
            int end = endOf(ticket.source());
            if (end >= 0) {
                all.set(end, longer(all.get(end), ticket));
            } else {
                all.add(numbered(ticket));
            }
        }
        return new WorkPlan(
                all.stream().sorted(TicketOrder.comparator()).toList(),
                rest.missing(),
                cost.plus(kept.cost()),
                Money.ZERO,
                false,
                "",
                made,
                Map.of(),
                before.workshop(),
                List.of(),
                0);
    }

    private int endOf(String source) {
        for (int n = 0; n < tickets.size(); n++) {
            if (end(n).equals(source)) {
                return n;
            }
        }
        return -1;
    }

    private Ticket longer(Ticket ticket, Ticket atItsEnd) {
        Length from = from(ticket);
        List<Ticket.Cut> cuts = new ArrayList<>(ticket.cuts());
        for (Ticket.Cut cut : atItsEnd.cuts()) {
            cuts.add(
                    new Ticket.Cut(
                            cut.parts(), cut.x().plus(from), cut.y(), cut.across(), cut.along()));
        }
        return ticket.with(ticket.copy(), cuts);
    }

    private Ticket numbered(Ticket ticket) {
        return ticket.with(ticket.copy() + kept.used(ticket.source()), ticket.cuts());
    }
}
