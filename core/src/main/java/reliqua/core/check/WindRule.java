package reliqua.core.check;

import java.util.List;
import java.util.Set;
import reliqua.core.coop.Bounds;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Duty;
import reliqua.core.coop.Part;
import reliqua.core.coop.Weights;
import reliqua.core.measure.Length;
import reliqua.core.measure.Sum;

/**
 * Whether the strongest gust tips the house over: pressure 0.613 v² on its side, against its own
 * weight and the anchors to windward about the lee legs, the worse of both ways.
 */
final class WindRule implements Rule {
    private static final double AIR = 0.613;
    private static final double GRAVITY = 9.81;

    /**
     * What firm soil grips the sides of a stake with, in Pa, half of what it takes to pull it; wet
     * sand grips far less.
     */
    private static final double GRIP = 5000;

    private static final Set<Duty.Trait> LEFT_BEHIND =
            Set.of(Duty.Trait.LOOSE, Duty.Trait.STANDS_LOOSE, Duty.Trait.BY_DAY);

    @Override
    public List<Finding> check(Subject subject) {
        Coop.Measures m = subject.coop().measures();
        double speed = subject.needs().weather().wind().metresPerSecond();
        double pressure = AIR * speed * speed;
        double anchors =
                subject.coop().that(Duty.Trait.ANCHORS).stream()
                        .mapToDouble(WindRule::gripped)
                        .sum();
        double held = m.weight().toKilograms() - loose(subject.coop());
        double along = tipping(m.width(), m, pressure) / holding(m.depth(), held, anchors);
        double across = tipping(m.depth(), m, pressure) / holding(m.width(), held, anchors);
        double used = Math.max(along, across);
        Sum sum =
                Sum.of(
                        used <= 1 ? "check.wind" : "check.wind.tips",
                        subject.needs().weather().wind(),
                        Math.round(used * 100));
        return List.of(Finding.of("wind", used <= 1, Finding.Severity.WARNING, sum));
    }

    /** Moment of the wind on a side, N m: the walls stand above the open space below. */
    private static double tipping(Length side, Coop.Measures m, double pressure) {
        double low = m.clearBelow().toMetres();
        double high = m.height().toMetres();
        return pressure * side.toMetres() * (high - low) * (high + low) / 2;
    }

    /** What only stands in it, under it or beside it is left behind when it lifts. */
    private static double loose(Coop coop) {
        return coop.parts().stream()
                .filter(p -> LEFT_BEHIND.stream().anyMatch(p.role()::is))
                .mapToDouble(Weights::of)
                .sum();
    }

    /** Half of the anchors stand to windward. */
    private static double holding(Length base, double kilograms, double anchors) {
        return (kilograms * GRAVITY + anchors) / 2 * base.toMetres();
    }

    /** By the part of it that is in the ground, N. */
    private static double gripped(Part stake) {
        Bounds b = stake.solid().bounds();
        double round = 2 * (b.width().toMetres() + b.depth().toMetres());
        return round * Math.max(0, -b.z0().toMetres()) * GRIP;
    }
}
