package reliqua.core.cutting;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import reliqua.core.fit.Yards;
import reliqua.core.stock.Material;
import reliqua.core.stock.Mesh;
import reliqua.core.stock.Roofing;
import reliqua.core.stock.Section;
import reliqua.core.stock.Sheet;
import reliqua.core.stock.Stick;

/** The saw is set up once for each kind and section, however the tickets come. */
class TicketOrderTest {
    private static List<Ticket> shuffled(Random random) {
        List<Ticket> tickets = new ArrayList<>(Yards.fitted(8).candidate().plan().tickets());
        Collections.shuffle(tickets, random);
        tickets.sort(TicketOrder.comparator());
        return tickets;
    }

    private static List<Class<? extends Material>> kinds(List<Ticket> tickets) {
        List<Class<? extends Material>> kinds = new ArrayList<>();
        for (Ticket ticket : tickets) {
            Class<? extends Material> kind = ticket.material().getClass();
            if (kinds.isEmpty() || !kinds.getLast().equals(kind)) {
                kinds.add(kind);
            }
        }
        return kinds;
    }

    @Test
    void sticksComeFirstThenSheetsRoofingAndMesh() {
        Random random = new Random(3);
        for (int n = 0; n < 20; n++) {
            assertThat(kinds(shuffled(random)))
                    .containsExactly(Stick.class, Sheet.class, Roofing.class, Mesh.class);
        }
    }

    @Test
    void aSectionIsTakenUpOnceAndTheHeavyOnesFirst() {
        List<Section> sections = new ArrayList<>();
        for (Ticket ticket : shuffled(new Random(4))) {
            if (ticket.material() instanceof Stick stick
                    && (sections.isEmpty() || !sections.getLast().equals(stick.section()))) {
                sections.add(stick.section());
            }
        }
        Set<Section> once = new HashSet<>(sections);
        assertThat(sections).hasSameSizeAs(once).hasSizeGreaterThan(2);
        assertThat(sections.stream().map(s -> -s.width().toMm() * s.thickness().toMm()).toList())
                .isSorted();
    }

    /** Straight pieces are picked while there is most to choose from. */
    @Test
    void inASectionThePickiestComesFirst() {
        List<Ticket> tickets = shuffled(new Random(5));
        for (int i = 1; i < tickets.size(); i++) {
            if (tickets.get(i - 1).material() instanceof Stick before
                    && tickets.get(i).material() instanceof Stick after
                    && before.section().equals(after.section())) {
                assertThat(pickiest(tickets.get(i - 1)))
                        .isGreaterThanOrEqualTo(pickiest(tickets.get(i)));
            }
        }
    }

    private static int pickiest(Ticket ticket) {
        return ticket.cuts().stream()
                .flatMap(c -> c.parts().stream())
                .mapToInt(p -> p.role().straightness().tolerance())
                .max()
                .orElseThrow();
    }
}
