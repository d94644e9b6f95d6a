package reliqua.core.coop.family;

import java.util.List;
import java.util.Optional;
import reliqua.core.coop.Opening;
import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.flock.Needs;
import reliqua.core.measure.Length;
import reliqua.core.measure.Sum;
import reliqua.core.stock.Section;

/**
 * A row of nest boxes inside a room, along its left wall from the front on, on two bearers high
 * enough to leave the floor below to the birds.
 *
 * @param room they are in
 * @param count how many
 * @param needs of the birds
 * @param floor of the boxes, above the ground
 * @param skin thickness of their panels
 * @param trim section of bearers and posts
 * @param clear what must stay free behind the row: the space before the roosts
 * @param crates what was found to be nests; boxes are made where there is nothing
 */
record InsideNests(
        Room room,
        int count,
        Needs needs,
        Length floor,
        Length skin,
        Section trim,
        Length clear,
        Optional<Finds.Thing> crates) {
    /** Birds take a box a little smaller than the books say. */
    private static final double SNUG = 0.85;

    private Length row() {
        return needs.nestSide().times(count).plus(skin.times(count + 1L));
    }

    void build(PartsBook book) throws Unbuildable {
        if (crates.isPresent()) {
            crates(book, crates.get());
        } else {
            boxes(book);
        }
    }

    /** Crates side by side on the bearers, their open side to the room, a lip before them. */
    private void crates(PartsBook book, Finds.Thing crate) throws Unbuildable {
        Length wide = crate.size(0, needs.nestSide());
        Length high = crate.size(1, wide);
        Length deep = crate.size(2, wide);
        Length bottom = floor.minus(skin);
        Unbuildable.unless(crate.count() >= count, Sum.of("family.nestFew", crate.count(), count));
        Length least = needs.nestSide().scaled(SNUG);
        boolean fits =
                wide.min(deep).atLeast(least)
                        && high.atLeast(needs.nestHeight().scaled(SNUG))
                        && high.atMost(needs.nestHeight().plus(skin.times(2)));
        Unbuildable.unless(fits, Sum.of("family.nestSize", wide, high, deep));
        Length y0 = room.y0();
        Length y1 = y0.plus(wide.times(count));
        Unbuildable.unless(
                y1.plus(clear).atMost(room.y1()), Sum.of("family.nests", count, room.depth()));
        Length x1 = room.x0().plus(deep);
        for (int n = 0; n < count; n++) {
            Length y = y0.plus(wide.times(n));
            Solid place = Solid.box(room.x0(), x1, y, y.plus(wide), bottom, bottom.plus(high));
            book.whole(Role.NEST_CRATE, crate.find(), List.of(), place);
        }
        Length lip = bottom.plus(trim.width().min(needs.nestLip()));
        book.stick(
                Role.NEST_RAIL,
                trim,
                y1.minus(y0),
                Solid.box(x1, x1.plus(trim.thickness()), y0, y1, bottom, lip));
        bearers(book, y0, y1, x1, bottom);
        entrance(book, x1, y0, y1, lip, bottom.plus(high));
    }

    private void entrance(PartsBook book, Length x, Length y0, Length y1, Length lip, Length top) {
        book.opening(Opening.inSide(Opening.Kind.NEST_ENTRANCE, x, y0, y1, lip, top, room.floor()));
    }

    private void boxes(PartsBook book) throws Unbuildable {
        Length y0 = room.y0();
        Length y1 = y0.plus(row());
        Unbuildable.unless(
                y1.plus(clear).atMost(room.y1()), Sum.of("family.nests", count, room.depth()));
        Length x0 = room.x0().plus(skin);
        Length x1 = x0.plus(needs.nestSide());
        Length bottom = floor.minus(skin);
        Length top = floor.plus(needs.nestHeight());
        panel(book, row(), top.minus(bottom), Solid.box(room.x0(), x0, y0, y1, bottom, top));
        panel(book, row(), needs.nestSide(), Solid.box(x0, x1, y0, y1, bottom, floor));
        for (int n = 0; n <= count; n++) {
            Length y = y0.plus(needs.nestSide().plus(skin).times(n));
            panel(
                    book,
                    needs.nestSide(),
                    needs.nestHeight(),
                    Solid.box(x0, x1, y, y.plus(skin), floor, top));
        }
        panel(
                book,
                row(),
                needs.nestSide().plus(skin),
                Solid.box(room.x0(), x1, y0, y1, top, top.plus(skin)));
        Length lip = floor.plus(needs.nestLip());
        panel(book, row(), lip.minus(bottom), Solid.box(x1, x1.plus(skin), y0, y1, bottom, lip));
        bearers(book, y0, y1, x1, bottom);
        entrance(book, x1, y0, y1, lip, top);
    }

    private void panel(PartsBook book, Length width, Length height, Solid solid) {
        book.panel(Role.NEST_PANEL, skin, width, height, solid);
    }

    /** On edge: one against the wall, one before it on posts. */
    private void bearers(PartsBook book, Length y0, Length y1, Length x1, Length top) {
        Length t = trim.thickness();
        Length w = trim.width();
        Length low = top.minus(w);
        Length wall = room.x0();
        for (Length x : List.of(wall, x1.minus(t))) {
            book.stick(
                    Role.NEST_RAIL, trim, y1.minus(y0), Solid.box(x, x.plus(t), y0, y1, low, top));
        }
        for (Length y : List.of(y0, y1.minus(w))) {
            book.stick(
                    Role.NEST_RAIL,
                    trim,
                    low.minus(room.floor()),
                    Solid.box(x1.minus(t), x1, y, y.plus(w), room.floor(), low));
        }
    }
}
