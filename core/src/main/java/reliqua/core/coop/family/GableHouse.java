package reliqua.core.coop.family;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import reliqua.core.coop.Coop;
import reliqua.core.measure.Length;

/**
 * The walk-in house under a gable: two roof planes with a ridge along the middle, which asks for
 * short rafters only and gives headroom where one walks.
 */
final class GableHouse extends StandUpFamily {

    /** The keeper's door is in the front, under the eaves; one stoops, but not more than this. */
    private static final Length EAVES_LEAST = Length.mm(1750);

    /** Four in twelve sheds rain and asks for little roofing. */
    private static final double SLOPE = 1.0 / 3;

    GableHouse() {
        super(new Sides(Length.mm(1500), Length.mm(4300), Length.mm(1700), Length.mm(3050)));
    }

    @Override
    public String id() {
        return "gable";
    }

    @Override
    public List<String> keys() {
        return List.of(
                ShedDimensions.WIDTH,
                ShedDimensions.DEPTH,
                ShedDimensions.EAVES,
                ShedDimensions.RISE,
                ShedDimensions.OVERHANG);
    }

    @Override
    public Coop build(DesignSpec spec, Brief brief) throws Unbuildable {
        Length eaves = spec.length(ShedDimensions.EAVES);
        ShedDimensions dimensions =
                new ShedDimensions(
                        spec.width(),
                        spec.depth(),
                        skid(spec.choices()),
                        eaves,
                        eaves,
                        spec.length(ShedDimensions.OVERHANG),
                        Optional.of(spec.length(ShedDimensions.RISE)));
        return ShedHouse.build(dimensions, spec, brief, ShedKind.GABLE);
    }

    @Override
    DesignSpec onFloor(DesignSpec spec, Brief brief, Map<String, Length> held) {
        Length step = spec.choices().step();
        Length seat = spec.choices().section(Choices.Group.WALLS).width();
        Length rise = spec.depth().half().minus(seat).scaled(SLOPE).ceilTo(step);
        Length forKeeper = standing(brief).minus(rise.dividedBy(GableRoof.TIE_UP));
        Length eaves =
                forKeeper
                        .max(EAVES_LEAST)
                        .max(new LeastHeights(spec, brief.needs()).underEaves())
                        .ceilTo(step);
        DesignSpec lowest = spec.with(ShedDimensions.RISE, rise).with(ShedDimensions.EAVES, eaves);
        return ShedSizes.keeping(lowest, brief, held);
    }
}
