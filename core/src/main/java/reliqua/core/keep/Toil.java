package reliqua.core.keep;

import java.util.ArrayList;
import java.util.List;
import reliqua.core.check.Rolling;
import reliqua.core.coop.Coop;
import reliqua.core.flock.Keeper;
import reliqua.core.measure.Sum;
import reliqua.core.measure.Weight;

/**
 * What the daily move of a pen takes, and what to mind at it.
 *
 * @param rolling what it asks of a back
 * @param most that the keeper, with a helper if there is one, lifts or pulls
 */
public record Toil(Rolling rolling, Weight most) {
    /** For this keeper. */
    public static Toil of(Coop coop, Keeper keeper) {
        return new Toil(Rolling.of(coop), keeper.body().together());
    }

    /** Whether it is within the keeper's measure. */
    public boolean isWithin() {
        return rolling.hardest().compareTo(most) <= 0;
    }

    /** What to know before each move. */
    public List<Sum> reminders() {
        List<Sum> reminders = new ArrayList<>();
        reminders.add(
                rolling.lift()
                        .map(l -> Sum.of("toil.roll", l, rolling.pull()))
                        .orElseGet(() -> Sum.of("toil.drag", rolling.pull())));
        if (!isWithin()) {
            boolean wheels = rolling.lift().isPresent();
            reminders.add(Sum.of(wheels ? "toil.heavy.roll" : "toil.heavy.drag", most));
        }
        reminders.add(Sum.of("toil.feet"));
        reminders.add(Sum.of("toil.wet"));
        return reminders;
    }
}
