package reliqua.core.check;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import reliqua.core.coop.Bounds;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Duty;
import reliqua.core.coop.Part;
import reliqua.core.coop.Weights;
import reliqua.core.measure.Length;
import reliqua.core.measure.Weight;

/**
 * What moving a coop asks of a back.
 *
 * @param lift at the handles; nothing where it has no wheels and is dragged
 * @param pull on short grass
 */
public record Rolling(Optional<Weight> lift, Weight pull) {
    /** Narrow wheels on short grass: about an eighth of what they carry. */
    private static final double ON_WHEELS = 0.12;

    /** Wood dragged over short dry grass: about half of what it weighs. */
    private static final double DRAGGED = 0.5;

    /** Of a coop as it stands, on wheels if it has two. */
    public static Rolling of(Coop coop) {
        double weight = coop.measures().weight().toKilograms();
        List<Part> wheels = coop.that(Duty.Trait.ROLLS);
        if (wheels.size() < 2) {
            return new Rolling(Optional.empty(), Weight.ofKilograms(weight * DRAGGED));
        }
        Function<Bounds, Double> along = rollsAcross(wheels) ? Rolling::y : Rolling::x;
        double axle =
                wheels.stream().mapToDouble(w -> along.apply(bounds(w))).average().orElseThrow();
        double middle = middle(coop, along);
        double handle = farthest(coop, rollsAcross(wheels), axle, middle > axle);
        double lift = weight * Math.abs(middle - axle) / Math.abs(handle - axle);
        return new Rolling(
                Optional.of(Weight.ofKilograms(lift)),
                Weight.ofKilograms((weight - lift) * ON_WHEELS));
    }

    /** The heavier of the two. */
    public Weight hardest() {
        return lift.filter(l -> l.compareTo(pull) > 0).orElse(pull);
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
                .map(Rolling::bounds)
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
