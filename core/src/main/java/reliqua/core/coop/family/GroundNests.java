package reliqua.core.coop.family;

import java.util.List;
import reliqua.core.coop.Opening;
import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.flock.Needs;
import reliqua.core.measure.Length;
import reliqua.core.measure.Sum;
import reliqua.core.stock.Section;

/**
 * A row of nest boxes across a pen, on two flat rails on the ground, open to the middle of the pen.
 *
 * @param from where it begins, from the closed end
 * @param to it must end before
 * @param depth of the pen, in the middle of which it stands
 * @param side nothing of it may be nearer to the front or the back
 * @param rail section of the rails of the pen
 * @param skin thickness of its panels
 * @param needs of the birds
 */
record GroundNests(
        Length from, Length to, Length depth, Length side, Section rail, Length skin, Needs needs) {

    void build(PartsBook book) throws Unbuildable {
        int count = needs.nests();
        Length each = needs.nestSide();
        Length row = each.times(count).plus(skin.times(count + 1L));
        Length floor = rail.thickness().plus(skin);
        Length top = floor.plus(needs.nestHeight());
        Length y0 = depth.minus(row).half();
        Length y1 = y0.plus(row);
        Unbuildable.unless(y0.atLeast(side), Sum.of("family.nests", count, depth));
        Length x1 = from.plus(each);
        Unbuildable.unless(x1.plus(skin).compareTo(to) < 0, Sum.of("family.nests", count, to));
        nest(book, row, each, Solid.box(from, x1, y0, y1, floor.minus(skin), floor));
        nest(book, row, top.minus(floor), Solid.box(from, from.plus(skin), y0, y1, floor, top));
        for (int n = 0; n <= count; n++) {
            Length y = y0.plus(each.plus(skin).times(n));
            nest(
                    book,
                    each.minus(skin),
                    top.minus(floor),
                    Solid.box(from.plus(skin), x1, y, y.plus(skin), floor, top));
        }
        Length lip = floor.plus(needs.nestLip());
        nest(
                book,
                row,
                lip.minus(floor).plus(skin),
                Solid.box(x1, x1.plus(skin), y0, y1, floor.minus(skin), lip));
        // The rail across the closed end carries the row as well.
        Length begin = rail.width().max(from);
        for (Length y : List.of(y0, y1.minus(rail.width()))) {
            book.stick(
                    Role.NEST_RAIL,
                    rail,
                    x1.minus(begin),
                    Solid.box(begin, x1, y, y.plus(rail.width()), Length.ZERO, rail.thickness()));
        }
        book.opening(Opening.inSide(Opening.Kind.NEST_ENTRANCE, x1, y0, y1, lip, top, Length.ZERO));
    }

    private void nest(PartsBook book, Length wide, Length high, Solid solid) {
        book.panel(Role.NEST_PANEL, skin, wide, high, solid);
    }
}
