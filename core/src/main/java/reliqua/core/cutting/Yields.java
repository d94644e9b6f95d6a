package reliqua.core.cutting;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import reliqua.core.measure.Length;
import reliqua.core.measure.Money;
import reliqua.core.stock.Offer;
import reliqua.core.stock.PriceBook;
import reliqua.core.stock.Section;
import reliqua.core.stock.Stick;

/** What the sticks of a plan give, by section: pieces, off-cuts worth keeping, and what is lost. */
public final class Yields {
    /**
     * A section.
     *
     * @param section of the sticks that are cut
     * @param sticks how many
     * @param all length of them
     * @param pieces length that becomes parts
     * @param leftovers off-cuts that go back to the heap, the longest first
     * @param bill what is bought of it
     */
    public record Line(
            Section section,
            int sticks,
            Length all,
            Length pieces,
            List<Length> leftovers,
            Money bill) {
        /** Puts the leftovers in order. */
        public Line {
            leftovers = leftovers.stream().sorted(Comparator.reverseOrder()).toList();
        }

        /** Length of off-cuts that go back to the heap. */
        public Length kept() {
            return leftovers.stream().reduce(Length.ZERO, Length::plus);
        }

        /** Kerfs, flaws, pieces that serve nothing, ends too short to keep. */
        public Length lost() {
            return all.minus(pieces).minus(kept());
        }

        private Line plus(Line other) {
            return new Line(
                    section,
                    sticks + other.sticks,
                    all.plus(other.all),
                    pieces.plus(other.pieces),
                    Stream.concat(leftovers.stream(), other.leftovers.stream()).toList(),
                    bill.plus(other.bill));
        }
    }

    private Yields() {}

    /** One line a section, in the order in which the plan first cuts it. */
    public static List<Line> of(WorkPlan plan, Length kerf, PriceBook prices) {
        Map<Section, Line> lines = new LinkedHashMap<>();
        Stream.concat(plan.made().stream(), plan.tickets().stream())
                .filter(t -> t.material() instanceof Stick)
                .map(t -> line(t, (Stick) t.material(), kerf, prices))
                .forEach(line -> lines.merge(line.section(), line, Line::plus));
        return new ArrayList<>(lines.values());
    }

    /** By pieces; where two lie nested, once. */
    private static Length covered(Ticket ticket) {
        Length sum = Length.ZERO;
        Length end = Length.ZERO;
        List<Ticket.Cut> cuts =
                ticket.cuts().stream()
                        .filter(c -> !c.parts().isEmpty())
                        .sorted(Comparator.comparing(Ticket.Cut::x))
                        .toList();
        for (Ticket.Cut cut : cuts) {
            sum = sum.plus(cut.end().minus(cut.x().max(end)));
            end = cut.end();
        }
        return sum;
    }

    private static Line line(Ticket ticket, Stick stick, Length kerf, PriceBook prices) {
        Length pieces = covered(ticket);
        List<Length> leftovers =
                Offcuts.of(ticket, kerf).stream().map(m -> ((Stick) m).length()).toList();
        Money price =
                ticket.bought()
                        ? prices.offers().stream()
                                .filter(o -> o.id().equals(ticket.source()))
                                .map(Offer::price)
                                .findFirst()
                                .orElse(Money.ZERO)
                        : Money.ZERO;
        return new Line(stick.section(), 1, stick.length(), pieces, leftovers, price);
    }
}
