package reliqua.files;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.TreeMap;
import reliqua.core.measure.UnitSystem;
import reliqua.core.stock.Hardware;
import reliqua.core.stock.Heap;
import reliqua.core.stock.Lot;
import reliqua.core.stock.Offer;
import reliqua.core.stock.PriceBook;

/**
 * A price book as a table of its own, with the columns of the heap's: the note is the name in the
 * shop, what was paid is the price of one. Hardware stands there by the pack: its count is what the
 * pack holds.
 */
public final class PriceCsv {
    private static final String PACK = "pack ";

    private PriceCsv() {}

    /** The whole table. */
    public static String write(PriceBook prices) {
        List<Lot> lots = new ArrayList<>(asLots(prices.offers()).lots());
        prices.hardware()
                .forEach(
                        (kind, pack) ->
                                lots.add(
                                        new Lot(
                                                PACK + kind.name(),
                                                pack.count(),
                                                new Hardware(kind, Optional.empty()),
                                                new Lot.Provenance("", "", "", pack.price()))));
        return HeapCsv.write(new Heap(lots));
    }

    /** Whether a text is such a table: what a shop sells by the pack tells it from a heap. */
    public static boolean isPrices(String text) {
        return HeapCsv.isHeap(text) && text.lines().anyMatch(line -> line.startsWith(PACK));
    }

    /**
     * Reads a table back.
     *
     * @param merchant whose prices they are
     * @throws InputException for what is no such table, for a line without a price, and where
     *     nothing is offered at all
     */
    public static PriceBook read(String text, String name, UnitSystem system, String merchant)
            throws InputException {
        Heap table = HeapCsv.read(text, name, system);
        List<Offer> offers = new ArrayList<>();
        TreeMap<Hardware.Kind, PriceBook.Pack> packs = new TreeMap<>();
        List<String> faults = new ArrayList<>();
        for (Lot lot : table.lots()) {
            if (lot.provenance().paid().isZero()) {
                faults.add(
                        name
                                + ": "
                                + lot.id()
                                + " has no price; write what one costs, of hardware what a pack"
                                + " costs, or take the line out");
            } else if (lot.material() instanceof Hardware small) {
                packs.put(
                        small.kind(), new PriceBook.Pack(lot.quantity(), lot.provenance().paid()));
            } else {
                offers.add(asOffer(lot));
            }
        }
        if (offers.isEmpty() && packs.isEmpty()) {
            faults.add(name + ": nothing is offered; every line needs a thing and a price");
        }
        if (!faults.isEmpty()) {
            throw new InputException(faults);
        }
        return new PriceBook(merchant, offers, packs);
    }

    /** Offers share the heap's table: the name is the note, the price is what one costs. */
    static Heap asLots(List<Offer> offers) {
        return new Heap(
                offers.stream()
                        .map(
                                o ->
                                        new Lot(
                                                o.id(),
                                                1,
                                                o.material(),
                                                new Lot.Provenance("", "", o.name(), o.price())))
                        .toList());
    }

    static List<Offer> asOffers(Heap heap) {
        return heap.lots().stream().map(PriceCsv::asOffer).toList();
    }

    private static Offer asOffer(Lot lot) {
        return new Offer(
                lot.id(), lot.provenance().note(), lot.material(), lot.provenance().paid());
    }
}
