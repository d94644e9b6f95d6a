package reliqua.core.build;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Duty.Trait;
import reliqua.core.coop.Part;
import reliqua.core.coop.Part.MeshPart;
import reliqua.core.coop.Part.PanelPart;
import reliqua.core.coop.Part.RoofPart;
import reliqua.core.coop.Stage;
import reliqua.core.flock.Keeper;
import reliqua.core.flock.Tool;
import reliqua.core.measure.Length;
import reliqua.core.measure.Sum;

/**
 * A tool a build needs.
 *
 * @param name of it
 * @param there whether the keeper has it; of what every household has it is taken for granted
 * @param stages of the build that need it
 * @param instead what does as well, where the keeper has it not
 */
public record ToolNeed(Sum name, boolean there, Set<Stage> stages, Optional<Sum> instead) {
    /** Above this arms do not reach from the ground. */
    private static final Length LADDER = Length.mm(2100);

    /** Copies the set. */
    public ToolNeed {
        Set<Stage> ordered = EnumSet.noneOf(Stage.class);
        ordered.addAll(stages);
        stages = java.util.Collections.unmodifiableSet(ordered);
    }

    /**
     * What a coop takes, what has to be borrowed first.
     *
     * @param breaking whether pallets are pried apart or nails drawn before
     */
    public static List<ToolNeed> of(Coop coop, Keeper keeper, boolean breaking) {
        Set<Tool> has = keeper.tools();
        List<ToolNeed> needs = new ArrayList<>();
        boolean saw =
                has.stream().anyMatch(t -> t.rips() || t == Tool.HAND_SAW || t == Tool.JIGSAW);
        add(needs, Tool.HAND_SAW, saw, stages(coop, _ -> true));
        add(needs, Tool.DRILL, has.contains(Tool.DRILL), stages(coop, _ -> true));
        add(
                needs,
                Tool.CIRCULAR_SAW,
                has.stream().anyMatch(Tool::rips) || has.contains(Tool.JIGSAW),
                stages(coop, p -> p instanceof PanelPart));
        add(
                needs,
                Tool.SNIPS,
                has.contains(Tool.SNIPS),
                stages(coop, p -> p instanceof RoofPart || p instanceof MeshPart));
        add(
                needs,
                Tool.STAPLE_GUN,
                has.contains(Tool.STAPLE_GUN),
                stages(coop, p -> p instanceof MeshPart));
        if (breaking) {
            add(needs, Tool.PRY_BAR, has.contains(Tool.PRY_BAR), Set.of(Stage.FLOOR));
        }
        household(needs, "square", stages(coop, p -> p.role().stage() == Stage.FLOOR));
        household(needs, "level", stages(coop, p -> p.role().stage() == Stage.WALLS));
        household(needs, "ladder", stages(coop, p -> !p.solid().bounds().z1().atMost(LADDER)));
        household(
                needs,
                "spade",
                stages(coop, p -> p.solid().bounds().z0().compareTo(Length.mm(-100)) < 0));
        household(needs, "mallet", stages(coop, p -> p.role().is(Trait.ANCHORS)));
        if (!keeper.body().helper()) {
            household(needs, "clamps", stages(coop, p -> p.role().is(Trait.AWKWARD)));
        }
        needs.sort(java.util.Comparator.comparing(ToolNeed::there));
        return List.copyOf(needs);
    }

    private static void add(List<ToolNeed> needs, Tool tool, boolean there, Set<Stage> stages) {
        if (!stages.isEmpty()) {
            Optional<Sum> instead =
                    there ? Optional.empty() : Optional.of(Sum.of("tool.instead." + tool.name()));
            needs.add(new ToolNeed(tool.sum(), there, stages, instead));
        }
    }

    private static void household(List<ToolNeed> needs, String name, Set<Stage> stages) {
        if (!stages.isEmpty()) {
            needs.add(new ToolNeed(Sum.of("tool." + name), true, stages, Optional.empty()));
        }
    }

    private static Set<Stage> stages(Coop coop, Predicate<Part> about) {
        Set<Stage> stages = EnumSet.noneOf(Stage.class);
        coop.parts().stream().filter(about).forEach(p -> stages.add(p.role().stage()));
        return stages;
    }
}
