package reliqua.core.fit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import reliqua.core.coop.family.Choices;
import reliqua.core.measure.Length;
import reliqua.core.stock.Heap;
import reliqua.core.stock.PriceBook;
import reliqua.core.stock.Section;
import reliqua.core.stock.Stick;

/** Which sections a group of parts could have: those of the heap with most clear length first, then what is sold. */
final class SectionOptions {
    private static final int MOST_OWN = 4;

    private final Map<Section, Double> clear = new TreeMap<>();
    private final Map<Section, Double> sold = new TreeMap<>();

    SectionOptions(Heap heap, PriceBook prices) {
        heap.lots().forEach(lot -> {
            if (lot.material() instanceof Stick s) {
                double metres = s.clearSpans().stream()
                        .mapToDouble(span -> span.length().toMetres())
                        .sum();
                clear.merge(s.section(), metres * lot.quantity(), Double::sum);
            }
        });
        prices.offers().forEach(offer -> {
            if (offer.material() instanceof Stick s) {
                sold.merge(s.section(), offer.price().amount() / s.length().toMetres(), Math::min);
            }
        });
    }

    /** Options of a group, most promising first; empty when nothing serves. */
    List<Section> of(Choices.Group group) {
        List<Section> options = new ArrayList<>();
        clear.entrySet().stream()
                .filter(e -> suits(group, e.getKey()))
                .sorted(Map.Entry.<Section, Double>comparingByValue().reversed())
                .limit(MOST_OWN)
                .forEach(e -> options.add(e.getKey()));
        sold.entrySet().stream()
                .filter(e -> suits(group, e.getKey()) && !options.contains(e.getKey()))
                .sorted(Map.Entry.comparingByValue())
                .limit(2)
                .forEach(e -> options.add(e.getKey()));
        return options;
    }

    private static boolean suits(Choices.Group group, Section section) {
        return section.serves(group.least())
                && section.thickness().atMost(most(group).thickness())
                && section.width().atMost(most(group).width());
    }

    /** Larger sections would only waste wood, or be too wide for a bird's foot. */
    private static Section most(Choices.Group group) {
        return switch (group) {
            case LEGS -> Section.mm(125, 150);
            case FLOOR -> Section.mm(52, 160);
            case WALLS -> Section.mm(52, 102);
            case RAFTERS -> Section.mm(52, 160);
            case PURLINS -> Section.mm(52, 152);
            case TRIM -> Section.mm(26, 76);
            case ROOSTS -> Section.mm(52, 91);
        };
    }

    /** Sticks of a section that are long enough to matter, longest clear stretch each. */
    static List<Length> lengths(Heap heap, PriceBook prices, Section section) {
        List<Length> lengths = new ArrayList<>();
        heap.lots().forEach(lot -> {
            if (lot.material() instanceof Stick s && s.section().equals(section)) {
                s.clearSpans().forEach(span -> lengths.add(span.length()));
            }
        });
        prices.offers().forEach(offer -> {
            if (offer.material() instanceof Stick s && s.section().equals(section)) {
                lengths.add(s.length());
            }
        });
        return lengths.stream().distinct().sorted(Comparator.reverseOrder()).toList();
    }
}
