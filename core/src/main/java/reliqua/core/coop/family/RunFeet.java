package reliqua.core.coop.family;

import java.util.List;
import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.coop.Terrain;
import reliqua.core.measure.Length;
import reliqua.core.stock.Section;

/**
 * What stands under a run on sloping ground, so that its frames are level: feet screwed to the
 * inside of the bottom rails, and mesh from the rails down to the ground.
 */
final class RunFeet {
    private static final Length MESH_THICKNESS = Length.mm(1);
    private static final Length MESH_LAP = Length.mm(50);

    /** Less is packed with flat stones. */
    private static final Length PACKED = Length.mm(25);

    /**
     * Where the run stands.
     *
     * @param width between its side frames
     * @param near where its sides begin
     * @param far inner face of its front
     * @param apart how far its feet are apart at most
     * @param terrain the ground it stands on
     */
    record Plan(Length width, Length near, Length far, Length apart, Terrain terrain) {}

    private final ShedLayout at;
    private final PartsBook book;
    private final Section section;
    private final Plan plan;
    private final Length st;
    private final Length sd;

    RunFeet(ShedLayout at, PartsBook book, Section section, Plan plan) {
        this.at = at;
        this.book = book;
        this.section = section;
        this.plan = plan;
        this.st = section.thickness();
        this.sd = section.width();
    }

    void build() {
        Length right = plan.width();
        for (Length y : Spacing.even(plan.far(), plan.near(), sd, plan.apart())) {
            foot(Length.ZERO, st, y, y.plus(sd));
            foot(right.minus(st), right, y, y.plus(sd));
        }
        // The corners have theirs.
        List<Length> along = Spacing.even(Length.ZERO, right, sd, plan.apart());
        for (Length x : along.subList(1, along.size() - 1)) {
            foot(x, x.plus(sd), plan.far(), plan.far().plus(st));
        }
        Length front = plan.far().minus(st);
        Length x0 = st.negated();
        Length x1 = right.plus(st);
        Length thin = MESH_THICKNESS;
        Length near = plan.near();
        // As deep as the apron that begins at its foot, which goes on to the frame of the house.
        Length left = plan.terrain().lowest(x0, x0, front, Length.ZERO);
        Length beside = plan.terrain().lowest(x1, x1, front, Length.ZERO);
        skirt(near.minus(front), x0.minus(thin), x0, front, near, left);
        skirt(near.minus(front), x1, x1.plus(thin), front, near, beside);
        Length before = plan.terrain().lowest(x0, x1, front, front);
        skirt(x1.minus(x0), x0, x1, front.minus(thin), front, before);
    }

    private void foot(Length x0, Length x1, Length y0, Length y1) {
        Length below =
                plan.terrain().below(x0.plus(x1).half(), y0.plus(y1).half()).ceilTo(at.c.step());
        if (below.atLeast(PACKED)) {
            Solid solid = Solid.box(x0, x1, y0, y1, below.negated(), sd);
            book.stick(Role.RUN_FOOT, section, sd.plus(below), solid);
        }
    }

    /** Down to the ground, where it lies lower at all. */
    private void skirt(Length along, Length x0, Length x1, Length y0, Length y1, Length down) {
        if (down.isPositive()) {
            book.mesh(
                    Role.SKIRT,
                    at.needs.proof().elsewhere().value(),
                    down.plus(MESH_LAP).ceilTo(at.c.step()),
                    along,
                    Solid.box(x0, x1, y0, y1, down.negated(), Length.ZERO));
        }
    }
}
