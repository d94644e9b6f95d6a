package reliqua.core.coop.family;

import java.util.List;
import java.util.Map;
import reliqua.core.measure.Area;
import reliqua.core.measure.Length;
import reliqua.core.measure.UnitSystem;

/** Sizes of houses with stud walls on a floor frame. */
final class ShedSizes {
    /** Above the keeper's head, for a hat and a headlamp. */
    static final Length ABOVE_HEAD = Length.mm(100);

    static final String RUN_LENGTH = AddOn.RUN.keys().getFirst();

    static final String YARD_LENGTH = AddOn.YARD.keys().getFirst();

    static final String LEVEL = AddOn.GROUND_LEVEL.keys().getFirst();

    static final String PORCH = AddOn.PORCH.keys().getFirst();

    /** Under the beams a hen walks upright, and what rolls stays low. */
    private static final Length LEVEL_USUAL = Length.mm(450);

    /** Room for a keeper with a bucket, and for bags. */
    private static final Length PORCH_USUAL = Length.mm(1000);

    /** Shorter ones are trodden bare in a week. */
    private static final Length YARD_LEAST = Length.mm(2700);

    /** A run shorter than this is no run, and ramp and door need as much. */
    private static final Length RUN_LEAST = Length.mm(1900);

    private static final List<String> HELD =
            List.of(
                    ShedDimensions.FRONT,
                    ShedDimensions.BACK,
                    ShedDimensions.EAVES,
                    ShedDimensions.RISE,
                    RUN_LENGTH,
                    PORCH,
                    YARD_LENGTH,
                    LEVEL);

    private ShedSizes() {}

    private static Length runLength(DesignSpec spec, Brief brief) {
        boolean landing = spec.addOns().contains(AddOn.BALCONY);
        Length least = landing ? RUN_LEAST.plus(BalconyBuilder.DEEP) : RUN_LEAST;
        return brief.needs()
                .run()
                .over(Doubled.wide(spec))
                .max(least)
                .ceilTo(spec.choices().step());
    }

    /** As much ground again as birds that never come out are given. */
    private static Length yardLength(DesignSpec spec, Brief brief) {
        Length least = UnitSystem.ofStep(spec.choices().step()).natural(YARD_LEAST);
        Length ground = brief.needs().run().over(Doubled.wide(spec)).ceilTo(spec.choices().step());
        return ground.max(least);
    }

    /** Plates, rims and bars run along the front. */
    static CoopFamily.Side width(Choices choices, Length least, Length most) {
        return new CoopFamily.Side(
                least,
                most,
                List.of(Choices.Group.FLOOR, Choices.Group.WALLS, Choices.Group.ROOSTS),
                choices.section(Choices.Group.WALLS).width().times(2));
    }

    /** Joists and plates run from front to back. */
    static CoopFamily.Side depth(Choices choices, Length least, Length most) {
        return new CoopFamily.Side(
                least,
                most,
                List.of(Choices.Group.FLOOR, Choices.Group.WALLS),
                choices.section(Choices.Group.FLOOR).thickness().times(2));
    }

    /** The other outer side that gives the floor needed, inside the framing. */
    static Length leastOther(Length side, Choices choices, Brief brief) {
        Length frames = choices.section(Choices.Group.WALLS).width().times(2);
        Area floor = Doubled.each(brief).needs().floor();
        return floor.over(side.minus(frames)).plus(frames).ceilTo(choices.step());
    }

    /**
     * With what is built on as large as the birds need, and all that the keeper has fixed as it is.
     */
    static DesignSpec keeping(DesignSpec spec, Brief brief, Map<String, Length> held) {
        DesignSpec kept = spec;
        if (spec.addOns().contains(AddOn.RUN)) {
            kept = kept.with(RUN_LENGTH, runLength(spec, brief));
        }
        if (spec.addOns().contains(AddOn.YARD)) {
            kept = kept.with(YARD_LENGTH, yardLength(spec, brief));
        }
        if (spec.addOns().contains(AddOn.PORCH)) {
            Length out = UnitSystem.ofStep(spec.choices().step()).natural(PORCH_USUAL);
            kept = kept.with(PORCH, out);
        }
        if (spec.addOns().contains(AddOn.GROUND_LEVEL)) {
            kept = kept.with(LEVEL, UnitSystem.ofStep(spec.choices().step()).natural(LEVEL_USUAL));
        }
        for (String key : HELD) {
            if (held.containsKey(key) && kept.lengths().containsKey(key)) {
                kept = kept.with(key, held.get(key));
            }
        }
        return kept;
    }

    /** Overhangs that keep the drip off the walls and waste little. */
    static CoopFamily.FreeLength overhangs(Choices choices) {
        return new CoopFamily.FreeLength.OneOf(
                ShedDimensions.OVERHANG, overhangs(UnitSystem.ofStep(choices.step())));
    }

    private static List<Length> overhangs(UnitSystem system) {
        return system == UnitSystem.INCHES
                ? List.of(6, 7, 8, 9, 10).stream().map(Length::inches).toList()
                : List.of(150, 165, 200, 225, 250).stream().map(Length::mm).toList();
    }
}
