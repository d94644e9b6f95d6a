package reliqua.core.coop.family;

import java.util.ArrayList;
import java.util.List;
import reliqua.core.coop.Axis;
import reliqua.core.coop.Corner;
import reliqua.core.coop.Opening;
import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.measure.Length;

/** Draws up a low box pen from its lines. */
final class BoxPenBuilder {
    /** Wider than this, mesh between members is pushed in. */
    private static final Length POSTS_APART = Length.mm(600);

    private static final Length MESH = PenMesh.THIN;
    private static final Length DOOR_LAP = Length.mm(15);
    private static final Length DOOR_GAP = Length.mm(5);

    private final BoxPenLayout at;
    private final PartsBook book;
    private final PenMesh mesh;
    private final Length t;
    private final Length w;
    private final Length width;
    private final Length depth;

    BoxPenBuilder(BoxPenLayout at, PartsBook book) {
        this.at = at;
        this.book = book;
        this.mesh = new PenMesh(book, at.needs, at.c.step());
        this.t = at.thick();
        this.w = at.wide();
        this.width = at.width;
        this.depth = at.depth;
    }

    void build() {
        PenFrame frames = new PenFrame(book, at.frame, at.roof, at.c.step());
        frames.along(Length.ZERO, at.height, posts(true));
        frames.along(depth.minus(t), at.backTop(), posts(false));
        List<Length> uprights = Spacing.even(t, depth.minus(t), w, POSTS_APART);
        frames.end(Length.ZERO, uprights);
        frames.end(width.minus(t), uprights);
        PenRoof roof = new PenRoof(at.roof, at.closed, book, mesh);
        roof.build();
        skins();
        sideMesh();
        roof.overMesh();
        door();
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
        mesh.strip(
                at.height,
                end.minus(at.closed),
                Solid.box(at.closed, end, y, Length.ZERO, Length.ZERO, at.height));
        Length back = at.roof.rafterBottom(depth.plus(MESH)).min(at.backTop());
        mesh.strip(
                back,
                width.minus(at.closed),
                Solid.box(at.closed, width, depth, depth.plus(MESH), Length.ZERO, back));
        List<Corner> profile = side(Length.ZERO, depth);
        mesh.strip(
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

    /** It shuts against the outside of posts and rails. */
    private void door() {
        Length x0 = at.doorFrom().minus(DOOR_LAP);
        Length x1 = at.doorTo().plus(DOOR_LAP);
        Length z0 = w.minus(DOOR_LAP);
        Length z1 = at.height.minus(w).plus(DOOR_LAP);
        Length outer = at.c.section(Choices.Group.TRIM).thickness().negated();
        new BracedLeaf(book, at.c.section(Choices.Group.TRIM), at.c.step())
                .build(Role.GATE_FRAME, x0, x1, z0, z1, outer);
        mesh.strip(x1.minus(x0), z1.minus(z0), Solid.box(x0, x1, outer.minus(MESH), outer, z0, z1));
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
}
