package reliqua.core.fit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Predicate;
import reliqua.core.coop.Duty;
import reliqua.core.coop.Part;
import reliqua.core.measure.Area;
import reliqua.core.measure.Length;
import reliqua.core.stock.Heap;
import reliqua.core.stock.Material;
import reliqua.core.stock.Offer;
import reliqua.core.stock.PriceBook;
import reliqua.core.stock.Roofing;
import reliqua.core.stock.Section;
import reliqua.core.stock.Sheet;
import reliqua.core.stock.Stick;

/**
 * About what a house would cost beyond a heap, in an instant and without a cut plan: every piece,
 * the longest first, comes out of the shortest stick that is long enough; every panel, the largest
 * first, out of the smallest sheet or rest of one. What finds nothing is priced by its length or
 * area. Neither a bound nor a plan: only for choosing which houses are worth planning.
 */
final class Supply {
    /** What no shop sells would have to be found elsewhere: dearer than anything a shop sells. */
    private static final double NOT_SOLD = 25;

    /** Shops sell whole sticks and sheets. */
    private static final double WHOLE = 1.2;

    private static final double LARGER = 2;

    private final Map<Section, List<Length>> sticks = new TreeMap<>();
    private final Map<Length, List<Piece>> sheets = new TreeMap<>();
    private final List<Length> roofing = new ArrayList<>();
    private final Map<Section, Double> perMetre = new ConcurrentHashMap<>();
    private final PriceBook prices;
    private final Length kerf;

    /**
     * A rectangle of a sheet, or one wanted.
     *
     * @param grained whether it matters which side runs along the grain
     */
    private record Piece(Length across, Length along, boolean grained) {
        static Piece of(Sheet sheet) {
            boolean turned = sheet.grain() == Sheet.Grain.ACROSS;
            return new Piece(
                    turned ? sheet.length() : sheet.width(),
                    turned ? sheet.width() : sheet.length(),
                    sheet.grain() != Sheet.Grain.NONE);
        }

        /** A floor's grain runs from joist to joist, across its width. */
        static Piece of(Part.PanelPart panel) {
            return new Piece(panel.height(), panel.width(), panel.role().is(Duty.Trait.WALKED_ON));
        }

        Area area() {
            return Area.of(across, along);
        }

        boolean holds(Piece panel) {
            return across.atLeast(panel.across) && along.atLeast(panel.along);
        }

        /** The wanted piece as it lies in this one, where it does. */
        Optional<Piece> laid(Piece panel) {
            if (holds(panel)) {
                return Optional.of(panel);
            }
            Piece turned = new Piece(panel.along, panel.across, panel.grained);
            return (grained && panel.grained) || !holds(turned)
                    ? Optional.empty()
                    : Optional.of(turned);
        }
    }

    Supply(Heap heap, PriceBook prices, Length kerf) {
        this.prices = prices;
        this.kerf = kerf;
        heap.lots()
                .forEach(
                        lot -> {
                            for (int n = 0; n < lot.quantity(); n++) {
                                own(lot.material());
                            }
                        });
    }

    private void own(Material material) {
        switch (material) {
            case Stick s -> {
                List<Length> lengths = sticks.computeIfAbsent(s.section(), _ -> new ArrayList<>());
                s.clearSpans().forEach(span -> lengths.add(span.length()));
            }
            case Sheet s ->
                    sheets.computeIfAbsent(s.thickness(), _ -> new ArrayList<>()).add(Piece.of(s));
            case Roofing r -> roofing.add(r.length());
            default -> {
                // Whole things and mesh do not decide between sizes here.
            }
        }
    }

    /** What pieces of one section cost that the heap's sticks of it do not give. */
    double sticks(Section section, List<Length> pieces) {
        double metres = unserved(pieces, sticks.getOrDefault(section, List.of()));
        return metres * WHOLE * perMetre.computeIfAbsent(section, this::perMetre);
    }

    /** Metres wanted of a section, by the share of what lies there that they are. */
    double crowding(Section section, List<Length> pieces) {
        double wanted = pieces.stream().mapToDouble(Length::toMetres).sum();
        double own =
                sticks.getOrDefault(section, List.of()).stream()
                        .mapToDouble(Length::toMetres)
                        .sum();
        return own > 0 ? wanted * wanted / own : wanted;
    }

    /** Roofing beyond what lies there. */
    double roofing(List<Length> pieces) {
        double perMetre =
                prices.offers().stream()
                        .filter(o -> o.material() instanceof Roofing)
                        .mapToDouble(
                                o ->
                                        o.price().amount()
                                                / ((Roofing) o.material()).length().toMetres())
                        .min()
                        .orElse(NOT_SOLD);
        return unserved(pieces, roofing) * WHOLE * perMetre;
    }

    private double unserved(List<Length> pieces, List<Length> own) {
        TreeMap<Length, Integer> left = new TreeMap<>();
        own.forEach(length -> left.merge(length, 1, Integer::sum));
        double metres = 0;
        for (Length piece : pieces.stream().sorted(Comparator.reverseOrder()).toList()) {
            Length stick = left.ceilingKey(piece);
            if (stick == null) {
                metres += piece.toMetres();
            } else {
                left.computeIfPresent(stick, (_, n) -> n == 1 ? null : n - 1);
                Length rest = stick.minus(piece).minus(kerf);
                if (rest.isPositive()) {
                    left.merge(rest, 1, Integer::sum);
                }
            }
        }
        return metres;
    }

    /** A section no shop sells may be cut from a larger one, if at all. */
    private double perMetre(Section section) {
        double sold = perMetre(section::equals);
        return sold < NOT_SOLD
                ? sold
                : Math.min(NOT_SOLD, LARGER * perMetre(larger -> larger.serves(section)));
    }

    private double perMetre(Predicate<Section> serves) {
        return prices.offers().stream()
                .filter(o -> o.material() instanceof Stick s && serves.test(s.section()))
                .mapToDouble(o -> o.price().amount() / ((Stick) o.material()).length().toMetres())
                .min()
                .orElse(NOT_SOLD);
    }

    /** Panels of one thickness that the heap's sheets of it do not give. */
    double panels(Length thickness, List<Part.PanelPart> panels) {
        List<Piece> left = new ArrayList<>(sheets.getOrDefault(thickness, List.of()));
        double cost = 0;
        for (Piece panel : largestFirst(panels)) {
            if (!placed(panel, left)) {
                cost += panel.area().toSquareMetres() * perSquareMetre(thickness, panel);
            }
        }
        return cost * WHOLE;
    }

    private static List<Piece> largestFirst(List<Part.PanelPart> panels) {
        return panels.stream()
                .map(Piece::of)
                .sorted(
                        Comparator.<Piece>comparingDouble(p -> p.area().toSquareMetres())
                                .reversed())
                .toList();
    }

    /** Takes a panel out of the smallest piece that holds it; the rest stays, in two rectangles. */
    private boolean placed(Piece panel, List<Piece> left) {
        Optional<Piece> best =
                left.stream()
                        .filter(piece -> piece.laid(panel).isPresent())
                        .min(Comparator.comparing(Piece::area));
        if (best.isEmpty()) {
            return false;
        }
        Piece from = best.get();
        Piece laid = from.laid(panel).orElseThrow();
        left.remove(from);
        Length beside = from.across().minus(laid.across()).minus(kerf);
        rest(left, new Piece(beside, from.along(), from.grained()));
        Length beyond = from.along().minus(laid.along()).minus(kerf);
        rest(left, new Piece(laid.across(), beyond, from.grained()));
        return true;
    }

    private static void rest(List<Piece> left, Piece piece) {
        if (piece.across().isPositive() && piece.along().isPositive()) {
            left.add(piece);
        }
    }

    /** Of sheets that hold the panel, its grain as it must run. */
    private double perSquareMetre(Length thickness, Piece panel) {
        double least = NOT_SOLD;
        for (Offer offer : prices.offers()) {
            if (offer.material() instanceof Sheet s
                    && s.thickness().equals(thickness)
                    && Piece.of(s).laid(panel).isPresent()) {
                least = Math.min(least, offer.price().amount() / s.squareMetres());
            }
        }
        return least;
    }
}
