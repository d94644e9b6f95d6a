package reliqua.core.coop.family;

import java.util.List;
import reliqua.core.coop.Axis;
import reliqua.core.coop.Corner;
import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.flock.Needs;
import reliqua.core.flock.Practice;
import reliqua.core.flock.Proof;
import reliqua.core.measure.Angle;
import reliqua.core.measure.Length;

/**
 * The ramp with its cleats, and where asked for the mesh round the space below with its apron on
 * the ground.
 */
final class GroundBuilder {
    /** Hens walk 30 degrees gladly; then the board is twice as long as it is high. */
    static final Angle RAMP = new Angle(30);

    private static final Length RAMP_WIDTH = Length.mm(250);
    private static final Length CLEATS_APART = Length.mm(125);
    private static final Length MESH_LAP = Length.mm(50);
    private static final Length MESH_THICKNESS = Length.mm(1);

    private final ShedLayout at;
    private final PartsBook book;

    GroundBuilder(ShedLayout at, PartsBook book) {
        this.at = at;
        this.book = book;
    }

    /** A point of the ramp: so far up its upper face, and so far above it, square. */
    private Corner onRamp(Length up, Length above) {
        Length foot = at.popSill().scaled(1 / RAMP.tan()).plus(at.skin()).negated();
        return new Corner(
                foot.plus(up.scaled(RAMP.cos())).minus(above.scaled(RAMP.sin())),
                up.scaled(RAMP.sin()).plus(above.scaled(RAMP.cos())));
    }

    private List<Corner> onRamp(Length from, Length to, Length low, Length high) {
        return List.of(onRamp(from, low), onRamp(to, low), onRamp(to, high), onRamp(from, high));
    }

    void ramp() {
        Length length = at.popSill().times(2).floorTo(at.c.step());
        Length middle = at.pop().from().plus(at.pop().width().half());
        Length x0 = middle.minus(RAMP_WIDTH.half());
        Length x1 = x0.plus(RAMP_WIDTH);
        Length t = at.skin();
        Length tt = at.trim().thickness();
        Length tw = at.trim().width();
        Length clear =
                at.c.step().max(Length.mm(1)).plus(tt.plus(t).scaled(RAMP.tan() + 1 / RAMP.tan()));
        Length from = clear.min(length.half());
        // The board ends short of the sill by its own bevels, so that it neither digs in nor
        // touches the slide.
        Length to = length.minus(clear);
        book.panel(
                Role.RAMP_BOARD,
                t,
                RAMP_WIDTH,
                to.minus(from).floorTo(at.c.step()),
                new Solid(Axis.X, onRamp(from, to, t.negated(), Length.ZERO), List.of(), x0, x1));
        for (Length x : List.of(x0, x1.minus(tw))) {
            book.stick(
                    Role.RAMP_RUNNER,
                    at.trim(),
                    to.minus(from).floorTo(at.c.step()),
                    new Solid(
                            Axis.X,
                            onRamp(from, to, t.plus(tt).negated(), t.negated()),
                            List.of(),
                            x,
                            x.plus(tw)));
        }
        for (Length up = from.plus(CLEATS_APART);
                up.plus(tw).atMost(to);
                up = up.plus(CLEATS_APART)) {
            book.stick(
                    Role.RAMP_CLEAT,
                    at.trim(),
                    RAMP_WIDTH,
                    new Solid(Axis.X, onRamp(up, up.plus(tw), Length.ZERO, tt), List.of(), x0, x1));
        }
    }

    void underside() {
        // Between skids there is just room for rats, so it is always closed.
        boolean open = at.c.underside() == Practice.Underside.OPEN;
        if (open && at.kind.base() != ShedKind.Base.SKIDS) {
            return;
        }
        Length width = at.d.width();
        Length depth = at.d.depth();
        Length thin = MESH_THICKNESS;
        Length zero = Length.ZERO;
        Length legs = at.d.clear();
        skirt(width, Solid.box(zero, width, thin.negated(), zero, zero, legs));
        skirt(width, Solid.box(zero, width, depth, depth.plus(thin), zero, legs));
        skirt(depth, Solid.box(thin.negated(), zero, zero, depth, zero, legs));
        skirt(depth, Solid.box(width, width.plus(thin), zero, depth, zero, legs));
        if (at.needs.apron() == Practice.Apron.BURIED) {
            buried(width, depth);
            return;
        }
        Length out = Needs.APRON_FLAT;
        Length all0 = out.negated();
        Length all1 = width.plus(out);
        apron(all1.minus(all0), ground(all0, all1, out.negated(), zero));
        apron(all1.minus(all0), ground(all0, all1, depth, depth.plus(out)));
        apron(depth, ground(all0, zero, zero, depth));
        apron(depth, ground(width, all1, zero, depth));
    }

    /** Straight down below the skirt, where flat mesh would be in the way. */
    private void buried(Length width, Length depth) {
        Length thin = MESH_THICKNESS;
        Length zero = Length.ZERO;
        Length down = Needs.APRON_BURIED.negated();
        buried(width, Solid.box(zero, width, thin.negated(), zero, down, zero));
        buried(width, Solid.box(zero, width, depth, depth.plus(thin), down, zero));
        buried(depth, Solid.box(thin.negated(), zero, zero, depth, down, zero));
        buried(depth, Solid.box(width, width.plus(thin), zero, depth, down, zero));
    }

    private void buried(Length length, Solid solid) {
        book.mesh(Role.APRON, Proof.USUAL_ELSEWHERE, Needs.APRON_BURIED, length, solid);
    }

    /** Round the space below the mesh may be as wide as the animals about allow. */
    private Length aperture() {
        return at.needs.proof().elsewhere().value();
    }

    private static Solid ground(Length x0, Length x1, Length y0, Length y1) {
        return Solid.box(x0, x1, y0, y1, MESH_THICKNESS.negated(), Length.ZERO);
    }

    private void skirt(Length length, Solid solid) {
        book.mesh(Role.SKIRT, aperture(), at.d.clear().plus(MESH_LAP), length, solid);
    }

    /** Diggers are as large as foxes: nothing on the ground needs finer mesh than they do. */
    private void apron(Length length, Solid solid) {
        book.mesh(Role.APRON, Proof.USUAL_ELSEWHERE, Needs.APRON_FLAT, length, solid);
    }
}
