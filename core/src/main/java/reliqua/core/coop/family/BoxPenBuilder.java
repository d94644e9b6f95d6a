package reliqua.core.coop.family;

import java.util.ArrayList;
import java.util.List;
import reliqua.core.coop.Axis;
import reliqua.core.coop.Corner;
import reliqua.core.coop.Opening;
import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.measure.Angle;
import reliqua.core.measure.Length;

/** Draws up a low box pen from its lines. */
final class BoxPenBuilder {
    /** Wider than this, mesh between members is pushed in. */
    private static final Length POSTS_APART = Length.mm(600);

    private static final Length MESH = Length.mm(1);
    private static final Length MESH_LAP = Length.mm(25);
    private static final Length STRIP = Length.mm(860);
    private static final Length DOOR_LAP = Length.mm(15);
    private static final Length DOOR_GAP = Length.mm(5);

    private final BoxPenLayout at;
    private final PartsBook book;
    private final Length t;
    private final Length w;
    private final Length width;
    private final Length depth;

    BoxPenBuilder(BoxPenLayout at, PartsBook book) {
        this.at = at;
        this.book = book;
        this.t = at.thick();
        this.w = at.wide();
        this.width = at.width;
        this.depth = at.depth;
    }

    void build() {
        longFrame(Length.ZERO, at.height, true);
        longFrame(depth.minus(t), at.backTop(), false);
        ends();
        RoofBuilder roof = new RoofBuilder(at.roof, book);
        roof.rafters();
        roof.purlins();
        RoofBuilder overClosed = new RoofBuilder(roofed(), book);
        overClosed.roofing();
        roof.vents();
        skins();
        sideMesh();
        overMesh();
        door();
    }

    /** The closed part alone, under the same slope. */
    private SingleSlope roofed() {
        SingleSlope all = at.roof;
        return new SingleSlope(
                at.closed,
                all.depth(),
                all.overhang(),
                all.frontTop(),
                all.backTop(),
                all.seat(),
                all.cladding(),
                all.floor(),
                all.needs(),
                all.choices());
    }

    /** A long frame: two rails on edge, posts between, one on each side of seam and door. */
    private void longFrame(Length y, Length top, boolean front) {
        for (Length z : List.of(Length.ZERO, top.minus(w))) {
            book.stick(
                    Role.PEN_RAIL,
                    at.frame,
                    width,
                    Solid.box(Length.ZERO, width, y, y.plus(t), z, z.plus(w)));
        }
        for (Length x : posts(front)) {
            post(Solid.box(x, x.plus(w), y, y.plus(t), w, top.minus(w)));
        }
    }

    private List<Length> posts(boolean front) {
        List<Length> posts = new ArrayList<>(Spacing.even(Length.ZERO, at.closed, w, POSTS_APART));
        Length end = front ? at.doorFrom() : width;
        List<Length> open = Spacing.even(at.closed.minus(w), end, w, POSTS_APART);
        posts.addAll(open.subList(1, open.size()));
        if (front) {
            posts.add(at.doorTo());
        }
        return posts;
    }

    private void post(Solid solid) {
        Length length = solid.bounds().height();
        book.stick(Role.PEN_POST, at.frame, length, solid);
    }

    /** Rails between the long frames at both ends, below and under the outermost rafters. */
    private void ends() {
        Length across = depth.minus(t.times(2));
        for (Length x : List.of(Length.ZERO, width.minus(t))) {
            book.stick(
                    Role.PEN_RAIL,
                    at.frame,
                    across,
                    Solid.box(x, x.plus(t), t, depth.minus(t), Length.ZERO, w));
            for (Length y : Spacing.even(t, depth.minus(t), w, POSTS_APART)) {
                upright(x, y);
            }
        }
    }

    /** Cut on the slope under a rafter. */
    private void upright(Length x, Length y) {
        Length front = at.roof.rafterBottom(y);
        Length back = at.roof.rafterBottom(y.plus(w));
        List<Corner> profile =
                List.of(
                        new Corner(y, w),
                        new Corner(y.plus(w), w),
                        new Corner(y.plus(w), back),
                        new Corner(y, front));
        book.stick(
                Role.PEN_POST,
                at.frame,
                front.minus(w).ceilTo(at.c.step()),
                Angle.ZERO,
                at.roof.pitch(),
                new Solid(Axis.X, profile, List.of(), x, x.plus(t)));
    }

    private void skins() {
        Length skin = at.c.skin();
        panel(
                at.closed,
                at.height,
                Solid.box(
                        Length.ZERO,
                        at.closed,
                        skin.negated(),
                        Length.ZERO,
                        Length.ZERO,
                        at.height));
        Length back = at.roof.rafterBottom(depth.plus(skin)).min(at.backTop());
        panel(
                at.closed,
                back,
                Solid.box(Length.ZERO, at.closed, depth, depth.plus(skin), Length.ZERO, back));
        Length y0 = skin.negated();
        Length y1 = depth.plus(skin);
        List<Corner> profile = side(y0, y1);
        book.sloped(
                Role.SKIN,
                skin,
                y1.minus(y0),
                profile.get(3).v().ceilTo(at.c.step()),
                profile.get(2).v().ceilTo(at.c.step()),
                new Solid(Axis.X, profile, List.of(), skin.negated(), Length.ZERO));
    }

    private List<Corner> side(Length y0, Length y1) {
        return List.of(
                new Corner(y0, Length.ZERO),
                new Corner(y1, Length.ZERO),
                new Corner(y1, at.roof.rafterTop(y1)),
                new Corner(y0, at.roof.rafterTop(y0)));
    }

    private void panel(Length wide, Length high, Solid solid) {
        book.panel(Role.SKIN, at.c.skin(), wide, high, solid);
    }

    private void sideMesh() {
        Length y = MESH.negated();
        Length end = at.doorFrom().minus(DOOR_LAP).minus(DOOR_GAP);
        mesh(
                at.height,
                end.minus(at.closed),
                Solid.box(at.closed, end, y, Length.ZERO, Length.ZERO, at.height));
        Length back = at.roof.rafterBottom(depth.plus(MESH)).min(at.backTop());
        mesh(
                back,
                width.minus(at.closed),
                Solid.box(at.closed, width, depth, depth.plus(MESH), Length.ZERO, back));
        List<Corner> profile = side(Length.ZERO, depth);
        mesh(
                profile.get(3).v(),
                depth,
                new Solid(Axis.X, profile, List.of(), width, width.plus(MESH)));
        book.opening(
                Opening.inFront(
                        Opening.Kind.WALL_VENT,
                        at.closed,
                        width,
                        depth,
                        Length.ZERO,
                        at.backTop(),
                        Length.ZERO));
    }

    /** On the purlins of the open part, in strips across it. */
    private void overMesh() {
        Length from = at.closed.plus(new RoofBuilder(roofed(), book).side());
        Length to = width;
        Length low = at.c.section(Choices.Group.PURLINS).thickness();
        int strips = (int) Math.max(1, Math.ceilDiv(to.minus(from).nm(), STRIP.nm()));
        Length head = at.roof.overhang().negated();
        Length tail = depth.plus(at.roof.overhang());
        List<Corner> profile =
                List.of(
                        at.roof.onRoof(head, low),
                        at.roof.onRoof(tail, low),
                        at.roof.onRoof(tail, low.plus(MESH)),
                        at.roof.onRoof(head, low.plus(MESH)));
        Length slope = tail.minus(head).scaled(1 / at.roof.pitch().cos());
        for (int n = 0; n < strips; n++) {
            Length x0 = from.plus(to.minus(from).times(n).dividedBy(strips));
            Length x1 = from.plus(to.minus(from).times(n + 1L).dividedBy(strips));
            mesh(x1.minus(x0), slope, new Solid(Axis.X, profile, List.of(), x0, x1));
        }
    }

    /** It shuts against the outside of posts and rails. */
    private void door() {
        Length x0 = at.doorFrom().minus(DOOR_LAP);
        Length x1 = at.doorTo().plus(DOOR_LAP);
        Length z0 = w.minus(DOOR_LAP);
        Length z1 = at.height.minus(w).plus(DOOR_LAP);
        Length outer = at.c.section(Choices.Group.TRIM).thickness().negated();
        new BracedLeaf(book, at.c.section(Choices.Group.TRIM), at.c.step())
                .build(Role.GATE_FRAME, x0, x1, z0, z1, outer);
        mesh(x1.minus(x0), z1.minus(z0), Solid.box(x0, x1, outer.minus(MESH), outer, z0, z1));
        book.opening(
                Opening.inFront(
                        Opening.Kind.GATE,
                        at.doorFrom(),
                        at.doorTo(),
                        Length.ZERO,
                        w,
                        at.height.minus(w),
                        Length.ZERO));
    }

    private void mesh(Length across, Length along, Solid solid) {
        Length turned = MESH_LAP.times(2);
        book.mesh(
                Role.RUN_MESH,
                at.needs.meshAperture(),
                across.plus(turned).ceilTo(at.c.step()),
                along.plus(turned).ceilTo(at.c.step()),
                solid);
    }
}
