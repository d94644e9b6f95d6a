package reliqua.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Duty;
import reliqua.core.coop.Part;
import reliqua.core.flock.Keeper;
import reliqua.core.flock.Tool;
import reliqua.core.flock.Wish;
import reliqua.core.measure.Sum;

/** The keeper's wishes and tools against the house. */
final class KeeperRule implements Rule {
    @Override
    public List<Finding> check(Subject subject) {
        Keeper keeper = subject.keeper();
        Coop coop = subject.coop();
        List<Finding> found = new ArrayList<>();
        for (Wish wish : keeper.wishes()) {
            found.add(wish(wish, coop, keeper));
        }
        tool(found, keeper, Tool.SNIPS, any(coop, Part.RoofPart.class));
        tool(found, keeper, Tool.STAPLE_GUN, any(coop, Part.MeshPart.class));
        tool(found, keeper, Tool.DRILL, true);
        Set<Tool> saws = Set.of(Tool.HAND_SAW, Tool.CIRCULAR_SAW, Tool.TABLE_SAW, Tool.MITRE_SAW);
        found.add(
                warning(
                        "tool.saw",
                        keeper.tools().stream().anyMatch(saws::contains),
                        Sum.of("check.tool.saw")));
        return found;
    }

    private static boolean any(Coop coop, Class<? extends Part> kind) {
        return coop.parts().stream().anyMatch(kind::isInstance);
    }

    private static Finding wish(Wish wish, Coop coop, Keeper keeper) {
        Coop.Measures m = coop.measures();
        return switch (wish) {
            case STAND_UP ->
                    warning(
                            "wish.standUp",
                            m.standing().atLeast(keeper.body().height()),
                            Sum.of("check.wish.standUp"));
            case BARROW ->
                    warning(
                            "wish.barrow",
                            m.floorHeight().atLeast(Findings.BARROW_LOW)
                                    && m.floorHeight().atMost(Findings.BARROW_HIGH),
                            Sum.of(
                                    "check.wish.barrow",
                                    m.floorHeight(),
                                    Findings.BARROW_LOW,
                                    Findings.BARROW_HIGH));
            case OUTSIDE_EGGS ->
                    warning(
                            "wish.outsideEggs",
                            m.nests() == 0 || isEmptiedFromOutside(coop),
                            Sum.of("check.wish.outsideEggs"));
            case ROLL_AWAY ->
                    warning(
                            "wish.rollAway",
                            !coop.that(Duty.Trait.ROLLS_EGGS).isEmpty(),
                            Sum.of("check.wish.rollAway"));
        };
    }

    private static boolean isEmptiedFromOutside(Coop coop) {
        return !coop.that(Duty.Trait.GIVES_EGGS).isEmpty()
                || !coop.that(Duty.Trait.DRAWN_OUT).isEmpty();
    }

    private static void tool(List<Finding> found, Keeper keeper, Tool tool, boolean needed) {
        if (needed) {
            found.add(
                    warning(
                            "tool." + tool.name(),
                            keeper.tools().contains(tool),
                            Sum.of("check.tool", tool.sum(), tool.allows())));
        }
    }

    private static Finding warning(String rule, boolean holds, Sum sum) {
        return Finding.of(rule, holds, Finding.Severity.WARNING, sum);
    }
}
