package reliqua.core.coop.addon;

import java.util.List;
import reliqua.core.coop.Bounds;
import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.coop.family.Choices;
import reliqua.core.coop.family.Unbuildable;
import reliqua.core.measure.Length;
import reliqua.core.measure.Sum;
import reliqua.core.stock.Section;

/**
 * A frame of four boards for dry earth, sand and ash: in the run, else on the floor of the house.
 * Two or three birds bathe at a time.
 */
final class DustBath implements Addition {
    private static final Length LONG = Length.mm(600);
    private static final Length SHORT = Length.mm(450);

    @Override
    public void build(Standing at) throws Unbuildable {
        Section board = at.section(Choices.Group.BOARDS);
        Bounds place =
                at.cleanerPlace(at.ground(), LONG, SHORT, board.width())
                        .orElseThrow(() -> new Unbuildable(Sum.of("addon.noRoom", LONG, SHORT)));
        Length t = board.thickness();
        for (Length y : List.of(place.y0(), place.y1().minus(t))) {
            Solid side = Solid.box(place.x0(), place.x1(), y, y.plus(t), place.z0(), place.z1());
            at.box(Role.DUST_BATH, board, side);
        }
        for (Length x : List.of(place.x0(), place.x1().minus(t))) {
            Solid end =
                    Solid.box(
                            x,
                            x.plus(t),
                            place.y0().plus(t),
                            place.y1().minus(t),
                            place.z0(),
                            place.z1());
            at.box(Role.DUST_BATH, board, end);
        }
    }
}
