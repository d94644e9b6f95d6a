package reliqua.core.coop.family;

import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import reliqua.core.coop.Coop;
import reliqua.core.measure.Length;
import reliqua.core.measure.UnitSystem;
import reliqua.core.stock.FoundPart;

/** The raised house: a single-slope roof on legs, reached from outside. */
final class RaisedHouse extends ShedFamily {
    static final String LEGS = "legs";

    private static final Length USUAL_LEGS = Length.mm(500);
    private static final Length LEGS_LEAST = Length.mm(450);
    private static final Length LEGS_MOST = Length.mm(620);

    RaisedHouse() {
        super(new Sides(Length.mm(980), Length.mm(3700), Length.mm(800), Length.mm(2450)));
    }

    @Override
    public String id() {
        return "raised";
    }

    @Override
    public List<String> keys() {
        return List.of(
                ShedDimensions.WIDTH,
                ShedDimensions.DEPTH,
                LEGS,
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
                        spec.length(LEGS),
                        spec.length(ShedDimensions.FRONT),
                        spec.length(ShedDimensions.BACK),
                        spec.length(ShedDimensions.OVERHANG),
                        Optional.empty());
        return ShedHouse.build(dimensions, spec, brief, ShedKind.RAISED);
    }

    @Override
    public Set<AddOn> addOns() {
        Set<AddOn> all = EnumSet.copyOf(super.addOns());
        all.add(AddOn.BACK_HATCH);
        all.add(AddOn.FLOOR_VENT);
        all.add(AddOn.SLATTED_FLOOR);
        all.add(AddOn.WIRE_FLOOR);
        all.add(AddOn.LIFTING_ROOF);
        all.add(AddOn.PALLET_FLOOR);
        all.add(AddOn.DOUBLED);
        return all;
    }

    @Override
    public Set<FoundPart.Use> places() {
        return EnumSet.of(FoundPart.Use.HATCH, FoundPart.Use.PLATFORM, FoundPart.Use.NEST_BOX);
    }

    @Override
    Map<String, Length> usual(Choices choices) {
        return Map.of(LEGS, UnitSystem.ofStep(choices.step()).natural(USUAL_LEGS));
    }

    @Override
    public DesignSpec settled(DesignSpec spec, Brief brief, Map<String, Length> held) {
        DesignSpec sized = FoundFloor.under(spec, held);
        DesignSpec lowest = new LeastHeights(sized, Doubled.each(brief).needs()).forBirds();
        return ShedSizes.keeping(Doubled.higher(lowest), brief, held);
    }

    @Override
    public List<FreeLength> free(Choices choices) {
        Length joist = choices.section(Choices.Group.FLOOR).width();
        Length low = UnitSystem.ofStep(choices.step()).natural(LEGS_LEAST);
        return List.of(
                // Down a slope the mesh round the lowest legs may just be as wide as a roll.
                new FreeLength.OneOf(LEGS, List.of(low)),
                new FreeLength.OfPieces(LEGS, Choices.Group.LEGS, joist, LEGS_LEAST, LEGS_MOST),
                ShedSizes.overhangs(choices));
    }
}
