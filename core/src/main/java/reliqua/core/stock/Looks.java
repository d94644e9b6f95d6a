package reliqua.core.stock;

import java.util.Set;

/**
 * How a stick would look where everybody sees it, from what is known of it anyway: flaws, paint,
 * old nails. It says nothing of strength; sound but ugly sticks belong where they are hidden.
 */
public final class Looks {
    /** As poor as it gets. */
    public static final int POOREST = 3;

    private static final double MANY_FLAWS_A_METRE = 1;
    private static final Set<Hazard> UGLY =
            Set.of(Hazard.OLD_PAINT, Hazard.OLD_TREATED, Hazard.HIDDEN_NAILS);

    private Looks() {}

    /** From 0, fair, to {@link #POOREST}. */
    public static int of(Stick stick, Condition condition) {
        int poor = stick.treatment() == Treatment.PAINTED ? 1 : 0;
        poor += stick.flaws().isEmpty() ? 0 : 1;
        poor += stick.flaws().size() > MANY_FLAWS_A_METRE * stick.length().toMetres() ? 1 : 0;
        poor += condition.hazards().stream().anyMatch(UGLY::contains) ? 1 : 0;
        return Math.min(POOREST, poor);
    }
}
