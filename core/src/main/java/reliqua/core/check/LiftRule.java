package reliqua.core.check;

import java.util.List;
import reliqua.core.coop.Bounds;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Duty;
import reliqua.core.coop.Part;
import reliqua.core.coop.Weights;
import reliqua.core.measure.Sum;
import reliqua.core.measure.Weight;

/** What a roof that is hinged behind asks of whoever lifts it by its front edge. */
final class LiftRule implements Rule {
    /**
     * At the height of the shoulders one lifts about half of what one lifts from the knees, as
     * guides to lifting by hand say.
     */
    private static final double AT_SHOULDERS = 0.5;

    @Override
    public List<Finding> check(Subject subject) {
        Coop coop = subject.coop();
        List<Part> rafters = coop.that(Duty.Trait.LIFTS);
        if (rafters.isEmpty()) {
            return List.of();
        }
        Weight lift = Weight.ofKilograms(atFrontEdge(coop, rafters.getFirst().solid().bounds()));
        Weight most =
                Weight.ofKilograms(subject.keeper().body().together().toKilograms() * AT_SHOULDERS);
        boolean holds = lift.compareTo(most) <= 0;
        String key = holds ? "check.roofLift" : "check.roofLift.heavy";
        return List.of(
                Finding.of("roofLift", holds, Finding.Severity.WARNING, Sum.of(key, lift, most)));
    }

    /** Half of the weight when all of it is spread evenly: each part by its way to the hinges. */
    private static double atFrontEdge(Coop coop, Bounds rafter) {
        double hinge = coop.measures().depth().toMm();
        double edge = hinge - rafter.y0().toMm();
        return coop.that(Duty.Trait.OVERHEAD).stream()
                .mapToDouble(p -> Weights.of(p) * (hinge - middle(p.solid().bounds())) / edge)
                .sum();
    }

    private static double middle(Bounds b) {
        return (b.y0().toMm() + b.y1().toMm()) / 2;
    }
}
