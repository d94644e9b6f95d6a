package reliqua.core.coop.family;

import java.util.Collections;
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
 * The wheeled house: a closed house on two wheels and two props, with its beams drawn out into
 * handles behind, so that it rolls like a barrow to fresh ground. Birds sleep and lay in it and
 * spend the day outside.
 */
final class WheeledHouse extends ShedFamily {
    private static final Set<AddOn> ADD_ONS =
            Collections.unmodifiableSet(
                    EnumSet.of(
                            AddOn.WINDOW,
                            AddOn.DROPPINGS_BOARD,
                            AddOn.DOOR_BAR,
                            AddOn.ROLL_AWAY_NESTS,
                            AddOn.NEST_DRAWER,
                            AddOn.FLOOR_VENT,
                            AddOn.GROUND_LEVEL,
                            AddOn.BACK_HATCH));

    WheeledHouse() {
        super(new Sides(Length.mm(980), Length.mm(2450), Length.mm(850), Length.mm(1850)));
    }

    @Override
    public String id() {
        return "wheeled";
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
    public Coop build(DesignSpec spec, Brief brief) throws Unbuildable {
        ShedDimensions dimensions =
                new ShedDimensions(
                        spec.width(),
                        spec.depth(),
                        RollingBase.clear(spec),
                        spec.length(ShedDimensions.FRONT),
                        spec.length(ShedDimensions.BACK),
                        spec.length(ShedDimensions.OVERHANG),
                        Optional.empty());
        return ShedHouse.build(dimensions, spec, brief, ShedKind.WHEELED);
    }

    @Override
    public boolean moved() {
        return true;
    }

    @Override
    public Set<AddOn> addOns() {
        return ADD_ONS;
    }

    @Override
    public Set<FoundPart.Use> places() {
        return EnumSet.of(FoundPart.Use.HATCH, FoundPart.Use.WHEELS);
    }

    @Override
    public Set<FoundPart.Use> musts() {
        return EnumSet.of(FoundPart.Use.WHEELS);
    }

    @Override
    Map<String, Length> usual(Choices choices) {
        return Map.of();
    }

    @Override
    public DesignSpec settled(DesignSpec spec, Brief brief, Map<String, Length> held) {
        DesignSpec lowest = new LeastHeights(spec, brief.needs()).forBirds();
        return ShedSizes.keeping(lowest, brief, held);
    }

    /** Beams lie on edge and need not be as stout as legs. */
    @Override
    public Section least(Choices.Group group) {
        return group == Choices.Group.LEGS ? RollingBase.LEAST_BEAM : group.least();
    }
}
