package reliqua.core.coop.family;

import java.util.List;
import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.measure.Length;
import reliqua.core.measure.Sum;
import reliqua.core.measure.UnitSystem;
import reliqua.core.stock.Section;

/**
 * A landing before the pop door, where birds stand and look before they walk down the ramp, which
 * begins at its edge. It hangs on the front on one side and stands on two posts on the other.
 */
final class BalconyBuilder {
    static final Length DEEP = Length.mm(400);

    /** Lower ones are a doorstep. */
    private static final Length LOWEST = Length.mm(250);

    /** The slide comes down to its edge without touching it. */
    private static final Length UNDER_SLIDE = Length.mm(3);

    private final ShedLayout at;
    private final PopHole hole;
    private final PartsBook book;
    private final Section bearer;
    private final Section post;
    private final Length deep;
    private final Length top;

    BalconyBuilder(ShedLayout at, Section bearer, PartsBook book) throws Unbuildable {
        this.at = at;
        this.hole = at.popHole();
        this.book = book;
        this.bearer = bearer;
        this.post = at.wall();
        this.deep = deep(hole);
        this.top = top(hole);
        Length under = top.minus(hole.door()).minus(bearer.width());
        Unbuildable.unless(
                top.atLeast(LOWEST) && under.atLeast(post.width()),
                Sum.of("addon.balconyLow", hole.sill()));
    }

    private static Length deep(PopHole hole) {
        return UnitSystem.ofStep(hole.step()).natural(DEEP);
    }

    private static Length top(PopHole hole) {
        return hole.sill().minus(PopHole.SLIDE).minus(UNDER_SLIDE);
    }

    /** How far out before the frame the ramp's foot is. */
    static Length run(PopHole hole) {
        return hole.skin().plus(deep(hole)).plus(RampBuilder.run(ramp(hole)));
    }

    /** The edge that the ramp leads up to. */
    private static PopHole ramp(PopHole hole) {
        return new PopHole(
                hole.from(),
                hole.to(),
                top(hole),
                hole.top(),
                hole.most(),
                hole.opens(),
                Length.ZERO,
                hole.door(),
                hole.trim(),
                hole.step());
    }

    void build() {
        Length beside = PopHole.SLIDE.plus(hole.trim().width());
        Length x0 = hole.from().minus(beside);
        Length x1 = hole.to().plus(beside);
        Length near = hole.skin().negated();
        Length far = near.minus(deep);
        Length under = top.minus(hole.door());
        book.panel(
                Role.BALCONY_DECK,
                hole.door(),
                x1.minus(x0),
                deep,
                Solid.box(x0, x1, far, near, under, top));
        Length low = under.minus(bearer.width());
        Length t = bearer.thickness();
        for (Length y : List.of(far, near.minus(t))) {
            Solid solid = Solid.box(x0, x1, y, y.plus(t), low, under);
            book.stick(Role.BALCONY_BEARER, bearer, x1.minus(x0), solid);
        }
        for (Length x : List.of(x0, x1.minus(post.width()))) {
            Length foot = at.below(x.plus(post.width().half()), far).negated();
            book.stick(
                    Role.BALCONY_POST,
                    post,
                    low.minus(foot),
                    Solid.box(x, x.plus(post.width()), far, far.plus(post.thickness()), foot, low));
        }
        Length below = at.below(hole.middle(), run(hole).negated());
        new RampBuilder(ramp(hole), below, book.from(false, far)).build();
    }
}
