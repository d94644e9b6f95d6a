package reliqua.core.fit;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import reliqua.core.coop.Part;
import reliqua.core.cutting.Workshop;
import reliqua.core.cutting.YardLength;
import reliqua.core.measure.Area;
import reliqua.core.measure.Length;
import reliqua.core.stock.Heap;
import reliqua.core.stock.Material;
import reliqua.core.stock.PriceBook;
import reliqua.core.stock.Section;
import reliqua.core.stock.Sheet;
import reliqua.core.stock.Stick;

/**
 * What a house must cost at least, in an instant: by section, the length it needs beyond all clear
 * length the heap could give of it, at the lowest price a metre; by thickness, the area beyond all
 * sheets of the heap, at the lowest price an area. Kerfs, flaws of sheets and waste are left out,
 * so no plan costs less.
 */
final class CheapBound {
    private final Map<Section, Double> ownLength = new ConcurrentHashMap<>();
    private final Map<Section, Double> perMetre = new HashMap<>();
    private final Map<Length, Double> ownArea = new HashMap<>();
    private final Map<Length, Double> perArea = new HashMap<>();

    private final Heap heap;
    private final Workshop workshop;

    CheapBound(Heap heap, PriceBook prices, Workshop workshop) {
        this.heap = heap;
        this.workshop = workshop;
        heap.lots().forEach(lot -> own(lot.material(), lot.quantity()));
        prices.offers().forEach(offer -> price(offer.material(), offer.price().amount()));
    }

    private void own(Material material, int quantity) {
        if (material instanceof Sheet s) {
            ownArea.merge(s.thickness(), s.squareMetres() * quantity, Double::sum);
        }
    }

    private void price(Material material, double amount) {
        if (material instanceof Stick s) {
            perMetre.merge(s.section(), amount / s.length().toMetres(), Math::min);
        } else if (material instanceof Sheet s) {
            perArea.merge(s.thickness(), amount / s.squareMetres(), Math::min);
        }
    }

    /** The bound for parts still to be cut, in whole currency. */
    double of(List<Part> wanted) {
        Map<Section, Double> length = new HashMap<>();
        Map<Length, Double> area = new HashMap<>();
        for (Part part : wanted) {
            if (part instanceof Part.StickPart s) {
                length.merge(s.section(), s.length().toMetres(), Double::sum);
            } else if (part instanceof Part.PanelPart p && p.cutFrom().isEmpty()) {
                // Two sloped panels can share a rectangle, so each needs its own area only.
                Length mean =
                        p.lowSide().map(low -> low.plus(p.height()).half()).orElse(p.height());
                area.merge(p.thickness(), Area.of(p.width(), mean).toSquareMetres(), Double::sum);
            }
        }
        for (Section section : length.keySet()) {
            ownLength.computeIfAbsent(section, s -> YardLength.metres(heap, workshop, s));
        }
        return beyond(length, ownLength, perMetre) + beyond(area, ownArea, perArea);
    }

    private static <K> double beyond(
            Map<K, Double> needed, Map<K, Double> own, Map<K, Double> price) {
        return needed.entrySet().stream()
                .mapToDouble(
                        e ->
                                Math.max(0, e.getValue() - own.getOrDefault(e.getKey(), 0.0))
                                        * price.getOrDefault(e.getKey(), 0.0))
                .sum();
    }
}
