package reliqua.core.cutting;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import reliqua.core.coop.Part;
import reliqua.core.measure.Length;
import reliqua.core.stock.Material;
import reliqua.core.stock.Pole;
import reliqua.core.stock.Roofing;
import reliqua.core.stock.Stick;

/**
 * What is cut from one thing: a stick, a sheet, a sheet of roofing, a roll of mesh.
 *
 * @param source lot of the heap, or offer of the price book
 * @param copy which of its equals
 * @param bought whether it must be bought first
 * @param material the thing that is cut across: a lane or board when it is made first
 * @param made how it is made out of something larger first, if it is
 * @param cuts what comes out of it, in order from the marked end or corner
 */
public record Ticket(
        String source,
        int copy,
        boolean bought,
        Material material,
        Optional<Made> made,
        List<Cut> cuts) {
    /**
     * Where a made stick comes from.
     *
     * @param whole the thing that is worked: a pallet, a stick to be ripped
     * @param making how
     * @param of which of what comes out, from one
     */
    public record Made(Material whole, Making making, int of) {}

    /** Of a thing that is cut as it is. */
    public Ticket(String source, int copy, boolean bought, Material material, List<Cut> cuts) {
        this(source, copy, bought, material, Optional.empty(), cuts);
    }

    /** Copies the list. */
    public Ticket {
        cuts = List.copyOf(cuts);
    }

    /**
     * One piece, or a rectangle that gives two.
     *
     * @param parts the parts it becomes
     * @param x near edge along a stick or roofing sheet, or across a sheet
     * @param y near edge along a sheet; zero for sticks
     * @param across size along x as laid
     * @param along size along y as laid; zero for sticks
     * @param quarters by how many quarters against the clock it is turned; zero for sticks
     */
    public record Cut(
            List<Part> parts, Length x, Length y, Length across, Length along, int quarters) {
        /** Copies the list. */
        public Cut {
            parts = List.copyOf(parts);
        }

        /** Of a stick, or as the part stands. */
        public Cut(List<Part> parts, Length x, Length y, Length across, Length along) {
            this(parts, x, y, across, along, 0);
        }

        /** The same piece for other parts of its shape. */
        Cut with(List<Part> others) {
            return new Cut(others, x, y, across, along, quarters);
        }

        /** Its marks, joined by a plus. */
        public String marks() {
            return String.join(" + ", parts.stream().map(Part::mark).toList());
        }

        /** Whether another piece, smaller than this, overlaps its least rectangle. */
        boolean holds(Cut other) {
            return this != other
                    && across.toMetres() * along.toMetres()
                            > other.across.toMetres() * other.along.toMetres()
                    && x.compareTo(other.end()) < 0
                    && other.x.compareTo(end()) < 0
                    && y.compareTo(other.y.plus(other.along)) < 0
                    && other.y.compareTo(y.plus(along)) < 0;
        }

        /** Far edge along x. */
        public Length end() {
            return x.plus(across);
        }
    }

    /** The same thing with another number and other pieces. */
    Ticket with(int otherCopy, List<Cut> otherCuts) {
        return new Ticket(source, otherCopy, bought, material, made, otherCuts);
    }

    /** The same, from a lot of the heap in place of an offer. */
    Ticket broughtHomeAs(String lot) {
        return new Ticket(lot, copy, false, material, made, cuts);
    }

    /** The same cuts across the thing as it turned out. */
    public Ticket on(Material found) {
        return on(found, cuts);
    }

    /** As the thing turned out, with the pieces that come out of it. */
    Ticket on(Material found, List<Cut> otherCuts) {
        return new Ticket(source, copy, bought, found, made, otherCuts);
    }

    /** The marks of the parts it gives, each by itself. */
    public Set<String> marks() {
        Set<String> marks = new TreeSet<>();
        cuts.forEach(c -> c.parts().forEach(p -> marks.add(p.mark())));
        return marks;
    }

    /** Name by which it can be ticked off: the thing, and which stick made of it. */
    public String key() {
        return thing() + made.map(m -> "." + m.of()).orElse("");
    }

    /** The physical thing it comes from: source and copy. */
    public String thing() {
        return source + "#" + copy;
    }

    /**
     * Whether a piece lies within the rectangle of another, in its opening or beside its slope: no
     * cut from edge to edge frees it.
     */
    public boolean isWithinAnother(Cut cut) {
        return cuts.stream().anyMatch(other -> other.holds(cut));
    }

    /** Whether the pieces lie one behind the other. */
    public boolean isLinear() {
        return material instanceof Stick || material instanceof Pole || material instanceof Roofing;
    }
}
