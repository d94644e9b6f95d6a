package reliqua.core.coop.family;

import java.util.ArrayList;
import java.util.List;
import reliqua.core.coop.Find;
import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.measure.Length;
import reliqua.core.stock.Block;

/**
 * Slabs of one size laid tight round a coop, level with the ground. Each side begins where the last
 * one ends and runs on past the next corner, as the arms of a windmill do, so that no slab need be
 * cut and none is left out.
 */
final class Paving {
    private final Footprint at;
    private final Block slab;

    /** From the coop outwards, of one row. */
    private final Length across;

    private final Length along;
    private final int rows;

    Paving(Footprint at, Finds.Footing slabs) {
        this.at = at;
        this.slab = slabs.block();
        Length wanted = at.needs().apronPaved();
        boolean endways = slab.width().compareTo(wanted) < 0 && slab.length().atLeast(wanted);
        this.across = endways ? slab.length() : slab.width();
        this.along = endways ? slab.width() : slab.length();
        this.rows = (int) Math.ceilDiv(wanted.nm(), across.nm());
    }

    private Length out() {
        return across.times(rows);
    }

    private int row(Length side) {
        return (int) Math.ceilDiv(side.plus(out()).nm(), along.nm());
    }

    /** How many it takes all round. */
    int count() {
        return 2 * rows * (row(at.width()) + row(at.depth()));
    }

    void lay(PartsBook book) {
        places().forEach(
                        solid ->
                                book.whole(
                                        Role.PAVING,
                                        new Find.OfSlab(slab.width(), slab.length()),
                                        List.of(),
                                        solid));
    }

    private List<Solid> places() {
        Length w = at.width();
        Length d = at.depth();
        List<Solid> all = new ArrayList<>();
        for (int row = 0; row < rows; row++) {
            Length near = across.times(row);
            Length far = near.plus(across);
            for (int n = 0; n < row(w); n++) {
                Length from = along.times(n);
                Length to = from.plus(along);
                all.add(slab(from, to, far.negated(), near.negated()));
                all.add(slab(w.minus(to), w.minus(from), d.plus(near), d.plus(far)));
            }
            for (int n = 0; n < row(d); n++) {
                Length from = along.times(n);
                Length to = from.plus(along);
                all.add(slab(w.plus(near), w.plus(far), from, to));
                all.add(slab(far.negated(), near.negated(), d.minus(to), d.minus(from)));
            }
        }
        return all;
    }

    private Solid slab(Length x0, Length x1, Length y0, Length y1) {
        return Solid.box(x0, x1, y0, y1, slab.height().negated(), Length.ZERO);
    }
}
