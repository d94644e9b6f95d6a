package reliqua.core.coop.family;

import java.util.List;
import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.measure.Length;
import reliqua.core.stock.Section;

/**
 * The sliding pop door, the keeper's door in place of a pallet - a braced frame under a sheet or
 * boards - and the board that holds the litter in.
 */
final class PalletDoors {
    private final PalletLayout at;
    private final PartsBook book;

    PalletDoors(PalletLayout at, PartsBook book) {
        this.at = at;
        this.book = book;
    }

    void build() {
        new PopDoorBuilder(at.popHole(), book).build();
        Length inset = ShedLayout.DOOR_STOP.minus(ShedLayout.DOOR_GAP);
        Length x0 = at.doorFrom().minus(inset);
        Length x1 = at.doorTo().plus(inset);
        Length z0 = at.floorTop().minus(inset);
        Length z1 = at.courseTop().plus(inset);
        if (at.boarded()) {
            boards(x0, x1, z0, z1);
        } else {
            Solid leaf = Solid.box(x0, x1, at.skin().negated(), Length.ZERO, z0, z1);
            book.panel(Role.DOOR_LEAF, at.skin(), x1.minus(x0), z1.minus(z0), leaf);
        }
        Length face = at.skin().negated().minus(at.trim().thickness());
        new BracedLeaf(book, at.trim(), at.c.step()).build(Role.DOOR_FRAME, x0, x1, z0, z1, face);
        litterBoard();
    }

    private void boards(Length x0, Length x1, Length z0, Length z1) {
        Section board = at.board();
        List<BoardRow.Board> row = BoardRow.of(x0, x1, board.width());
        for (BoardRow.Board each : row) {
            book.stick(
                    Role.LEAF_BOARD,
                    Section.of(board.thickness(), each.width()),
                    z1.minus(z0),
                    Solid.box(each.from(), each.to(), at.skin().negated(), Length.ZERO, z0, z1));
        }
    }

    private void litterBoard() {
        Length t = at.c.skin();
        Length jamb = at.columns.get(at.columns.size() - 2).pallet().stringer();
        Length behind = at.pallet.thickness();
        Length x0 = at.doorFrom().minus(jamb);
        Length z0 = at.deckTop();
        book.panel(
                Role.LITTER_BOARD,
                t,
                at.doorTo().minus(x0),
                at.needs.litterSill(),
                Solid.box(
                        x0,
                        at.doorTo(),
                        behind,
                        behind.plus(t),
                        z0,
                        z0.plus(at.needs.litterSill())));
    }
}
