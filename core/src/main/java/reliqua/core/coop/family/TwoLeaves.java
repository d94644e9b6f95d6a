package reliqua.core.coop.family;

import java.util.List;
import java.util.Optional;
import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.measure.Length;
import reliqua.core.measure.Sum;
import reliqua.core.stock.Section;

/** Where a keeper's door is sawn across, if it has two leaves: over the backs of the birds. */
final class TwoLeaves {
    /** A hen does not look over it, and the keeper leans in with a bucket. */
    private static final Length LOWER = Length.mm(760);

    private static final Length UPPER_LEAST = Length.mm(400);

    /** The lap swings out between the jambs. */
    private static final Length LAP_CLEAR = Length.mm(15);

    private TwoLeaves() {}

    /** One leaf, or the lower and the upper. */
    record Leaf(Length from, Length to) {}

    /**
     * The height at which it is sawn.
     *
     * @throws Unbuildable when it is too low for two leaves
     */
    static Length split(Length bottom, Length top, Length step) throws Unbuildable {
        Length split = bottom.plus(LOWER).floorTo(step);
        Unbuildable.unless(
                top.minus(split).atLeast(UPPER_LEAST), Sum.of("family.leafLow", top.minus(bottom)));
        return split;
    }

    /** The leaves of a door between its outer edges, with play where it is sawn. */
    static List<Leaf> leaves(Length z0, Length z1, Optional<Length> split) {
        Length half = ShedLayout.DOOR_GAP.half();
        return split.map(s -> List.of(new Leaf(z0, s.minus(half)), new Leaf(s.plus(half), z1)))
                .orElse(List.of(new Leaf(z0, z1)));
    }

    /**
     * Behind the joint, on the lower leaf: it keeps draught and noses out, and the upper leaf shuts
     * against it.
     */
    static void lap(PartsBook book, Section trim, Length from, Length to, Length split) {
        Length half = trim.width().half();
        Length x0 = from.plus(LAP_CLEAR);
        Length x1 = to.minus(LAP_CLEAR);
        Solid solid =
                Solid.box(
                        x0, x1, Length.ZERO, trim.thickness(), split.minus(half), split.plus(half));
        book.stick(Role.LEAF_LAP, trim, x1.minus(x0), solid);
    }
}
