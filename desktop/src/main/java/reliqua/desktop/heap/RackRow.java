package reliqua.desktop.heap;

import reliqua.core.stock.Lot;

/** A line of the rack. */
sealed interface RackRow {
    /** Heading of lots of one section. */
    record Group(String name, String total) implements RackRow {}

    /** One lot. */
    record OfLot(Lot lot) implements RackRow {}
}
