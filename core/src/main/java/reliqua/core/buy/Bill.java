package reliqua.core.buy;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import reliqua.core.coop.Coop;
import reliqua.core.cutting.Ticket;
import reliqua.core.cutting.WorkPlan;
import reliqua.core.flock.Practice;
import reliqua.core.measure.Money;
import reliqua.core.stock.Block;
import reliqua.core.stock.FoundPart;
import reliqua.core.stock.Hardware;
import reliqua.core.stock.Heap;
import reliqua.core.stock.Material;
import reliqua.core.stock.Mesh;
import reliqua.core.stock.Offer;
import reliqua.core.stock.Pallet;
import reliqua.core.stock.Pole;
import reliqua.core.stock.PriceBook;
import reliqua.core.stock.Roofing;
import reliqua.core.stock.Sheet;
import reliqua.core.stock.Stick;

/**
 * What remains to buy, in shop units, and what the heap gives.
 *
 * @param merchant whose prices these are
 * @param lines what to buy
 * @param total of all lines
 * @param fromHeap what the pieces the heap gives would have cost new
 * @param fixings all hardware of the coop, also what the heap has
 */
public record Bill(
        String merchant, List<Line> lines, Money total, Money fromHeap, List<Fixing> fixings) {

    /**
     * One line.
     *
     * @param id of the offer; of hardware the name of its kind
     * @param name as the merchant calls it; a kind of hardware by its own name
     * @param hardware the kind, when it is hardware
     * @param needed single things needed, for hardware
     * @param units shop units to buy
     * @param price of one unit
     * @param total of the line
     */
    public record Line(
            String id,
            String name,
            Optional<Hardware.Kind> hardware,
            int needed,
            int units,
            Money price,
            Money total) {}

    /** Copies the lists. */
    public Bill {
        lines = List.copyOf(lines);
        fixings = List.copyOf(fixings);
    }

    /** The bill of a plan, with the hardware its coop needs less what the heap holds. */
    public static Bill of(
            Coop coop, WorkPlan plan, PriceBook prices, Heap heap, Practice.Finish finish) {
        List<Line> lines = new ArrayList<>();
        plan.bought()
                .forEach(
                        (id, count) -> {
                            Offer offer =
                                    prices.offers().stream()
                                            .filter(o -> o.id().equals(id))
                                            .findFirst()
                                            .orElseThrow();
                            Money total = offer.price().times(count);
                            lines.add(
                                    new Line(
                                            offer.id(),
                                            offer.name(),
                                            Optional.empty(),
                                            count,
                                            count,
                                            offer.price(),
                                            total));
                        });
        List<Fixing> fixings = Fixings.of(coop, finish);
        lines.addAll(hardware(fixings, prices, heap));
        Money total = lines.stream().map(Line::total).reduce(Money.ZERO, Money::plus);
        return new Bill(prices.merchant(), lines, total, worth(plan, prices), fixings);
    }

    /** Of the hardware alone. */
    public static Money hardware(Coop coop, PriceBook prices, Heap heap, Practice.Finish finish) {
        return hardware(Fixings.of(coop, finish), prices, heap).stream()
                .map(Line::total)
                .reduce(Money.ZERO, Money::plus);
    }

    private static List<Line> hardware(List<Fixing> fixings, PriceBook prices, Heap heap) {
        List<Line> lines = new ArrayList<>();
        Fixings.toBuy(fixings, heap)
                .forEach(
                        (kind, needed) -> {
                            PriceBook.Pack pack = prices.hardware().get(kind);
                            if (pack != null && needed > 0) {
                                lines.add(line(kind, needed, pack));
                            }
                        });
        return lines;
    }

    private static Line line(Hardware.Kind kind, int needed, PriceBook.Pack pack) {
        int units = pack.units(needed);
        return new Line(
                kind.name(),
                kind.name(),
                Optional.of(kind),
                needed,
                units,
                pack.price(),
                pack.price().times(units));
    }

    private static Money worth(WorkPlan plan, PriceBook prices) {
        Money worth = Money.ZERO;
        for (Ticket ticket :
                Stream.concat(plan.made().stream(), plan.tickets().stream()).toList()) {
            if (!ticket.bought()) {
                for (Ticket.Cut cut : ticket.cuts()) {
                    if (!cut.parts().isEmpty() && !ticket.isWithinAnother(cut)) {
                        worth = worth.plus(prices.worth(cutFrom(ticket.material(), cut)));
                    }
                }
            }
        }
        return worth;
    }

    private static Material cutFrom(Material material, Ticket.Cut cut) {
        return switch (material) {
            case Stick s -> Stick.sound(s.section(), cut.across());
            case Sheet s ->
                    new Sheet(s.kind(), s.thickness(), cut.across(), cut.along(), List.of());
            case Roofing r -> r.withLength(cut.across()).withFlaws(List.of());
            case Mesh m -> new Mesh(m.kind(), m.aperture(), cut.across(), cut.along());
            case Pole _, Pallet _, FoundPart _, Block _, Hardware _ -> material;
        };
    }

    /** Share of the whole worth that comes from the heap, from 0 to 1. */
    public double heapShare() {
        double all = total.amount() + fromHeap.amount();
        return all == 0 ? 0 : fromHeap.amount() / all;
    }
}
