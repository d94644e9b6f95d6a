package reliqua.core.coop.family;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import reliqua.core.coop.Bounds;
import reliqua.core.coop.Find;
import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.measure.Length;
import reliqua.core.measure.Sum;
import reliqua.core.stock.Block;
import reliqua.core.stock.Section;

/**
 * A floor of pallets that lie flat, stringers along the front, on blocks at every corner or on
 * skids, with a deck inside the walls.
 */
final class PalletFloor {
    private static final Length LEAST_STUB = Length.mm(1);

    private final PalletLayout at;
    private final PartsBook book;
    private final Finds.WholePallet pallet;

    PalletFloor(PalletLayout at, PartsBook book) {
        this.at = at;
        this.book = book;
        this.pallet = at.pallet;
    }

    void build() throws Unbuildable {
        if (at.footing.isPresent()) {
            blocks(at.footing.get());
        } else {
            Section skid = at.c.section(Choices.Group.LEGS);
            new SkidBase(skid, at.width, at.depth, at.base(), at.terrain, at.c.step()).build(book);
        }
        List<Length> columns = columns();
        for (PalletRow.Bay row : at.rows) {
            for (int i = 0; i + 1 < columns.size(); i++) {
                pallet(columns.get(i), columns.get(i + 1), row);
            }
        }
        if (at.boarded()) {
            boards();
        } else {
            deck(at.room(), at.floorTop(), at.c, book);
        }
    }

    /**
     * Whole pallets of the first kind from the left, the last sawn down to the width of the house;
     * those of a longer kind are sawn down to the first, so that all meet over the same blocks.
     */
    private List<Length> columns() {
        List<Length> columns = new ArrayList<>();
        for (Length x = Length.ZERO;
                x.plus(LEAST_STUB).compareTo(at.width) < 0;
                x = x.plus(pallet.length())) {
            columns.add(x);
        }
        columns.add(at.width);
        return columns;
    }

    private void pallet(Length x0, Length x1, PalletRow.Bay row) {
        Length own = row.pallet().length();
        boolean sawn = x1.minus(x0).plus(LEAST_STUB).compareTo(own) < 0;
        book.whole(
                Role.FLOOR_PALLET,
                new Find.OfPallet(own, row.width()),
                sawn ? Optional.of(x1.minus(x0)) : Optional.empty(),
                boards(x0, x1, row),
                Solid.box(x0, x1, row.from(), row.to(), at.base(), at.floorTop()));
    }

    /** The upper boards, which a deck is screwed to. */
    private List<Bounds> boards(Length x0, Length x1, PalletRow.Bay row) {
        List<Bounds> boards = new ArrayList<>();
        Finds.WholePallet kind = row.pallet();
        for (Length edge : kind.boardEdges()) {
            Length from = x0.plus(edge);
            Length to = from.plus(kind.board());
            if (to.atMost(x1)) {
                boards.add(new Bounds(from, to, row.from(), row.to(), at.base(), at.floorTop()));
            }
        }
        return boards;
    }

    private void blocks(Finds.Footing footing) throws Unbuildable {
        Block block = footing.block();
        List<Length> columns = footings(block);
        int needed = 0;
        for (Length x : columns) {
            for (Length y : joints()) {
                Length x0 = within(x, block.width(), at.width);
                Length y0 = within(y, block.length(), at.depth);
                needed += column(block, x0, y0);
            }
        }
        Unbuildable.unless(
                needed <= footing.count(), Sum.of("family.blocks", needed, footing.count()));
    }

    /** Where pallets meet from front to back, and both ends. */
    private List<Length> joints() {
        List<Length> joints = new ArrayList<>(List.of(Length.ZERO));
        at.rows.forEach(row -> joints.add(row.to()));
        return joints;
    }

    /**
     * As many blocks as reach down to the ground, what is left to less than one made up with flat
     * stones; gives how many.
     */
    private int column(Block block, Length x0, Length y0) {
        Length x1 = x0.plus(block.width());
        Length y1 = y0.plus(block.length());
        Length below = at.terrain.below(x0, y0);
        int blocks = (int) (1 + below.nm() / block.height().nm());
        for (int n = 0; n < blocks; n++) {
            Length top = at.base().minus(block.height().times(n));
            book.whole(
                    Role.FOOTING,
                    new Find.OfBlock(block.height()),
                    List.of(),
                    Solid.box(x0, x1, y0, y1, top.minus(block.height()), top));
        }
        return blocks;
    }

    /** Under every joint; a stub at the end is carried with its neighbour. */
    private List<Length> footings(Block block) {
        List<Length> columns = columns();
        int last = columns.size() - 1;
        if (at.width.minus(columns.get(last - 1)).compareTo(block.width().times(2)) < 0) {
            columns.remove(last - 1);
        }
        return columns;
    }

    /** Under the joint of two pallets, and never out beyond the walls. */
    private static Length within(Length middle, Length size, Length most) {
        return middle.minus(size.half()).max(Length.ZERO).min(most.minus(size));
    }

    /** Across the upper boards of the pallets, which carry every joint. */
    private void boards() {
        Room room = at.room();
        Section board = at.board();
        for (BoardRow.Board row : BoardRow.of(room.y0(), room.y1(), board.width())) {
            Section section = Section.of(board.thickness(), row.width());
            for (PalletRow.Bay bay : at.columns) {
                Length x0 = bay.from();
                Length x1 = bay.to();
                book.stick(
                        Role.FLOOR_BOARD,
                        section,
                        bay.width(),
                        Solid.box(x0, x1, row.from(), row.to(), at.floorTop(), at.deckTop()));
            }
        }
    }

    /** The pallets carry it every hand's breadth, so its grain may run either way. */
    static void deck(Room room, Length top, Choices c, PartsBook book) {
        int parts = (int) Math.ceilDiv(room.width().nm(), c.widestPanel().nm());
        for (int n = 0; n < parts; n++) {
            Length x0 = room.x0().plus(room.width().times(n).dividedBy(parts));
            Length x1 = room.x0().plus(room.width().times(n + 1L).dividedBy(parts));
            book.panel(
                    Role.DECK_ON_PALLETS,
                    c.deck(),
                    x1.minus(x0),
                    room.depth(),
                    Solid.box(x0, x1, room.y0(), room.y1(), top, room.floor()));
        }
    }
}
