package reliqua.core.keep;

import java.time.Month;
import java.util.ArrayList;
import java.util.List;
import reliqua.core.coop.Bounds;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Duty;
import reliqua.core.flock.Climate;
import reliqua.core.measure.Area;
import reliqua.core.measure.Volume;

/**
 * A year of rain from the roof into a barrel.
 *
 * @param roof its area on the plan
 * @param barrel what is kept
 * @param firstFlush what is let run away when rain begins, with the dirt of the roof
 * @param months January first
 */
public record RainYear(Area roof, Volume barrel, Volume firstFlush, List<MonthOf> months) {
    /** Of the rain that falls on a roof so much reaches the barrel. */
    public static final double CAUGHT = 0.9;

    /** Half a litre of each square metre washes the roof. */
    private static final double FLUSH = 0.5;

    /** Above so warm a hot day is counted; those drink twice. */
    private static final int WEEKS = 4;

    private static final double DAYS = 30.4;

    /**
     * A month.
     *
     * @param month which
     * @param caught litres from the roof
     * @param used litres from the barrel
     * @param over litres that run over
     * @param dryDays days on which water has to be carried
     */
    public record MonthOf(Month month, double caught, double used, double over, double dryDays) {}

    /** Copies the list. */
    public RainYear {
        months = List.copyOf(months);
    }

    /** The plan area of all that is roof. */
    public static Area roof(Coop coop) {
        return coop.parts().stream()
                .filter(p -> p.role().is(Duty.Trait.OVERHEAD) && p.role().is(Duty.Trait.SHOWN))
                .map(p -> p.solid().bounds())
                .reduce(Bounds::with)
                .map(b -> Area.of(b.width(), b.depth()))
                .orElse(Area.ZERO);
    }

    /**
     * Runs a barrel through two years, a week at a time, and tells of the second: the first fills
     * it.
     *
     * @param perDay what the flock drinks on a mild day
     * @param barrel what it holds
     */
    public static RainYear of(Area roof, Climate climate, Volume perDay, Volume barrel) {
        double level = 0;
        List<MonthOf> months = new ArrayList<>();
        for (int n = 0; n < 24; n++) {
            Run run = new Run(level, barrel.litres());
            double caught = climate.rain().get(n % 12) * roof.toSquareMetres() * CAUGHT;
            for (int week = 0; week < WEEKS; week++) {
                run.week(caught / WEEKS, perDay.litres() * DAYS / WEEKS);
            }
            level = run.level;
            if (n >= 12) {
                double dry = perDay.litres() == 0 ? 0 : run.missing / perDay.litres();
                months.add(new MonthOf(Month.of(n % 12 + 1), caught, run.used, run.over, dry));
            }
        }
        return new RainYear(roof, barrel, new Volume(roof.toSquareMetres() * FLUSH), months);
    }

    /** Days in a year on which water has to be carried. */
    public double dryDays() {
        return months.stream().mapToDouble(MonthOf::dryDays).sum();
    }

    /** A barrel as it fills and empties. */
    private static final class Run {
        private final double size;
        private double level;
        private double used;
        private double over;
        private double missing;

        Run(double level, double size) {
            this.level = level;
            this.size = size;
        }

        void week(double in, double out) {
            level += in;
            over += Math.max(0, level - size);
            level = Math.min(level, size);
            double drunk = Math.min(level, out);
            level -= drunk;
            used += drunk;
            missing += out - drunk;
        }
    }
}
