package reliqua.core.coop.family;

import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import reliqua.core.coop.Coop;
import reliqua.core.measure.Length;
import reliqua.core.stock.FoundPart;
import reliqua.core.stock.Section;

/**
 * The walk-in house under a gable: two roof planes with a ridge along the middle, which asks for
 * short rafters only and gives headroom where one walks.
 */
final class GableHouse implements CoopFamily {
    private static final Length OVERHANG = Length.mm(180);
    private static final Length WIDTH_LEAST = Length.mm(1500);
    private static final Length WIDTH_MOST = Length.mm(4300);
    private static final Length DEPTH_LEAST = Length.mm(1700);
    private static final Length DEPTH_MOST = Length.mm(3050);

    /** The keeper's door is in the front, under the eaves; one stoops, but not more than this. */
    private static final Length EAVES_LEAST = Length.mm(1750);

    /** Four in twelve sheds rain and asks for little roofing. */
    private static final double SLOPE = 1.0 / 3;

    private final WalkInHouse walkIn = new WalkInHouse();

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
    public Set<AddOn> addOns() {
        return ShedHouse.ADD_ONS;
    }

    @Override
    public Set<FoundPart.Use> places() {
        return EnumSet.of(FoundPart.Use.DOOR);
    }

    @Override
    public Coop build(DesignSpec spec, Brief brief) throws Unbuildable {
        Length eaves = spec.length(ShedDimensions.EAVES);
        ShedDimensions dimensions =
                new ShedDimensions(
                        spec.width(),
                        spec.depth(),
                        spec.choices().section(Choices.Group.LEGS).width(),
                        eaves,
                        eaves,
                        spec.length(ShedDimensions.OVERHANG),
                        Optional.of(spec.length(ShedDimensions.RISE)));
        return ShedHouse.build(dimensions, spec, brief, ShedKind.WALK_IN);
    }

    @Override
    public DesignSpec sized(
            Choices choices, Brief brief, Map<String, Length> held, Length width, Length depth) {
        Map<String, Length> lengths = new LinkedHashMap<>();
        lengths.put(ShedDimensions.WIDTH, width);
        lengths.put(ShedDimensions.DEPTH, depth);
        lengths.put(ShedDimensions.OVERHANG, OVERHANG.ceilTo(choices.step()));
        lengths.replaceAll(held::getOrDefault);
        return settled(new DesignSpec(id(), lengths, choices, brief.addOns()), brief, held);
    }

    @Override
    public DesignSpec settled(DesignSpec spec, Brief brief, Map<String, Length> held) {
        Length step = spec.choices().step();
        Length seat = spec.choices().section(Choices.Group.WALLS).width();
        Length rise = spec.depth().half().minus(seat).scaled(SLOPE).ceilTo(step);
        Length standing = brief.keeper().body().height().plus(ShedSizes.ABOVE_HEAD);
        Length forKeeper = standing.minus(rise.dividedBy(GableRoof.TIE_UP));
        Length eaves =
                forKeeper
                        .max(EAVES_LEAST)
                        .max(new LeastHeights(spec, brief.needs()).underEaves())
                        .ceilTo(step);
        DesignSpec lowest = spec.with(ShedDimensions.RISE, rise).with(ShedDimensions.EAVES, eaves);
        return ShedSizes.keeping(lowest, brief, held);
    }

    @Override
    public Section least(Choices.Group group) {
        return walkIn.least(group);
    }

    @Override
    public Side width(Choices choices) {
        return ShedSizes.width(choices, WIDTH_LEAST, WIDTH_MOST);
    }

    @Override
    public Side depth(Choices choices) {
        return ShedSizes.depth(choices, DEPTH_LEAST, DEPTH_MOST);
    }

    @Override
    public Length leastOther(Length side, Choices choices, Brief brief) {
        return ShedSizes.leastOther(side, choices, brief);
    }

    @Override
    public List<FreeLength> free(Choices choices) {
        return List.of(ShedSizes.overhangs(choices));
    }
}
