package reliqua.core.coop.addon;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import reliqua.core.coop.Axis;
import reliqua.core.coop.Bounds;
import reliqua.core.coop.Building;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Corner;
import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.coop.Zone;
import reliqua.core.coop.family.Choices;
import reliqua.core.coop.family.Unbuildable;
import reliqua.core.measure.Angle;
import reliqua.core.measure.Length;
import reliqua.core.measure.Sum;
import reliqua.core.stock.Section;

/**
 * A ladder that leans on the foremost roost: two rails with rungs a step apart. Heavy birds that
 * jump down from knee height bruise their feet; up a ladder at 45 degrees they walk. It lies loose
 * and is taken out with the litter.
 */
final class RoostLadder implements Addition {
    /** Lower bars are hopped on to. */
    private static final Length LOW = Length.mm(350);

    /** Room for one bird beside another that comes down. */
    private static final Length WIDE = Length.mm(350);

    private static final Length STEP = Length.mm(200);
    private static final Length ACROSS = Length.mm(50);
    private static final Angle LEAN = new Angle(45);

    @Override
    public void build(Standing at) throws Unbuildable {
        for (Building each : at.coop().buildings()) {
            ladder(at, each.coop());
        }
    }

    private static void ladder(Standing at, Coop house) throws Unbuildable {
        Bounds bar =
                house.of(Role.ROOST_BAR).stream()
                        .map(p -> p.solid().bounds())
                        .min(Comparator.comparing(Bounds::y0).thenComparing(Bounds::x0))
                        .orElseThrow(() -> new Unbuildable(Sum.of("addon.noBars")));
        Zone room = room(house, bar);
        Length high = bar.z1().minus(room.floor().z0());
        Unbuildable.unless(high.atLeast(LOW), Sum.of("addon.lowBars", high));
        Length foot = bar.y0().minus(high);
        Unbuildable.unless(foot.atLeast(room.floor().y0()), Sum.of("addon.noLadderRoom", high));
        for (Length x = bar.x0(); x.plus(WIDE).atMost(bar.x1()); x = x.plus(ACROSS)) {
            List<Piece> pieces = pieces(at, x, bar, room.floor().z0());
            if (pieces.stream().allMatch(p -> at.isFree(p.solid()))) {
                pieces.forEach(p -> at.book().stick(p.role(), p.section(), p.length(), p.solid()));
                return;
            }
        }
        throw new Unbuildable(Sum.of("addon.noLadderRoom", high));
    }

    private static Zone room(Coop house, Bounds bar) throws Unbuildable {
        return house.zones().stream()
                .filter(z -> z.kind() == Zone.Kind.HOUSE)
                .filter(z -> z.floor().y0().atMost(bar.y0()) && z.floor().y1().atLeast(bar.y0()))
                .filter(z -> z.floor().x0().atMost(bar.x1()) && z.floor().x1().atLeast(bar.x0()))
                .findFirst()
                .orElseThrow(() -> new Unbuildable(Sum.of("addon.noBars")));
    }

    private record Piece(Role role, Section section, Length length, Solid solid) {}

    private static List<Piece> pieces(Standing at, Length x, Bounds bar, Length floor) {
        Section rail = at.section(Choices.Group.TRIM);
        double lean = Math.toRadians(LEAN.degrees());
        Length high = bar.z1().minus(floor);
        // The lower corner stands on the floor, the upper one leans on the bar.
        Length long_ = high.minus(rail.width().scaled(Math.cos(lean))).scaled(1 / Math.sin(lean));
        Corner foot = new Corner(bar.y0().minus(long_.scaled(Math.cos(lean))), floor);
        List<Piece> pieces = new ArrayList<>();
        for (Length from : List.of(x, x.plus(WIDE).minus(rail.thickness()))) {
            Solid solid =
                    slanted(foot, long_, rail.width(), from, from.plus(rail.thickness()), lean);
            pieces.add(new Piece(Role.LADDER_RAIL, rail, long_, solid));
        }
        Corner top = foot.along(rail.width(), lean + Math.PI / 2);
        for (Length up = STEP; up.plus(rail.width()).atMost(long_); up = up.plus(STEP)) {
            Solid solid =
                    slanted(
                            top.along(up, lean),
                            rail.width(),
                            rail.thickness(),
                            x,
                            x.plus(WIDE),
                            lean);
            pieces.add(new Piece(Role.LADDER_RUNG, rail, WIDE, solid));
        }
        return pieces;
    }

    /** A box leaning back, its lower front corner given. */
    private static Solid slanted(
            Corner foot, Length long_, Length thick, Length x0, Length x1, double lean) {
        Corner end = foot.along(long_, lean);
        double square = lean + Math.PI / 2;
        List<Corner> outline =
                List.of(foot, end, end.along(thick, square), foot.along(thick, square));
        return new Solid(Axis.X, outline, List.of(), x0, x1);
    }
}
