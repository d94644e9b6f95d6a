package reliqua.core.coop.family;

import java.util.List;
import reliqua.core.coop.Axis;
import reliqua.core.coop.Corner;
import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.measure.Angle;
import reliqua.core.measure.Length;
import reliqua.core.stock.Section;

/** The frame of a leaf in the plane of the front: two stiles, two rails and a brace. */
public final class BracedLeaf {
    private final PartsBook book;
    private final Section section;
    private final Length step;
    private final Length thick;
    private final Length wide;

    /** Of sticks of one section. */
    public BracedLeaf(PartsBook book, Section section, Length step) {
        this.book = book;
        this.section = section;
        this.step = step;
        this.thick = section.thickness();
        this.wide = section.width();
    }

    /** Between these edges, its outer face at {@code y}; hinged at the right. */
    public void build(Role role, Length x0, Length x1, Length z0, Length z1, Length y) {
        Length inner = y.plus(thick);
        for (Length x : List.of(x0, x1.minus(wide))) {
            book.stick(role, section, z1.minus(z0), Solid.box(x, x.plus(wide), y, inner, z0, z1));
        }
        for (Length z : List.of(z0, z1.minus(wide))) {
            book.stick(
                    role,
                    section,
                    x1.minus(x0).minus(wide.times(2)),
                    Solid.box(x0.plus(wide), x1.minus(wide), y, inner, z, z.plus(wide)));
        }
        brace(role, x0.plus(wide), x1.minus(wide), z0.plus(wide), z1.minus(wide), y);
    }

    /**
     * From the lower hinge corner (right) to the upper latch corner (left), so that it is pressed
     * and holds the leaf square. Its ends are cut to the corner: along the stile and along the
     * rail.
     */
    private void brace(Role role, Length x0, Length x1, Length z0, Length z1, Length y) {
        Length across = x1.minus(x0);
        Length up = z1.minus(z0);
        double diagonal = Math.hypot(across.nm(), up.nm());
        Length alongRail =
                new Length(Math.round(wide.half().nm() * diagonal / up.nm())).min(across.half());
        Length alongStile =
                new Length(Math.round(wide.half().nm() * diagonal / across.nm())).min(up.half());
        List<Corner> profile =
                List.of(
                        new Corner(x1, z0),
                        new Corner(x1, z0.plus(alongStile)),
                        new Corner(x0.plus(alongRail), z1),
                        new Corner(x0, z1),
                        new Corner(x0, z1.minus(alongStile)),
                        new Corner(x1.minus(alongRail), z0));
        Angle angle = Angle.ofSlope(up, across);
        book.stick(
                role,
                section,
                new Length(Math.round(diagonal)).ceilTo(step),
                angle,
                angle,
                new Solid(Axis.Y, profile, List.of(), y, y.plus(thick)));
    }
}
