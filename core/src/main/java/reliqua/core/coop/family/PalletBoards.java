package reliqua.core.coop.family;

import java.util.List;
import reliqua.core.coop.Axis;
import reliqua.core.coop.Corner;
import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.measure.Length;
import reliqua.core.measure.Sum;
import reliqua.core.stock.Section;

/**
 * Boards over the gaps between the boards of the pallets, round the pop door, over the fork
 * openings of the floor, and upright in the triangles under the roof.
 */
final class PalletBoards implements PalletCladding {
    /** A board over a gap may fall short of it by so much in all. */
    private static final Length SHORT_OF_GAP = Length.mm(14);

    private static final Length THINNEST_GAP = Length.mm(10);
    private static final Length SHORTEST = Length.mm(30);

    private final PalletLayout at;
    private final PartsBook book;
    private final Section board;
    private final Length t;

    PalletBoards(PalletLayout at, PartsBook book) {
        this.at = at;
        this.book = book;
        this.board = at.board();
        this.t = board.thickness();
    }

    @Override
    public void close() throws Unbuildable {
        course(at.floorTop(), at.courseTop(), true);
        if (at.hasUpperCourse()) {
            course(at.courseTop(), at.wallTop(), false);
        }
        roundPopDoor();
        forkOpenings();
        triangles();
        rise();
    }

    private void course(Length z0, Length z1, boolean lower) throws Unbuildable {
        for (PalletRow.Bay bay : at.columns) {
            boolean door = bay.equals(at.columns.getLast());
            for (BoardRow.Board row : gaps(bay.pallet(), z0, z1)) {
                facing(bay.from(), bay.to(), row, at.depth);
                if (lower && !door) {
                    besidePopDoor(bay.from(), bay.to().min(rim()), row);
                } else if (!lower) {
                    facing(bay.from(), bay.to(), row, t.negated());
                }
            }
        }
        for (PalletRow.Bay bay : at.rows) {
            for (BoardRow.Board row : gaps(bay.pallet(), z0, z1)) {
                sideways(t.negated(), bay, row);
                sideways(at.width, bay, row);
            }
        }
    }

    private Length rim() {
        return at.doorFrom().minus(ShedLayout.DOOR_STOP);
    }

    /** Boards over the gaps of a pallet from one height to another. */
    private List<BoardRow.Board> gaps(Finds.WholePallet pallet, Length z0, Length z1)
            throws Unbuildable {
        Length pitch = pallet.length().minus(pallet.board()).dividedBy(pallet.boards() - 1L);
        Length gap = pitch.minus(pallet.board());
        if (gap.atMost(THINNEST_GAP)) {
            return List.of();
        }
        int each =
                (int) Math.max(1, Math.ceilDiv(gap.minus(SHORT_OF_GAP).nm(), board.width().nm()));
        Length wide = board.width().times(each);
        Unbuildable.unless(
                wide.compareTo(pitch) < 0, Sum.of("family.gapBoards", board.width(), gap));
        List<BoardRow.Board> rows = new java.util.ArrayList<>();
        for (int n = 0; n + 1 < pallet.boards(); n++) {
            Length from = z0.plus(pallet.board()).plus(pitch.times(n));
            Length to = from.plus(gap);
            if (from.plus(THINNEST_GAP).compareTo(z1) >= 0) {
                break;
            }
            Length low = from.plus(to).half().minus(wide.half());
            for (int i = 0; i < each; i++) {
                Length at0 = low.plus(board.width().times(i));
                // Where the pallet is sawn off within the gap, so is the board.
                Length at1 = at0.plus(board.width()).min(z1);
                if (at1.minus(at0).atLeast(THINNEST_GAP)) {
                    rows.add(new BoardRow.Board(at0, at1));
                }
            }
        }
        return rows;
    }

    private void facing(Length x0, Length x1, BoardRow.Board row, Length y) {
        if (x1.minus(x0).atLeast(SHORTEST)) {
            strip(
                    Section.of(t, row.width()),
                    x1.minus(x0),
                    Solid.box(x0, x1, y, y.plus(t), row.from(), row.to()));
        }
    }

    private void sideways(Length x, PalletRow.Bay bay, BoardRow.Board row) {
        strip(
                Section.of(t, row.width()),
                bay.width(),
                Solid.box(x, x.plus(t), bay.from(), bay.to(), row.from(), row.to()));
    }

    private void put(Length length, Solid solid) {
        book.stick(Role.BOARD, board, length, solid);
    }

    private Length frameLow() {
        return at.popSill().minus(board.width()).max(at.floorTop());
    }

    private Length frameHigh() {
        return at.popTop().plus(board.width());
    }

    /** The boards round the pop door take the place of those over gaps. */
    private void besidePopDoor(Length x0, Length x1, BoardRow.Board row) {
        Length y = t.negated();
        boolean beside =
                row.to().compareTo(frameLow()) > 0 && row.from().compareTo(frameHigh()) < 0;
        if (!beside) {
            facing(x0, x1, row, y);
            return;
        }
        PopHole pop = at.popHole();
        facing(x0, x1.min(pop.from().minus(board.width())), row, y);
        facing(x0.max(pop.to().plus(board.width())), x1, row, y);
    }

    private void roundPopDoor() {
        PopHole pop = at.popHole();
        Length y = t.negated();
        Length z0 = frameLow();
        Length z1 = frameHigh();
        Length w = board.width();
        put(z1.minus(z0), Solid.box(pop.from().minus(w), pop.from(), y, Length.ZERO, z0, z1));
        Length right = pop.to().plus(w).min(rim());
        strip(
                Section.of(t, right.minus(pop.to())),
                z1.minus(z0),
                Solid.box(pop.to(), right, y, Length.ZERO, z0, z1));
        Length wide = pop.to().minus(pop.from());
        strip(
                Section.of(t, pop.sill().minus(z0)),
                wide,
                Solid.box(pop.from(), pop.to(), y, Length.ZERO, z0, pop.sill()));
        put(wide, Solid.box(pop.from(), pop.to(), y, Length.ZERO, pop.top(), z1));
    }

    /** Between the decks of the floor pallets, all round; in front up to the door. */
    private void forkOpenings() {
        Length deck =
                at.rows.stream()
                        .map(b -> b.pallet().boardThickness())
                        .reduce(Length::max)
                        .orElseThrow();
        Length low = at.base().plus(deck);
        Length high = at.floorTop().minus(deck);
        for (BoardRow.Board row : BoardRow.of(low, high, board.width())) {
            for (PalletRow.Bay bay : at.rows) {
                sideways(t.negated(), bay, row);
                sideways(at.width, bay, row);
            }
            along(row, at.depth);
        }
        Length door = at.floorTop().minus(ShedLayout.DOOR_STOP);
        BoardRow.of(low, door, board.width()).forEach(row -> along(row, t.negated()));
    }

    private void along(BoardRow.Board row, Length y) {
        Length x0 = Length.ZERO;
        for (PalletRow.Bay bay : at.columns) {
            facing(x0, x0.plus(bay.width()), row, y);
            x0 = x0.plus(bay.width());
        }
        facing(x0, at.width, row, y);
    }

    private void strip(Section section, Length length, Solid solid) {
        book.stick(Role.BOARD, section, length, solid);
    }

    /** Upright on the tie beam and the outermost rafters. */
    private void triangles() {
        for (Length x : List.of(t.negated(), at.width)) {
            for (BoardRow.Board row : BoardRow.of(Length.ZERO, at.depth, board.width())) {
                Length bottom = at.wallTop();
                Length high = at.roof.rafterTop(row.from());
                List<Corner> profile =
                        List.of(
                                new Corner(row.from(), bottom),
                                new Corner(row.to(), bottom),
                                new Corner(row.to(), at.roof.rafterTop(row.to())),
                                new Corner(row.from(), high));
                book.stick(
                        Role.BOARD,
                        Section.of(t, row.width()),
                        high.minus(bottom).ceilTo(at.c.step()),
                        reliqua.core.measure.Angle.ZERO,
                        at.roof.pitch(),
                        new Solid(Axis.X, profile, List.of(), x, x.plus(t)));
            }
        }
    }

    /** Level boards before the studs of the rise, up to the vent. */
    private void rise() {
        // The leaf of the door laps up over the tie beam.
        Length low = at.wallTop().plus(ShedLayout.DOOR_STOP);
        Length high = at.frontSkinTop();
        if (high.minus(low).compareTo(SHORTEST) < 0) {
            return;
        }
        List<Length> joints = PalletWalls.plateJoints(at);
        for (BoardRow.Board row : BoardRow.of(low, high, board.width())) {
            for (int i = 0; i + 1 < joints.size(); i++) {
                Length x0 = joints.get(i);
                Length x1 = joints.get(i + 1);
                strip(
                        Section.of(t, row.width()),
                        x1.minus(x0),
                        Solid.box(x0, x1, t.negated(), Length.ZERO, row.from(), row.to()));
            }
        }
    }
}
