package reliqua.core.coop.family;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import reliqua.core.coop.Axis;
import reliqua.core.coop.Corner;
import reliqua.core.coop.Find;
import reliqua.core.coop.Opening;
import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.measure.Angle;
import reliqua.core.measure.Length;
import reliqua.core.measure.Sum;
import reliqua.core.stock.Section;

/** Draws up a hoop pen from its lines. */
final class HoopBuilder {
    private static final Length MESH = Length.mm(1);
    private static final Length COVER = Length.mm(2);
    private static final Length MESH_LAP = Length.mm(25);
    private static final Length STRIP = Length.mm(860);
    private static final Length GAP = Length.mm(3);
    private static final Length BESIDE_NESTS = Length.mm(5);

    private final HoopLayout at;
    private final PartsBook book;
    private final Section trim;
    private final Length t;
    private final Length w;
    private final Length width;
    private final Length depth;
    private final Length out;

    HoopBuilder(HoopLayout at, PartsBook book) {
        this.at = at;
        this.book = book;
        this.trim = at.c.section(Choices.Group.TRIM);
        this.t = at.thick();
        this.w = at.wide();
        this.width = at.width;
        this.depth = at.depth;
        this.out = at.pipe().half();
    }

    void build() throws Unbuildable {
        rails();
        hoops();
        ridge();
        closedEnd();
        ties();
        if (at.needs.nests() > 0) {
            nests();
        }
        mesh();
        cover();
    }

    private void rails() {
        for (Length y : List.of(Length.ZERO, depth.minus(w))) {
            rail(width, Solid.box(Length.ZERO, width, y, y.plus(w), Length.ZERO, t));
        }
        Length across = depth.minus(w.times(2));
        for (Length x : List.of(Length.ZERO, width.minus(w))) {
            rail(across, Solid.box(x, x.plus(w), w, depth.minus(w), Length.ZERO, t));
        }
    }

    private void rail(Length length, Solid solid) {
        book.stick(Role.PEN_RAIL, at.frame, length, solid);
    }

    private void hoops() {
        for (Length x : at.stations()) {
            book.whole(
                    Role.HOOP,
                    new Find.OfArch(at.hoops.arc()),
                    List.of(),
                    new Solid(
                            Axis.X, at.band(out.negated(), out), List.of(), x, x.plus(at.pipe())));
        }
    }

    /** On edge under the tops of the hoops, behind the stop of the door. */
    private void ridge() {
        Length y = depth.minus(t).half();
        Length top = at.innerTop();
        Length from = trim.thickness();
        book.stick(
                Role.RIDGE,
                at.frame,
                width.minus(from),
                Solid.box(from, width, y, y.plus(t), top.minus(w), top));
    }

    /** Two halves of sheet; the back one is the door. */
    private void closedEnd() {
        Length skin = at.c.skin();
        List<Corner> front = new ArrayList<>();
        front.add(new Corner(Length.ZERO, Length.ZERO));
        front.add(new Corner(depth.half(), Length.ZERO));
        front.add(new Corner(depth.half(), at.heightAt(depth.half(), out.plus(MESH))));
        front.addAll(outline(depth.half()));
        front.add(new Corner(Length.ZERO, t));
        half(Role.SKIN, front);
        Length clear = depth.half().minus(GAP);
        List<Corner> leaf = new ArrayList<>();
        leaf.add(new Corner(Length.ZERO, Length.ZERO));
        leaf.add(new Corner(clear, Length.ZERO));
        leaf.add(new Corner(clear, at.heightAt(clear, out.plus(MESH))));
        leaf.addAll(outline(clear));
        leaf.add(new Corner(Length.ZERO, t));
        half(
                Role.DOOR_LEAF,
                leaf.stream().map(p -> new Corner(depth.minus(p.u()), p.v())).toList());
        Length middle = depth.half();
        Length stop = trim.width();
        Length top =
                at.heightAt(middle.minus(stop.half()), out.negated())
                        .min(at.innerTop())
                        .floorTo(at.c.step());
        book.stick(
                Role.COVER_BATTEN,
                trim,
                top.minus(t),
                Solid.box(
                        Length.ZERO,
                        trim.thickness(),
                        middle.minus(stop.half()),
                        middle.plus(stop.half()),
                        t,
                        top));
        Length x1 = skin.negated();
        Length from = middle.plus(GAP);
        for (Length z : List.of(t, at.top().half())) {
            Length to = depth.minus(at.depthAt(z.plus(trim.width()), out)).min(depth);
            Length length = to.minus(from).floorTo(at.c.step());
            book.stick(
                    Role.DOOR_FRAME,
                    trim,
                    length,
                    Solid.box(
                            x1.minus(trim.thickness()),
                            x1,
                            from,
                            from.plus(length),
                            z,
                            z.plus(trim.width())));
        }
        book.opening(Opening.arched(Opening.Kind.CLEAN_OUT_DOOR, Length.ZERO, w, middle, at.top()));
    }

    /** Points of the outline over the mesh before a depth, from the top down to the foot. */
    private List<Corner> outline(Length before) {
        return at.arc(out.plus(MESH)).reversed().stream()
                .filter(p -> p.u().plus(Length.mm(1)).compareTo(before) < 0)
                .toList();
    }

    private void half(Role role, List<Corner> profile) {
        Solid solid = new Solid(Axis.X, profile, List.of(), at.c.skin().negated(), Length.ZERO);
        book.panel(
                role,
                at.c.skin(),
                solid.bounds().depth().ceilTo(at.c.step()),
                solid.bounds().height().ceilTo(at.c.step()),
                solid);
    }

    private void ties() throws Unbuildable {
        if (at.bars() == 0) {
            return;
        }
        Length top = at.tieTop();
        Length low = top.minus(w);
        Length edge = at.barAt(0).minus(at.bar().width().half());
        Unbuildable.unless(
                edge.atLeast(at.depthAt(top, out.negated()))
                        && edge.atLeast(at.depthAt(at.barTop(), out.negated())),
                Sum.of("family.roosts", at.bars(), depth));
        Length y0 = at.depthAt(low, Length.ZERO);
        Length y1 = at.depthAt(top, Length.ZERO);
        Length from = y0.max(y1);
        Length length = depth.minus(from.times(2));
        for (Length x : List.of(tieFrom(), at.closed.minus(at.pipe()).minus(t))) {
            book.stick(
                    Role.PEN_TIE,
                    at.frame,
                    length,
                    Angle.ZERO,
                    Angle.ZERO,
                    Solid.box(x, x.plus(t), from, depth.minus(from), low, top));
        }
        Length to = at.closed.minus(at.pipe());
        for (int n = 0; n < at.bars(); n++) {
            Length y = at.barAt(n).minus(at.bar().width().half());
            book.stick(
                    Role.ROOST_BAR,
                    at.bar(),
                    to.minus(tieFrom()),
                    Solid.box(tieFrom(), to, y, y.plus(at.bar().width()), top, at.barTop()));
        }
    }

    private Length tieFrom() {
        return at.pipe().max(trim.thickness());
    }

    private void nests() throws Unbuildable {
        Length top = at.nestFloor().plus(at.needs.nestHeight());
        Length side = at.depthAt(top, out.negated()).max(at.depthAt(at.nestFloor(), out.negated()));
        new GroundNests(
                        tieFrom().plus(t).plus(BESIDE_NESTS),
                        at.closed.minus(at.pipe()).minus(t),
                        depth,
                        side.max(w),
                        at.frame,
                        at.c.skin(),
                        at.needs)
                .build(book);
    }

    /** Over the hoops in strips, and over the open end. */
    private void mesh() {
        List<Corner> band = at.band(out, out.plus(MESH));
        Length round = at.hoops.arc().plus(out.times(2));
        int strips = (int) Math.max(1, Math.ceilDiv(width.nm(), STRIP.nm()));
        for (int n = 0; n < strips; n++) {
            Length x0 = width.times(n).dividedBy(strips);
            Length x1 = width.times(n + 1L).dividedBy(strips);
            strip(x1.minus(x0), round, new Solid(Axis.X, band, List.of(), x0, x1));
        }
        List<Corner> end = new ArrayList<>();
        end.add(new Corner(Length.ZERO, Length.ZERO));
        end.add(new Corner(depth, Length.ZERO));
        end.add(new Corner(depth, t));
        end.addAll(at.arc(out.plus(MESH)).reversed());
        end.add(new Corner(Length.ZERO, t));
        strip(at.top(), depth, new Solid(Axis.X, end, List.of(), width, width.plus(MESH)));
        book.opening(Opening.arched(Opening.Kind.WALL_VENT, width, Length.ZERO, depth, at.top()));
    }

    private void strip(Length across, Length along, Solid solid) {
        Length turned = MESH_LAP.times(2);
        book.mesh(
                Role.RUN_MESH,
                at.needs.meshAperture(),
                across.plus(turned).ceilTo(at.c.step()),
                along.plus(turned).ceilTo(at.c.step()),
                solid);
    }

    /** A tarpaulin over the closed part, down to the rails. */
    private void cover() {
        Length low = out.plus(MESH);
        book.whole(
                Role.COVER,
                new Find.OfCover(at.closed, at.hoops.arc()),
                Optional.empty(),
                List.of(),
                new Solid(
                        Axis.X, at.band(low, low.plus(COVER)), List.of(), Length.ZERO, at.closed));
    }
}
