package reliqua.core.cutting;

import java.util.List;
import java.util.Optional;
import reliqua.core.measure.Length;
import reliqua.core.stock.SheetOutline;

/**
 * Own sheets of one description.
 *
 * @param outline its edge, where it is no rectangle
 * @param grain whether it has a grain, which runs along its length
 */
public record OwnSheet(
        String id,
        Length thickness,
        Length width,
        Length length,
        int quantity,
        List<CutJob.Box> flaws,
        Optional<SheetOutline> outline,
        boolean grain) {
    /** Refuses sizes not above zero, a quantity below one and an edge beyond its size. */
    public OwnSheet {
        Sizes.positive(id, thickness, width, length);
        Sizes.counted(id, quantity);
        flaws = List.copyOf(flaws);
        Sizes.inside(id, outline.isEmpty() || outline.get().within(width, length));
    }

    /** A rectangle. */
    public OwnSheet(
            String id,
            Length thickness,
            Length width,
            Length length,
            int quantity,
            List<CutJob.Box> flaws) {
        this(id, thickness, width, length, quantity, flaws, Optional.empty(), false);
    }

    /** So many of them. */
    OwnSheet counted(int some) {
        return new OwnSheet(id, thickness, width, length, some, flaws, outline, grain);
    }
}
