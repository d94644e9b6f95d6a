package reliqua.core.project;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import reliqua.core.check.Finding;
import reliqua.core.check.Findings;
import reliqua.core.coop.Coop;
import reliqua.core.coop.addon.CoopBuilder;
import reliqua.core.coop.family.Brief;
import reliqua.core.coop.family.CoopFamily;
import reliqua.core.coop.family.DesignSpec;
import reliqua.core.coop.family.Families;
import reliqua.core.coop.family.Unbuildable;
import reliqua.core.cutting.CoopPlanner;
import reliqua.core.cutting.CutPlanner;
import reliqua.core.cutting.Decided;
import reliqua.core.cutting.Progress;
import reliqua.core.cutting.WorkPlan;
import reliqua.core.cutting.Workshop;
import reliqua.core.fit.Candidate;
import reliqua.core.flock.Keeper;
import reliqua.core.measure.Length;
import reliqua.core.measure.Sum;

/** Draws up designs for a project and plans them by the quick planner, to compare their bills. */
public final class QuickDesign {
    private final Project project;
    private final CoopPlanner planner;

    /** For the birds, keeper, heap and prices of a project. */
    public QuickDesign(Project project) {
        this(project, CutPlanner.Settings.QUICK);
    }

    private QuickDesign(Project project, CutPlanner.Settings how) {
        this.project = project;
        this.planner =
                new CoopPlanner(
                        project.heap(), project.prices(), Workshop.of(project.keeper()), how);
    }

    /** Planned as exactly as a design that is settled on. */
    static QuickDesign exact(Project project) {
        return new QuickDesign(project, CutPlanner.Settings.LIVE);
    }

    /** Whom such a design is for. */
    Brief brief(DesignSpec of) {
        return new Brief(project.builtNeeds(), project.keeper(), of.addOns());
    }

    /** Its house alone, without a plan; none where its lengths do not make one. */
    public Optional<Coop> coop(DesignSpec of) {
        try {
            return Optional.of(CoopBuilder.build(of, brief(of)));
        } catch (Unbuildable e) {
            return Optional.empty();
        }
    }

    /** With findings, cuts, bill and steps. */
    public Optional<Design> of(DesignSpec spec) {
        return coop(spec).map(coop -> planned(spec, coop));
    }

    /** The cuts alone. */
    WorkPlan plan(Coop coop) {
        return planner.plan(coop, Decided.cut(project.cuts()), Optional.empty(), Progress.NONE);
    }

    private Design planned(DesignSpec spec, Coop coop) {
        List<Finding> findings =
                Findings.of(coop, project.builtNeeds(), project.keeper(), project.heap());
        WorkPlan plan = plan(coop);
        return Design.of(new Candidate(spec, coop, findings, plan), project);
    }

    /**
     * A design with one length changed.
     *
     * @param spec with the lengths that follow from it set anew
     * @param coop drawn up, where it can be
     * @param reason why not, where it cannot
     */
    public record Pulled(DesignSpec spec, Optional<Coop> coop, Optional<Sum> reason) {}

    /** Pulls a length of a design; what the keeper holds stays as it is. */
    public Pulled pulled(DesignSpec spec, String key, Length length) {
        CoopFamily family = Families.find(spec.family()).orElse(project.kind());
        Map<String, Length> held = new TreeMap<>(project.held());
        held.put(key, length);
        DesignSpec changed = family.settled(spec.with(key, length), brief(spec), held);
        Optional<Sum> over = over(key, length);
        if (over.isPresent()) {
            return new Pulled(changed, Optional.empty(), over);
        }
        try {
            Coop coop = CoopBuilder.build(changed, brief(changed));
            return new Pulled(changed, Optional.of(coop), Optional.empty());
        } catch (Unbuildable e) {
            return new Pulled(changed, Optional.empty(), Optional.of(e.reason()));
        }
    }

    /** The place has only so much room. */
    private Optional<Sum> over(String key, Length length) {
        Keeper.Limits limits = project.keeper().limits();
        Optional<Length> most =
                switch (key) {
                    case "width" -> limits.width();
                    case "depth" -> limits.depth();
                    default -> Optional.empty();
                };
        return most.filter(m -> length.compareTo(m) > 0)
                .map(m -> Sum.of("fit.heldLong", Sum.of("dimension." + key), length, m));
    }
}
