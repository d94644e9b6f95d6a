package reliqua.core.check;

import java.util.List;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Duty;
import reliqua.core.measure.Length;
import reliqua.core.measure.Sum;

/**
 * Whether the strongest gust tips the house over: pressure 0.613 v² on its side, against its own
 * weight and the anchors to windward about the lee legs, the worse of both ways.
 */
final class WindRule implements Rule {
    private static final double AIR = 0.613;
    private static final double GRAVITY = 9.81;

    /** A stake 450 mm deep in firm turf holds about so much, in newtons; in wet sand far less. */
    private static final double PULLED_OUT = 500;

    @Override
    public List<Finding> check(Subject subject) {
        Coop.Measures m = subject.coop().measures();
        double speed = subject.needs().weather().wind().metresPerSecond();
        double pressure = AIR * speed * speed;
        int anchors = subject.coop().that(Duty.Trait.ANCHORS).size();
        double along = tipping(m.width(), m, pressure) / holding(m.depth(), m, anchors);
        double across = tipping(m.depth(), m, pressure) / holding(m.width(), m, anchors);
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

    /** Half of the anchors stand to windward. */
    private static double holding(Length base, Coop.Measures m, int anchors) {
        double weight = m.weight().toKilograms() * GRAVITY / 2;
        return (weight + anchors / 2 * PULLED_OUT) * base.toMetres();
    }
}
