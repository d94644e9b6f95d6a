package reliqua.core.coop.family;

import java.util.List;
import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.measure.Length;
import reliqua.core.measure.Sum;
import reliqua.core.stock.Section;

/**
 * A dry place before the door: the roof goes on over it to a plate on posts of its own, as high as
 * the slope has risen there.
 */
final class PorchBuilder {
    /** Less is an overhang. */
    private static final Length LEAST = Length.mm(600);

    private static final Length MOST = Length.mm(1500);

    private final PoleLayout at;
    private final PartsBook book;
    private final Length out;

    PorchBuilder(PoleLayout at, PartsBook book, Length out) throws Unbuildable {
        this.at = at;
        this.book = book;
        this.out = out;
        Unbuildable.unless(
                out.atLeast(LEAST) && out.atMost(MOST),
                Sum.of("addon.porchDeep", out, LEAST, MOST));
    }

    void build() {
        posts();
        plates();
    }

    /** Before the posts of the front, so that none stands in the way of a door. */
    private void posts() {
        Section post = at.post();
        Length y0 = out.negated().plus(at.girt().thickness());
        Length y1 = y0.plus(post.width());
        Length top = at.roof.rafterBottom(y1).floorTo(at.c.step());
        for (Length x : at.posts()) {
            Length down = at.buried().plus(at.below(x, y0)).negated();
            book.stick(
                    Role.POST,
                    post,
                    top.minus(down),
                    Solid.box(x, x.plus(post.thickness()), y0, y1, down, top));
        }
    }

    private void plates() {
        Length y = out.negated();
        Length top = at.roof.rafterBottom(y);
        List<Length> joints = at.plateJoints();
        for (int i = 0; i + 1 < joints.size(); i++) {
            Length x0 = joints.get(i);
            Length x1 = joints.get(i + 1);
            book.stick(
                    Role.POST_PLATE,
                    at.girt(),
                    x1.minus(x0),
                    Solid.box(
                            x0,
                            x1,
                            y,
                            y.plus(at.girt().thickness()),
                            top.minus(at.girt().width()),
                            top));
        }
    }
}
