package reliqua.core.coop.family;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import reliqua.core.coop.Bounds;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Opening;
import reliqua.core.coop.Part;
import reliqua.core.coop.Terrain;
import reliqua.core.coop.Weights;
import reliqua.core.coop.Zone;
import reliqua.core.flock.Practice;
import reliqua.core.measure.Area;
import reliqua.core.measure.Length;
import reliqua.core.measure.Sum;
import reliqua.core.stock.Section;

/**
 * Draws up a house under a single slope: front with pop door and door, high; back low, where the
 * roof drains; nests hung outside the right wall, and the left where one side is too short.
 */
final class ShedHouse {
    /**
     * All that houses have room for, a run before the front, a window, nests that roll eggs away.
     */
    static final Set<AddOn> ADD_ONS = withRun();

    /** The same where the keeper goes in by a door. */
    static final Set<AddOn> WALKED_INTO = withDoor();

    private ShedHouse() {}

    private static Set<AddOn> withDoor() {
        Set<AddOn> all = EnumSet.copyOf(ADD_ONS);
        all.addAll(Set.of(AddOn.TWO_LEAF_DOOR, AddOn.SWING_UP_ROOSTS, AddOn.WALL_NESTS));
        return Collections.unmodifiableSet(all);
    }

    private static Set<AddOn> withRun() {
        Set<AddOn> all = EnumSet.copyOf(AddOn.OF_HOUSES);
        all.addAll(
                Set.of(
                        AddOn.RUN,
                        AddOn.WINDOW,
                        AddOn.ROLL_AWAY_NESTS,
                        AddOn.NEST_DRAWER,
                        AddOn.BALCONY));
        Stream.of(AddOn.values()).filter(AddOn::wantsRun).forEach(all::add);
        return Collections.unmodifiableSet(all);
    }

    /**
     * Draws up the house.
     *
     * @throws Unbuildable when the dimensions or choices do not make one
     */
    static Coop build(ShedDimensions dimensions, DesignSpec spec, Brief brief, ShedKind kind)
            throws Unbuildable {
        if (spec.addOns().contains(AddOn.DOUBLED)) {
            return Doubled.build(dimensions, spec, brief, kind);
        }
        ShedLayout at = new ShedLayout(dimensions, spec, brief, kind);
        PartsBook book = new PartsBook();
        int right = at.nestsRight();
        house(at, book, right, at.hung() - right);
        wayDown(at, book);
        RunPlace before = RunPlace.before(at);
        if (at.runOut().isPresent()) {
            new RunBuilder(before, book).build();
        }
        underside(at, at.d.width(), at.terrain, book);
        checkHeadroom(at);
        List<Part> parts = inOrder(book);
        return new Coop(
                parts,
                book.openings(),
                zones(at, before),
                measures(at, at.d.width(), parts, book.openings()),
                at.terrain);
    }

    /** In the order of the build. */
    static List<Part> inOrder(PartsBook book) {
        return book.parts().stream().sorted(Comparator.comparing(p -> p.role().stage())).toList();
    }

    /** All of a house but what leads up to it, what lies before it and what closes it below. */
    static void house(ShedLayout at, PartsBook book, int right, int left) throws Unbuildable {
        new FloorBuilder(at, book).build();
        EndWallBuilder ends = new EndWallBuilder(at, book);
        SideWallBuilder leftWall = new SideWallBuilder(at, book, false, left);
        SideWallBuilder rightWall = new SideWallBuilder(at, book, true, right);
        ends.frame();
        leftWall.frame();
        rightWall.frame();
        at.roof.frame(book);
        String doorPanel = ends.skins();
        leftWall.skin();
        rightWall.skin();
        at.roof.cover(book);
        new DoorBuilder(at, book).build(doorPanel);
        if (!at.wallNests()) {
            nestBoxes(at, book, left, right);
        }
        if (at.roostBars() > 0) {
            roosts(at, book);
        }
        if (at.insideNests().isPresent()) {
            at.insideNests().get().build(book);
        }
        at.roof.vents(book, at.wallVent(), at.wall().thickness());
    }

    private static void roosts(ShedLayout at, PartsBook book) throws Unbuildable {
        if (at.swings()) {
            Unbuildable.unless(
                    !at.wallNests() || at.nestsEnd().atMost(at.roosts().front()),
                    Sum.of("family.swungNests"));
            new SwungRoosts(at.roosts(), y -> at.rafterBottom(y).min(at.roof.tie())).build(book);
        } else {
            at.roosts().build(book);
        }
    }

    /** From the birds' door to the ground. */
    static void wayDown(ShedLayout at, PartsBook book) throws Unbuildable {
        if (at.balcony) {
            Section bearer = at.c.section(Choices.Group.FLOOR);
            new BalconyBuilder(at, bearer, book).build();
        } else {
            PopHole hole = at.popHole();
            Length foot = RampBuilder.run(hole).negated();
            new RampBuilder(hole, at.below(hole.middle(), foot), book).build();
        }
    }

    private static List<Zone> zones(ShedLayout at, RunPlace before) {
        List<Zone> zones = new ArrayList<>();
        zones.add(room(at));
        if (at.inLevels) {
            Length under = at.d.clear().minus(at.leg().width());
            zones.add(GroundFlaps.zone(at, under));
        }
        at.runOut().ifPresent(out -> zones.add(RunBuilder.zone(before, out)));
        return zones;
    }

    /** Where birds sleep. */
    static Zone room(ShedLayout at) {
        Length sd = at.wall().width();
        Bounds house =
                new Bounds(
                        sd,
                        at.d.width().minus(sd),
                        sd,
                        at.d.depth().minus(sd),
                        at.deckTop(),
                        highest(at, sd));
        return new Zone(Zone.Kind.HOUSE, house, at.kind.standing());
    }

    /** Of the underside of the roof. */
    private static Length highest(ShedLayout at, Length front) {
        Length high = at.rafterBottom(front);
        for (Length bend : at.roof.bends()) {
            high = high.max(at.rafterBottom(bend));
        }
        return high.max(at.roof.walking());
    }

    /**
     * Between skids there is just room for rats, and slats have gaps: there it is always closed.
     * What rolls is open below.
     */
    static void underside(ShedLayout at, Length width, Terrain terrain, PartsBook book) {
        if (at.kind.base() == ShedKind.Base.WHEELS) {
            return;
        }
        boolean open = at.c.underside() == Practice.Underside.OPEN;
        boolean onSkids = at.kind.base() == ShedKind.Base.SKIDS;
        if (open && !onSkids && !at.slatted() && at.runOut().isEmpty()) {
            return;
        }
        Footprint footprint =
                new Footprint(
                        width,
                        at.d.depth(),
                        at.d.clear(),
                        at.skin(),
                        onSkids,
                        at.runOut(),
                        at.c.section(Choices.Group.RUN).thickness(),
                        at.runWall.map(w -> RunWall.end(at)),
                        at.c.finds().footing(),
                        terrain,
                        at.needs);
        new UndersideBuilder(footprint, book).build();
    }

    private static void nestBoxes(ShedLayout at, PartsBook book, int left, int right)
            throws Unbuildable {
        if (at.box.isPresent()) {
            at.box.get().hang(at, book);
        } else if (right > 0) {
            new NestBoxBuilder(at, book, true, right).build();
        }
        if (left > 0) {
            new NestBoxBuilder(at, book, false, left).build();
        }
    }

    /** Over the roosts, and of what they hang on. */
    static void checkHeadroom(ShedLayout at) throws Unbuildable {
        if (at.roostBars() > 0) {
            Length posts = at.roof.postsTo().orElse(Length.ZERO);
            Unbuildable.unless(at.roosts().front().atLeast(posts), Sum.of("family.roostPosts"));
            Unbuildable.unless(
                    headroom(at).atLeast(at.needs.headroom()),
                    Sum.of("family.headroom", headroom(at), at.needs.headroom(), at.d.back()));
            Length top = at.roostTop().minus(at.deckTop());
            Unbuildable.unless(
                    top.atMost(at.needs.roostHeight()),
                    Sum.of("family.roostHigh", top, at.needs.roostHeight()));
        }
    }

    private static Length headroom(ShedLayout at) {
        return at.rafterBottom(at.roosts().at(0)).minus(at.roostTop());
    }

    /** Of a house, and of what stands so wide. */
    static Coop.Measures measures(
            ShedLayout at, Length width, List<Part> parts, List<Opening> openings) {
        Length sd = at.wall().width().times(2);
        Area vents =
                openings.stream()
                        .filter(Opening::isVent)
                        .map(Opening::area)
                        .reduce(Area.ZERO, Area::plus);
        Length height =
                parts.stream().map(p -> p.solid().bounds().z1()).reduce(Length.ZERO, Length::max);
        return new Coop.Measures(
                width,
                at.d.depth(),
                height,
                Area.of(at.d.width().minus(sd), at.d.depth().minus(sd)),
                at.deckTop(),
                at.d.clear(),
                at.roosts().length(),
                at.roostBars() == 0 ? Length.ZERO : at.roostTop().minus(at.deckTop()),
                at.needs.nests(),
                at.needs.nests() == 0 ? Length.ZERO : at.nestLip().minus(at.deckTop()),
                vents,
                at.roostBars() == 0 ? at.d.back() : headroom(at),
                at.runOut().map(length -> Area.of(width, length)).orElse(Area.ZERO),
                at.kind.standing() ? at.standing() : Length.ZERO,
                reach(at),
                at.roof.pitch(),
                RampBuilder.RAMP,
                Weights.of(parts));
    }

    /** By the clean-out door, and by the back where that opens. */
    private static Length reach(ShedLayout at) {
        Room floor = at.room();
        List<FloorReach.Way> ways = new ArrayList<>();
        ways.add(new FloorReach.Way(at.door().from(), at.door().to(), Length.ZERO));
        if (at.backHatch) {
            ways.add(new FloorReach.Way(floor.x0(), floor.x1(), at.d.depth()));
        }
        return FloorReach.of(floor, ways);
    }
}
