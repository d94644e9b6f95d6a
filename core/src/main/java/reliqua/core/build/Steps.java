package reliqua.core.build;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BinaryOperator;
import java.util.stream.Collectors;
import reliqua.core.buy.Fixing;
import reliqua.core.buy.Fixings;
import reliqua.core.coop.Bounds;
import reliqua.core.coop.Building;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Duty;
import reliqua.core.coop.Joints;
import reliqua.core.coop.Part;
import reliqua.core.coop.Role;
import reliqua.core.coop.Weights;
import reliqua.core.flock.Practice;
import reliqua.core.measure.Length;
import reliqua.core.measure.Sum;
import reliqua.core.measure.Weight;

/**
 * Makes the steps of a coop: one for each role that has parts, in the order in which they can go
 * on, and the work between them that puts none on.
 */
public final class Steps {
    /** A spade evens out less. */
    private static final Length LEVEL = Length.mm(20);

    private Steps() {}

    /** The steps, for somebody who lifts no more than that and paints. */
    public static List<Step> of(Coop coop, Weight lift) {
        return of(coop, lift, Fixings.of(coop, Practice.DEFAULT.finish()));
    }

    /** The same with what is driven counted already. */
    public static List<Step> of(Coop coop, Weight lift, List<Fixing> fixings) {
        List<Building> buildings = coop.buildings();
        List<StepParts> all = StepParts.of(coop);
        List<Joints.Joint> joints = Joints.of(coop);
        List<Step> steps = new ArrayList<>();
        List<Task> still = new ArrayList<>(List.of(Task.values()));
        still.removeIf(t -> !t.isFor(coop, fixings));
        for (StepParts each : all) {
            still.stream()
                    .filter(t -> t.isBefore(each.stage()))
                    .forEach(t -> steps.add(t.step(coop, fixings)));
            still.removeIf(t -> t.isBefore(each.stage()));
            Coop house = buildings.get(each.building()).coop();
            steps.add(step(each, house, lift, driven(each, joints, fixings)));
        }
        still.forEach(t -> steps.add(t.step(coop, fixings)));
        return steps;
    }

    private static Step step(StepParts each, Coop coop, Weight lift, List<Fixing> driven) {
        List<Part> parts = each.parts();
        boolean heavy = parts.stream().anyMatch(p -> Weights.of(p) > lift.toKilograms());
        List<Duty> duties = parts.stream().map(p -> p.role().duty()).distinct().toList();
        return new Step(
                each.id(),
                each.role(),
                each.stage(),
                each.marks(),
                driven,
                StepTime.minutes(parts, driven),
                heavy || duties.stream().anyMatch(d -> d.is(Duty.Trait.AWKWARD)),
                false,
                each.isWhole() ? check(duties, parts, coop) : wall(parts),
                duties.stream().flatMap(d -> d.caution().stream()).findFirst());
    }

    /** What is brushed on has steps of its own. */
    private static List<Fixing> driven(
            StepParts each, List<Joints.Joint> joints, List<Fixing> fixings) {
        if (!each.isWhole()) {
            return Fixings.on(joints, Set.copyOf(each.marks()));
        }
        Set<Role> roles = each.parts().stream().map(Part::role).collect(Collectors.toSet());
        return fixings.stream()
                .filter(f -> roles.contains(f.on()) && f.building() == each.building())
                .filter(f -> !f.where().isBrushed())
                .toList();
    }

    /** Level walls are true when both diagonals are alike; others when they are plumb. */
    private static Optional<Sum> wall(List<Part> parts) {
        List<Bounds> uprights =
                parts.stream()
                        .filter(p -> p.role().is(Duty.Trait.AWKWARD))
                        .map(p -> p.solid().bounds())
                        .toList();
        boolean level = uprights.stream().map(Bounds::z1).distinct().count() == 1;
        Bounds all = parts.stream().map(p -> p.solid().bounds()).reduce(Bounds::with).orElseThrow();
        Length along = all.width().max(all.depth());
        return Optional.of(
                level
                        ? Sum.of("build.check.square", diagonal(along, all.height()))
                        : Sum.of("build.check.plumb"));
    }

    /** Time still to go when some steps are done. */
    public static int minutesLeft(List<Step> steps, java.util.Set<String> done) {
        return steps.stream().filter(s -> !done.contains(s.key())).mapToInt(Step::minutes).sum();
    }

    /** On a slope what stands on the ground is longer downhill, by as much as the ground falls. */
    private static Sum level(List<Part> parts) {
        Length lowest = foot(parts, Length::min);
        Length fall = foot(parts, Length::max).minus(lowest);
        return fall.atLeast(LEVEL)
                ? Sum.of("build.check.slope", fall)
                : Sum.of("build.check.level");
    }

    private static Length foot(List<Part> parts, BinaryOperator<Length> which) {
        return parts.stream().map(p -> p.solid().bounds().z0()).reduce(which).orElse(Length.ZERO);
    }

    /** The first that any of them asks for. */
    private static Optional<Sum> check(List<Duty> duties, List<Part> parts, Coop coop) {
        return duties.stream().flatMap(d -> check(d, parts, coop).stream()).findFirst();
    }

    private static Optional<Sum> check(Duty duty, List<Part> parts, Coop coop) {
        Coop.Measures m = coop.measures();
        return switch (duty.check()) {
            case NONE -> Optional.empty();
            case SQUARE ->
                    Optional.of(Sum.of("build.check.square", diagonal(m.width(), m.depth())));
            case LEVEL -> Optional.of(level(parts));
            case PLUMB -> Optional.of(Sum.of("build.check.plumb"));
            case PITCH -> Optional.of(Sum.of("build.check.rafter", m.pitch()));
            case SWING -> Optional.of(Sum.of("build.check.swing"));
            case MESH -> Optional.of(Sum.of("build.check.mesh"));
        };
    }

    static Length diagonal(Length width, Length depth) {
        return new Length(Math.round(Math.hypot(width.nm(), depth.nm())));
    }
}
