package reliqua.desktop.saw;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import reliqua.core.cutting.FoundFlaws;
import reliqua.core.cutting.Ticket;
import reliqua.core.stock.FlawMarking;
import reliqua.core.stock.Material;
import reliqua.desktop.Texts;

/**
 * The ticket that lies on the sawhorse, and what is said of it before it is cut: pieces that came
 * out wrong, a place where the thing split.
 */
final class InHand {
    private final TicketBook book;
    private Optional<Said> said = Optional.empty();
    private int at;

    /**
     * What is said of a ticket.
     *
     * @param found its thing, with the split in it
     * @param wrong the cuts that came out wrong
     */
    private record Said(Ticket ticket, Material found, Set<Ticket.Cut> wrong) {
        static Said nothing(Ticket ticket) {
            return new Said(ticket, ticket.material(), Set.of());
        }

        Said found(Material other) {
            return new Said(ticket, other, wrong);
        }

        /** A cut is wrong, or not after all. */
        Said turned(Ticket.Cut cut) {
            Set<Ticket.Cut> others = new HashSet<>(wrong);
            if (!others.remove(cut)) {
                others.add(cut);
            }
            return new Said(ticket, found, Set.copyOf(others));
        }

        /** Of another ticket for the same thing: what it cuts otherwise is not wrong. */
        Said of(Ticket other) {
            Set<Ticket.Cut> still = new HashSet<>(wrong);
            still.retainAll(other.cuts());
            return new Said(other, found, Set.copyOf(still));
        }
    }

    InHand(TicketBook book, int first) {
        this.book = book;
        this.at = first;
    }

    /** Its place among the tickets, from zero. */
    int at() {
        return at;
    }

    /** Marks of the pieces that came out wrong. */
    Set<String> spoiled() {
        return said.stream()
                .flatMap(s -> s.wrong().stream())
                .map(Ticket.Cut::marks)
                .collect(Collectors.toUnmodifiableSet());
    }

    boolean isSplit() {
        return said.filter(s -> !s.found().equals(s.ticket().material())).isPresent();
    }

    private Said saidOf(Ticket ticket) {
        return said.filter(s -> s.ticket().equals(ticket)).orElse(Said.nothing(ticket));
    }

    /** The ticket, if there is any. */
    Optional<Ticket> ticket() {
        List<Ticket> tickets = book.tickets();
        keep(tickets);
        at = Math.clamp(at, 0, Math.max(0, tickets.size() - 1));
        return tickets.isEmpty() ? Optional.empty() : Optional.of(tickets.get(at));
    }

    /** The ticket, if it is still to be cut. */
    private Optional<Ticket> open() {
        return ticket().filter(t -> !book.isCut(t));
    }

    /** The thing as it is known to be by now. */
    Material found(Ticket ticket) {
        return saidOf(ticket).found();
    }

    /** The pieces that lie in the split. */
    List<Ticket.Cut> hit(Ticket ticket) {
        return FoundFlaws.hit(ticket, found(ticket));
    }

    void leaf(int by) {
        forget();
        at += by;
    }

    /** It did not split after all. */
    void whole() {
        said = said.map(s -> s.found(s.ticket().material()));
    }

    private void forget() {
        said = Optional.empty();
    }

    /**
     * A plan made anew may leave what was said of where it was, move it on, or not want it any
     * more.
     */
    private void keep(List<Ticket> tickets) {
        if (said.isEmpty()) {
            return;
        }
        Ticket was = said.get().ticket();
        Optional<Ticket> now =
                tickets.contains(was)
                        ? Optional.of(was)
                        : tickets.stream().filter(t -> !book.isCut(t) && isOf(t, was)).findFirst();
        if (now.isEmpty()) {
            forget();
            return;
        }
        at = tickets.indexOf(now.get());
        said = said.map(s -> s.of(now.get()));
    }

    private static boolean isOf(Ticket ticket, Ticket other) {
        return ticket.source().equals(other.source()) && ticket.material().equals(other.material());
    }

    /**
     * Where the thing split. The pieces there are not cut out of it; whether the others are cut is
     * said afterwards. Says what is wrong with the words, if anything.
     */
    String split(String words) {
        Optional<Ticket> ticket = open();
        if (ticket.isEmpty()) {
            return Texts.get("saw.split.cut");
        }
        if (!FlawMarking.takes(ticket.get().material())) {
            return Texts.get("saw.split.not");
        }
        try {
            Material found = FlawMarking.split(found(ticket.get()), words, book.tape());
            said = Optional.of(saidOf(ticket.get()).found(found));
            return "";
        } catch (IllegalArgumentException e) {
            return String.valueOf(e.getMessage());
        }
    }

    /** Nothing is cut out of what split: it stays whole and is planned again. Says why not. */
    String planAgain() {
        Optional<Ticket> ticket = open();
        if (ticket.isEmpty() || !isSplit()) {
            return "";
        }
        String fault = book.split(ticket.get(), found(ticket.get()));
        if (fault.isEmpty()) {
            forget();
        }
        return fault;
    }

    /**
     * The piece of this number came out wrong, or not after all; it is wanted again once cut. Of
     * what is cut it is spoiled since.
     */
    void spoil(int number) {
        Optional<Ticket> ticket = ticket().filter(t -> number <= t.cuts().size());
        if (ticket.isEmpty()) {
            return;
        }
        Ticket.Cut cut = ticket.get().cuts().get(number - 1);
        if (book.isCut(ticket.get())) {
            book.spoil(ticket.get(), cut);
        } else {
            said = Optional.of(saidOf(ticket.get()).turned(cut));
        }
    }

    /** Cut, or not cut after all; after a cut the next one that is not cut comes up. */
    void cut() {
        Optional<Ticket> ticket = ticket();
        if (ticket.isEmpty()) {
            return;
        }
        if (book.isCut(ticket.get())) {
            book.toggle(ticket.get());
            return;
        }
        List<Ticket> tickets = book.tickets();
        Material found = found(ticket.get());
        Set<String> wrong = spoiled();
        forget();
        book.cut(ticket.get(), wrong, found);
        int size = tickets.size();
        for (int n = 1; n <= size; n++) {
            int next = (at + n) % size;
            if (!book.isCut(tickets.get(next))) {
                at = next;
                return;
            }
        }
    }
}
