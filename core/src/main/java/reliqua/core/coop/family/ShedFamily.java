package reliqua.core.coop.family;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import reliqua.core.measure.Length;
import reliqua.core.measure.UnitSystem;

/** What houses with stud walls on a floor frame have in common: how their size is found. */
abstract class ShedFamily implements CoopFamily {
    private static final Length OVERHANG = Length.mm(180);

    /** Sides worth trying. */
    record Sides(Length widthLeast, Length widthMost, Length depthLeast, Length depthMost) {}

    private final Sides sides;

    ShedFamily(Sides sides) {
        this.sides = sides;
    }

    /** Lengths of its own as one would by habit, before the walls are settled. */
    abstract Map<String, Length> usual(Choices choices);

    @Override
    public Set<AddOn> addOns() {
        return ShedHouse.ADD_ONS;
    }

    @Override
    public final DesignSpec sized(
            Choices choices, Brief brief, Map<String, Length> held, Length width, Length depth) {
        Map<String, Length> lengths = new LinkedHashMap<>(usual(choices));
        lengths.put(ShedDimensions.WIDTH, width);
        lengths.put(ShedDimensions.DEPTH, depth);
        lengths.put(ShedDimensions.OVERHANG, UnitSystem.ofStep(choices.step()).natural(OVERHANG));
        lengths.replaceAll(held::getOrDefault);
        return settled(new DesignSpec(id(), lengths, choices, brief.addOns()), brief, held);
    }

    @Override
    public final Side width(Choices choices) {
        return FoundFloor.width(
                ShedSizes.width(choices, sides.widthLeast(), sides.widthMost()), choices);
    }

    @Override
    public final Side depth(Choices choices) {
        return FoundFloor.depth(
                ShedSizes.depth(choices, sides.depthLeast(), sides.depthMost()), choices);
    }

    @Override
    public final Length leastOther(Length side, Choices choices, Brief brief) {
        return ShedSizes.leastOther(side, choices, brief);
    }

    @Override
    public List<FreeLength> free(Choices choices) {
        return List.of(ShedSizes.overhangs(choices));
    }
}
