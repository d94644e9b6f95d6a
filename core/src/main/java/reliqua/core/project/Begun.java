package reliqua.core.project;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import reliqua.core.build.Step;
import reliqua.core.build.StepParts;
import reliqua.core.coop.Building;
import reliqua.core.coop.Coop;
import reliqua.core.coop.addon.CoopBuilder;
import reliqua.core.coop.family.Brief;
import reliqua.core.coop.family.DesignSpec;
import reliqua.core.coop.family.Unbuildable;
import reliqua.core.fit.AsBuilt;
import reliqua.core.flock.Needs;
import reliqua.core.measure.Length;

/** What of a project stands already, by the steps that are ticked. */
final class Begun {
    private Begun() {}

    private static Brief brief(Project project, DesignSpec spec) {
        return new Brief(project.builtNeeds(), project.keeper(), spec.addOns());
    }

    /** For whom what stands was drawn up. */
    static Brief brief(Project project) {
        Project.Standing begun = project.begun().orElseThrow();
        Needs needs = Needs.of(begun.birds(), project.site(), project.keeper().tape().system());
        return new Brief(needs, project.keeper(), begun.design().spec().addOns());
    }

    static Optional<AsBuilt> of(Project project) {
        if (project.begun().isEmpty()) {
            return Optional.empty();
        }
        Project.Standing begun = project.begun().get();
        DesignSpec spec = begun.design().spec();
        List<AsBuilt.Group> groups =
                built(brief(project), spec).map(c -> groups(project, c)).orElse(List.of());
        return groups.isEmpty() ? Optional.empty() : Optional.of(new AsBuilt(spec, groups));
    }

    private static List<AsBuilt.Group> groups(Project project, Coop coop) {
        List<Building> buildings = coop.buildings();
        return StepParts.of(coop).stream()
                .filter(s -> project.done().contains(Step.key(s.id())))
                .map(
                        s ->
                                new AsBuilt.Group(
                                        s.id(),
                                        s.isWhole(),
                                        s.building(),
                                        buildings.get(s.building()).left(),
                                        s.parts()))
                .toList();
    }

    /** It may not be built at all, and says so itself. */
    private static Optional<Coop> built(Brief brief, DesignSpec spec) {
        try {
            return Optional.of(CoopBuilder.build(spec, brief));
        } catch (Unbuildable e) {
            return Optional.empty();
        }
    }

    /** Lengths that what stands follows from. */
    static Map<String, Length> lengths(Project project, Optional<AsBuilt> built) {
        return built.map(b -> b.lengths(brief(project))).orElse(Map.of());
    }

    /** Those, and what the keeper has fixed of the others. */
    static Map<String, Length> fixed(Project project, Optional<AsBuilt> built) {
        Map<String, Length> fixed = new TreeMap<>(project.held());
        fixed.putAll(lengths(project, built));
        return fixed;
    }

    /** Ids of the steps whose work would have to be taken down for a design. */
    static Set<String> lostIn(Project project, DesignSpec spec) {
        if (project.standing().filter(s -> s.spec().equals(spec)).isPresent()) {
            return Set.of();
        }
        return of(project)
                .flatMap(b -> built(brief(project, spec), spec).map(b::lostIn))
                .orElse(Set.of());
    }
}
