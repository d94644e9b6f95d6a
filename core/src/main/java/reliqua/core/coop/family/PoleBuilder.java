package reliqua.core.coop.family;

import java.util.List;
import java.util.Optional;
import reliqua.core.coop.Opening;
import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.flock.Proof;
import reliqua.core.measure.Length;
import reliqua.core.stock.Section;

/** Draws up posts, plates, girts, boards, doors and skirt of a pole house. */
final class PoleBuilder {
    static final Length MESH = Length.mm(1);

    /** A stub of a girt shorter than this is left on the next one. */
    private static final Length STUB = Length.mm(300);

    private static final Length MESH_LAP = Length.mm(25);

    /** So much less than the litter does no harm. */
    private static final Length SHALLOW = Length.mm(20);

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

    void build() throws Unbuildable {
        posts();
        plates();
        girts();
        at.pens().forEach(this::jambs);
        at.pens().forEach(this::frontBoards);
        plainBoards(at.depth, at.roof.rafterBottom(at.depth.plus(t)).min(at.roof.backTop()));
        sides();
        for (PoleLayout.Pen pen : at.pens()) {
            doors(pen);
        }
        skirt();
        if (at.porch.isPresent()) {
            new PorchBuilder(at, book, at.porch.get()).build();
        }
        at.penWall().ifPresent(x -> new PenWall(at, x, book).build());
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
        Length down = at.buried().plus(at.below(x, y)).negated();
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
            List<Length> joints = at.plateJoints();
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

    private void girts() {
        for (Length z : List.of(PoleLayout.OFF_GROUND, at.middleGirt())) {
            boolean low = z.equals(PoleLayout.OFF_GROUND);
            row(Length.ZERO, at.width, at.depth.minus(st), z);
            // The lower one is the threshold of the doors; the upper one stops beside them.
            Length from = Length.ZERO;
            for (PoleLayout.Pen pen : low ? List.<PoleLayout.Pen>of() : at.pens()) {
                row(from, pen.doorFrom().minus(girt.width()), Length.ZERO, z);
                from = pen.doorTo();
            }
            row(from, at.width, Length.ZERO, z);
            for (Length x : List.of(Length.ZERO, at.width.minus(st))) {
                book.stick(
                        Role.GIRT,
                        girt,
                        at.depth.minus(st.times(2)),
                        Solid.box(x, x.plus(st), st, at.depth.minus(st), z, z.plus(girt.width())));
            }
        }
    }

    /** Parted at the joints on posts, unless that would leave a stub. */
    private void row(Length from, Length to, Length y, Length z) {
        Length x0 = from;
        for (Length joint : at.plateJoints()) {
            if (joint.minus(x0).compareTo(STUB) >= 0 && to.minus(joint).compareTo(STUB) >= 0) {
                girt(x0, joint, y, z);
                x0 = joint;
            }
        }
        girt(x0, to, y, z);
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
    private void jambs(PoleLayout.Pen pen) {
        Length low = at.lowGirtTop();
        upright(pen.doorFrom().minus(girt.width()), low, at.doorTop());
        for (Length x : List.of(pen.popFrom().minus(girt.width()), at.popTo(pen))) {
            upright(x, low, at.middleGirt());
        }
        if (at.popSill().compareTo(low.plus(st)) >= 0) {
            cross(pen, at.popSill().minus(st));
        }
        cross(pen, at.popTop());
    }

    private void upright(Length x, Length z0, Length z1) {
        book.stick(
                Role.PEN_POST,
                girt,
                z1.minus(z0),
                Solid.box(x, x.plus(girt.width()), Length.ZERO, st, z0, z1));
    }

    /** Flat, between the jambs of the pop door. */
    private void cross(PoleLayout.Pen pen, Length z) {
        Length from = pen.popFrom();
        Length to = at.popTo(pen);
        book.stick(
                Role.HEADER,
                girt,
                to.minus(from),
                Solid.box(from, to, Length.ZERO, girt.width(), z, z.plus(st)));
    }

    private void frontBoards(PoleLayout.Pen pen) {
        Length low = PoleLayout.BOARDS_FROM;
        Length top = at.roof.frontTop();
        Length popTo = at.popTo(pen);
        upright(pen.from(), pen.popFrom(), low, top, t.negated());
        upright(pen.popFrom(), popTo, low, at.popSill(), t.negated());
        upright(pen.popFrom(), popTo, at.popTop(), top, t.negated());
        Length left = pen.doorFrom().minus(rim);
        Length right = pen.doorTo().plus(rim);
        upright(popTo, left, low, top, t.negated());
        upright(right, pen.to(), low, top, t.negated());
        upright(left, right, low, at.doorBottom().minus(rim), t.negated());
        upright(left, right, at.doorTop().plus(rim), top, t.negated());
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

    /** From outside the boards of the front to those behind. */
    private void sides() throws Unbuildable {
        sideBoards(t.negated());
        if (at.tubFlap()) {
            TubFlap flap = new TubFlap(at, book);
            flap.build();
            flap.boards();
        } else {
            sideBoards(at.width);
        }
    }

    private void sideBoards(Length x) {
        SlopedBoards boards = new SlopedBoards(at, book, x);
        boards.row(t.negated(), at.depth.plus(t), PoleLayout.BOARDS_FROM);
    }

    private void doors(PoleLayout.Pen pen) throws Unbuildable {
        new PopDoorBuilder(at.popHole(pen), book).build();
        book.opening(
                Opening.inFront(
                        Opening.Kind.POP_DOOR,
                        pen.popFrom(),
                        at.popTo(pen),
                        Length.ZERO,
                        at.popSill(),
                        at.popTop(),
                        Length.ZERO));
        Length inset = rim.minus(ShedLayout.DOOR_GAP);
        Length x0 = pen.doorFrom().minus(inset);
        Length x1 = pen.doorTo().plus(inset);
        Length z0 = at.doorBottom().minus(inset);
        Length z1 = at.doorTop().plus(inset);
        Optional<Length> split = at.doorSplit();
        for (TwoLeaves.Leaf leaf : TwoLeaves.leaves(z0, z1, split)) {
            leaf(x0, x1, leaf.from(), leaf.to());
        }
        litterBoards(pen);
        Length joint = split.orElse(at.doorTop());
        doorway(pen, at.doorBottom(), joint);
        if (split.isPresent()) {
            doorway(pen, joint, at.doorTop());
            Section trim = at.c.section(Choices.Group.TRIM);
            TwoLeaves.lap(book, trim, pen.doorFrom(), pen.doorTo(), joint);
        }
    }

    /** Behind the door, on jamb and post, from the threshold up to the top of the litter. */
    private void litterBoards(PoleLayout.Pen pen) {
        Length from = pen.doorFrom().minus(girt.width());
        Length lacking = at.needs.litterSill().minus(at.doorBottom());
        for (int n = 0; lacking.compareTo(board.width().times(n).plus(SHALLOW)) > 0; n++) {
            Length z = at.doorBottom().plus(board.width().times(n));
            book.stick(
                    Role.LITTER_BOARD,
                    board,
                    pen.doorTo().minus(from),
                    Solid.box(from, pen.doorTo(), st, st.plus(t), z, z.plus(board.width())));
        }
    }

    private void leaf(Length x0, Length x1, Length z0, Length z1) {
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
    }

    private void doorway(PoleLayout.Pen pen, Length from, Length to) {
        book.opening(
                Opening.inFront(
                        Opening.Kind.CLEAN_OUT_DOOR,
                        pen.doorFrom(),
                        pen.doorTo(),
                        Length.ZERO,
                        from,
                        to,
                        Length.ZERO));
    }

    /** In a trench between and before the posts, up to the boards. */
    private void skirt() {
        Length zero = Length.ZERO;
        Length w = at.width;
        Length d = at.depth;
        Length from = PoleLayout.BOARDS_FROM;
        skirt(w, Solid.box(zero, w, MESH.negated(), zero, low(zero, w, zero, zero), from));
        skirt(w, Solid.box(zero, w, d, d.plus(MESH), low(zero, w, d, d), from));
        skirt(d, Solid.box(MESH.negated(), zero, zero, d, low(zero, zero, zero, d), from));
        skirt(d, Solid.box(w, w.plus(MESH), zero, d, low(w, w, zero, d), from));
    }

    /** Below the lowest ground along an edge. */
    private Length low(Length x0, Length x1, Length y0, Length y1) {
        Length below = at.below(x0, y0).max(at.below(x1, y1));
        return at.needs.apronBuried().plus(below).negated();
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
