package reliqua.core.coop.addon;

import java.util.List;
import reliqua.core.coop.Bounds;
import reliqua.core.coop.Contact;
import reliqua.core.coop.Part;
import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.coop.Stage;
import reliqua.core.coop.family.Choices;
import reliqua.core.coop.family.Unbuildable;
import reliqua.core.measure.Length;
import reliqua.core.measure.Sum;
import reliqua.core.stock.Section;

/**
 * A place for a machine that winds the pop door up by a cord at dawn and lets it down at dusk: a
 * board on two battens, as far out from the wall as the door slides, above it or, where the wall
 * ends there, beside it with a pulley over the door.
 */
final class OpenerBoard implements Addition {
    /** What such machines are screwed to, with room for their cover. */
    private static final Length WIDE = Length.mm(200);

    private static final Length HIGH = Length.mm(240);
    private static final Length CLEAR = Length.mm(20);

    /** A face to screw through, in mm². */
    private static final double LEAST_FACE = 900;

    @Override
    public void build(Standing at) throws Unbuildable {
        Bounds door =
                Standing.around(at.coop().of(Role.POP_DOOR))
                        .orElseThrow(() -> new Unbuildable(Sum.of("addon.noPopDoor")));
        Bounds guides = Standing.around(at.coop().of(Role.POP_GUIDE)).orElse(door);
        Length middle = door.x0().plus(door.width().half());
        Length above = guides.z1().plus(CLEAR);
        Length beside = guides.z1().minus(HIGH);
        List<Bounds> places =
                List.of(
                        at(door, middle.minus(WIDE.half()), above),
                        at(door, guides.x1().plus(CLEAR), beside),
                        at(door, guides.x0().minus(CLEAR).minus(WIDE), beside));
        for (Bounds place : places) {
            if (built(at, place)) {
                return;
            }
        }
        throw new Unbuildable(Sum.of("addon.noOpenerRoom"));
    }

    /** The plane of the wall is the back of the door. */
    private static Bounds at(Bounds door, Length x, Length z) {
        return new Bounds(x, x.plus(WIDE), door.y1(), door.y1(), z, z.plus(HIGH));
    }

    private static boolean built(Standing at, Bounds place) {
        Section batten = at.section(Choices.Group.TRIM);
        Length t = batten.thickness();
        Length w = batten.width();
        Length wall = place.y1();
        Length skin = at.choices().skin();
        List<Solid> battens =
                List.of(
                        upright(place, place.x0(), w, t),
                        upright(place, place.x1().minus(w), w, t));
        Length face = wall.minus(t);
        Solid board =
                Solid.box(place.x0(), place.x1(), face.minus(skin), face, place.z0(), place.z1());
        boolean held = battens.stream().allMatch(b -> isOnWall(at, b) && at.isFree(b));
        if (!held || !at.isFree(board)) {
            return false;
        }
        battens.forEach(b -> at.box(Role.OPENER_BATTEN, batten, b));
        at.book().panel(Role.OPENER_BOARD, skin, WIDE, HIGH, board);
        return true;
    }

    private static Solid upright(Bounds place, Length x, Length w, Length t) {
        return Solid.box(x, x.plus(w), place.y1().minus(t), place.y1(), place.z0(), place.z1());
    }

    private static boolean isOnWall(Standing at, Solid batten) {
        return at.coop().parts().stream()
                .filter(OpenerBoard::isWall)
                .anyMatch(p -> Contact.area(p.solid(), batten) > LEAST_FACE);
    }

    private static boolean isWall(Part part) {
        return part.role().stage() == Stage.SKINS || part.role().stage() == Stage.WALLS;
    }
}
