package reliqua.core.project;

import java.util.EnumSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Stream;
import reliqua.core.build.Step;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Role;
import reliqua.core.coop.addon.CoopBuilder;
import reliqua.core.coop.family.Brief;
import reliqua.core.coop.family.DesignSpec;
import reliqua.core.coop.family.Unbuildable;
import reliqua.core.fit.AsBuilt;
import reliqua.core.measure.Length;

/** What of a project stands already, by the steps that are ticked. */
final class Begun {
    private Begun() {}

    private static Brief brief(Project project, DesignSpec spec) {
        return new Brief(project.builtNeeds(), project.keeper(), spec.addOns());
    }

    static Optional<AsBuilt> of(Project project) {
        Set<Role> on = EnumSet.noneOf(Role.class);
        Stream.of(Role.values())
                .filter(r -> project.done().contains(Step.key(r.name())))
                .forEach(on::add);
        return project.standing()
                .map(Project.Chosen::spec)
                .flatMap(spec -> AsBuilt.of(spec, brief(project, spec), on));
    }

    /** Lengths the keeper has fixed, and those that what stands follows from. */
    static Map<String, Length> fixed(Project project) {
        Map<String, Length> fixed = new TreeMap<>(project.held());
        of(project).ifPresent(b -> fixed.putAll(b.lengths(brief(project, b.spec()))));
        return fixed;
    }

    /** What stands and would have to be taken down for a design. */
    static Set<Role> lostIn(Project project, DesignSpec spec) {
        Optional<AsBuilt> built = of(project);
        if (built.isEmpty()) {
            return Set.of();
        }
        try {
            Coop coop = CoopBuilder.build(spec, brief(project, spec));
            return built.get().lostIn(coop);
        } catch (Unbuildable e) {
            // It is not built at all for the birds there are now, and says so itself.
            return Set.of();
        }
    }
}
