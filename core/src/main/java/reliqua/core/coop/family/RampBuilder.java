package reliqua.core.coop.family;

import java.util.List;
import reliqua.core.coop.Axis;
import reliqua.core.coop.Corner;
import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.measure.Angle;
import reliqua.core.measure.Length;
import reliqua.core.measure.UnitSystem;

/** The ramp up to the pop door, with its cleats: its foot on the ground, its head on a ledger. */
final class RampBuilder {
    /** Hens walk 30 degrees gladly; then the board is twice as long as it is high. */
    static final Angle RAMP = new Angle(30);

    private static final Length RAMP_WIDTH = Length.mm(250);
    private static final Length BEFORE_SLIDE = Length.mm(3);
    private static final Length CLEATS_APART = Length.mm(125);

    private final PopHole hole;
    private final PartsBook book;
    private final Length wide;
    private final Length below;

    RampBuilder(PopHole hole, PartsBook book) {
        this(hole, Length.ZERO, book);
    }

    /** {@code below} is how much lower than the house its foot stands, down a slope. */
    RampBuilder(PopHole hole, Length below, PartsBook book) {
        this.hole = hole;
        this.below = below;
        this.book = book;
        this.wide = UnitSystem.ofStep(hole.step()).natural(RAMP_WIDTH);
    }

    /** How far out before the frame the ramp's foot is. */
    static Length run(PopHole hole) {
        return run(hole, Length.ZERO);
    }

    private static Length run(PopHole hole, Length below) {
        return hole.sill().plus(below).scaled(1 / RAMP.tan()).plus(hole.skin());
    }

    private Length run() {
        return run(hole, below);
    }

    /** A point of the ramp: so far up its upper face, and so far above it, square. */
    private Corner onRamp(Length up, Length above) {
        Length foot = run().negated();
        return new Corner(
                foot.plus(up.scaled(RAMP.cos())).minus(above.scaled(RAMP.sin())),
                up.scaled(RAMP.sin()).plus(above.scaled(RAMP.cos())).minus(below));
    }

    private List<Corner> onRamp(Length from, Length to, Length low, Length high) {
        return List.of(onRamp(from, low), onRamp(to, low), onRamp(to, high), onRamp(from, high));
    }

    void build() {
        Length middle = hole.middle();
        Length x0 = middle.minus(wide.half());
        Length x1 = x0.plus(wide);
        Length t = hole.door();
        Length tt = hole.trim().thickness();
        Length tw = hole.trim().width();
        // Its lower edge stands on the ground; its upper one ends just before the slide of the pop
        // door, over a ledger that it rests on.
        Length under = t.plus(tt);
        Length from = under.scaled(1 / RAMP.tan());
        Length reach = run().minus(t.times(2)).minus(BEFORE_SLIDE);
        Length to = reach.minus(under.scaled(RAMP.sin())).scaled(1 / RAMP.cos());
        ledger(x0, x1, under);
        book.panel(
                Role.RAMP_BOARD,
                t,
                wide,
                to.minus(from).ceilTo(hole.step()),
                new Solid(Axis.X, onRamp(from, to, t.negated(), Length.ZERO), List.of(), x0, x1));
        for (Length x : List.of(x0, x1.minus(tw))) {
            book.stick(
                    Role.RAMP_RUNNER,
                    hole.trim(),
                    to.minus(from).ceilTo(hole.step()),
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
                    hole.trim(),
                    wide,
                    new Solid(Axis.X, onRamp(up, up.plus(tw), Length.ZERO, tt), List.of(), x0, x1));
        }
    }

    /** Flat on the front, its outer edge under the runners. */
    private void ledger(Length x0, Length x1, Length under) {
        Length outer = hole.skin().plus(hole.trim().width());
        Length slope = run().minus(outer).scaled(RAMP.tan()).minus(below);
        Length top = slope.minus(under.scaled(1 / RAMP.cos()));
        book.stick(
                Role.RAMP_LEDGER,
                hole.trim(),
                wide,
                Solid.box(
                        x0,
                        x1,
                        outer.negated(),
                        hole.skin().negated(),
                        top.minus(hole.trim().thickness()),
                        top));
    }
}
