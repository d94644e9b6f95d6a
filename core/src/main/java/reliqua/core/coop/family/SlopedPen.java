package reliqua.core.coop.family;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Part;
import reliqua.core.flock.Needs;
import reliqua.core.measure.Area;
import reliqua.core.measure.Length;
import reliqua.core.measure.Sum;

/** A pen under a roof that falls to the back, closed and roosted in at the left. */
interface SlopedPen {
    Needs needs();

    SingleSlope roof();

    /** Length of the closed part. */
    Length closed();

    /** How many roost bars there are. */
    int bars();

    RoostBuilder roosts();

    InsideNests nests();

    /** Lip of the nests above the ground. */
    Length nestLip();

    /** Right edge of the door. */
    Length doorTo();

    /** Clear height where the keeper goes in; zero where one only reaches in. */
    default Length standing() {
        return Length.ZERO;
    }

    /** Least from a roost to the rafters. */
    default Length headroom() {
        return roof().rafterBottom(roosts().at(0)).minus(roosts().top());
    }

    /**
     * Roosts and nests, if these birds want any.
     *
     * @param high what makes it so low, for the words of a refusal
     * @throws Unbuildable when birds cannot stand on their bars
     */
    default void furnish(PartsBook book, String low, Length high) throws Unbuildable {
        if (bars() > 0) {
            Unbuildable.unless(
                    headroom().atLeast(needs().headroom()),
                    Sum.of(low, headroom(), needs().headroom(), high));
            roosts().build(book);
        }
        if (needs().nests() > 0) {
            nests().build(book);
        }
    }

    /** The whole of it. */
    default Coop coop(PartsBook book, Length high) {
        Length width = roof().width();
        Length depth = roof().depth();
        boolean roosting = bars() > 0;
        List<Part> parts = new ArrayList<>(book.parts());
        parts.sort(Comparator.comparing(p -> p.role().stage()));
        Coop.Measures measures =
                PenSizes.measures(
                        width,
                        depth,
                        Area.of(closed(), depth),
                        roosting ? roosts().length() : Length.ZERO,
                        roosting ? roosts().top() : Length.ZERO,
                        needs().nests() == 0 ? Length.ZERO : nestLip(),
                        roosting ? headroom() : roof().backTop(),
                        standing(),
                        new Length(Math.round(Math.hypot(doorTo().nm(), depth.nm()))),
                        roof().pitch(),
                        needs(),
                        parts,
                        book.openings());
        return new Coop(
                parts,
                book.openings(),
                PenSizes.zones(width, depth, high, standing().isPositive()),
                measures);
    }
}
