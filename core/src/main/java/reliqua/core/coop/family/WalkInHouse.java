package reliqua.core.coop.family;

import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import reliqua.core.coop.Coop;
import reliqua.core.measure.Length;

/**
 * The walk-in house: a single-slope roof on a floor frame that lies on skids, with a door that one
 * walks through and room to stand up in the middle of the floor.
 */
final class WalkInHouse extends StandUpFamily {
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
        Set<AddOn> all = EnumSet.copyOf(super.addOns());
        all.add(AddOn.DOUBLED);
        return all;
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

    @Override
    DesignSpec onFloor(DesignSpec spec, Brief brief, Map<String, Length> held) {
        return ShedSizes.keeping(
                Doubled.higher(
                        new LeastHeights(spec, Doubled.each(brief).needs())
                                .standing(standing(brief))),
                brief,
                held);
    }
}
