package reliqua.core.cutting;

import java.util.Optional;
import reliqua.core.measure.Length;

/**
 * A wanted panel; {@code turn} tells whether it may be rotated by 90 degrees. By a half turn it may
 * be rotated always.
 *
 * @param width of its least rectangle
 * @param length of that rectangle
 * @param outline its shape, where it is no rectangle
 * @param grain whether the grain of a sheet that has one must run along its length
 */
public record WantedPanel(
        String id,
        Length thickness,
        Length width,
        Length length,
        int quantity,
        boolean turn,
        Optional<PanelOutline> outline,
        boolean grain) {
    /** Refuses sizes not above zero, a quantity below one and a shape beyond its size. */
    public WantedPanel {
        Sizes.positive(id, thickness, width, length);
        Sizes.counted(id, quantity);
        Sizes.inside(id, outline.isEmpty() || outline.get().within(width, length));
    }

    /** A rectangle. */
    public WantedPanel(
            String id, Length thickness, Length width, Length length, int quantity, boolean turn) {
        this(id, thickness, width, length, quantity, turn, Optional.empty(), false);
    }

    /** So many of them. */
    WantedPanel counted(int some) {
        return new WantedPanel(id, thickness, width, length, some, turn, outline, grain);
    }
}
