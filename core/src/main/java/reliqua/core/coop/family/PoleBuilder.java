package reliqua.core.coop.family;

import java.util.ArrayList;
import java.util.List;
import reliqua.core.coop.Axis;
import reliqua.core.coop.Corner;
import reliqua.core.coop.Opening;
import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.flock.Needs;
import reliqua.core.flock.Proof;
import reliqua.core.measure.Angle;
import reliqua.core.measure.Length;
import reliqua.core.stock.Section;

/** Draws up posts, plates, girts, boards, doors and skirt of a pole house. */
final class PoleBuilder {
    private static final Length MESH = Length.mm(1);
    private static final Length MESH_LAP = Length.mm(25);

    private final PoleLayout at;
    private final PartsBook book;
    private final Section girt;
    private final Section post;
    private final Section board;
    private final Length st;
    private final Length t;
    private final Length rim = ShedLayout.DOOR_STOP;

    PoleBuilder(PoleLayout at, PartsBook book) {
        this.at = at;
        this.book = book;
        this.girt = at.girt();
        this.post = at.post();
        this.board = at.board();
        this.st = girt.thickness();
        this.t = board.thickness();
    }

    void build() {
        posts();
        plates();
        girts();
        jambs();
        frontBoards();
        plainBoards(at.depth, at.roof.rafterBottom(at.depth.plus(t)).min(at.roof.backTop()));
        sideBoards();
        doors();
        skirt();
    }

    private void posts() {
        Length front = at.roof.rafterBottom(st.plus(post.width()));
        Length back = at.roof.backTop();
        Length behind = at.depth.minus(st).minus(post.width());
        for (Length x : at.posts()) {
            post(x, st, front.floorTo(at.c.step()));
            post(x, behind, back);
        }
    }

    private void post(Length x, Length y, Length top) {
        Length down = at.buried().negated();
        book.stick(
                Role.POST,
                post,
                top.minus(down),
                Solid.box(x, x.plus(post.thickness()), y, y.plus(post.width()), down, top));
    }

    /** On edge, bolted to the outside of the posts; joints lie on posts. */
    private void plates() {
        for (boolean front : List.of(true, false)) {
            Length y = front ? Length.ZERO : at.depth.minus(st);
            Length top = front ? at.roof.frontTop() : at.roof.backTop();
            List<Length> joints = joints();
            for (int i = 0; i + 1 < joints.size(); i++) {
                Length x0 = joints.get(i);
                Length x1 = joints.get(i + 1);
                Length low = top.minus(girt.width());
                book.stick(
                        Role.POST_PLATE,
                        girt,
                        x1.minus(x0),
                        Solid.box(x0, x1, y, y.plus(st), low, top));
            }
        }
    }

    /** Ends of the house, and the middles of the posts between. */
    private List<Length> joints() {
        List<Length> joints = new ArrayList<>();
        joints.add(Length.ZERO);
        List<Length> posts = at.posts();
        posts.subList(1, posts.size() - 1)
                .forEach(x -> joints.add(x.plus(post.thickness().half())));
        joints.add(at.width);
        return joints;
    }

    private void girts() {
        for (Length z : List.of(PoleLayout.OFF_GROUND, at.middleGirt())) {
            boolean low = z.equals(PoleLayout.OFF_GROUND);
            List<Length> joints = joints();
            for (int i = 0; i + 1 < joints.size(); i++) {
                Length x0 = joints.get(i);
                Length x1 = joints.get(i + 1);
                girt(x0, x1, at.depth.minus(st), z);
                // The lower one is the threshold of the door; the upper one stops beside it.
                girt(x0, low ? x1 : x1.min(at.doorFrom().minus(girt.width())), Length.ZERO, z);
                if (!low) {
                    girt(x0.max(at.doorTo()), x1, Length.ZERO, z);
                }
            }
            for (Length x : List.of(Length.ZERO, at.width.minus(st))) {
                book.stick(
                        Role.GIRT,
                        girt,
                        at.depth.minus(st.times(2)),
                        Solid.box(x, x.plus(st), st, at.depth.minus(st), z, z.plus(girt.width())));
            }
        }
    }

    private void girt(Length x0, Length x1, Length y, Length z) {
        if (x1.compareTo(x0) > 0) {
            book.stick(
                    Role.GIRT,
                    girt,
                    x1.minus(x0),
                    Solid.box(x0, x1, y, y.plus(st), z, z.plus(girt.width())));
        }
    }

    /** Beside the door up to the plate, and round the pop door between the girts. */
    private void jambs() {
        Length low = at.lowGirtTop();
        upright(at.doorFrom().minus(girt.width()), low, at.doorTop());
        for (Length x : List.of(at.popFrom().minus(girt.width()), at.popTo())) {
            upright(x, low, at.middleGirt());
        }
        if (at.popSill().compareTo(low.plus(st)) >= 0) {
            cross(at.popSill().minus(st));
        }
        cross(at.popTop());
    }

    private void upright(Length x, Length z0, Length z1) {
        book.stick(
                Role.PEN_POST,
                girt,
                z1.minus(z0),
                Solid.box(x, x.plus(girt.width()), Length.ZERO, st, z0, z1));
    }

    /** Flat, between the jambs of the pop door. */
    private void cross(Length z) {
        Length wide = at.popTo().minus(at.popFrom());
        book.stick(
                Role.HEADER,
                girt,
                wide,
                Solid.box(at.popFrom(), at.popTo(), Length.ZERO, girt.width(), z, z.plus(st)));
    }

    private void frontBoards() {
        Length low = PoleLayout.BOARDS_FROM;
        Length top = at.roof.frontTop();
        upright(Length.ZERO, at.popFrom(), low, top, t.negated());
        upright(at.popFrom(), at.popTo(), low, at.popSill(), t.negated());
        upright(at.popFrom(), at.popTo(), at.popTop(), top, t.negated());
        upright(at.popTo(), at.doorFrom().minus(rim), low, top, t.negated());
        Length right = at.doorTo().plus(rim);
        upright(right, at.width, low, top, t.negated());
        Length under = at.doorBottom().minus(rim);
        upright(at.doorFrom().minus(rim), right, low, under, t.negated());
        upright(at.doorFrom().minus(rim), right, at.doorTop().plus(rim), top, t.negated());
    }

    private void plainBoards(Length y, Length top) {
        upright(Length.ZERO, at.width, PoleLayout.BOARDS_FROM, top, y);
    }

    private void upright(Length x0, Length x1, Length z0, Length z1, Length y) {
        for (BoardRow.Board row : BoardRow.of(x0, x1, board.width())) {
            book.stick(
                    Role.BOARD,
                    Section.of(t, row.width()),
                    z1.minus(z0),
                    Solid.box(row.from(), row.to(), y, y.plus(t), z0, z1));
        }
    }

    /** Up to the roof, cut on its slope, from outside the boards of the front to those behind. */
    private void sideBoards() {
        Length low = PoleLayout.BOARDS_FROM;
        for (Length x : List.of(t.negated(), at.width)) {
            for (BoardRow.Board row : BoardRow.of(t.negated(), at.depth.plus(t), board.width())) {
                Length high = at.roof.rafterTop(row.from());
                List<Corner> profile =
                        List.of(
                                new Corner(row.from(), low),
                                new Corner(row.to(), low),
                                new Corner(row.to(), at.roof.rafterTop(row.to())),
                                new Corner(row.from(), high));
                book.stick(
                        Role.BOARD,
                        Section.of(t, row.width()),
                        high.minus(low).ceilTo(at.c.step()),
                        Angle.ZERO,
                        at.roof.pitch(),
                        new Solid(Axis.X, profile, List.of(), x, x.plus(t)));
            }
        }
    }

    private void doors() {
        new PopDoorBuilder(at.popHole(), book).build();
        book.opening(
                Opening.inFront(
                        Opening.Kind.POP_DOOR,
                        at.popFrom(),
                        at.popTo(),
                        Length.ZERO,
                        at.popSill(),
                        at.popTop(),
                        Length.ZERO));
        Length inset = rim.minus(ShedLayout.DOOR_GAP);
        Length x0 = at.doorFrom().minus(inset);
        Length x1 = at.doorTo().plus(inset);
        Length z0 = at.doorBottom().minus(inset);
        Length z1 = at.doorTop().plus(inset);
        for (BoardRow.Board row : BoardRow.of(x0, x1, board.width())) {
            book.stick(
                    Role.LEAF_BOARD,
                    Section.of(t, row.width()),
                    z1.minus(z0),
                    Solid.box(row.from(), row.to(), t.negated(), Length.ZERO, z0, z1));
        }
        Section trim = at.c.section(Choices.Group.TRIM);
        Length face = t.plus(trim.thickness()).negated();
        new BracedLeaf(book, trim, at.c.step()).build(Role.DOOR_FRAME, x0, x1, z0, z1, face);
        book.opening(
                Opening.inFront(
                        Opening.Kind.CLEAN_OUT_DOOR,
                        at.doorFrom(),
                        at.doorTo(),
                        Length.ZERO,
                        at.doorBottom(),
                        at.doorTop(),
                        Length.ZERO));
    }

    /** In a trench between and before the posts, up to the boards. */
    private void skirt() {
        Length zero = Length.ZERO;
        Length w = at.width;
        Length d = at.depth;
        skirt(w, Solid.box(zero, w, MESH.negated(), zero, low(), PoleLayout.BOARDS_FROM));
        skirt(w, Solid.box(zero, w, d, d.plus(MESH), low(), PoleLayout.BOARDS_FROM));
        skirt(d, Solid.box(MESH.negated(), zero, zero, d, low(), PoleLayout.BOARDS_FROM));
        skirt(d, Solid.box(w, w.plus(MESH), zero, d, low(), PoleLayout.BOARDS_FROM));
    }

    private static Length low() {
        return Needs.APRON_BURIED.negated();
    }

    private void skirt(Length along, Solid solid) {
        Length across = solid.bounds().height().plus(MESH_LAP);
        book.mesh(
                Role.BURIED_SKIRT,
                at.needs.meshAperture().min(Proof.USUAL_ELSEWHERE),
                across.ceilTo(at.c.step()),
                along.ceilTo(at.c.step()),
                solid);
    }
}
