package reliqua.core.cutting;

import java.util.Comparator;
import reliqua.core.coop.Part;
import reliqua.core.measure.Length;
import reliqua.core.stock.Block;
import reliqua.core.stock.FoundPart;
import reliqua.core.stock.Hardware;
import reliqua.core.stock.Material;
import reliqua.core.stock.Mesh;
import reliqua.core.stock.Pallet;
import reliqua.core.stock.Pole;
import reliqua.core.stock.Roofing;
import reliqua.core.stock.Section;
import reliqua.core.stock.Sheet;
import reliqua.core.stock.Stick;

/**
 * The order in which tickets are cut: one kind and one section after the other, so that the saw is
 * set up once for each; in a section the pickiest first, while there is most to choose from, then
 * the longest; what has the same first stop stands together.
 */
final class TicketOrder {
    private TicketOrder() {}

    /** The order; tickets it holds equal stay as they come. */
    static Comparator<Ticket> comparator() {
        return Comparator.comparingInt((Ticket t) -> kind(t.material()))
                .thenComparing(TicketOrder::area, Comparator.reverseOrder())
                .thenComparingInt(t -> -pickiest(t))
                .thenComparing(TicketOrder::longest, Comparator.reverseOrder());
    }

    private static int kind(Material material) {
        return switch (material) {
            case Stick _, Pole _ -> 0;
            case Sheet _ -> 1;
            case Roofing _ -> 2;
            case Mesh _ -> 3;
            case Pallet _, FoundPart _, Block _, Hardware _ -> 4;
        };
    }

    /** Heavy sections first: legs and frames are wanted before trim. */
    private static long area(Ticket ticket) {
        return switch (ticket.material()) {
            case Stick s -> area(s.section());
            case Pole p -> p.butt().nm() / 1000 * (p.butt().nm() / 1000);
            case Sheet s -> s.thickness().nm();
            default -> 0;
        };
    }

    private static long area(Section section) {
        return section.thickness().nm() / 1000 * (section.width().nm() / 1000);
    }

    private static int pickiest(Ticket ticket) {
        return ticket.cuts().stream()
                .flatMap(c -> c.parts().stream())
                .map(Part::role)
                .mapToInt(role -> role.straightness().tolerance())
                .max()
                .orElse(0);
    }

    private static Length longest(Ticket ticket) {
        return ticket.cuts().stream()
                .map(c -> c.across().max(c.along()))
                .reduce(Length.ZERO, Length::max);
    }
}
