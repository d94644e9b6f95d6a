package reliqua.core.coop.addon;

import java.util.ArrayList;
import java.util.List;
import reliqua.core.coop.Bounds;
import reliqua.core.coop.Contact;
import reliqua.core.coop.Opening;
import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.coop.Zone;
import reliqua.core.coop.family.BracedLeaf;
import reliqua.core.coop.family.Choices;
import reliqua.core.coop.family.Spacing;
import reliqua.core.measure.Length;
import reliqua.core.measure.UnitSystem;
import reliqua.core.stock.Mesh;
import reliqua.core.stock.Section;

/** Posts, rails, netting and gate of a yard. */
final class YardFrame {
    private static final Length POSTS_APART = Length.mm(1800);
    private static final Length DRIVEN = Length.mm(500);

    /** Common rolls, less what is laced or turned over a rail. */
    private static final Length STRIP = Length.mm(1100);

    private static final Length LAP = Length.mm(50);
    private static final Length GATE = Length.mm(640);
    private static final Length GATE_LAP = Length.mm(15);
    private static final Length GATE_GAP = Length.mm(5);
    private static final Length GATE_FOOT = Length.mm(40);
    private static final Length THIN = Length.mm(1);
    private static final double SLIVER = 10;

    /**
     * Where it stands.
     *
     * @param x0 outer face of its left posts
     * @param x1 outer face of its right posts
     * @param near where its sides begin
     * @param driven where the first post in the ground may stand
     * @param far outer face of its front
     * @param top of posts and rails
     */
    record Plot(Length x0, Length x1, Length near, Length driven, Length far, Length top) {}

    private record Stick(Role role, Length length, Solid solid) {}

    private record Net(Length across, Length along, Solid solid) {}

    private final Standing at;
    private final Plot plot;
    private final Section section;
    private final Length st;
    private final Length sd;
    private final List<Stick> sticks = new ArrayList<>();
    private final List<Net> nets = new ArrayList<>();

    YardFrame(Standing at, Plot plot) {
        this.at = at;
        this.plot = plot;
        this.section = at.section(Choices.Group.RUN);
        this.st = section.thickness();
        this.sd = section.width();
        side(plot.x0(), plot.x0().minus(THIN));
        side(plot.x1().minus(st), plot.x1());
        front();
        over();
    }

    boolean isFree() {
        return plot.x1().minus(plot.x0()).atLeast(GATE.plus(sd.times(4)))
                && sticks.stream().allMatch(s -> at.isFree(s.solid()))
                && nets.stream().allMatch(n -> at.isFree(n.solid()));
    }

    void build() {
        sticks.forEach(s -> at.book().stick(s.role(), section, s.length(), s.solid()));
        nets.forEach(n -> net(n.across(), n.along(), n.solid()));
        gate();
        Bounds ground =
                new Bounds(plot.x0(), plot.x1(), plot.far(), plot.near(), Length.ZERO, plot.top());
        at.enclose(new Zone(Zone.Kind.YARD, ground, false));
    }

    private void net(Length across, Length along, Solid solid) {
        Length step = at.choices().step();
        at.book()
                .mesh(
                        Role.YARD_NET,
                        UnitSystem.ofStep(step).natural(Mesh.NETTING),
                        across.plus(LAP).ceilTo(step),
                        along.plus(LAP).ceilTo(step),
                        solid);
    }

    private void post(Length x, Length wide, Length y, Length deep, Length top) {
        Length foot = at.below(x.plus(wide.half()), y.plus(deep.half())).plus(DRIVEN).negated();
        Solid solid = Solid.box(x, x.plus(wide), y, y.plus(deep), foot, top);
        sticks.add(new Stick(Role.YARD_POST, top.minus(foot), solid));
    }

    private void rail(Length x0, Length x1, Length y0, Length y1, Length z) {
        Length length = x1.minus(x0).max(y1.minus(y0));
        if (length.compareTo(sd) > 0) {
            Solid solid = Solid.box(x0, x1, y0, y1, z, z.plus(sd));
            sticks.add(new Stick(Role.YARD_RAIL, length, solid));
        }
    }

    /** Posts in the ground, the front ones of both sides at its corners. */
    private List<Length> driven() {
        return Spacing.even(plot.far(), plot.driven(), sd, POSTS_APART);
    }

    /** Lower edges of the rails: on top, and under each seam between two strips of netting. */
    private List<Length> rails() {
        Length top = plot.top();
        int strips = (int) Math.ceilDiv(top.nm(), STRIP.nm());
        List<Length> edges = new ArrayList<>();
        for (int n = 1; n < strips; n++) {
            edges.add(top.times(n).dividedBy(strips).minus(sd.half()));
        }
        edges.add(top.minus(sd));
        return edges;
    }

    private void side(Length x, Length netAt) {
        Length first = plot.near().minus(sd);
        Length foot = low(x, x, first, first);
        Solid corner = Solid.box(x, x.plus(st), first, plot.near(), foot, plot.top());
        sticks.add(new Stick(Role.YARD_POST, plot.top().minus(foot), corner));
        List<Length> posts = new ArrayList<>(driven());
        posts.forEach(y -> post(x, st, y, sd, plot.top()));
        posts.add(first);
        for (Length z : rails()) {
            for (int n = 0; n + 1 < posts.size(); n++) {
                rail(x, x.plus(st), posts.get(n).plus(sd), posts.get(n + 1), z);
            }
        }
        List<Length> seams = seams(low(x, x, plot.far(), plot.near()));
        for (int n = 0; n + 1 < seams.size(); n++) {
            Length z0 = seams.get(n);
            Length z1 = seams.get(n + 1);
            Solid net = Solid.box(netAt, netAt.plus(THIN), plot.far(), plot.near(), z0, z1);
            nets.add(new Net(z1.minus(z0), plot.near().minus(plot.far()), net));
        }
    }

    /** The lowest ground along an edge. */
    private Length low(Length x0, Length x1, Length y0, Length y1) {
        return at.coop().terrain().lowest(x0, x1, y0, y1).negated();
    }

    /** From the ground over the middles of the rails between to the top. */
    private List<Length> seams(Length ground) {
        List<Length> rails = rails();
        List<Length> seams = new ArrayList<>();
        seams.add(ground);
        if (rails.getFirst().minus(ground).compareTo(STRIP) > 0) {
            // Down a slope one strip does not reach; a second is laced to it.
            seams.add(Length.ZERO);
        }
        rails.subList(0, rails.size() - 1).forEach(z -> seams.add(z.plus(sd.half())));
        seams.add(plot.top());
        return seams;
    }

    private Length gateFrom() {
        return plot.x1().minus(st).minus(GATE);
    }

    private void front() {
        Length y = plot.far();
        Length left = plot.x0().plus(st);
        Length right = plot.x1().minus(st);
        Length under = plot.top().minus(sd);
        rail(left, right, y, y.plus(st), under);
        List<Length> posts = Spacing.even(left.minus(sd), gateFrom(), sd, POSTS_APART);
        posts.subList(1, posts.size()).forEach(x -> post(x, sd, y, st, under));
        List<Length> rails = rails();
        for (Length z : rails.subList(0, rails.size() - 1)) {
            for (int n = 0; n + 1 < posts.size(); n++) {
                rail(posts.get(n).plus(sd), posts.get(n + 1), y, y.plus(st), z);
            }
        }
        Length end = gateFrom().minus(GATE_LAP).minus(GATE_GAP);
        List<Length> seams = seams(low(plot.x0(), end, y, y));
        for (int n = 0; n + 1 < seams.size(); n++) {
            Length z0 = seams.get(n);
            Length z1 = seams.get(n + 1);
            Solid net = Solid.box(plot.x0(), end, y.minus(THIN), y, z0, z1);
            nets.add(new Net(z1.minus(z0), end.minus(plot.x0()), net));
        }
    }

    /** Hung before the front, so that posts and rail are its stop. */
    private void gate() {
        Length x0 = gateFrom().minus(GATE_LAP);
        Length x1 = gateFrom().plus(GATE).plus(GATE_LAP);
        Length z1 = plot.top().minus(sd).plus(GATE_LAP);
        Section trim = at.section(Choices.Group.TRIM);
        Length face = plot.far().minus(trim.thickness());
        Length foot = GATE_FOOT.minus(ground(x0, x1));
        new BracedLeaf(at.book(), trim, at.choices().step())
                .build(Role.YARD_GATE, x0, x1, foot, z1, face);
        Solid net = Solid.box(x0, x1, face.minus(THIN), face, foot, z1);
        net(x1.minus(x0), z1.minus(foot), net);
        at.book()
                .opening(
                        Opening.inFront(
                                Opening.Kind.YARD_GATE,
                                gateFrom(),
                                gateFrom().plus(GATE),
                                plot.far(),
                                foot,
                                plot.top().minus(sd),
                                foot.minus(GATE_FOOT)));
    }

    /** How much lower it is under the gate, where it is highest there. */
    private Length ground(Length x0, Length x1) {
        Length y = plot.far();
        return at.coop().terrain().highest(x0, x1, y, y).floorTo(at.choices().step());
    }

    /** Rails across from post to post, and strips of netting laced to each other over them. */
    private void over() {
        Length left = plot.x0().plus(st);
        Length right = plot.x1().minus(st);
        Length under = plot.top().minus(sd);
        List<Length> posts = driven();
        for (Length y : posts.subList(1, posts.size())) {
            rail(left, right, y, y.plus(st), under);
        }
        Length end = overEnd();
        Length deep = end.minus(plot.far());
        int strips = (int) Math.ceilDiv(deep.nm(), STRIP.nm());
        Length top = plot.top();
        for (int n = 0; n < strips; n++) {
            Length y0 = plot.far().plus(deep.times(n).dividedBy(strips));
            Length y1 = plot.far().plus(deep.times(n + 1L).dividedBy(strips));
            Solid net = Solid.box(plot.x0(), plot.x1(), y0, y1, top, top.plus(THIN));
            nets.add(new Net(y1.minus(y0), plot.x1().minus(plot.x0()), net));
        }
    }

    /** Where the net meets the house or what its roof reaches out to. */
    private Length overEnd() {
        Length top = plot.top();
        Solid all = Solid.box(plot.x0(), plot.x1(), plot.far(), plot.near(), top, top.plus(THIN));
        return at.book().parts().stream()
                .filter(p -> Contact.overlap(p.solid(), all) > SLIVER)
                .map(p -> p.solid().bounds().y0())
                .reduce(plot.near(), Length::min);
    }
}
