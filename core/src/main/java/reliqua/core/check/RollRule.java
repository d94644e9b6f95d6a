package reliqua.core.check;

import java.util.List;
import java.util.function.Function;
import reliqua.core.coop.Bounds;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Duty;
import reliqua.core.coop.Part;
import reliqua.core.coop.Weights;
import reliqua.core.flock.Keeper;
import reliqua.core.measure.Length;
import reliqua.core.measure.Sum;
import reliqua.core.measure.Weight;

/**
 * What moving a coop on two wheels asks of a back: the lift at its handles and the pull on grass.
 */
final class RollRule implements Rule {
    /** Narrow wheels on short grass: about an eighth of what they carry. */
    private static final double GRASS = 0.12;

    /** What two people may share. */
    private static final int TWO = 2;

    @Override
    public List<Finding> check(Subject subject) {
        List<Part> wheels = subject.coop().that(Duty.Trait.ROLLS);
        if (wheels.size() < TWO) {
            return List.of();
        }
        Function<Bounds, Double> along = rollsAcross(wheels) ? RollRule::y : RollRule::x;
        double axle =
                wheels.stream().mapToDouble(w -> along.apply(bounds(w))).average().orElseThrow();
        double middle = middle(subject.coop(), along);
        double handle = farthest(subject.coop(), rollsAcross(wheels), axle, middle > axle);
        double weight = subject.coop().measures().weight().toKilograms();
        double lift = weight * Math.abs(middle - axle) / Math.abs(handle - axle);
        Keeper.Body body = subject.keeper().body();
        double most = body.lift().toKilograms() * (body.helper() ? TWO : 1);
        boolean holds = lift <= most;
        Sum sum =
                Sum.of(
                        holds ? "check.roll" : "check.roll.heavy",
                        Weight.ofKilograms(lift),
                        Weight.ofKilograms((weight - lift) * GRASS),
                        Weight.ofKilograms(most));
        return List.of(Finding.of("roll", holds, Finding.Severity.WARNING, sum));
    }

    /** Whether the wheels stand left and right, so that it rolls forward and back. */
    private static boolean rollsAcross(List<Part> wheels) {
        Bounds one = bounds(wheels.getFirst());
        Bounds other = bounds(wheels.getLast());
        return Math.abs(x(one) - x(other)) > Math.abs(y(one) - y(other));
    }

    private static double middle(Coop coop, Function<Bounds, Double> along) {
        double sum = 0;
        double weight = 0;
        for (Part part : coop.parts()) {
            if (!part.role().is(Duty.Trait.LIES_OUT)) {
                double own = Weights.of(part);
                sum += own * along.apply(bounds(part));
                weight += own;
            }
        }
        return sum / weight;
    }

    /** Where it is lifted: the end of the sticks on the heavy side. */
    private static double farthest(Coop coop, boolean across, double axle, boolean beyond) {
        return coop.parts().stream()
                .filter(Part.StickPart.class::isInstance)
                .map(RollRule::bounds)
                .map(b -> end(b, across, beyond).toMetres())
                .reduce(axle, beyond ? Math::max : Math::min);
    }

    private static Length end(Bounds b, boolean across, boolean beyond) {
        if (across) {
            return beyond ? b.y1() : b.y0();
        }
        return beyond ? b.x1() : b.x0();
    }

    private static Bounds bounds(Part part) {
        return part.solid().bounds();
    }

    private static double x(Bounds b) {
        return (b.x0().toMetres() + b.x1().toMetres()) / 2;
    }

    private static double y(Bounds b) {
        return (b.y0().toMetres() + b.y1().toMetres()) / 2;
    }
}
