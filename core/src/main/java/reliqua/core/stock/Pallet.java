package reliqua.core.stock;

import java.util.List;
import reliqua.core.measure.Length;
import reliqua.core.measure.Words;

/**
 * A whole pallet.
 *
 * @param kind how it is carried
 * @param length along the deck boards' supports: of its stringers
 * @param width along its deck boards
 * @param deck boards of the deck, upper and lower, and their section
 * @param bearers stringers or the boards over the blocks, and their section
 * @param stamp treatment mark
 * @param broken deck boards that are split or gone
 * @param breaking what the keeper allows to become of it
 */
public record Pallet(
        Kind kind,
        Length length,
        Length width,
        Boards deck,
        Boards bearers,
        Stamp stamp,
        int broken,
        Breaking breaking)
        implements Material {
    /** What the keeper allows to become of a pallet. */
    public enum Breaking {
        /** The plan chooses whether it is broken down, and how. */
        FREE(PalletYield.Way.SAWN, PalletYield.Way.PRIED),
        /** Pried apart or left. */
        PRIED(PalletYield.Way.PRIED),
        /** Sawn apart or left. */
        SAWN(PalletYield.Way.SAWN),
        /** Kept whole. */
        WHOLE();

        private final List<PalletYield.Way> ways;

        Breaking(PalletYield.Way... ways) {
            this.ways = List.of(ways);
        }

        /** The ways left open, quickest first. */
        public List<PalletYield.Way> ways() {
            return ways;
        }

        /** Whether the keeper has chosen. */
        public boolean pinned() {
            return this != FREE;
        }
    }

    /** How the deck is carried. */
    public enum Kind {
        STRINGER,
        BLOCK
    }

    /** Treatment mark burnt into the side. */
    public enum Stamp {
        /** Heat-treated. */
        HT(true),
        /** Kiln-dried. */
        KD(true),
        /** Dielectric heating. */
        DH(true),
        /** Debarked; says nothing against it. */
        DB(true),
        /** Methyl bromide: refused. */
        MB(false),
        /** Chemically treated: refused. */
        SF(false),
        /** None to be found: for the outside, or refused. */
        NONE(true);

        private final boolean usable;

        Stamp(boolean usable) {
            this.usable = usable;
        }

        /** Whether wood with this mark may be used at all. */
        public boolean usable() {
            return usable;
        }
    }

    /**
     * Equal boards.
     *
     * @param count how many
     * @param section of each
     */
    public record Boards(int count, Section section) {
        /** Refuses a count below one. */
        public Boards {
            if (count < 1) {
                throw new IllegalArgumentException(Words.say("stock.pallet.boards", count));
            }
        }
    }

    /** Common for a stringer pallet: 7 boards above and 5 below of 16 x 89 mm. */
    public static final Boards USUAL_DECK = new Boards(12, Section.mm(16, 89));

    /** Common for a stringer pallet: 3 notched stringers of 35 x 89 mm. */
    public static final Boards USUAL_BEARERS = new Boards(3, Section.mm(35, 89));

    /** Height of the blocks of a block pallet. */
    private static final Length BLOCK = Length.mm(78);

    /** A pallet of which the plan may choose what becomes. */
    public Pallet(
            Kind kind,
            Length length,
            Length width,
            Boards deck,
            Boards bearers,
            Stamp stamp,
            int broken) {
        this(kind, length, width, deck, bearers, stamp, broken, Breaking.FREE);
    }

    /** From deck to deck: bearers on edge between boards, or blocks under boards and deck. */
    public Length thickness() {
        Length board = deck.section().thickness();
        return switch (kind) {
            case STRINGER -> bearers.section().width().plus(board.times(2));
            case BLOCK -> BLOCK.plus(bearers.section().thickness()).plus(board.times(2));
        };
    }

    /** How many boards lie above; the rest of the deck is below. */
    public int upperBoards() {
        return (deck.count() + 2) / 2;
    }

    public Pallet with(Breaking other) {
        return new Pallet(kind, length, width, deck, bearers, stamp, broken, other);
    }

    /** Refuses sizes that are not above zero and more broken boards than there are. */
    public Pallet {
        if (!length.isPositive() || !width.isPositive()) {
            throw new IllegalArgumentException(Words.say("stock.pallet.size", length, width));
        }
        if (broken < 0 || broken > deck.count()) {
            throw new IllegalArgumentException(Words.say("stock.pallet.broken", broken));
        }
    }
}
