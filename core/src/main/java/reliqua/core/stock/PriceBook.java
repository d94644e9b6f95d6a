package reliqua.core.stock;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.SortedMap;
import java.util.TreeMap;
import reliqua.core.measure.Area;
import reliqua.core.measure.Money;

/**
 * What can be bought and for how much. The keeper edits it; the one that ships is made up.
 *
 * @param merchant made-up name
 * @param offers boards, sheets, roofing and mesh
 * @param hardware price of one pack of each kind of hardware
 */
public record PriceBook(
        String merchant, List<Offer> offers, SortedMap<Hardware.Kind, Pack> hardware) {

    /**
     * A pack.
     *
     * @param count things in it, one or more
     * @param price of the pack
     */
    public record Pack(int count, Money price) {
        /** Refuses an empty pack. */
        public Pack {
            if (count < 1) {
                throw new IllegalArgumentException(
                        "a pack holds " + count + " things; it must hold one or more");
            }
        }

        /** Packs that hold so many things. */
        public int units(int things) {
            return Math.ceilDiv(things, count);
        }
    }

    /** Copies the lists. */
    public PriceBook {
        offers = List.copyOf(offers);
        hardware = java.util.Collections.unmodifiableSortedMap(new TreeMap<>(hardware));
    }

    /** Nothing can be bought. */
    public static final PriceBook EMPTY = new PriceBook("", List.of(), new TreeMap<>(Map.of()));

    /** Small things in whole packs; what is not sold costs nothing here. */
    public Money packs(Map<Hardware.Kind, Integer> things) {
        Money cost = Money.ZERO;
        for (Map.Entry<Hardware.Kind, Integer> each : things.entrySet()) {
            Pack pack = hardware.get(each.getKey());
            if (pack != null) {
                cost = cost.plus(pack.price().times(pack.units(each.getValue())));
            }
        }
        return cost;
    }

    /**
     * What a material would have cost new: its share of the cheapest offer of its kind that is at
     * least as strong, or, for sections nobody sells, the cheapest price by volume. Nothing when no
     * such kind is sold.
     */
    public Money worth(Material material) {
        return switch (material) {
            case Stick stick -> stickWorth(stick);
            case Sheet sheet ->
                    byArea(sheet.thickness().toMm(), Area.of(sheet.width(), sheet.length()));
            case Roofing roofing -> roofingWorth(roofing);
            case Mesh mesh -> meshWorth(mesh);
            case Pallet pallet -> palletWorth(pallet);
            case Hardware small -> hardwareWorth(small);
            case Pole _, FoundPart _, Block _ -> Money.ZERO;
        };
    }

    private Money palletWorth(Pallet pallet) {
        PalletYield yield = PalletYield.of(pallet, PalletYield.Way.SAWN);
        return worth(yield.board())
                .times(yield.boards())
                .plus(worth(yield.bearer()).times(yield.bearers()));
    }

    private Money hardwareWorth(Hardware small) {
        Pack pack = hardware.get(small.kind());
        return pack == null ? Money.ZERO : Money.of(pack.price().amount() / pack.count());
    }

    private Money stickWorth(Stick stick) {
        double metres = stick.length().toMetres();
        return offers.stream()
                .filter(o -> o.material() instanceof Stick s && s.section().serves(stick.section()))
                .map(
                        o ->
                                Money.of(
                                        o.price().amount()
                                                / ((Stick) o.material()).length().toMetres()
                                                * metres))
                .min(Comparator.naturalOrder())
                .orElseGet(() -> byVolume(stick));
    }

    private Money byVolume(Stick stick) {
        return offers.stream()
                .filter(o -> o.material() instanceof Stick)
                .map(
                        o ->
                                Money.of(
                                        o.price().amount()
                                                * volume(stick)
                                                / volume((Stick) o.material())))
                .min(Comparator.naturalOrder())
                .orElse(Money.ZERO);
    }

    private static double volume(Stick stick) {
        return stick.section().thickness().toMetres()
                * stick.section().width().toMetres()
                * stick.length().toMetres();
    }

    private Money byArea(double thickness, Area area) {
        return offers.stream()
                .filter(
                        o ->
                                o.material() instanceof Sheet s
                                        && s.thickness().toMm() >= thickness - 1)
                .map(
                        o ->
                                Money.of(
                                        o.price().amount()
                                                * area.toSquareMetres()
                                                / sheetArea((Sheet) o.material())))
                .min(Comparator.naturalOrder())
                .orElse(Money.ZERO);
    }

    private static double sheetArea(Sheet sheet) {
        return Area.of(sheet.width(), sheet.length()).toSquareMetres();
    }

    private Money roofingWorth(Roofing roofing) {
        double area = Area.of(roofing.coverWidth(), roofing.length()).toSquareMetres();
        return offers.stream()
                .filter(o -> o.material() instanceof Roofing)
                .map(o -> Money.of(o.price().amount() * area / roofArea((Roofing) o.material())))
                .min(Comparator.naturalOrder())
                .orElse(Money.ZERO);
    }

    private static double roofArea(Roofing roofing) {
        return Area.of(roofing.coverWidth(), roofing.length()).toSquareMetres();
    }

    private Money meshWorth(Mesh mesh) {
        double area = Area.of(mesh.width(), mesh.length()).toSquareMetres();
        return offers.stream()
                .filter(
                        o ->
                                o.material() instanceof Mesh m
                                        && m.kind() == mesh.kind()
                                        && m.aperture().atMost(mesh.aperture()))
                .map(o -> Money.of(o.price().amount() * area / meshArea((Mesh) o.material())))
                .min(Comparator.naturalOrder())
                .orElse(Money.ZERO);
    }

    private static double meshArea(Mesh mesh) {
        return Area.of(mesh.width(), mesh.length()).toSquareMetres();
    }
}
