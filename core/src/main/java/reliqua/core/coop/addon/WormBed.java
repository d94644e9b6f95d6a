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
 * A frame of boards on the ground below a slatted floor, as large as fits between what stands
 * there: mulch in it takes the droppings, and worms make earth of both.
 */
final class WormBed implements Addition {
    private static final Length STEP = Length.mm(25);

    /** Clear of legs and mesh, so that it can be lifted out. */
    private static final Length CLEAR = Length.mm(20);

    /** Smaller is not worth a frame. */
    private static final Length LEAST = Length.mm(400);

    @Override
    public void build(Standing at) throws Unbuildable {
        Section board = at.section(Choices.Group.BOARDS);
        Bounds floor = at.coop().zones().getFirst().floor();
        Length inset = CLEAR;
        while (!fits(at, floor, inset, board)) {
            inset = inset.plus(STEP);
            Length across = floor.depth().min(floor.width()).minus(inset.times(2));
            Unbuildable.unless(across.atLeast(LEAST), Sum.of("addon.noBed", LEAST));
        }
        frame(at, floor, inset, board);
    }

    private static boolean fits(Standing at, Bounds floor, Length inset, Section board) {
        return at.isFree(
                Solid.box(
                        floor.x0().plus(inset),
                        floor.x1().minus(inset),
                        floor.y0().plus(inset),
                        floor.y1().minus(inset),
                        foot(at, floor),
                        foot(at, floor).plus(board.width())));
    }

    /** Level, let into the ground where that is higher than in the middle. */
    private static Length foot(Standing at, Bounds floor) {
        return at.below(floor.x0().plus(floor.x1()).half(), floor.y0().plus(floor.y1()).half())
                .negated();
    }

    private static void frame(Standing at, Bounds floor, Length inset, Section board) {
        Length t = board.thickness();
        Length x0 = floor.x0().plus(inset);
        Length x1 = floor.x1().minus(inset);
        Length y0 = floor.y0().plus(inset);
        Length y1 = floor.y1().minus(inset);
        Length z0 = foot(at, floor);
        Length z1 = z0.plus(board.width());
        for (Length y : List.of(y0, y1.minus(t))) {
            at.box(Role.WORM_BED, board, Solid.box(x0, x1, y, y.plus(t), z0, z1));
        }
        for (Length x : List.of(x0, x1.minus(t))) {
            at.box(Role.WORM_BED, board, Solid.box(x, x.plus(t), y0.plus(t), y1.minus(t), z0, z1));
        }
    }
}
