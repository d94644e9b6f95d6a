package reliqua.core.cutting;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import reliqua.core.measure.Length;
import reliqua.core.stock.Heap;
import reliqua.core.stock.Lot;
import reliqua.core.stock.Material;
import reliqua.core.stock.Section;
import reliqua.core.stock.Stick;

class BroughtHomeTest {
    private static final Stick LONG = Stick.sound(Section.mm(38, 89), Length.mm(2400));
    private static final Stick SHORT = Stick.sound(Section.mm(38, 89), Length.mm(1800));

    private static Ticket bought(int copy, Material material) {
        return new Ticket("shop", copy, true, material, List.of());
    }

    private static Ticket own(String lot, Material material) {
        return new Ticket(lot, 1, false, material, List.of());
    }

    private static Heap heap(Lot... lots) {
        return new Heap(List.of(lots));
    }

    private static Lot lot(String id, int count, Material material) {
        return new Lot(id, count, material, Lot.Provenance.UNKNOWN);
    }

    private static List<String> things(Heap heap, Ticket... tickets) {
        return BroughtHome.of(heap, List.of(tickets)).stream().map(Ticket::thing).toList();
    }

    @Test
    void asManyAsCameHomeAreCutFromTheHeap() {
        Heap heap = heap(lot("S9", 2, LONG));
        assertThat(things(heap, bought(1, LONG), bought(2, LONG), bought(3, LONG)))
                .containsExactly("S9#1", "S9#2", "shop#3");
    }

    @Test
    void whatThePlanKnewOfIsSpokenFor() {
        Heap heap = heap(lot("S1", 2, LONG));
        assertThat(things(heap, own("S1", LONG), bought(1, LONG)))
                .containsExactly("S1#1", "shop#1");
    }

    @Test
    void anotherThingDoesNotServe() {
        assertThat(things(heap(lot("S9", 1, SHORT)), bought(1, LONG))).containsExactly("shop#1");
    }

    /** Two lanes of one sheet are two tickets and one thing to buy. */
    @Test
    void allThatIsMadeOfOneThingComesFromOneThing() {
        Heap heap = heap(lot("S9", 1, LONG), lot("S10", 1, LONG));
        Ticket first = lane(1);
        Ticket second = lane(2);
        List<Ticket> home = BroughtHome.of(heap, List.of(first, second, bought(2, LONG)));
        assertThat(home).extracting(Ticket::thing).containsExactly("S9#1", "S9#1", "S10#2");
        assertThat(home).noneMatch(Ticket::bought);
        assertThat(home.get(1).made()).isEqualTo(second.made());
    }

    private static Ticket lane(int of) {
        Ticket.Made made =
                new Ticket.Made(LONG, new Making(Making.How.RIPPED, List.of(SHORT, SHORT), 10), of);
        return new Ticket("shop", 1, true, SHORT, Optional.of(made), List.of());
    }
}
