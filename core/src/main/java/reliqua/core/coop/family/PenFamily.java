package reliqua.core.coop.family;

import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import reliqua.core.measure.Length;

/** What kinds of pens have in common: their size is that of the ground. */
abstract class PenFamily implements CoopFamily {
    @Override
    public boolean moved() {
        return true;
    }

    @Override
    public final Set<AddOn> addOns() {
        return AddOn.OF_PENS;
    }

    /** Their frames are as light as those of a run. */
    @Override
    public final Set<Choices.Group> ownGroups() {
        return Set.of(Choices.Group.RUN);
    }

    @Override
    public final Set<Choices.Group> groups() {
        return EnumSet.of(
                Choices.Group.RUN, Choices.Group.PURLINS, Choices.Group.TRIM, Choices.Group.ROOSTS);
    }

    @Override
    public final DesignSpec sized(
            Choices choices, Brief brief, Map<String, Length> held, Length width, Length depth) {
        Map<String, Length> lengths = new LinkedHashMap<>();
        lengths.put(ShedDimensions.WIDTH, width);
        lengths.put(ShedDimensions.DEPTH, depth);
        lengths.replaceAll(held::getOrDefault);
        return settled(new DesignSpec(id(), lengths, choices, brief.addOns()), brief, held);
    }

    /** With some lengths as the keeper has fixed them. */
    static DesignSpec holding(DesignSpec spec, Map<String, Length> held, List<String> keys) {
        DesignSpec kept = spec;
        for (String key : keys) {
            if (held.containsKey(key)) {
                kept = kept.with(key, held.get(key));
            }
        }
        return kept;
    }

    @Override
    public final Length leastOther(Length side, Choices choices, Brief brief) {
        return PenSizes.leastOther(side, choices, brief.needs());
    }

    @Override
    public final List<FreeLength> free(Choices choices) {
        return List.of();
    }
}
