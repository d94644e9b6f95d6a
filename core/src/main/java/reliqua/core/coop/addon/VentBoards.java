package reliqua.core.coop.addon;

import java.util.List;
import reliqua.core.coop.Bounds;
import reliqua.core.coop.Opening;
import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.coop.family.Unbuildable;
import reliqua.core.measure.Length;
import reliqua.core.measure.Sum;

/**
 * A loose board behind the mesh of every second vent under the eaves, for nights of wind and
 * driving snow. The others stay open, and each board leaves a slit above itself: birds stand cold
 * better than damp.
 */
final class VentBoards implements Addition {
    /** Swollen boards jam. */
    private static final Length PLAY = Length.mm(3);

    /** Air goes on over the board. */
    private static final Length SLIT = Length.mm(15);

    private static final Length BEHIND_MESH = Length.mm(2);

    /** Lower ones are held by nothing. */
    private static final Length LEAST = Length.mm(30);

    @Override
    public void build(Standing at) throws Unbuildable {
        List<Opening> vents =
                at.coop().openings().stream()
                        .filter(o -> o.kind() == Opening.Kind.EAVE_VENT)
                        .toList();
        Length back =
                vents.stream()
                        .map(o -> o.place().y0())
                        .reduce(Length::max)
                        .orElseThrow(() -> new Unbuildable(Sum.of("addon.noVents")));
        Length front = vents.stream().map(o -> o.place().y0()).reduce(back, Length::min);
        int built = 0;
        for (int n = 0; n < vents.size(); n += 2) {
            Opening vent = vents.get(n);
            boolean ahead = vent.place().y0().equals(front) && !front.equals(back);
            built += board(at, vent, !ahead) ? 1 : 0;
        }
        Unbuildable.unless(built > 0, Sum.of("addon.noVents"));
    }

    /** Inside the mesh of a vent; that lies behind what faces the front, else before it. */
    private static boolean board(Standing at, Opening vent, boolean behind) {
        Bounds hole = vent.place();
        Length t = at.choices().skin();
        Length high = hole.height().minus(SLIT);
        Length wide = hole.width().minus(PLAY.times(2));
        if (high.compareTo(LEAST) < 0 || wide.compareTo(LEAST) < 0) {
            return false;
        }
        Length y0 = behind ? hole.y0().minus(BEHIND_MESH).minus(t) : hole.y0().plus(BEHIND_MESH);
        Solid solid =
                Solid.box(
                        hole.x0().plus(PLAY),
                        hole.x1().minus(PLAY),
                        y0,
                        y0.plus(t),
                        hole.z0(),
                        hole.z0().plus(high));
        if (!at.isFree(solid)) {
            return false;
        }
        at.book().panel(Role.VENT_BOARD, t, wide, high, solid);
        return true;
    }
}
