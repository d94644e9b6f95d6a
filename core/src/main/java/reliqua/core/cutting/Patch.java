package reliqua.core.cutting;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.SortedSet;
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

    /** What the kept tickets do not touch. */
    Heap untouched(Heap heap) {
        Heap left = Heap.EMPTY;
        for (Lot lot : heap.lots()) {
            int rest = lot.quantity() - kept.used(lot.id());
            if (rest > 0) {
                left = left.plus(lot.with(rest, lot.material()));
            }
        }
        return left;
    }

    /**
     * The ends that the kept tickets leave, as lots of their own: to be cut across only. Not of
     * things some piece must not come from, for an end no longer bears their name.
     */
    Heap ends(SortedSet<CutWish> wishes) {
        Heap ends = Heap.EMPTY;
        for (int n = 0; n < tickets.size(); n++) {
            String source = tickets.get(n).source();
            boolean barred = wishes.stream().anyMatch(w -> !w.on() && w.source().equals(source));
            if (!barred && tickets.get(n).material() instanceof Stick stick) {
                Length from = from(tickets.get(n));
                if (stick.length().minus(from).atLeast(SHORTEST)) {
                    ends =
                            ends.plus(
                                    new Lot(
                                            end(n),
                                            1,
                                            stick.part(from, stick.length()),
                                            Lot.Provenance.UNKNOWN));
                }
            }
        }
        return ends;
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

    /** The kept tickets and those of a plan for the rest, from what is untouched and the ends. */
    WorkPlan with(WorkPlan rest, WorkPlan before, List<Ticket> made) {
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
                rest.cost().plus(kept.cost()),
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
