package reliqua.core.coop.family;

import java.util.ArrayList;
import java.util.List;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Opening;
import reliqua.core.coop.Part;
import reliqua.core.coop.Terrain;
import reliqua.core.coop.Zone;
import reliqua.core.flock.Needs;
import reliqua.core.measure.Length;
import reliqua.core.measure.Sum;

/**
 * A house doubled at its left end: the same again as in a mirror, wall to wall with the first.
 * Birds go from one to the other through a passage; the first keeps their way out, and each has a
 * door for the keeper, roosts, and nests at its outer end. The roof of the second is so much lower
 * that it ends below the edge of the first one's, which keeps the rain off the joint: what stands
 * is not touched but for the passage. Below both, and before both, all is one.
 */
final class Doubled {
    /** Between the roofs, for the ribs of the lower one and for a hand that screws it down. */
    private static final Length ROOFS_APART = Length.mm(20);

    /** Within the house birds stoop a little, as they do below a roost. */
    private static final double STOOPING = 0.8;

    private final ShedLayout first;
    private final ShedLayout second;
    private final Length width;

    private Doubled(ShedLayout first, ShedLayout second) {
        this.first = first;
        this.second = second;
        this.width = first.d.width().plus(beyond(first.d.width(), first.skin()));
    }

    /**
     * Draws up both.
     *
     * @throws Unbuildable when one of them is not to be built, or what is wanted in the wall
     *     between them or at their outer ends finds no room
     */
    static Coop build(ShedDimensions d, DesignSpec spec, Brief brief, ShedKind kind)
            throws Unbuildable {
        Unbuildable.unless(!spec.addOns().contains(AddOn.WINDOW), Sum.of("family.doubledWindow"));
        Unbuildable.unless(
                !spec.addOns().contains(AddOn.SLATTED_FLOOR), Sum.of("family.doubledSlats"));
        ShedLayout first = new ShedLayout(d, spec, half(brief, true), kind, Half.FIRST);
        ShedLayout second =
                new ShedLayout(
                        lower(d, spec.choices()), spec, half(brief, false), kind, Half.SECOND);
        return new Doubled(first, second).coop(brief.needs());
    }

    /** What one of the two must be for. */
    static Brief half(Brief brief, boolean first) {
        return new Brief(brief.needs().half(first), brief.keeper(), brief.addOns());
    }

    /** Whom each house is for: the first of two, or the only one. */
    static Brief each(Brief brief) {
        return brief.addOns().contains(AddOn.DOUBLED) ? half(brief, true) : brief;
    }

    /** Outer width of all that stands. */
    static Length wide(DesignSpec spec) {
        return spec.addOns().contains(AddOn.DOUBLED)
                ? spec.width().plus(beyond(spec.width(), spec.choices().skin()))
                : spec.width();
    }

    /** How far the second reaches beyond the frame of the first. */
    static Length beyond(Length width, Length skin) {
        return width.plus(skin);
    }

    /** The heights of the first with the roof of the second so much lower. */
    static DesignSpec higher(DesignSpec spec) {
        if (!spec.addOns().contains(AddOn.DOUBLED)) {
            return spec;
        }
        Length front = spec.length(ShedDimensions.FRONT);
        Length back = spec.length(ShedDimensions.BACK);
        Length down = down(spec.choices(), front.minus(back), spec.depth());
        return spec.with(ShedDimensions.FRONT, front.plus(down))
                .with(ShedDimensions.BACK, back.plus(down));
    }

    private static ShedDimensions lower(ShedDimensions d, Choices choices) {
        Length down = down(choices, d.front().minus(d.back()), d.depth());
        return new ShedDimensions(
                d.width(),
                d.depth(),
                d.clear(),
                d.front().minus(down),
                d.back().minus(down),
                d.overhang(),
                d.rise());
    }

    /** Purlins and roofing of the lower roof fit below the purlins of the higher one. */
    private static Length down(Choices choices, Length fall, Length depth) {
        Length seat = choices.section(Choices.Group.WALLS).width();
        double slope = fall.ratio(depth.minus(seat));
        Length thick = choices.section(Choices.Group.PURLINS).thickness().plus(RoofBuilder.PROFILE);
        return thick.scaled(Math.hypot(1, slope)).plus(ROOFS_APART).ceilTo(choices.step());
    }

    private Coop coop(Needs needs) throws Unbuildable {
        check();
        PartsBook book = new PartsBook();
        Length aside = beyond(first.d.width(), first.skin());
        PartsBook right = book.beside(false, aside);
        PartsBook left = book.beside(true, first.d.width());
        ShedHouse.house(first, right, first.needs.nests(), 0);
        ShedHouse.house(second, left, second.needs.nests(), 0);
        ShedHouse.wayDown(first, right);
        Terrain ground = ground(needs);
        RunPlace before = new RunPlace(first, width, RunBuilder.top(second), ground);
        if (first.runOut().isPresent()) {
            new RunBuilder(before, book).build();
        }
        ShedHouse.underside(first, width, ground, book);
        List<Part> parts = ShedHouse.inOrder(book);
        return new Coop(
                parts, book.openings(), zones(before), measures(parts, book.openings()), ground);
    }

    private Terrain ground(Needs needs) {
        return new Terrain(
                needs.ground(), Length.ZERO, width, first.terrain.y0(), first.terrain.y1());
    }

    private void check() throws Unbuildable {
        for (ShedLayout at : List.of(first, second)) {
            ShedHouse.checkHeadroom(at);
            Unbuildable.unless(
                    at.nestsPerSide() >= at.needs.nests(),
                    Sum.of("family.doubledNests", at.needs.nests(), at.d.depth()));
            Length open = at.passageTop().minus(at.passageSill());
            Length least = at.needs.popDoorHeight().scaled(STOOPING).floorTo(at.c.step());
            Unbuildable.unless(open.atLeast(least), Sum.of("family.doubledPassage", open, least));
        }
    }

    private List<Zone> zones(RunPlace before) {
        List<Zone> zones = new ArrayList<>();
        Zone own = ShedHouse.room(first);
        zones.add(
                new Zone(
                        own.kind(),
                        own.floor().atSide(false, beyond(first.d.width(), first.skin())),
                        own.stand()));
        Zone other = ShedHouse.room(second);
        zones.add(
                new Zone(
                        other.kind(),
                        other.floor().atSide(true, first.d.width()),
                        other.stand(),
                        1));
        first.runOut().ifPresent(out -> zones.add(RunBuilder.zone(before, out)));
        return zones;
    }

    private Coop.Measures measures(List<Part> parts, List<Opening> openings) {
        Coop.Measures a = ShedHouse.measures(first, width, parts, openings);
        Coop.Measures b = ShedHouse.measures(second, width, parts, openings);
        return new Coop.Measures(
                width,
                a.depth(),
                a.height(),
                a.floor().plus(b.floor()),
                a.floorHeight(),
                a.clearBelow(),
                a.roost().plus(b.roost()),
                a.roostTop().max(b.roostTop()),
                a.nests() + b.nests(),
                a.nestEntrance().max(b.nestEntrance()),
                a.vents(),
                a.headroom().min(b.headroom()),
                a.run(),
                a.standing().min(b.standing()),
                a.reach().max(b.reach()),
                a.pitch(),
                a.rampPitch(),
                a.weight());
    }
}
