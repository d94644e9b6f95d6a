package reliqua.core.coop.family;

import java.util.List;
import java.util.Optional;
import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.measure.Length;
import reliqua.core.measure.Sum;
import reliqua.core.stock.FoundPart;

/**
 * A box of nests from elsewhere, hung outside a wall as it is, with the lid it has.
 *
 * @param thing what was found
 * @param row its length along the wall
 * @param high its height where it meets the wall
 * @param deep how far it stands out
 */
record FoundNests(Finds.Thing thing, Length row, Length high, Length deep) {
    /** Birds take a nest a little smaller than the books say. */
    private static final double SNUG = 0.85;

    /** What is chosen, if it was measured all three ways. */
    static Optional<FoundNests> in(Choices choices) {
        return choices.finds()
                .thing(FoundPart.Use.NEST_BOX)
                .filter(t -> t.part().sizes().size() == 3)
                .map(
                        t ->
                                new FoundNests(
                                        t,
                                        t.part().sizes().get(0),
                                        t.part().sizes().get(1),
                                        t.part().sizes().get(2)));
    }

    /** Refuses a box too small for these birds, or of too few nests, or lower than its opening. */
    void check(ShedLayout at) throws Unbuildable {
        Length side = at.needs.nestSide().scaled(SNUG);
        long nests = row.nm() / side.nm();
        Unbuildable.unless(
                nests >= at.needs.nests(), Sum.of("family.nestFew", nests, at.needs.nests()));
        // Beside a corner the opening may come out a little longer than what is to shut it.
        boolean shut = at.nestOpening(at.needs.nests()).width().atMost(row);
        boolean fits =
                shut
                        && deep.atLeast(side)
                        && at.nestFloor().minus(at.skin()).plus(high).atLeast(at.nestOpeningTop());
        Unbuildable.unless(fits, Sum.of("family.nestSize", row, high, deep));
    }

    /** Before the opening in the right wall. */
    void hang(ShedLayout at, PartsBook book) throws Unbuildable {
        ShedLayout.Between opening = at.nestOpening(at.needs.nests());
        Length x = at.d.width().plus(at.skin());
        Length z = at.nestFloor().minus(at.skin());
        Solid place =
                Solid.box(
                        x, x.plus(deep), opening.from(), opening.from().plus(row), z, z.plus(high));
        book.whole(Role.FOUND_NESTS, thing.find(), List.of(), place);
    }
}
