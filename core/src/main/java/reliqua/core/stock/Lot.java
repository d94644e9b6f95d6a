package reliqua.core.stock;

import reliqua.core.measure.Money;
import reliqua.core.measure.Words;

/**
 * Some equal things in the heap.
 *
 * @param id short name, unique in the heap
 * @param quantity how many, one or more
 * @param material what they are
 * @param provenance where they lie and came from
 */
public record Lot(String id, int quantity, Material material, Provenance provenance) {
    /** Refuses an empty id and a quantity below one. */
    public Lot {
        if (id.isBlank()) {
            throw new IllegalArgumentException(Words.say("stock.lot.noId"));
        }
        if (quantity < 1) {
            throw new IllegalArgumentException(Words.say("stock.lot.quantity", id, quantity));
        }
    }

    /** The same lot with other contents. */
    public Lot with(int newQuantity, Material newMaterial) {
        return new Lot(id, newQuantity, newMaterial, provenance);
    }

    /**
     * What the keeper wants to remember of a lot.
     *
     * @param place where it lies; may be empty
     * @param source where it came from; may be empty
     * @param note anything else; may be empty
     * @param paid for the whole lot, often nothing
     */
    public record Provenance(String place, String source, String note, Money paid) {
        /** Nothing known, nothing paid. */
        public static final Provenance UNKNOWN = new Provenance("", "", "", Money.ZERO);
    }
}
