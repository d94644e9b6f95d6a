package reliqua.core.coop.madeup;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.stream.Stream;
import reliqua.core.measure.Length;
import reliqua.core.stock.Heap;
import reliqua.core.stock.Lot;
import reliqua.core.stock.Material;
import reliqua.core.stock.Mesh;
import reliqua.core.stock.Offer;
import reliqua.core.stock.PriceBook;
import reliqua.core.stock.Roofing;
import reliqua.core.stock.Section;
import reliqua.core.stock.Sheet;
import reliqua.core.stock.Span;
import reliqua.core.stock.Stick;

/** What heap and shop have that a joint could be placed by. */
public final class Supply {
    private static final int MOST = 5;
    private static final int MOST_SIDES = 10;

    private final List<Lot> lots;
    private final List<Material> sold;

    /** Over the usable lots of a heap. */
    public Supply(Heap heap) {
        this(heap, PriceBook.EMPTY);
    }

    /** The same with sheets of a shop, for what the heap has none of. */
    public Supply(Heap heap, PriceBook shop) {
        this.lots = heap.usable();
        this.sold = shop.offers().stream().map(Offer::material).toList();
    }

    /** Sheets of a thickness among some materials. */
    private static List<Sheet> thick(Stream<Material> materials, Length thickness) {
        return materials.flatMap(m -> sheet(m, thickness).stream()).toList();
    }

    private static Optional<Sheet> sheet(Material material, Length thickness) {
        return material instanceof Sheet s && s.thickness().equals(thickness)
                ? Optional.of(s)
                : Optional.empty();
    }

    /** Clear lengths of a section, longest first, at most a few. */
    List<Length> sticks(Section section) {
        return lots.stream()
                .filter(l -> l.material() instanceof Stick s && s.section().equals(section))
                .map(l -> ((Stick) l.material()).longestClear())
                .distinct()
                .sorted(Comparator.reverseOrder())
                .limit(MOST)
                .toList();
    }

    /** Sides of sheets of a thickness, longest first, at most a few; the shop's come last. */
    List<Length> sides(Length thickness) {
        return Stream.concat(
                        sides(thick(lots.stream().map(Lot::material), thickness)),
                        sides(thick(sold.stream(), thickness)))
                .distinct()
                .toList();
    }

    private static Stream<Length> sides(List<Sheet> sheets) {
        return sheets.stream()
                .flatMap(s -> Stream.of(s.width(), s.length()))
                .distinct()
                .sorted(Comparator.reverseOrder())
                .limit(MOST_SIDES);
    }

    /** Sheets of a thickness, largest first, at most a few; the shop's come last. */
    List<Sheet> sheets(Length thickness) {
        return Stream.concat(
                        largest(thick(lots.stream().map(Lot::material), thickness)),
                        largest(thick(sold.stream(), thickness)))
                .toList();
    }

    private static Stream<Sheet> largest(List<Sheet> sheets) {
        return sheets.stream()
                .sorted(
                        Comparator.comparingDouble(
                                s -> -s.width().toMetres() * s.length().toMetres()))
                .limit(MOST);
    }

    /**
     * Roofing narrower than a sheet and of its profile, so that the ribs lie in each other: widest
     * first, at most a few.
     */
    List<Roofing> narrower(Length fullWidth) {
        List<Roofing> all =
                lots.stream()
                        .filter(l -> l.material() instanceof Roofing)
                        .map(l -> (Roofing) l.material())
                        .toList();
        return all.stream()
                .filter(r -> r.fullWidth().compareTo(fullWidth) < 0)
                .filter(
                        r ->
                                all.stream()
                                        .filter(o -> o.fullWidth().equals(fullWidth))
                                        .allMatch(r::nestsWith))
                .sorted(Comparator.comparing(Roofing::fullWidth).reversed())
                .limit(MOST)
                .toList();
    }

    /**
     * Sides of mesh that serves where none may be wider, longest first, at most a few; the shop's
     * come last.
     */
    List<Length> rolls(Length aperture) {
        return Stream.concat(
                        rolls(lots.stream().map(Lot::material), aperture),
                        rolls(sold.stream(), aperture))
                .distinct()
                .toList();
    }

    private static Stream<Length> rolls(Stream<Material> materials, Length aperture) {
        return materials
                .filter(m -> m instanceof Mesh mesh && mesh.serves(aperture))
                .map(m -> (Mesh) m)
                .flatMap(m -> Stream.of(m.width(), m.length()))
                .distinct()
                .sorted(Comparator.reverseOrder())
                .limit(MOST);
    }

    /**
     * How many upright boards of each width there are that are so thick and give so long a piece,
     * by thickness.
     */
    Map<Length, SortedMap<Length, Integer>> boards(Length least, Length most, Length length) {
        Map<Length, SortedMap<Length, Integer>> found = new TreeMap<>();
        for (Lot lot : lots) {
            if (lot.material() instanceof Stick s
                    && s.section().thickness().atLeast(least)
                    && s.section().thickness().atMost(most)) {
                int pieces = 0;
                for (Span span : s.clearSpans()) {
                    pieces += (int) (span.length().nm() / length.nm());
                }
                if (pieces > 0) {
                    found.computeIfAbsent(s.section().thickness(), _ -> new TreeMap<>())
                            .merge(s.section().width(), pieces * lot.quantity(), Integer::sum);
                }
            }
        }
        return found;
    }
}
