package reliqua.core.coop.addon;

import java.util.List;
import java.util.Optional;
import reliqua.core.coop.Axis;
import reliqua.core.coop.Bounds;
import reliqua.core.coop.Building;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Corner;
import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.coop.family.Choices;
import reliqua.core.coop.family.Finds;
import reliqua.core.coop.family.Unbuildable;
import reliqua.core.measure.Length;
import reliqua.core.measure.Sum;
import reliqua.core.stock.FoundPart;
import reliqua.core.stock.Section;

/**
 * Two boards along the tails of the rafters, one upright and one leaning out at 45 degrees, make a
 * gutter at the back; a found tub below its end catches the rain.
 */
final class Gutter implements Addition {
    private static final double SLANT = Math.sqrt(0.5);
    private static final Length BELOW_ROOF = Length.mm(5);
    private static final Length TUB = Length.mm(400);

    @Override
    public void build(Standing at) throws Unbuildable {
        List<Building> buildings = at.coop().buildings();
        for (Building each : buildings) {
            // A roof over another lets its edge drip on that.
            boolean over = buildings.size() > 1 && each.number() == 0;
            gutter(at, each.coop(), over ? Optional.of(each.left()) : Optional.empty());
        }
    }

    private static void gutter(Standing at, Coop house, Optional<Length> begin) throws Unbuildable {
        Bounds rafters =
                Standing.around(house.of(Role.RAFTER))
                        .orElseThrow(() -> new Unbuildable(Sum.of("addon.noEaves")));
        Bounds roof = Standing.around(house.of(Role.PURLIN)).orElse(rafters);
        Length left = begin.orElse(roof.x0());
        Length tail = rafters.y1();
        Length top = tailTop(house, tail);
        Section board = at.section(Choices.Group.BOARDS);
        Length t = board.thickness();
        Length rise = board.width().minus(t).scaled(SLANT);
        Length root = t.scaled(1 / SLANT);
        Length foot = top.minus(BELOW_ROOF).minus(rise);
        Unbuildable.unless(
                foot.minus(root).atLeast(top.minus(board.width())),
                Sum.of("addon.gutterNarrow", board));
        Length outside = tail.plus(t);
        Solid upright = Solid.box(left, roof.x1(), tail, outside, top.minus(board.width()), top);
        List<Corner> leaning =
                List.of(
                        new Corner(outside, foot.minus(root)),
                        new Corner(
                                outside.plus(rise).plus(t.scaled(SLANT)),
                                foot.plus(rise).minus(t.scaled(SLANT))),
                        new Corner(outside.plus(rise), foot.plus(rise)),
                        new Corner(outside, foot));
        at.book().stick(Role.GUTTER, board, roof.x1().minus(left), upright);
        at.book()
                .stick(
                        Role.GUTTER,
                        board,
                        roof.x1().minus(left),
                        new Solid(Axis.X, leaning, List.of(), left, roof.x1()));
        if (begin.isPresent() || house == at.coop()) {
            rainTub(at, roof.x1(), outside);
        }
    }

    private static void rainTub(Standing at, Length end, Length outside) {
        if (at.choices().finds().thing(FoundPart.Use.WATERER).isPresent()) {
            tub(at, at.choices().finds().thing(FoundPart.Use.WATERER).get(), end, outside);
        }
    }

    /** Upper edge of the cut tails of the rafters. */
    private static Length tailTop(Coop house, Length tail) {
        return house.of(Role.RAFTER).stream()
                .flatMap(r -> r.solid().outline().stream())
                .filter(c -> c.u().equals(tail))
                .map(Corner::v)
                .reduce(Length::max)
                .orElseThrow();
    }

    /** Under the end of the gutter, its middle below the middle of it. */
    private static void tub(Standing at, Finds.Thing tub, Length end, Length outside) {
        Length wide = tub.size(0, TUB);
        Length deep = tub.size(1, wide);
        Length high = tub.size(2, wide);
        Length left = end.minus(wide);
        Length foot = at.coop().terrain().highest(left, end, outside, outside.plus(deep)).negated();
        Solid place =
                Solid.box(end.minus(wide), end, outside, outside.plus(deep), foot, foot.plus(high));
        at.book().whole(Role.RAIN_TUB, tub.find(), List.of(), place);
    }
}
