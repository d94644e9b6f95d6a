package reliqua.core.coop.family;

import java.util.ArrayList;
import java.util.List;
import reliqua.core.coop.Bounds;
import reliqua.core.coop.Opening;
import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.coop.Terrain;
import reliqua.core.coop.Zone;
import reliqua.core.measure.Length;
import reliqua.core.measure.Sum;
import reliqua.core.stock.Section;

/**
 * A meshed run before the front, as wide as the house and up to under the eaves: two side frames
 * that stand against the corners of the house, a front frame with a gate, cross rails over them,
 * and mesh on the outside in strips no wider than a roll, every seam on a rail. A wall that stands
 * in the yard is one of its sides.
 */
final class RunBuilder {
    private static final Length LONGEST_FRAME = Length.mm(2400);
    private static final Length POSTS_APART = Length.mm(1200);

    /** A common roll, less what is turned over the rails. */
    private static final Length STRIP = Length.mm(860);

    private static final Length UNDER_EAVES = Length.mm(20);
    private static final Length LEAST_HEIGHT = Length.mm(900);
    private static final Length STAND_UP = Length.mm(1700);
    private static final Length GATE = Length.mm(640);
    private static final Length GATE_GAP = Length.mm(5);
    private static final Length GATE_LAP = Length.mm(15);
    private static final Length BEYOND_RAMP = Length.mm(350);
    private static final Length MESH_LAP = Length.mm(25);
    private static final Length MESH_THICKNESS = Length.mm(1);

    private final ShedLayout at;
    private final PartsBook book;
    private final Section section;
    private final Length st;
    private final Length sd;
    private final Length width;
    private final Length near;
    private final Length far;
    private final Length top;
    private final Terrain terrain;

    RunBuilder(RunPlace place, PartsBook book) {
        this.at = place.at();
        this.book = book;
        this.section = at.c.section(Choices.Group.RUN);
        this.st = section.thickness();
        this.sd = section.width();
        this.width = place.width();
        this.terrain = place.terrain();
        this.near = at.skin().negated();
        this.far = near.minus(at.runOut().orElseThrow());
        // The rafters rise outward from the wall, so it is lowest there.
        this.top = place.top();
    }

    /** Height of a run under the eaves of a house. */
    static Length top(ShedLayout at) {
        Length tails = at.rafterBottom(at.d.overhang().negated());
        return at.frontTop().min(tails).minus(UNDER_EAVES).floorTo(at.c.step());
    }

    /** The ground it encloses. */
    static Zone zone(RunPlace place, Length out) {
        Length near = place.at().skin().negated();
        Bounds ground =
                new Bounds(
                        Length.ZERO,
                        place.width(),
                        near.minus(out),
                        near,
                        Length.ZERO,
                        place.top());
        return new Zone(Zone.Kind.RUN, ground, place.top().atLeast(STAND_UP));
    }

    void build() throws Unbuildable {
        Length length = near.minus(far);
        Unbuildable.unless(top.atLeast(LEAST_HEIGHT), Sum.of("family.runLow", top, LEAST_HEIGHT));
        Length overDoor = at.doorTop().plus(ShedLayout.DOOR_STOP).plus(sd);
        Unbuildable.unless(top.atLeast(overDoor), Sum.of("family.runDoor", top, overDoor));
        Length least = at.rampRun().max(at.door().width()).plus(BEYOND_RAMP);
        Unbuildable.unless(length.atLeast(least), Sum.of("family.runShort", length, least));
        Unbuildable.unless(width.atLeast(GATE.plus(sd.times(4))), Sum.of("family.narrow", width));
        Length left = st.negated();
        if (at.runWall.isPresent()) {
            along(at.runWall.get());
        } else {
            side(left, left.minus(MESH_THICKNESS), far, near);
        }
        side(width, width.plus(st), far, near);
        front();
        over();
        if (!terrain.isLevel()) {
            RunFeet.Plan plan = new RunFeet.Plan(width, near, far, POSTS_APART, terrain);
            new RunFeet(at, book, section, plan).build();
        }
    }

    /** Edges of the rails from the ground up, so that no strip of mesh is wider than a roll. */
    private List<Length> rails() {
        return Spacing.even(Length.ZERO, top, sd, STRIP);
    }

    /** A ledger on a wall that stands, for the rails and the mesh over the run. */
    private void along(RunWall wall) throws Unbuildable {
        wall.check(at, top, far.minus(st));
        Length left = st.negated();
        Length end = RunWall.end(at);
        wall.stand(at, left, book);
        between(end.minus(far), Solid.box(left, Length.ZERO, far, end, top.minus(sd), top));
        side(left, left.minus(MESH_THICKNESS), end, near);
    }

    /** Frames one after the other, each of a length that one carries and common sticks give. */
    private void side(Length x, Length meshAt, Length begin, Length end) {
        Length all = end.minus(begin);
        int frames = (int) Math.ceilDiv(all.nm(), LONGEST_FRAME.nm());
        for (int n = 0; n < frames; n++) {
            Length from = begin.plus(all.times(n).dividedBy(frames));
            Length to = begin.plus(all.times(n + 1L).dividedBy(frames));
            frame(x, from, to);
            // The first strip also covers the end of the front frame.
            boolean covers = n == 0 && begin.equals(far);
            sideMesh(meshAt, covers ? from.minus(st) : from, to);
        }
    }

    private void frame(Length x, Length from, Length to) {
        List<Length> posts = Spacing.even(from, to, sd, POSTS_APART);
        List<Length> rails = rails();
        for (Length z : List.of(rails.getFirst(), rails.getLast())) {
            between(to.minus(from), Solid.box(x, x.plus(st), from, to, z, z.plus(sd)));
        }
        for (Length y : posts) {
            post(Solid.box(x, x.plus(st), y, y.plus(sd), sd, top.minus(sd)));
        }
        for (Length z : rails.subList(1, rails.size() - 1)) {
            for (int i = 0; i + 1 < posts.size(); i++) {
                Length y0 = posts.get(i).plus(sd);
                Length y1 = posts.get(i + 1);
                between(y1.minus(y0), Solid.box(x, x.plus(st), y0, y1, z, z.plus(sd)));
            }
        }
    }

    private void sideMesh(Length x, Length from, Length to) {
        List<Length> rails = rails();
        for (int i = 0; i + 1 < rails.size(); i++) {
            Length z0 = seam(rails, i);
            Length z1 = seam(rails, i + 1);
            mesh(
                    z1.minus(z0),
                    to.minus(from),
                    Solid.box(x, x.plus(MESH_THICKNESS), from, to, z0, z1));
        }
    }

    /**
     * Strips meet in the middle of a rail; the first begins on the ground, the last ends on top.
     */
    private Length seam(List<Length> rails, int n) {
        if (n == 0) {
            return Length.ZERO;
        }
        return n == rails.size() - 1 ? top : rails.get(n).plus(sd.half());
    }

    private void post(Solid solid) {
        book.stick(Role.RUN_POST, section, top.minus(sd.times(2)), solid);
    }

    private void between(Length length, Solid solid) {
        if (length.isPositive()) {
            book.stick(Role.RUN_RAIL, section, length, solid);
        }
    }

    private void front() {
        Length y0 = far.minus(st);
        Length left = st.negated();
        Length right = width.plus(st);
        List<Length> rails = rails();
        for (Length z : List.of(rails.getFirst(), rails.getLast())) {
            book.stick(
                    Role.RUN_RAIL,
                    section,
                    right.minus(left),
                    Solid.box(left, right, y0, far, z, z.plus(sd)));
        }
        Length gateTo = right.minus(sd);
        Length gateFrom = gateTo.minus(GATE);
        List<Length> posts = new ArrayList<>(Spacing.even(left, gateFrom, sd, POSTS_APART));
        for (Length x : posts) {
            post(Solid.box(x, x.plus(sd), y0, far, sd, top.minus(sd)));
        }
        post(Solid.box(gateTo, right, y0, far, sd, top.minus(sd)));
        for (Length z : rails.subList(1, rails.size() - 1)) {
            for (int i = 0; i + 1 < posts.size(); i++) {
                Length x0 = posts.get(i).plus(sd);
                Length x1 = posts.get(i + 1);
                between(x1.minus(x0), Solid.box(x0, x1, y0, far, z, z.plus(sd)));
            }
        }
        for (int i = 0; i + 1 < rails.size(); i++) {
            Length z0 = seam(rails, i);
            Length z1 = seam(rails, i + 1);
            Length end = gateFrom.minus(GATE_LAP).minus(GATE_GAP);
            mesh(
                    z1.minus(z0),
                    end.minus(left),
                    Solid.box(left, end, y0.minus(MESH_THICKNESS), y0, z0, z1));
        }
        gate(gateFrom, gateTo, y0);
    }

    /** It shuts against the outside of posts and rails, so that it has its stop all round. */
    private void gate(Length from, Length to, Length y) {
        Length x0 = from.minus(GATE_LAP);
        Length x1 = to.plus(GATE_LAP);
        Length z0 = sd.minus(GATE_LAP);
        Length z1 = top.minus(sd).plus(GATE_LAP);
        Length outer = y.minus(at.trim().thickness());
        new BracedLeaf(book, at.trim(), at.c.step()).build(Role.GATE_FRAME, x0, x1, z0, z1, outer);
        mesh(
                x1.minus(x0),
                z1.minus(z0),
                Solid.box(x0, x1, outer.minus(MESH_THICKNESS), outer, z0, z1));
        book.opening(
                Opening.inFront(Opening.Kind.GATE, from, to, y, sd, top.minus(sd), at.deckTop()));
    }

    private void over() {
        List<Length> cross = Spacing.even(far, near, st, STRIP);
        for (Length y : cross) {
            book.stick(
                    Role.RUN_RAIL,
                    section,
                    width,
                    Solid.box(Length.ZERO, width, y, y.plus(st), top.minus(sd), top));
        }
        Length x0 = st.negated();
        Length x1 = width.plus(st);
        for (int i = 0; i + 1 < cross.size(); i++) {
            Length y0 = i == 0 ? far.minus(st) : cross.get(i).plus(st.half());
            Length y1 = i + 2 == cross.size() ? near : cross.get(i + 1).plus(st.half());
            mesh(
                    y1.minus(y0),
                    x1.minus(x0),
                    Solid.box(x0, x1, y0, y1, top, top.plus(MESH_THICKNESS)));
        }
    }

    /** Round a run the mesh may be as wide as the animals about allow. */
    private void mesh(Length across, Length along, Solid solid) {
        Length turned = MESH_LAP.times(2);
        book.mesh(
                Role.RUN_MESH,
                at.needs.proof().elsewhere().value(),
                across.plus(turned).ceilTo(at.c.step()),
                along.plus(turned).ceilTo(at.c.step()),
                solid);
    }
}
