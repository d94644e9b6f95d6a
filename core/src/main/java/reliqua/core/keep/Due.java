package reliqua.core.keep;

import java.time.LocalDate;
import java.util.Optional;

/**
 * A chore and when it comes round next.
 *
 * @param chore what
 * @param day when
 * @param last when it was done before
 * @param state how near that is
 */
public record Due(Chore chore, LocalDate day, Optional<LocalDate> last, State state) {
    /** How near a day is. */
    public enum State {
        OVERDUE,
        TODAY,
        /** Within two weeks. */
        SOON,
        LATER;

        static State of(LocalDate day, LocalDate today) {
            if (day.isBefore(today)) {
                return OVERDUE;
            }
            if (day.equals(today)) {
                return TODAY;
            }
            return day.isAfter(today.plusDays(14)) ? LATER : SOON;
        }
    }

    /** Whether it waits to be done. */
    public boolean isNow() {
        return state == State.OVERDUE || state == State.TODAY;
    }
}
