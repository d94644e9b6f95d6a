package reliqua.core.coop.family;

import java.util.List;
import reliqua.core.coop.Axis;
import reliqua.core.coop.Corner;
import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.flock.Proof;
import reliqua.core.measure.Length;
import reliqua.core.stock.Section;

/**
 * The wall between two pens of a pole house, from a front post to the post behind it: boards up to
 * the roosts, so that birds below do not see one another, and mesh above. The rail under the mesh
 * carries the roosts of both.
 */
final class PenWall {
    /** A common roll, less what is turned over the rails. */
    private static final Length STRIP = Length.mm(820);

    private final PoleLayout at;
    private final PartsBook book;
    private final Length middle;
    private final Section rail;
    private final Section board;
    private final Length left;
    private final Room room;

    PenWall(PoleLayout at, Length middle, PartsBook book) {
        this.at = at;
        this.book = book;
        this.middle = middle;
        this.rail = at.girt();
        this.board = at.board();
        this.left = middle.minus(rail.thickness().half());
        this.room = at.room();
    }

    void build() {
        Length top = at.solidTop();
        rail(left, PoleLayout.OFF_GROUND);
        rail(left, top.minus(rail.width()));
        boards(top);
        mesh(top);
    }

    private void rail(Length x, Length z) {
        book.stick(
                Role.PEN_WALL_RAIL,
                rail,
                room.depth(),
                Solid.box(
                        x,
                        x.plus(rail.thickness()),
                        room.y0(),
                        room.y1(),
                        z,
                        z.plus(rail.width())));
    }

    private void boards(Length top) {
        Length t = board.thickness();
        for (BoardRow.Board row : BoardRow.of(room.y0(), room.y1(), board.width())) {
            book.stick(
                    Role.BOARD,
                    Section.of(t, row.width()),
                    top.minus(PoleLayout.BOARDS_FROM),
                    Solid.box(
                            left.minus(t),
                            left,
                            row.from(),
                            row.to(),
                            PoleLayout.BOARDS_FROM,
                            top));
        }
    }

    /** Up to the purlins, or to a rafter that lies over it; in two strips where one is too low. */
    private void mesh(Length from) {
        Length high = top(room.y0());
        if (high.minus(from).atMost(STRIP)) {
            strip(from, high, top(room.y1()));
            return;
        }
        Length underRafters = at.roof.rafterBottom(room.y1()).minus(rail.width());
        Length between = from.plus(STRIP).min(underRafters).floorTo(at.c.step());
        rail(middle.plus(PoleBuilder.MESH.half()), between.minus(rail.width()));
        strip(from, between, between);
        strip(between, high, top(room.y1()));
    }

    private Length top(Length y) {
        boolean underRafter =
                at.roof.rafterEdges().stream()
                        .anyMatch(
                                x ->
                                        x.atMost(middle.plus(PoleBuilder.MESH))
                                                && x.plus(at.roof.rafter().thickness())
                                                        .atLeast(middle.minus(PoleBuilder.MESH)));
        return underRafter ? at.roof.rafterBottom(y) : at.roof.rafterTop(y);
    }

    private void strip(Length low, Length front, Length back) {
        Length half = PoleBuilder.MESH.half();
        List<Corner> profile =
                List.of(
                        new Corner(room.y0(), low),
                        new Corner(room.y1(), low),
                        new Corner(room.y1(), back),
                        new Corner(room.y0(), front));
        book.mesh(
                Role.PEN_MESH,
                Proof.USUAL_ELSEWHERE,
                front.max(back).minus(low).ceilTo(at.c.step()),
                room.depth().ceilTo(at.c.step()),
                new Solid(Axis.X, profile, List.of(), middle.minus(half), middle.plus(half)));
    }
}
