package reliqua.core.coop.addon;

import java.util.ArrayList;
import java.util.List;
import reliqua.core.coop.Bounds;
import reliqua.core.coop.Building;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Part;
import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.coop.Zone;
import reliqua.core.coop.family.Choices;
import reliqua.core.coop.family.Finds;
import reliqua.core.coop.family.Unbuildable;
import reliqua.core.measure.Length;
import reliqua.core.measure.Sum;
import reliqua.core.stock.FoundPart;
import reliqua.core.stock.Section;

/**
 * A board below the roosts that is pulled out and scraped: most of what birds drop falls at night.
 * It lies on two flat bearers screwed under the ledgers, in as many fields as the posts of the
 * roosts leave.
 */
final class DroppingsBoard implements Addition {
    /** Tails hang out before the foremost bar. */
    private static final Length BEFORE_BARS = Length.mm(100);

    /** Vinyl and linoleum lie about so thick. */
    private static final Length LINING = Length.mm(3);

    private static final Length PLAY = Length.mm(5);

    @Override
    public void build(Standing at) throws Unbuildable {
        for (Building each : at.coop().buildings()) {
            board(at, each.coop());
        }
    }

    private static void board(Standing at, Coop house) throws Unbuildable {
        List<Part> ledgers = house.of(Role.ROOST_LEDGER);
        Unbuildable.unless(ledgers.size() >= 2, Sum.of("addon.noRoosts"));
        long rooms = house.zones().stream().filter(z -> z.kind() == Zone.Kind.HOUSE).count();
        Unbuildable.unless(rooms == 1, Sum.of("addon.twoRooms"));
        Bounds all = Standing.around(ledgers).orElseThrow();
        Length low = all.z0();
        Section bearer = at.section(Choices.Group.TRIM);
        Length under = low.minus(bearer.thickness());
        Bounds bars = Standing.around(house.of(Role.ROOST_BAR)).orElse(all);
        Length from = bars.y0().minus(BEFORE_BARS).max(all.y0());
        Length to = all.y1();
        Unbuildable.unless(
                to.minus(from).compareTo(bearer.width().times(3)) > 0, Sum.of("addon.noRoosts"));
        for (Length y : List.of(from, to.minus(bearer.width()))) {
            bearers(at, house, bearer, all, y, under);
        }
        Length inner = ledgers.getFirst().solid().bounds().width();
        fields(at, house, all.x0().plus(inner), all.x1().minus(inner), from, to, low);
    }

    /** From side to side; a post in the way parts them. */
    private static void bearers(
            Standing at, Coop house, Section bearer, Bounds all, Length y, Length z) {
        Length to = y.plus(bearer.width());
        Length from = all.x0();
        for (Bounds post : posts(house, y, to)) {
            add(at, bearer, from, post.x0(), y, z);
            from = post.x1();
        }
        add(at, bearer, from, all.x1(), y, z);
    }

    private static void add(
            Standing at, Section bearer, Length from, Length to, Length y, Length z) {
        Solid solid = Solid.box(from, to, y, y.plus(bearer.width()), z, z.plus(bearer.thickness()));
        at.box(Role.DROPPINGS_BEARER, bearer, solid);
    }

    private static void fields(
            Standing at, Coop house, Length x0, Length x1, Length y0, Length y1, Length z) {
        Length thick = at.choices().skin();
        List<Length> edges = new ArrayList<>();
        edges.add(x0);
        for (Bounds post : posts(house, y0, y1)) {
            if (!edges.getLast().equals(post.x1())) {
                edges.add(post.x0());
                edges.add(post.x1());
            }
        }
        edges.add(x1);
        for (int n = 0; n + 1 < edges.size(); n += 2) {
            Length from = edges.get(n).plus(PLAY);
            Length to = edges.get(n + 1).minus(PLAY);
            Solid board = Solid.box(from, to, y0, y1, z, z.plus(thick));
            at.book().panel(Role.DROPPINGS_BOARD, thick, to.minus(from), y1.minus(y0), board);
            lining(at, board.bounds());
        }
    }

    /** Over each field as long as there is flooring that is large enough. */
    private static void lining(Standing at, Bounds board) {
        long laid = at.book().parts().stream().filter(p -> p.role() == Role.BOARD_LINING).count();
        at.choices()
                .finds()
                .thing(FoundPart.Use.LINING)
                .filter(found -> laid < found.count() && covers(found, board))
                .ifPresent(
                        found ->
                                at.book()
                                        .whole(
                                                Role.BOARD_LINING,
                                                found.find(),
                                                List.of(),
                                                Solid.box(
                                                        board.x0(),
                                                        board.x1(),
                                                        board.y0(),
                                                        board.y1(),
                                                        board.z1(),
                                                        board.z1().plus(LINING))));
    }

    /** Whichever way it lies. */
    private static boolean covers(Finds.Thing found, Bounds board) {
        Length side = found.size(0, Length.ZERO);
        Length other = found.size(1, Length.ZERO);
        return side.max(other).atLeast(board.width().max(board.depth()))
                && side.min(other).atLeast(board.width().min(board.depth()));
    }

    private static List<Bounds> posts(Coop house, Length y0, Length y1) {
        return house.of(Role.ROOST_POST).stream()
                .map(p -> p.solid().bounds())
                .filter(b -> b.y0().compareTo(y1) < 0 && b.y1().compareTo(y0) > 0)
                .sorted(java.util.Comparator.comparing(Bounds::x0))
                .toList();
    }
}
