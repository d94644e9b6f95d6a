package reliqua.core.coop.family;

import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import reliqua.core.coop.Coop;
import reliqua.core.measure.Length;
import reliqua.core.stock.FoundPart;
import reliqua.core.stock.Section;

/**
 * The walk-in house: a single-slope roof on a floor frame that lies on skids, with a door that one
 * walks through and room to stand up in the middle of the floor.
 */
final class WalkInHouse extends ShedFamily {
    private static final Section LEAST_WALL = Section.mm(36, 60);
    private static final Section LEAST_SKID = Section.mm(36, 85);

    WalkInHouse() {
        super(new Sides(Length.mm(1500), Length.mm(3700), Length.mm(1500), Length.mm(2450)));
    }

    @Override
    public String id() {
        return "walkin";
    }

    @Override
    public List<String> keys() {
        return List.of(
                ShedDimensions.WIDTH,
                ShedDimensions.DEPTH,
                ShedDimensions.FRONT,
                ShedDimensions.BACK,
                ShedDimensions.OVERHANG);
    }

    @Override
    public Set<AddOn> addOns() {
        return ShedHouse.WALKED_INTO;
    }

    @Override
    public Coop build(DesignSpec spec, Brief brief) throws Unbuildable {
        ShedDimensions dimensions =
                new ShedDimensions(
                        spec.width(),
                        spec.depth(),
                        skid(spec.choices()),
                        spec.length(ShedDimensions.FRONT),
                        spec.length(ShedDimensions.BACK),
                        spec.length(ShedDimensions.OVERHANG),
                        Optional.empty());
        return ShedHouse.build(dimensions, spec, brief, ShedKind.WALK_IN);
    }

    /** Skids lie on edge, so the floor frame is as high above the ground as they are wide. */
    private static Length skid(Choices choices) {
        return choices.section(Choices.Group.LEGS).width();
    }

    @Override
    public Set<FoundPart.Use> places() {
        return EnumSet.of(FoundPart.Use.DOOR);
    }

    @Override
    Map<String, Length> usual(Choices choices) {
        return Map.of();
    }

    @Override
    public DesignSpec settled(DesignSpec spec, Brief brief, Map<String, Length> held) {
        Length standing = brief.keeper().body().height().plus(ShedSizes.ABOVE_HEAD);
        return ShedSizes.keeping(
                new LeastHeights(spec, brief.needs()).standing(standing), brief, held);
    }

    /**
     * Studs taller than a man bow under their skins when they are as thin as they are wide; skids
     * lie along the whole floor and need not be as stout as legs.
     */
    @Override
    public Section least(Choices.Group group) {
        return leastSection(group);
    }

    static Section leastSection(Choices.Group group) {
        return switch (group) {
            case WALLS -> LEAST_WALL;
            case LEGS -> LEAST_SKID;
            default -> group.least();
        };
    }
}
