package reliqua.core.coop.addon;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import reliqua.core.coop.Axis;
import reliqua.core.coop.Bounds;
import reliqua.core.coop.Corner;
import reliqua.core.coop.Part;
import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.coop.family.Choices;
import reliqua.core.coop.family.Unbuildable;
import reliqua.core.measure.Length;
import reliqua.core.measure.Sum;
import reliqua.core.stock.FoundPart;
import reliqua.core.stock.Section;

/**
 * A bar screwed up under two neighbouring rafters, for a feeder that hangs from it on a chain: it
 * swings clear of the litter, stands no rat a ladder and is raised as the birds grow. No bar to
 * sleep on is above or beside it. A found bucket that is not too wide becomes the feeder; it is
 * drawn as it stands below the bar before the chain is drawn up.
 */
final class FeederBar implements Addition {
    /** Birds eat all round a feeder this wide. */
    private static final Length ROUND = Length.mm(350);

    /** One that was not measured. */
    private static final Length BUCKET = Length.mm(290);

    private static final Length FROM_WALL = Length.mm(300);
    private static final Length STEP = Length.mm(50);

    /** A feeder and the hand that fills it. */
    private static final Length HANGS = Length.mm(500);

    @Override
    public void build(Standing at) throws Unbuildable {
        Bounds room = at.house().floor();
        Length middle = room.x0().plus(room.width().half());
        List<Pair> pairs =
                pairs(at.coop().of(Role.RAFTER)).stream()
                        .sorted(Comparator.comparing(p -> p.away(middle)))
                        .toList();
        for (Pair pair : pairs) {
            if (hang(at, room, pair.left(), pair.right())) {
                return;
            }
        }
        throw new Unbuildable(Sum.of("addon.noFeederRoom"));
    }

    /** Two rafters with none between them. */
    private record Pair(Part left, Part right) {
        Length away(Length middle) {
            Bounds both = left.solid().bounds().with(right.solid().bounds());
            return both.x0().plus(both.width().half()).minus(middle).abs();
        }
    }

    /** Under a ridge two rafters stand one behind the other: either has its neighbours. */
    private static List<Pair> pairs(List<Part> rafters) {
        List<Length> places =
                rafters.stream().map(p -> p.solid().bounds().x0()).distinct().sorted().toList();
        List<Pair> pairs = new ArrayList<>();
        for (int n = 0; n + 1 < places.size(); n++) {
            for (Part left : at(rafters, places.get(n))) {
                at(rafters, places.get(n + 1)).forEach(right -> pairs.add(new Pair(left, right)));
            }
        }
        return pairs;
    }

    private static List<Part> at(List<Part> rafters, Length x) {
        return rafters.stream().filter(p -> p.solid().bounds().x0().equals(x)).toList();
    }

    private static boolean hang(Standing at, Bounds room, Part left, Part right) {
        Bounds both = left.solid().bounds().with(right.solid().bounds());
        Section bar = at.section(Choices.Group.ROOSTS);
        Length last = room.y1().minus(FROM_WALL);
        for (Length y = room.y0().plus(FROM_WALL); y.atMost(last); y = y.plus(STEP)) {
            Optional<Solid> solid = under(left, bar, y, both.x0(), both.x1());
            if (solid.isPresent()
                    && solid.equals(under(right, bar, y, both.x0(), both.x1()))
                    && solid.get().bounds().z0().minus(room.z0()).atLeast(HANGS)
                    && isFreeBelow(at, room, both, y)
                    && at.isFree(solid.get())) {
                at.book().stick(Role.FEEDER_BAR, bar, both.width(), solid.get());
                feeder(at, room, both, y.plus(bar.width().half()));
                return true;
            }
        }
        return false;
    }

    /** What was found for one, if it leaves room for the birds round it. */
    private static void feeder(Standing at, Bounds room, Bounds bay, Length y) {
        at.choices()
                .finds()
                .thing(FoundPart.Use.FEEDER)
                .ifPresent(
                        found -> {
                            Length wide = found.size(0, BUCKET);
                            Length deep = found.size(1, wide);
                            Length high = found.size(2, wide);
                            if (wide.max(deep).atMost(ROUND) && high.compareTo(HANGS) < 0) {
                                Length x0 = bay.x0().plus(bay.width().minus(wide).half());
                                Length y0 = y.minus(deep.half());
                                Solid place =
                                        Solid.box(
                                                x0,
                                                x0.plus(wide),
                                                y0,
                                                y0.plus(deep),
                                                room.z0(),
                                                room.z0().plus(high));
                                at.book().whole(Role.FEEDER, found.find(), List.of(), place);
                            }
                        });
    }

    /** Flat against the underside of a rafter at this depth. */
    private static Optional<Solid> under(Part rafter, Section bar, Length y, Length x0, Length x1) {
        List<Solid> pieces = rafter.solid().pieces(Axis.Y, y, y.plus(bar.width()));
        if (pieces.size() != 1) {
            return Optional.empty();
        }
        Length to = y.plus(bar.width());
        Optional<Length> here = lowest(pieces.getFirst(), y);
        Optional<Length> there = lowest(pieces.getFirst(), to);
        if (here.isEmpty() || there.isEmpty()) {
            return Optional.empty();
        }
        double lean = Math.atan(there.get().minus(here.get()).ratio(bar.width()));
        Corner near = new Corner(y, here.get());
        Corner far = near.along(bar.width(), lean);
        double down = lean - Math.PI / 2;
        List<Corner> outline =
                List.of(
                        near.along(bar.thickness(), down),
                        far.along(bar.thickness(), down),
                        far,
                        near);
        return Optional.of(new Solid(Axis.X, outline, List.of(), x0, x1));
    }

    private static Optional<Length> lowest(Solid piece, Length y) {
        return piece.outline().stream()
                .filter(c -> c.u().minus(y).abs().atMost(Length.mm(1)))
                .map(Corner::v)
                .reduce(Length::min);
    }

    /** Nothing stands, hangs or roosts where birds gather round it. */
    private static boolean isFreeBelow(Standing at, Bounds room, Bounds bay, Length y) {
        Length x = bay.x0().plus(bay.width().half());
        Length half = ROUND.half();
        return at.isFree(
                Solid.box(
                        x.minus(half),
                        x.plus(half),
                        y.minus(half),
                        y.plus(half),
                        room.z0(),
                        room.z0().plus(HANGS)));
    }
}
