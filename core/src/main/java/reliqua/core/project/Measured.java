package reliqua.core.project;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Part;
import reliqua.core.coop.addon.CoopBuilder;
import reliqua.core.coop.family.Brief;
import reliqua.core.coop.family.DesignSpec;
import reliqua.core.coop.family.Unbuildable;
import reliqua.core.cutting.CutMade;
import reliqua.core.fit.AsBuilt;
import reliqua.core.measure.Length;
import reliqua.core.measure.Words;

/**
 * A length of what stands that came out otherwise than it was meant. What stands is taken as it is,
 * and everything that is still to be cut is drawn up to it.
 */
final class Measured {
    /** More is no slip of the saw: it is another coop. */
    private static final Length MOST = Length.mm(50);

    private Measured() {}

    private static Brief brief(Project project, DesignSpec spec) {
        return new Brief(project.builtNeeds(), project.keeper(), spec.addOns());
    }

    /** The lengths that the work of a step follows from, as they are taken to be. */
    static Map<String, Length> lengths(Project project, String step) {
        return project.asBuilt()
                .flatMap(
                        b ->
                                b.groups().stream()
                                        .filter(g -> g.id().equals(step))
                                        .findFirst()
                                        .map(g -> new AsBuilt(b.spec(), List.of(g))))
                .map(b -> b.lengths(Begun.brief(project)))
                .orElse(Map.of());
    }

    /** Refuses what does not stand, is far off, or makes another coop of it. */
    static Project of(Project project, String key, Length length) {
        AsBuilt built = project.asBuilt().orElse(null);
        if (built == null || !built.spec().lengths().containsKey(key)) {
            throw new IllegalArgumentException(Words.say("built.nothing"));
        }
        Length meant = built.spec().length(key);
        if (length.minus(meant).abs().compareTo(MOST) > 0) {
            throw new IllegalArgumentException(Words.say("built.far", length, meant, MOST));
        }
        DesignSpec spec = built.spec().with(key, length);
        Coop before = drawn(project, built.spec());
        Coop after = drawn(project, spec);
        Set<String> marks = marks(built, before, after);
        List<CutMade> cuts =
                project.cuts().stream().map(c -> c.measured(before, after, marks)).toList();
        Map<String, Length> held = new HashMap<>(project.held());
        held.replace(key, length);
        Project.Chosen chosen =
                project.chosen()
                        .or(project::standing)
                        .map(c -> new Project.Chosen(spec, c.seams()))
                        .orElseThrow();
        return project.draft().chosen(Optional.of(chosen)).cuts(cuts).held(held).made();
    }

    /** Marks of what stands; each has its part in the coop as it was measured. */
    private static Set<String> marks(AsBuilt built, Coop before, Coop after) {
        Set<Part> stands = Set.copyOf(built.parts());
        List<Part> there = before.parts().stream().filter(stands::contains).toList();
        boolean same =
                there.stream()
                        .allMatch(
                                p ->
                                        after.find(p.mark())
                                                .filter(a -> a.role() == p.role())
                                                .isPresent());
        if (!same || before.parts().size() != after.parts().size()) {
            throw new IllegalArgumentException(Words.say("built.other"));
        }
        return there.stream().map(Part::mark).collect(Collectors.toSet());
    }

    private static Coop drawn(Project project, DesignSpec spec) {
        try {
            return CoopBuilder.build(spec, brief(project, spec));
        } catch (Unbuildable e) {
            throw new IllegalArgumentException(e.reason().words(project.keeper().tape()), e);
        }
    }
}
