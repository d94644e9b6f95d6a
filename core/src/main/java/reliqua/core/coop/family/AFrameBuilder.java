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
import reliqua.core.measure.Sum;
import reliqua.core.stock.Section;

/** Draws up an A-frame pen from its lines. */
final class AFrameBuilder {
    private static final Length MESH = Length.mm(1);
    private static final Length MESH_LAP = Length.mm(25);
    private static final Length GAP = Length.mm(3);
    private static final Length BESIDE_NESTS = Length.mm(5);

    private final AFrameLayout at;
    private final PartsBook book;
    private final Length t;
    private final Length w;
    private final Length width;
    private final Length depth;

    AFrameBuilder(AFrameLayout at, PartsBook book) {
        this.at = at;
        this.book = book;
        this.t = at.thick();
        this.w = at.wide();
        this.width = at.width;
        this.depth = at.depth;
    }

    void build() throws Unbuildable {
        rails();
        ridge();
        legs();
        battens();
        closedEnd();
        roofing();
        ties();
        nests();
        mesh();
    }

    /** Flat on the ground: two long ones, and one across at each end. */
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

    private void ridge() {
        Length y0 = depth.minus(t).half();
        book.stick(
                Role.RIDGE,
                at.frame,
                width,
                Solid.box(Length.ZERO, width, y0, y0.plus(t), at.peak.minus(w), at.peak));
    }

    /** Cut level on the rail and plumb against the ridge board. */
    private void legs() {
        Length inner = w.scaled(1 / at.slope().sin());
        Length ridge = depth.minus(t).half();
        Length upright = w.scaled(1 / at.slope().cos());
        List<Corner> leg =
                List.of(
                        new Corner(Length.ZERO, t),
                        new Corner(ridge, at.peak),
                        new Corner(ridge, at.peak.minus(upright)),
                        new Corner(inner, t));
        Length blank = along(leg);
        for (Length x : at.stations()) {
            for (List<Corner> profile : List.of(leg, at.mirrored(leg))) {
                book.stick(
                        Role.PEN_LEG,
                        at.frame,
                        blank.ceilTo(at.c.step()),
                        new Angle(90 - at.slope().degrees()),
                        at.slope(),
                        new Solid(Axis.X, profile, List.of(), x, x.plus(t)));
            }
        }
    }

    /** How far a profile reaches along the slope. */
    private Length along(List<Corner> profile) {
        double least = Double.POSITIVE_INFINITY;
        double most = Double.NEGATIVE_INFINITY;
        for (Corner p : profile) {
            double s = p.u().toMm() * at.slope().cos() + p.v().toMm() * at.slope().sin();
            least = Math.min(least, s);
            most = Math.max(most, s);
        }
        return Length.ofMm(most - least);
    }

    private void battens() {
        for (Length up : at.battens()) {
            List<Corner> front =
                    at.slab(up, up.plus(at.batten.width()), Length.ZERO, at.batten.thickness());
            for (List<Corner> profile : List.of(front, at.mirrored(front))) {
                book.stick(
                        Role.PURLIN,
                        at.batten,
                        width,
                        new Solid(Axis.X, profile, List.of(), Length.ZERO, width));
            }
        }
    }

    /** Two halves of one rectangle cut on the slope; the back one is the door. */
    private void closedEnd() {
        Length skin = at.c.skin();
        Length out = at.batten.thickness();
        Length foot = at.depthAt(Length.ZERO, out);
        Length middle = depth.half();
        Length high = at.heightAt(middle, out);
        List<Corner> front =
                List.of(
                        new Corner(foot, Length.ZERO),
                        new Corner(middle, Length.ZERO),
                        new Corner(middle, high));
        half(Role.SKIN, front, middle.minus(foot), high);
        Length clear = middle.minus(GAP);
        Length less = at.heightAt(clear, out);
        List<Corner> leaf =
                at.mirrored(
                        List.of(
                                new Corner(foot, Length.ZERO),
                                new Corner(clear, Length.ZERO),
                                new Corner(clear, less)));
        half(Role.DOOR_LEAF, leaf, clear.minus(foot), less);
        Section trim = at.c.section(Choices.Group.TRIM);
        // Behind the seam: the leaf shuts against it.
        Length stop = trim.width();
        Length top = at.heightAt(middle.minus(stop.half()), w.negated()).floorTo(at.c.step());
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
        ledges(trim, skin, high);
        book.opening(Opening.arched(Opening.Kind.CLEAN_OUT_DOOR, Length.ZERO, w, middle, high));
    }

    private void half(Role role, List<Corner> profile, Length wide, Length high) {
        book.sloped(
                role,
                at.c.skin(),
                wide.ceilTo(at.c.step()),
                high.ceilTo(at.c.step()),
                Length.ZERO,
                new Solid(Axis.X, profile, List.of(), at.c.skin().negated(), Length.ZERO));
    }

    /** Across the leaf, so that it stays flat: near its foot and half way up. */
    private void ledges(Section trim, Length skin, Length high) {
        Length x1 = skin.negated();
        Length x0 = x1.minus(trim.thickness());
        Length from = depth.half().plus(GAP);
        for (Length z : List.of(t, high.dividedBy(3))) {
            Length to =
                    depth.minus(at.depthAt(z.plus(trim.width()), at.batten.thickness()))
                            .floorTo(at.c.step());
            Length length = to.minus(from).floorTo(at.c.step());
            book.stick(
                    Role.DOOR_FRAME,
                    trim,
                    length,
                    Solid.box(x0, x1, from, from.plus(length), z, z.plus(trim.width())));
        }
    }

    private void roofing() {
        Length cover = at.c.roofing().coverWidth();
        int columns =
                (int)
                        Math.max(
                                1,
                                Math.ceilDiv(
                                        at.closed.minus(at.c.roofing().lap()).nm(), cover.nm()));
        List<Corner> front = at.roofing();
        for (int n = 0; n < columns; n++) {
            Length x0 = cover.times(n);
            Length x1 = n == columns - 1 ? at.closed : x0.plus(cover);
            for (List<Corner> profile : List.of(front, at.mirrored(front))) {
                book.roofSheet(
                        at.roofingLength(),
                        at.c.roofing().fullWidth(),
                        Length.ZERO,
                        new Solid(Axis.X, profile, List.of(), x0, x1));
            }
        }
        Length half = at.batten.width().half();
        Length z = at.capBottom();
        book.stick(
                Role.RIDGE_CAP,
                at.batten,
                at.closed,
                Solid.box(
                        Length.ZERO,
                        at.closed,
                        depth.half().minus(half),
                        depth.half().plus(half),
                        z,
                        z.plus(at.batten.thickness())));
    }

    /** Behind the first legs, and clear of the stop of the door. */
    private Length tieFrom() {
        return t.max(at.c.section(Choices.Group.TRIM).thickness());
    }

    /** Ties between the legs at both ends of the closed part carry the bars. */
    private void ties() throws Unbuildable {
        if (at.bars() == 0) {
            return;
        }
        Length top = at.tieTop();
        Length low = top.minus(w);
        Length inner = at.depthAt(top, w.negated());
        Length barEdge = at.barAt(0).minus(at.bar().width().half());
        Unbuildable.unless(barEdge.atLeast(inner), Sum.of("family.roosts", at.bars(), depth));
        List<Corner> profile =
                List.of(
                        new Corner(at.depthAt(low, Length.ZERO), low),
                        new Corner(depth.minus(at.depthAt(low, Length.ZERO)), low),
                        new Corner(depth.minus(at.depthAt(top, Length.ZERO)), top),
                        new Corner(at.depthAt(top, Length.ZERO), top));
        Length length = profile.get(1).u().minus(profile.get(0).u()).ceilTo(at.c.step());
        Angle cut = new Angle(90 - at.slope().degrees());
        for (Length x : List.of(tieFrom(), at.closed.minus(t.times(2)))) {
            book.stick(
                    Role.PEN_TIE,
                    at.frame,
                    length,
                    cut,
                    cut,
                    new Solid(Axis.X, profile, List.of(), x, x.plus(t)));
        }
        for (int n = 0; n < at.bars(); n++) {
            Length y = at.barAt(n).minus(at.bar().width().half());
            Length from = tieFrom();
            Length to = at.closed.minus(t);
            book.stick(
                    Role.ROOST_BAR,
                    at.bar(),
                    to.minus(from),
                    Solid.box(from, to, y, y.plus(at.bar().width()), top, at.barTop()));
        }
    }

    /** Behind the first tie, under the bars. */
    private void nests() throws Unbuildable {
        if (at.needs.nests() == 0) {
            return;
        }
        Length skin = at.c.skin();
        Length top = at.nestFloor().plus(at.needs.nestHeight()).plus(skin);
        new GroundNests(
                        tieFrom().plus(t).plus(BESIDE_NESTS),
                        at.closed.minus(t.times(2)),
                        depth,
                        at.depthAt(top, w.negated()),
                        at.frame,
                        skin,
                        at.needs)
                .build(book);
    }

    /** Over the open part in strips that meet on the battens, and over its end. */
    private void mesh() {
        Length from = at.closed;
        if (width.minus(from).isPositive()) {
            List<Length> edges = at.battens();
            Length out = at.batten.thickness();
            Length half = at.batten.width().half();
            for (int i = 0; i + 1 < edges.size(); i++) {
                Length low = i == 0 ? Length.ZERO : edges.get(i).plus(half);
                boolean last = i + 2 == edges.size();
                Length high = last ? at.edge() : edges.get(i + 1).plus(half);
                List<Corner> strip = at.slab(low, high, out, out.plus(MESH));
                for (List<Corner> profile : List.of(strip, at.mirrored(strip))) {
                    strip(
                            high.minus(low),
                            width.minus(from),
                            new Solid(Axis.X, profile, List.of(), from, width));
                }
            }
        }
        end();
    }

    private void end() {
        Length out = at.batten.thickness();
        Length foot = at.depthAt(Length.ZERO, out);
        Length high = at.heightAt(depth.half(), out);
        List<Corner> profile = new ArrayList<>();
        profile.add(new Corner(foot, Length.ZERO));
        profile.add(new Corner(depth.minus(foot), Length.ZERO));
        profile.add(new Corner(depth.half(), high));
        strip(
                high,
                depth.minus(foot.times(2)),
                new Solid(Axis.X, profile, List.of(), width, width.plus(MESH)));
        book.opening(Opening.arched(Opening.Kind.WALL_VENT, width, Length.ZERO, depth, high));
    }

    /** All of it is near birds at night. */
    private void strip(Length across, Length along, Solid solid) {
        Length turned = MESH_LAP.times(2);
        book.mesh(
                Role.RUN_MESH,
                at.needs.meshAperture(),
                across.plus(turned).ceilTo(at.c.step()),
                along.plus(turned).ceilTo(at.c.step()),
                solid);
    }
}
