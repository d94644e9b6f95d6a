package reliqua.core.coop.family;

import java.util.ArrayList;
import java.util.List;
import reliqua.core.coop.Axis;
import reliqua.core.coop.Corner;
import reliqua.core.coop.Opening;
import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.measure.Length;

/**
 * Draws up a pen of rigid panels: the frame behind them, the panels, sheets outside the closed end,
 * mesh outside the others and in the band under the roof, the last panel of the front hung as door.
 */
final class PanelBuilder {
    private static final Length THIN = PenMesh.THIN;

    private final PanelLayout at;
    private final PartsBook book;
    private final PenMesh mesh;
    private final Length p;
    private final Length skin;
    private final Length t;
    private final Length w;
    private final Length high;

    PanelBuilder(PanelLayout at, PartsBook book) {
        this.at = at;
        this.book = book;
        this.mesh = new PenMesh(book, at.needs, at.c.step());
        this.p = at.panel.thick();
        this.skin = at.c.skin();
        this.t = at.thick();
        this.w = at.wide();
        this.high = at.panel.height();
    }

    void build() {
        PenFrame frames = new PenFrame(book, at.frame, at.roof, at.c.step());
        frames.along(Length.ZERO, at.roof.frontTop(), at.posts());
        frames.along(at.depth.minus(t), at.roof.backTop(), at.posts());
        frames.end(Length.ZERO, at.uprights());
        frames.end(at.width.minus(t), at.uprights());
        middleRails();
        panels();
        PenRoof roof = new PenRoof(at.roof, at.closed, book, mesh);
        roof.build();
        skins();
        lining();
        band();
        triangles();
        roof.overMesh();
        door();
    }

    /** From the front frame to the back one, between the posts where the closed part ends. */
    void roostRail() {
        Length top = at.roosts().ledgerTop();
        Solid rail =
                Solid.box(at.closed.minus(t), at.closed, t, at.depth.minus(t), top.minus(w), top);
        book.stick(Role.ROOST_LEDGER, at.frame, rail.bounds().depth(), rail);
    }

    /** Behind the upper edge of the panels of the front, which end below its rail. */
    private void middleRails() {
        List<Length> posts = at.posts();
        for (int i = 0; i + 1 < posts.size(); i++) {
            Length x0 = posts.get(i).plus(w);
            Length x1 = posts.get(i + 1);
            book.stick(
                    Role.PEN_RAIL,
                    at.frame,
                    x1.minus(x0),
                    Solid.box(x0, x1, Length.ZERO, t, high.minus(w), high));
        }
    }

    private void panels() {
        for (int n = 0; n < at.columns; n++) {
            Length x0 = at.column(n);
            Length x1 = x0.plus(at.panel.width());
            if (n < at.columns - 1) {
                panel(Solid.box(x0, x1, p.negated(), Length.ZERO, Length.ZERO, high));
            }
            panel(Solid.box(x0, x1, at.depth, at.depth.plus(p), Length.ZERO, high));
        }
        for (int n = 0; n < at.rows; n++) {
            Length y0 = at.row(n);
            Length y1 = y0.plus(at.panel.width());
            panel(Solid.box(p.negated(), Length.ZERO, y0, y1, Length.ZERO, high));
            panel(Solid.box(at.width, at.width.plus(p), y0, y1, Length.ZERO, high));
        }
    }

    private void panel(Solid solid) {
        book.whole(Role.PEN_PANEL, at.panel.find(), List.of(), solid);
    }

    /** Outside the panels of the closed end, each as wide as one. */
    private void skins() {
        Length back = at.roof.rafterBottom(at.depth.plus(p).plus(skin)).min(at.roof.backTop());
        List<Length> seams = new ArrayList<>();
        seams.add(p.negated());
        for (int n = 1; n <= at.closedColumns; n++) {
            seams.add(PanelLayout.closed(at.panel, n));
        }
        for (int i = 0; i + 1 < seams.size(); i++) {
            upright(seams.get(i), seams.get(i + 1), p.plus(skin).negated(), at.roof.frontTop());
            upright(seams.get(i), seams.get(i + 1), at.depth.plus(p), back);
        }
        for (int n = 0; n < at.rows; n++) {
            Length y0 = n == 0 ? p.plus(skin).negated() : at.row(n).minus(PanelLayout.GAP.half());
            boolean last = n == at.rows - 1;
            Length y1 =
                    last
                            ? at.depth.plus(p).plus(skin)
                            : at.row(n + 1).minus(PanelLayout.GAP.half());
            end(y0, y1);
        }
    }

    private void upright(Length x0, Length x1, Length y, Length top) {
        Solid solid = Solid.box(x0, x1, y, y.plus(skin), Length.ZERO, top);
        book.panel(Role.SKIN, skin, x1.minus(x0), top, solid);
    }

    private void end(Length y0, Length y1) {
        List<Corner> profile = under(y0, y1, Length.ZERO);
        book.sloped(
                Role.SKIN,
                skin,
                y1.minus(y0),
                profile.get(3).v().ceilTo(at.c.step()),
                profile.get(2).v().ceilTo(at.c.step()),
                new Solid(Axis.X, profile, List.of(), p.plus(skin).negated(), p.negated()));
    }

    private List<Corner> under(Length y0, Length y1, Length bottom) {
        return List.of(
                new Corner(y0, bottom),
                new Corner(y1, bottom),
                new Corner(y1, at.roof.rafterTop(y1)),
                new Corner(y0, at.roof.rafterTop(y0)));
    }

    /**
     * Panels have gaps for a head or a paw; mesh outside those that no sheet covers closes them.
     */
    private void lining() {
        for (int n = at.closedColumns; n < at.columns; n++) {
            boolean first = n == at.closedColumns;
            Length x0 = first ? at.closed : at.column(n);
            Length x1 = at.column(n).plus(at.panel.width());
            if (n < at.columns - 1) {
                strip(x0, x1, p.negated().minus(THIN));
            }
            strip(x0, x1, at.depth.plus(p));
        }
        for (int n = 0; n < at.rows; n++) {
            Length y0 = at.row(n);
            Length y1 = y0.plus(at.panel.width());
            Length x = at.width.plus(p);
            mesh.strip(
                    high, at.panel.width(), Solid.box(x, x.plus(THIN), y0, y1, Length.ZERO, high));
        }
    }

    private void strip(Length x0, Length x1, Length y) {
        mesh.strip(high, x1.minus(x0), Solid.box(x0, x1, y, y.plus(THIN), Length.ZERO, high));
    }

    /** Over the panels of the front, up to its rail. */
    private void band() {
        Length door = at.column(at.columns - 1);
        Length top = at.roof.frontTop();
        Length overDoor = high.plus(PanelLayout.LIFT).plus(PanelLayout.GAP);
        band(Length.ZERO, door, high, top);
        band(door, at.width, overDoor, top);
        book.opening(
                Opening.inFront(
                        Opening.Kind.WALL_VENT,
                        Length.ZERO,
                        at.width,
                        Length.ZERO,
                        high,
                        top.minus(w),
                        Length.ZERO));
        book.opening(
                Opening.inFront(
                        Opening.Kind.WALL_VENT,
                        at.closed,
                        at.width,
                        at.depth,
                        Length.ZERO,
                        high,
                        Length.ZERO));
    }

    private void band(Length x0, Length x1, Length z0, Length z1) {
        mesh.strip(
                z1.minus(z0), x1.minus(x0), Solid.box(x0, x1, THIN.negated(), Length.ZERO, z0, z1));
    }

    /** Over the panels of both ends, up to the purlins. */
    private void triangles() {
        List<Corner> profile = under(Length.ZERO, at.depth, high);
        Length tall = profile.get(3).v().minus(high);
        for (Length x : List.of(THIN.negated(), at.width)) {
            mesh.strip(tall, at.depth, new Solid(Axis.X, profile, List.of(), x, x.plus(THIN)));
        }
    }

    /** A panel that laps on to the posts on both sides and the rails over and under it. */
    private void door() {
        Length x0 = at.column(at.columns - 1);
        Length x1 = x0.plus(at.panel.width());
        Length z0 = PanelLayout.LIFT;
        Length z1 = z0.plus(high);
        book.whole(
                Role.FOUND_LEAF,
                at.panel.find(),
                List.of(),
                Solid.box(x0, x1, p.negated(), Length.ZERO, z0, z1));
        mesh.strip(
                high,
                at.panel.width(),
                Solid.box(x0, x1, p.negated().minus(THIN), p.negated(), z0, z1));
        book.opening(
                Opening.inFront(
                        Opening.Kind.GATE,
                        at.doorFrom(),
                        at.doorTo(),
                        Length.ZERO,
                        w,
                        high.minus(w),
                        Length.ZERO));
    }
}
