package reliqua.core.coop.family;

import java.util.Optional;
import reliqua.core.measure.Length;
import reliqua.core.measure.Words;
import reliqua.core.stock.Block;
import reliqua.core.stock.Pallet;

/**
 * What of the heap a design uses whole, and so what decides its sizes.
 *
 * @param pallet the pallets that are walls and floor
 * @param footing the blocks it stands on
 */
public record Finds(Optional<WholePallet> pallet, Optional<Footing> footing) {
    /** Nothing is used whole. */
    public static final Finds NONE = new Finds(Optional.empty(), Optional.empty());

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
