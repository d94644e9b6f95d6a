package reliqua.core.coop.family;

import java.util.List;
import java.util.Optional;
import reliqua.core.coop.Find;
import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.measure.Length;
import reliqua.core.measure.Sum;
import reliqua.core.stock.FoundPart;

/**
 * A wall or close fence that stands in the yard and is the left side of a run. It ends before the
 * eaves of the house, which reach out over it; a narrow frame closes what is left.
 *
 * @param find what takes it out of the heap
 * @param length along the run
 * @param height above the ground
 * @param thick through it
 */
record RunWall(Find find, Length length, Length height, Length thick) {
    /** One that was not measured through: half a brick. */
    private static final Length USUAL = Length.mm(110);

    /** Between its end and the edge of the roof, drip included. */
    private static final Length CLEAR = Length.mm(80);

    /** What is chosen, if its length and height were measured. */
    static Optional<RunWall> in(Choices choices) {
        return choices.finds()
                .thing(FoundPart.Use.RUN_WALL)
                .filter(t -> t.part().sizes().size() >= 2)
                .map(RunWall::of);
    }

    private static RunWall of(Finds.Thing thing) {
        List<Length> sizes = thing.part().sizes();
        return new RunWall(
                thing.find(),
                sizes.get(0).max(sizes.get(1)),
                sizes.get(0).min(sizes.get(1)),
                thing.size(2, USUAL));
    }

    /** Depth at which it ends, before the house. */
    static Length end(ShedLayout at) {
        Length frame = at.c.section(Choices.Group.RUN).width().times(2);
        return at.d.overhang().max(at.skin().plus(frame)).plus(CLEAR).negated();
    }

    /**
     * Refuses one that is lower than the run or shorter, and ground that falls.
     *
     * @param top of the run
     * @param far the outer face of the front of the run
     */
    void check(ShedLayout at, Length top, Length far) throws Unbuildable {
        Unbuildable.unless(at.terrain.isLevel(), Sum.of("family.wallSlope"));
        Unbuildable.unless(height.atLeast(top), Sum.of("family.wallLow", height, top));
        Length least = end(at).minus(far);
        Unbuildable.unless(length.atLeast(least), Sum.of("family.wallShort", length, least));
    }

    /** With its face there. */
    void stand(ShedLayout at, Length face, PartsBook book) {
        Length end = end(at);
        Solid place =
                Solid.box(face.minus(thick), face, end.minus(length), end, Length.ZERO, height);
        book.whole(Role.STANDING_WALL, find, List.of(), place);
    }
}
