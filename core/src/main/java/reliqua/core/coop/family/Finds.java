package reliqua.core.coop.family;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import reliqua.core.coop.Find;
import reliqua.core.measure.Length;
import reliqua.core.measure.Words;
import reliqua.core.stock.Block;
import reliqua.core.stock.FoundPart;
import reliqua.core.stock.Pallet;

/**
 * What of the heap a design uses whole, and so what decides its sizes.
 *
 * @param pallets what walls and floor are of; a second kind is as thick and of another width, and
 *     where it is longer it is sawn down to the first
 * @param footing the blocks it stands on, or the slabs that are laid round it
 * @param hoops the hoops or pipes that are its roof
 * @param panels the rigid panels that are its walls
 * @param things odd things in the places they serve in, one a place
 */
public record Finds(
        List<WholePallet> pallets,
        Optional<Footing> footing,
        Optional<Hoops> hoops,
        Optional<Panels> panels,
        List<Thing> things) {
    /** Nothing is used whole. */
    public static final Finds NONE =
            new Finds(List.of(), Optional.empty(), Optional.empty(), Optional.empty(), List.of());

    /** Keeps the things in the order of their uses. */
    public Finds {
        pallets = List.copyOf(pallets);
        things = things.stream().sorted(Comparator.comparing(Thing::use)).toList();
    }

    /** The kind of pallet it is built of, or most of it. */
    public Optional<WholePallet> pallet() {
        return pallets.stream().findFirst();
    }

    /** Pallets of another width among them, if any. */
    public Finds and(WholePallet other) {
        List<WholePallet> both = new ArrayList<>(pallets);
        both.add(other);
        return new Finds(both, footing, hoops, panels, things);
    }

    /** What serves in a place, if anything was found for it. */
    public Optional<Thing> thing(FoundPart.Use use) {
        return things.stream().filter(t -> t.use() == use).findFirst();
    }

    /** The same with this in the place it serves in. */
    public Finds with(Thing thing) {
        List<Thing> changed = new ArrayList<>(without(thing.use()).things);
        changed.add(thing);
        return new Finds(pallets, footing, hoops, panels, changed);
    }

    /** The same with slabs to lay round it. */
    public Finds paved(Optional<Footing> slabs) {
        return new Finds(pallets, slabs, hoops, panels, things);
    }

    /** The same with nothing in a place. */
    public Finds without(FoundPart.Use use) {
        return new Finds(
                pallets,
                footing,
                hoops,
                panels,
                things.stream().filter(t -> t.use() != use).toList());
    }

    /** The same with the things of another choice, and its slabs where it has no blocks. */
    public Finds among(Finds other) {
        return new Finds(pallets, footing.or(other::footing), hoops, panels, other.things);
    }

    /** The same pallets, blocks and hoops with other things. */
    public Finds with(List<Thing> others) {
        return new Finds(pallets, footing, hoops, panels, others);
    }

    /**
     * An odd thing in a place.
     *
     * @param use the place it serves in
     * @param part what it is
     * @param count how many of it there are
     */
    public record Thing(FoundPart.Use use, FoundPart part, int count) {
        /** What takes one out of the heap. */
        public Find find() {
            return new Find.OfThing(part.kind(), part.sizes());
        }

        /** One of its sizes; another where so many were not measured. */
        public Length size(int n, Length otherwise) {
            return n < part.sizes().size() ? part.sizes().get(n) : otherwise;
        }
    }

    /** What a kind of coop can be built of. */
    public enum Kind {
        PALLETS,
        HOOPS,
        PANELS
    }

    /**
     * Hoops or pipes of one length.
     *
     * @param arc length of one
     * @param thick thickness of one
     * @param count how many there are
     */
    public record Hoops(Length arc, Length thick, int count) {
        /** Refuses what has no size. */
        public Hoops {
            if (!arc.isPositive() || !thick.isPositive()) {
                throw new IllegalArgumentException(Words.say("stock.found"));
            }
        }
    }

    /**
     * Rigid panels of one size: of a kennel, a cot, a gate.
     *
     * @param width of one as it stands
     * @param height of one as it stands
     * @param thick thickness of one
     * @param part what it is
     * @param count how many there are
     */
    public record Panels(Length width, Length height, Length thick, FoundPart part, int count) {
        /** Refuses what has no size. */
        public Panels {
            if (!width.isPositive() || !height.isPositive() || !thick.isPositive()) {
                throw new IllegalArgumentException(Words.say("stock.found"));
            }
        }

        /** What takes one out of the heap. */
        public Find find() {
            return new Find.OfThing(part.kind(), part.sizes());
        }
    }

    /** Panels alone. */
    public static Finds of(Panels panels) {
        return new Finds(
                List.of(), Optional.empty(), Optional.empty(), Optional.of(panels), List.of());
    }

    /** Pallets, and the blocks under them. */
    public static Finds of(WholePallet pallet, Optional<Footing> footing) {
        return new Finds(List.of(pallet), footing, Optional.empty(), Optional.empty(), List.of());
    }

    /** Hoops alone. */
    public static Finds of(Hoops hoops) {
        return new Finds(
                List.of(), Optional.empty(), Optional.of(hoops), Optional.empty(), List.of());
    }

    /**
     * Pallets of one size.
     *
     * @param length of their stringers
     * @param width along their deck boards
     * @param thickness from deck to deck
     * @param stringers how many
     * @param stringer thickness of one
     * @param boards of the upper deck
     * @param board width of one
     * @param boardThickness thickness of one
     * @param count how many pallets there are
     */
    public record WholePallet(
            Length length,
            Length width,
            Length thickness,
            int stringers,
            Length stringer,
            int boards,
            Length board,
            Length boardThickness,
            int count) {
        private static final Length STEP = Length.mm(2);

        /** Refuses what has no size, and fewer than two stringers or boards. */
        public WholePallet {
            boolean sized =
                    length.isPositive()
                            && width.isPositive()
                            && thickness.isPositive()
                            && stringer.isPositive()
                            && board.isPositive()
                            && boardThickness.isPositive()
                            && thickness.compareTo(boardThickness.times(2)) > 0;
            if (!sized || stringers < 2 || boards < 2) {
                throw new IllegalArgumentException(Words.say("stock.pallet.size", length, width));
            }
        }

        /**
         * Whether another stands beside this one in a wall, sawn down where it is longer, and no
         * step is between them.
         */
        public boolean matches(WholePallet other) {
            return other.length.atLeast(length)
                    && thickness.minus(other.thickness).abs().atMost(STEP)
                    && !width.equals(other.width);
        }

        /** Edges of its upper boards along its stringers, from one end. */
        List<Length> boardEdges() {
            Length pitch = length.minus(board).dividedBy(boards - 1L);
            return IntStream.range(0, boards).mapToObj(pitch::times).toList();
        }

        /** So many of a kind. */
        public static WholePallet of(Pallet pallet, int count) {
            return new WholePallet(
                    pallet.length(),
                    pallet.width(),
                    pallet.thickness(),
                    pallet.bearers().count(),
                    pallet.bearers().section().thickness(),
                    pallet.upperBoards(),
                    pallet.deck().section().width(),
                    pallet.deck().section().thickness(),
                    count);
        }
    }

    /**
     * Blocks of one kind.
     *
     * @param block one of them
     * @param count how many there are
     */
    public record Footing(Block block, int count) {}
}
