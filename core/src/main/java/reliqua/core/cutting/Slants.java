package reliqua.core.cutting;

import java.util.List;
import java.util.Optional;
import reliqua.core.coop.Duty;
import reliqua.core.coop.Part;
import reliqua.core.measure.Angle;
import reliqua.core.measure.Length;

/**
 * The slanting ends of the sticks of a coop, and how they lie on a ticket. A rafter's plumb cuts
 * slant across its width, a stud's top across its thickness. A brace is pointed to its corner: that
 * is no single plane, so it never nests.
 */
public final class Slants {
    private Slants() {}

    /** How the ends of a stick slant; nothing where they are square or pointed. */
    public static Optional<Bevel> of(Part.StickPart stick) {
        boolean across = stick.role().is(Duty.Trait.SLANTS_ACROSS_WIDTH);
        boolean start = stick.startCut().degrees() != 0;
        boolean end = stick.endCut().degrees() != 0;
        if (!across && !stick.role().is(Duty.Trait.SLANTS_ACROSS_THICKNESS) || !start && !end) {
            return Optional.empty();
        }
        Angle angle = start ? stick.startCut() : stick.endCut();
        Length depth = across ? stick.section().width() : stick.section().thickness();
        // Rounded to micrometres, downwards: files keep no more, and nobody saws closer.
        long micrometres = (long) Math.floor(depth.nm() * Math.abs(angle.tan()) / 1000);
        return Optional.of(new Length(micrometres * 1000))
                .filter(run -> run.isPositive() && run.atMost(stick.length()))
                .map(run -> new Bevel(run, across, start && end));
    }

    /** Whether a piece of a stick lies nested in the one before it: one cut parts the two. */
    public static boolean isNested(List<Ticket.Cut> cuts, int n) {
        return n > 0 && cuts.get(n).x().compareTo(cuts.get(n - 1).end()) < 0;
    }

    /**
     * Whether the slanting end of a piece with one comes first on the stick: where it lies nested
     * in the one before, or is that end of the part.
     */
    public static boolean isTurned(List<Ticket.Cut> cuts, int n, Part.StickPart stick) {
        return isNested(cuts, n) || stick.startCut().degrees() != 0;
    }
}
