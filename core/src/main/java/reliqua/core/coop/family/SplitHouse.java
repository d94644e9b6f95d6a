package reliqua.core.coop.family;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import reliqua.core.coop.Coop;
import reliqua.core.measure.Angle;
import reliqua.core.measure.Length;

/**
 * The walk-in house under a split roof: a higher plane over the keeper at the front, a lower one
 * over the roosts, and between them a band of mesh that lets out warm damp air and lets in light.
 */
final class SplitHouse extends StandUpFamily {

    /** The keeper's door is in the front, under the eaves; one stoops, but not more than this. */
    private static final Length EAVES_LEAST = Length.mm(1750);

    /** Three in twelve is the least for plain laps, and keeps the step low. */
    private static final double SLOPE = SingleSlope.PLAIN_LAPS;

    /** Enough light and air; more lets in the snow. */
    private static final Length BAND = Length.mm(200);

    private static final Length BAND_MOST = Length.mm(350);

    SplitHouse() {
        super(new Sides(Length.mm(1500), Length.mm(4300), Length.mm(1900), Length.mm(3600)));
    }

    @Override
    public String id() {
        return "split";
    }

    @Override
    public List<String> keys() {
        return List.of(
                ShedDimensions.WIDTH,
                ShedDimensions.DEPTH,
                ShedDimensions.FRONT,
                ShedDimensions.BACK,
                ShedDimensions.RISE,
                ShedDimensions.OVERHANG);
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
                        Optional.of(spec.length(ShedDimensions.RISE)));
        return ShedHouse.build(dimensions, spec, brief, ShedKind.SPLIT);
    }

    /** The front as low as keeper and doors allow, the back as low as birds and the band do. */
    @Override
    DesignSpec onFloor(DesignSpec spec, Brief brief, Map<String, Length> held) {
        Choices choices = spec.choices();
        Length step = choices.step();
        Length run = spec.depth().half().minus(choices.section(Choices.Group.WALLS).width());
        Length rise = run.scaled(SLOPE).ceilTo(step);
        LeastHeights least = new LeastHeights(spec, brief.needs());
        Length front =
                standing(brief)
                        .minus(rise.minus(spec.depth().dividedBy(4).scaled(SLOPE)))
                        .max(EAVES_LEAST)
                        .max(least.underEaves())
                        .ceilTo(step);
        Angle pitch = Angle.ofSlope(rise, run);
        Length back =
                front.minus(SplitRoof.step(choices, BAND_MOST, pitch))
                        .max(least.overRoosts())
                        .ceilTo(step);
        Length under = back.plus(SplitRoof.step(choices, BAND, pitch)).ceilTo(step);
        DesignSpec lowest =
                spec.with(ShedDimensions.RISE, rise)
                        .with(ShedDimensions.BACK, back)
                        .with(ShedDimensions.FRONT, front.max(under));
        return ShedSizes.keeping(lowest, brief, held);
    }
}
