package reliqua.core.fit;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import reliqua.core.coop.family.Choices;
import reliqua.core.measure.Length;
import reliqua.core.stock.Heap;
import reliqua.core.stock.Material;
import reliqua.core.stock.PriceBook;
import reliqua.core.stock.Roofing;
import reliqua.core.stock.Sheet;

/**
 * Which sheets could be deck and skin, how wide their panels may be, and which roofing there is.
 */
final class SheetOptions {
    private static final Length DECK_LEAST = Length.mm(11);
    private static final Length SKIN_LEAST = Length.mm(8);
    private static final Length SKIN_MOST = Length.mm(19);
    private static final Length PANEL_LEAST = Length.mm(550);
    private static final int MOST = 3;

    private final List<Material> own = new ArrayList<>();
    private final Map<Length, Double> areas = new TreeMap<>();
    private final List<Material> all = new ArrayList<>();

    SheetOptions(Heap heap, PriceBook prices) {
        heap.lots()
                .forEach(
                        lot -> {
                            own.add(lot.material());
                            if (lot.material() instanceof Sheet s) {
                                double area = s.squareMetres() * lot.quantity();
                                areas.merge(s.thickness(), area, Double::sum);
                            }
                        });
        all.addAll(own);
        prices.offers()
                .forEach(
                        offer -> {
                            all.add(offer.material());
                            if (offer.material() instanceof Sheet s) {
                                areas.merge(s.thickness(), 0.0, Double::sum);
                            }
                        });
    }

    List<Length> decks() {
        return thicknesses(DECK_LEAST, Length.mm(30));
    }

    List<Length> skins() {
        return thicknesses(SKIN_LEAST, SKIN_MOST);
    }

    private List<Length> thicknesses(Length least, Length most) {
        return areas.entrySet().stream()
                .filter(e -> e.getKey().atLeast(least) && e.getKey().atMost(most))
                .sorted(Map.Entry.<Length, Double>comparingByValue().reversed())
                .limit(MOST + 1)
                .map(Map.Entry::getKey)
                .toList();
    }

    /**
     * Widths at which surfaces may be divided: the short side most sheets have, then other sides,
     * widest first.
     */
    List<Length> panels() {
        Map<Length, Long> shortSides = new TreeMap<>();
        for (Material material : all) {
            if (material instanceof Sheet s) {
                shortSides.merge(s.width().min(s.length()), 1L, Long::sum);
            }
        }
        List<Length> panels = new ArrayList<>();
        shortSides.entrySet().stream()
                .max(Map.Entry.comparingByValue())
                .ifPresent(e -> panels.add(e.getKey()));
        sides().stream()
                .filter(s -> s.atLeast(PANEL_LEAST) && !panels.contains(s))
                .sorted(java.util.Comparator.reverseOrder())
                .limit(MOST + 2L)
                .forEach(panels::add);
        return panels;
    }

    /** Every side of every sheet, without repeats. */
    List<Length> sides() {
        return all.stream()
                .filter(m -> m instanceof Sheet)
                .map(m -> (Sheet) m)
                .flatMap(s -> java.util.stream.Stream.of(s.width(), s.length()))
                .distinct()
                .toList();
    }

    List<Choices.RoofingChoice> roofings() {
        Map<List<Length>, Choices.RoofingChoice> kinds = new LinkedHashMap<>();
        for (Material material : all) {
            if (material instanceof Roofing r) {
                kinds.merge(
                        List.of(r.fullWidth(), r.coverWidth()),
                        new Choices.RoofingChoice(r.fullWidth(), r.coverWidth(), r.length()),
                        (a, b) -> a.longest().atLeast(b.longest()) ? a : b);
            }
        }
        return kinds.values().stream().limit(MOST).toList();
    }
}
