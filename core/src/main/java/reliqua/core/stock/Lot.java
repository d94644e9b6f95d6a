package reliqua.core.stock;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import reliqua.core.measure.Money;
import reliqua.core.measure.Words;

/**
 * Some equal things in the heap.
 *
 * @param id short name, unique in the heap
 * @param quantity how many, one or more
 * @param material what they are
 * @param provenance where they lie and came from
 * @param condition what is suspected and decided
 */
public record Lot(
        String id, int quantity, Material material, Provenance provenance, Condition condition) {

    /** Refuses an empty id and a quantity below one. */
    public Lot {
        if (id.isBlank()) {
            throw new IllegalArgumentException(Words.say("stock.lot.noId"));
        }
        if (quantity < 1) {
            throw new IllegalArgumentException(Words.say("stock.lot.quantity", id, quantity));
        }
    }

    /** A lot of which nothing is suspected. */
    public Lot(String id, int quantity, Material material, Provenance provenance) {
        this(id, quantity, material, provenance, Condition.SOUND);
    }

    /** The same lot with other contents. */
    public Lot with(int newQuantity, Material newMaterial) {
        return new Lot(id, newQuantity, newMaterial, provenance, condition);
    }

    /** The same lot, judged otherwise. */
    public Lot with(Condition other) {
        return new Lot(id, quantity, material, provenance, other);
    }

    /** The same lot, remembered otherwise. */
    public Lot with(Provenance other) {
        return new Lot(id, quantity, material, other, condition);
    }

    /** The same lot under another id. */
    public Lot withId(String other) {
        return new Lot(other, quantity, material, provenance, condition);
    }

    /**
     * What the keeper wants to remember of a lot.
     *
     * @param place where it lies; may be empty
     * @param source where it came from; may be empty
     * @param note anything else; may be empty
     * @param paid for the whole lot, often nothing
     * @param since when it was brought home, if known
     * @param parent id of the lot it was cut from; empty for what was brought home
     * @param photos pictures of it
     */
    public record Provenance(
            String place,
            String source,
            String note,
            Money paid,
            Optional<LocalDate> since,
            String parent,
            List<Photo> photos) {
        /** Copies the list. */
        public Provenance {
            photos = List.copyOf(photos);
        }

        /** Nothing known, nothing paid. */
        public static final Provenance UNKNOWN = new Provenance("", "", "", Money.ZERO);

        /** Of an unknown day. */
        public Provenance(String place, String source, String note, Money paid) {
            this(place, source, note, paid, Optional.empty());
        }

        /** Brought home, not cut from something. */
        public Provenance(
                String place, String source, String note, Money paid, Optional<LocalDate> since) {
            this(place, source, note, paid, since, "", List.of());
        }

        /** Of what is cut from it: the same origin, paid for already. */
        public Provenance cutFrom(String lot) {
            return new Provenance(place, source, "", Money.ZERO, since, lot, photos);
        }

        public Provenance withPlace(String other) {
            return new Provenance(other.strip(), source, note, paid, since, parent, photos);
        }

        public Provenance withSource(String other) {
            return new Provenance(place, other.strip(), note, paid, since, parent, photos);
        }

        public Provenance withNote(String other) {
            return new Provenance(place, source, other.strip(), paid, since, parent, photos);
        }

        public Provenance withPaid(Money other) {
            return new Provenance(place, source, note, other, since, parent, photos);
        }

        public Provenance withSince(Optional<LocalDate> other) {
            return new Provenance(place, source, note, paid, other, parent, photos);
        }

        /** With other pictures. */
        public Provenance with(List<Photo> other) {
            return new Provenance(place, source, note, paid, since, parent, other);
        }
    }
}
