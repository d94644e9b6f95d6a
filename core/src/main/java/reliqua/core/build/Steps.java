package reliqua.core.build;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import reliqua.core.buy.Fixing;
import reliqua.core.buy.Fixings;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Duty;
import reliqua.core.coop.Part;
import reliqua.core.coop.Role;
import reliqua.core.coop.Stage;
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
    private Steps() {}

    /** The steps, for somebody who lifts no more than that and paints. */
    public static List<Step> of(Coop coop, Weight lift) {
        return of(coop, lift, Fixings.of(coop, Practice.DEFAULT.finish()));
    }

    /** The same with what is driven counted already. */
    public static List<Step> of(Coop coop, Weight lift, List<Fixing> fixings) {
        Map<Role, List<Part>> byRole = new EnumMap<>(Role.class);
        coop.parts().forEach(p -> byRole.computeIfAbsent(p.role(), _ -> new ArrayList<>()).add(p));
        List<Step> steps = new ArrayList<>();
        for (Stage stage : Stage.values()) {
            tasks(coop, fixings, stage, true).forEach(steps::add);
            byRole.entrySet().stream()
                    .filter(e -> e.getKey().stage() == stage)
                    .map(e -> step(e.getKey(), e.getValue(), coop, lift, fixings))
                    .forEach(steps::add);
            tasks(coop, fixings, stage, false).forEach(steps::add);
        }
        return steps;
    }

    private static Stream<Step> tasks(Coop coop, List<Fixing> fixings, Stage stage, boolean first) {
        return Arrays.stream(Task.values())
                .filter(t -> t.stage() == stage && t.isFirst() == first && t.isFor(coop, fixings))
                .map(t -> t.step(coop));
    }

    private static Step step(
            Role role, List<Part> parts, Coop coop, Weight lift, List<Fixing> fixings) {
        Duty duty = role.duty();
        boolean heavy = parts.stream().anyMatch(p -> Weights.of(p) > lift.toKilograms());
        return new Step(
                role.name(),
                Optional.of(role),
                role.stage(),
                parts.stream().map(Part::mark).toList(),
                StepTime.minutes(parts, fixings.stream().filter(f -> f.on() == role).toList()),
                heavy || duty.is(Duty.Trait.AWKWARD),
                false,
                check(duty, coop),
                duty.caution());
    }

    /** Time still to go when some steps are done. */
    public static int minutesLeft(List<Step> steps, java.util.Set<String> done) {
        return steps.stream().filter(s -> !done.contains(s.key())).mapToInt(Step::minutes).sum();
    }

    private static Optional<Sum> check(Duty duty, Coop coop) {
        Coop.Measures m = coop.measures();
        return switch (duty.check()) {
            case NONE -> Optional.empty();
            case SQUARE ->
                    Optional.of(Sum.of("build.check.square", diagonal(m.width(), m.depth())));
            case LEVEL -> Optional.of(Sum.of("build.check.level"));
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
