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
    private static final Length BEFORE_SLIDE = Length.mm(3);
    private static final Length CLEATS_APART = Length.mm(125);
    private static final Length MESH_LAP = Length.mm(50);
    private static final Length MESH_THICKNESS = Length.mm(1);

    private final ShedLayout at;
    private final PartsBook book;

    GroundBuilder(ShedLayout at, PartsBook book) {
        this.at = at;
        this.book = book;
    }

    /** How far out before the frame the ramp's foot is. */
    static Length rampRun(ShedLayout at) {
        return at.popSill().scaled(1 / RAMP.tan()).plus(at.skin());
    }

    /** A point of the ramp: so far up its upper face, and so far above it, square. */
    private Corner onRamp(Length up, Length above) {
        Length foot = rampRun(at).negated();
        return new Corner(
                foot.plus(up.scaled(RAMP.cos())).minus(above.scaled(RAMP.sin())),
                up.scaled(RAMP.sin()).plus(above.scaled(RAMP.cos())));
    }

    private List<Corner> onRamp(Length from, Length to, Length low, Length high) {
        return List.of(onRamp(from, low), onRamp(to, low), onRamp(to, high), onRamp(from, high));
    }

    void ramp() {
        Length middle = at.pop().from().plus(at.pop().width().half());
        Length x0 = middle.minus(RAMP_WIDTH.half());
        Length x1 = x0.plus(RAMP_WIDTH);
        Length t = at.skin();
        Length tt = at.trim().thickness();
        Length tw = at.trim().width();
        // Its lower edge stands on the ground; its upper one ends just before the slide of the pop
        // door, over a ledger that it rests on.
        Length under = t.plus(tt);
        Length from = under.scaled(1 / RAMP.tan());
        Length reach = rampRun(at).minus(t.times(2)).minus(BEFORE_SLIDE);
        Length to = reach.minus(under.scaled(RAMP.sin())).scaled(1 / RAMP.cos());
        ledger(x0, x1, under);
        book.panel(
                Role.RAMP_BOARD,
                t,
                RAMP_WIDTH,
                to.minus(from).ceilTo(at.c.step()),
                new Solid(Axis.X, onRamp(from, to, t.negated(), Length.ZERO), List.of(), x0, x1));
        for (Length x : List.of(x0, x1.minus(tw))) {
            book.stick(
                    Role.RAMP_RUNNER,
                    at.trim(),
                    to.minus(from).ceilTo(at.c.step()),
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
        boolean onSkids = at.kind.base() == ShedKind.Base.SKIDS;
        if (open && !onSkids && at.runOut().isEmpty()) {
            return;
        }
        Length width = at.d.width();
        Length depth = at.d.depth();
        Length thin = MESH_THICKNESS;
        Length zero = Length.ZERO;
        Length legs = at.d.clear();
        // With a run before it the space below is part of that.
        if (onSkids || at.runOut().isEmpty()) {
            skirt(width, Solid.box(zero, width, thin.negated(), zero, zero, legs));
        }
        skirt(width, Solid.box(zero, width, depth, depth.plus(thin), zero, legs));
        // A run's side frames end at the face of the front, and there the skirts must begin.
        Length begin = at.runOut().isPresent() ? at.skin().negated() : zero;
        Length along = depth.minus(begin);
        skirt(along, Solid.box(thin.negated(), zero, begin, depth, zero, legs));
        skirt(along, Solid.box(width, width.plus(thin), begin, depth, zero, legs));
        if (at.needs.apron() == Practice.Apron.BURIED) {
            buried(width, depth);
            return;
        }
        Length out = Needs.APRON_FLAT;
        Length all0 = out.negated();
        Length all1 = width.plus(out);
        apron(all1.minus(all0), ground(all0, all1, depth, depth.plus(out)));
        if (at.runOut().isPresent()) {
            roundRun(out);
        } else {
            apron(all1.minus(all0), ground(all0, all1, out.negated(), zero));
        }
        apron(depth, ground(all0, zero, zero, depth));
        apron(depth, ground(width, all1, zero, depth));
    }

    /** The run's frames stand beside the house by their own thickness. */
    private void roundRun(Length out) {
        Length left = at.c.section(Choices.Group.RUN).thickness().negated();
        Length right = at.d.width().minus(left);
        Length front = runFront();
        apron(
                right.minus(left).plus(out.times(2)),
                ground(left.minus(out), right.plus(out), front.minus(out), front));
        apron(front.negated(), ground(left.minus(out), left, front, Length.ZERO));
        apron(front.negated(), ground(right, right.plus(out), front, Length.ZERO));
    }

    private Length runFront() {
        Length far = at.skin().plus(at.runOut().orElse(Length.ZERO));
        return far.plus(at.c.section(Choices.Group.RUN).thickness()).negated();
    }

    private void buriedRun() {
        Length thin = MESH_THICKNESS;
        Length left = at.c.section(Choices.Group.RUN).thickness().negated();
        Length right = at.d.width().minus(left);
        Length front = runFront();
        Length down = Needs.APRON_BURIED.negated();
        Length zero = Length.ZERO;
        Length wide = right.minus(left);
        buried(wide, Solid.box(left, right, front.minus(thin), front, down, zero));
        buried(front.negated(), Solid.box(left.minus(thin), left, front, zero, down, zero));
        buried(front.negated(), Solid.box(right, right.plus(thin), front, zero, down, zero));
    }

    /** Flat on the front, its outer edge under the runners. */
    private void ledger(Length x0, Length x1, Length under) {
        Length outer = at.skin().plus(at.trim().width());
        Length slope = rampRun(at).minus(outer).scaled(RAMP.tan());
        Length top = slope.minus(under.scaled(1 / RAMP.cos()));
        book.stick(
                Role.RAMP_LEDGER,
                at.trim(),
                RAMP_WIDTH,
                Solid.box(
                        x0,
                        x1,
                        outer.negated(),
                        at.skin().negated(),
                        top.minus(at.trim().thickness()),
                        top));
    }

    /** Straight down below the skirt, where flat mesh would be in the way. */
    private void buried(Length width, Length depth) {
        Length thin = MESH_THICKNESS;
        Length zero = Length.ZERO;
        Length down = Needs.APRON_BURIED.negated();
        if (at.runOut().isPresent()) {
            buriedRun();
        } else {
            buried(width, Solid.box(zero, width, thin.negated(), zero, down, zero));
        }
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
