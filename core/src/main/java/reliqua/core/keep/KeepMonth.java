package reliqua.core.keep;

import java.time.YearMonth;
import reliqua.core.measure.Money;
import reliqua.core.measure.Weight;

/**
 * A month of the logbook.
 *
 * @param month which
 * @param eggs collected
 * @param cracked of them
 * @param days with a line about eggs
 * @param henDays hens of those days added up
 * @param usual eggs such hens usually lay on those days
 * @param feed bought
 * @param feedCost paid for it
 * @param otherCost bedding, repairs, birds, vet
 * @param taken for eggs and birds
 * @param lost birds
 * @param minutes of work that were noted
 * @param light hours of the day in its middle
 */
public record KeepMonth(
        YearMonth month,
        int eggs,
        int cracked,
        int days,
        int henDays,
        double usual,
        Weight feed,
        Money feedCost,
        Money otherCost,
        Money taken,
        int lost,
        int minutes,
        double light) {
    /** Eggs of a hen and day; nothing where none was counted. */
    public double rate() {
        return henDays == 0 ? 0 : (double) eggs / henDays;
    }

    /** The usual rate of such hens in that month. */
    public double usualRate() {
        return henDays == 0 ? 0 : usual / henDays;
    }

    public Money cost() {
        return feedCost.plus(otherCost);
    }
}
