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
 * A low table for the drinker: out of the litter, its rim at the backs of the birds. Two boards on
 * edge and a top of what closes the walls; it stands loose.
 */
final class DrinkerStand implements Addition {
    /** A drinker of ten litres stands on it. */
    private static final Length SIDE = Length.mm(400);

    /** How far the boards stand in from the edge of the top. */
    private static final Length IN = Length.mm(40);

    @Override
    public void build(Standing at) throws Unbuildable {
        Section board = at.section(Choices.Group.BOARDS);
        Length top = at.choices().skin();
        Length high = board.width().plus(top);
        Bounds place =
                at.cleanerPlace(at.ground(), SIDE, SIDE, high)
                        .orElseThrow(() -> new Unbuildable(Sum.of("addon.noRoom", SIDE, SIDE)));
        Length under = place.z0().plus(board.width());
        Length t = board.thickness();
        for (Length x : List.of(place.x0().plus(IN), place.x1().minus(IN).minus(t))) {
            Solid leg = Solid.box(x, x.plus(t), place.y0(), place.y1(), place.z0(), under);
            at.box(Role.DRINKER_LEG, board, leg);
        }
        at.book()
                .panel(
                        Role.DRINKER_TOP,
                        top,
                        SIDE,
                        SIDE,
                        Solid.box(
                                place.x0(),
                                place.x1(),
                                place.y0(),
                                place.y1(),
                                under,
                                under.plus(top)));
    }
}
