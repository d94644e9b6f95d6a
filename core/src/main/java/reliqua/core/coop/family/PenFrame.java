package reliqua.core.coop.family;

import java.util.List;
import reliqua.core.coop.Axis;
import reliqua.core.coop.Corner;
import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.measure.Angle;
import reliqua.core.measure.Length;
import reliqua.core.stock.Section;

/** Rails on edge and posts of a pen whose roof falls to the back. */
record PenFrame(PartsBook book, Section frame, SingleSlope roof, Length step) {
    private Length t() {
        return frame.thickness();
    }

    private Length w() {
        return frame.width();
    }

    /** Two rails along the front or the back, and posts between them. */
    void along(Length y, Length top, List<Length> posts) {
        rail(y, Length.ZERO);
        rail(y, top.minus(w()));
        for (Length x : posts) {
            post(Solid.box(x, x.plus(w()), y, y.plus(t()), w(), top.minus(w())));
        }
    }

    private void rail(Length y, Length z) {
        Length width = roof.width();
        Solid solid = Solid.box(Length.ZERO, width, y, y.plus(t()), z, z.plus(w()));
        book.stick(Role.PEN_RAIL, frame, width, solid);
    }

    private void post(Solid solid) {
        book.stick(Role.PEN_POST, frame, solid.bounds().height(), solid);
    }

    /** A rail between the long frames at an end, and posts under the outermost rafter. */
    void end(Length x, List<Length> uprights) {
        Length y1 = roof.depth().minus(t());
        Solid rail = Solid.box(x, x.plus(t()), t(), y1, Length.ZERO, w());
        book.stick(Role.PEN_RAIL, frame, y1.minus(t()), rail);
        uprights.forEach(y -> upright(x, y));
    }

    /** Cut on the slope under a rafter. */
    private void upright(Length x, Length y) {
        Length front = roof.rafterBottom(y);
        Length back = roof.rafterBottom(y.plus(w()));
        List<Corner> profile =
                List.of(
                        new Corner(y, w()),
                        new Corner(y.plus(w()), w()),
                        new Corner(y.plus(w()), back),
                        new Corner(y, front));
        book.stick(
                Role.PEN_POST,
                frame,
                front.minus(w()).ceilTo(step),
                Angle.ZERO,
                roof.pitch(),
                new Solid(Axis.X, profile, List.of(), x, x.plus(t())));
    }
}
