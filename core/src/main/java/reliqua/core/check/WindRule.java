package reliqua.core.check;

import java.util.List;
import reliqua.core.coop.Coop;
import reliqua.core.measure.Length;
import reliqua.core.measure.Sum;

/**
 * Whether the strongest gust tips the house over: pressure 0.613 v² on its side, against its own
 * weight about the lee legs, the worse of both ways.
 */
final class WindRule implements Rule {
    private static final double AIR = 0.613;
    private static final double GRAVITY = 9.81;

    @Override
    public List<Finding> check(Subject subject) {
        Coop.Measures m = subject.coop().measures();
        double speed = subject.needs().weather().wind().metresPerSecond();
        double pressure = AIR * speed * speed;
        double along = tipping(m.width(), m, pressure) / holding(m.depth(), m);
        double across = tipping(m.depth(), m, pressure) / holding(m.width(), m);
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

    private static double holding(Length base, Coop.Measures m) {
        return m.weight().toKilograms() * GRAVITY * base.toMetres() / 2;
    }
}
