package reliqua.core.coop.family;

import java.util.EnumSet;
import java.util.Map;
import java.util.Set;
import reliqua.core.measure.Length;
import reliqua.core.stock.FoundPart;
import reliqua.core.stock.Section;

/** What houses on skids that the keeper walks into have in common. */
abstract class StandUpFamily extends ShedFamily {
    private static final Section LEAST_WALL = Section.mm(36, 60);
    private static final Section LEAST_SKID = Section.mm(36, 85);

    StandUpFamily(Sides sides) {
        super(sides);
    }

    /** With the keeper's height above the floor, a hat and a lamp on it. */
    static Length standing(Brief brief) {
        return brief.keeper().body().height().plus(ShedSizes.ABOVE_HEAD);
    }

    /** Skids lie on edge, so the floor frame is as high above the ground as they are wide. */
    static Length skid(Choices choices) {
        return choices.section(Choices.Group.LEGS).width();
    }

    @Override
    public final Set<FoundPart.Use> places() {
        return EnumSet.of(
                FoundPart.Use.DOOR,
                FoundPart.Use.NEST,
                FoundPart.Use.PLATFORM,
                FoundPart.Use.NEST_BOX);
    }

    @Override
    public Set<AddOn> addOns() {
        return ShedHouse.WALKED_INTO;
    }

    /** The rest set anew, on the floor that it stands on. */
    abstract DesignSpec onFloor(DesignSpec spec, Brief brief, Map<String, Length> held);

    @Override
    public final DesignSpec settled(DesignSpec spec, Brief brief, Map<String, Length> held) {
        return onFloor(FoundFloor.under(spec, held), brief, held);
    }

    @Override
    final Map<String, Length> usual(Choices choices) {
        return Map.of();
    }

    /**
     * Studs taller than a man bow under their skins when they are as thin as they are wide; skids
     * lie along the whole floor and need not be as stout as legs.
     */
    @Override
    public final Section least(Choices.Group group) {
        return switch (group) {
            case WALLS -> LEAST_WALL;
            case LEGS -> LEAST_SKID;
            default -> group.least();
        };
    }
}
