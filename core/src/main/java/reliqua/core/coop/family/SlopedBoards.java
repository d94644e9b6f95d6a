package reliqua.core.coop.family;

import java.util.List;
import reliqua.core.coop.Axis;
import reliqua.core.coop.Corner;
import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.measure.Angle;
import reliqua.core.measure.Length;
import reliqua.core.stock.Section;

/**
 * Upright boards of a side of a pole house, up to the roof and cut on its slope.
 *
 * @param x their inner face on the right side, their outer one on the left
 */
record SlopedBoards(PoleLayout at, PartsBook book, Length x) {
    /** Side by side along a stretch, from a height on. */
    void row(Length from, Length to, Length low) {
        for (BoardRow.Board each : BoardRow.of(from, to, at.board().width())) {
            board(each, low);
        }
    }

    /** One of them. */
    void board(BoardRow.Board row, Length low) {
        Length t = at.board().thickness();
        Length high = at.roof.rafterTop(row.from());
        List<Corner> profile =
                List.of(
                        new Corner(row.from(), low),
                        new Corner(row.to(), low),
                        new Corner(row.to(), at.roof.rafterTop(row.to())),
                        new Corner(row.from(), high));
        book.stick(
                Role.BOARD,
                Section.of(t, row.width()),
                high.minus(low).ceilTo(at.c.step()),
                Angle.ZERO,
                at.roof.pitch(),
                new Solid(Axis.X, profile, List.of(), x, x.plus(t)));
    }
}
