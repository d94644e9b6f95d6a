package reliqua.core.project;

import java.util.EnumSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Stream;
import reliqua.core.coop.family.AddOn;
import reliqua.core.coop.family.DesignSpec;
import reliqua.core.flock.Flock;
import reliqua.core.flock.Practice;
import reliqua.core.measure.Length;
import reliqua.core.stock.Condition;
import reliqua.core.stock.FoundPart;
import reliqua.core.stock.Lot;

/** What a keeper wants built on, and what a design has by itself. */
final class BuildingOn {
    private BuildingOn() {}

    static boolean isSought(Project project, DesignSpec spec) {
        boolean of = project.anyKind() || spec.family().equals(project.kind().id());
        Set<AddOn> on = EnumSet.noneOf(AddOn.class);
        on.addAll(spec.addOns());
        on.removeAll(byItself(project));
        return of && on.equals(project.addOns());
    }

    /** Stakes in the wind and a back that opens, unless the keeper wants them anyway. */
    private static Set<AddOn> byItself(Project project) {
        Practice practice = project.flock().practice();
        Set<AddOn> own = EnumSet.noneOf(AddOn.class);
        if (practice.holding() == Practice.Holding.STAKES) {
            own.add(AddOn.ANCHORS);
        }
        if (practice.cleaning() == Practice.Cleaning.REACHED) {
            own.add(AddOn.BACK_HATCH);
        }
        own.removeAll(project.addOns());
        return own;
    }

    static Project with(Project project, AddOn addOn, boolean wanted) {
        Set<AddOn> changed = EnumSet.noneOf(AddOn.class);
        changed.addAll(project.addOns());
        Map<String, Length> kept = new TreeMap<>(project.held());
        if (wanted) {
            changed.add(addOn);
            if (addOn.wantsRun()) {
                changed.add(AddOn.RUN);
            }
        } else {
            changed.remove(addOn);
            if (addOn == AddOn.RUN) {
                changed.removeIf(AddOn::wantsRun);
            }
            addOn.keys().forEach(kept::remove);
        }
        return project.draft()
                .addOns(changed)
                .held(kept)
                .chosen(Optional.empty())
                .flock(followed(project.flock(), addOn, wanted))
                .made();
    }

    /** What is taken off by hand is not put on again by itself. */
    private static Flock followed(Flock flock, AddOn addOn, boolean wanted) {
        Practice now = flock.practice();
        return switch (addOn) {
            case ANCHORS ->
                    flock.with(
                            now.withHolding(
                                    wanted ? Practice.Holding.STAKES : Practice.Holding.OWN));
            case BACK_HATCH ->
                    flock.with(
                            now.withCleaning(
                                    wanted ? Practice.Cleaning.REACHED : Practice.Cleaning.OWN));
            default -> flock;
        };
    }

    static Project pinning(Project project, String lot, boolean must) {
        Lot before = project.heap().find(lot).orElseThrow();
        Condition.Verdict freed =
                before.condition().hazards().isEmpty()
                        ? Condition.Verdict.OPEN
                        : Condition.Verdict.USE;
        Lot after = before.with(before.condition().with(must ? Condition.Verdict.MUST : freed));
        Project pinned =
                project.withHeap(project.heap().replace(after)).withChosen(Optional.empty());
        return must && before.material() instanceof FoundPart f
                ? placeFor(pinned, f).map(a -> pinned.with(a, true)).orElse(pinned)
                : pinned;
    }

    /** What would have to be built on for a place; nothing where there is one, or never will be. */
    private static Optional<AddOn> placeFor(Project project, FoundPart thing) {
        Set<FoundPart.Use> uses = thing.kind().uses();
        boolean there =
                Stream.concat(
                                project.kind().places().stream(),
                                project.builtOn().stream().flatMap(a -> a.places().stream()))
                        .anyMatch(uses::contains);
        return there
                ? Optional.empty()
                : project.kind().addOns().stream()
                        .filter(a -> a.places().stream().anyMatch(uses::contains))
                        .findFirst();
    }
}
