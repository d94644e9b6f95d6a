package reliqua.core.build;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import reliqua.core.flock.Climate;
import reliqua.core.flock.Daylight;
import reliqua.core.flock.Keeper;

/**
 * The work that is left, spread over the hours the keeper has: whole mornings and afternoons at the
 * weekend first, then evenings as long as there is light. What is late moves on by itself, as only
 * what is not done is spread.
 *
 * @param sessions in the order of the days
 */
public record Schedule(List<Session> sessions) {
    /** More in a row is when hands slip. */
    private static final int LONGEST = 240;

    /** Shorter is not worth getting the tools out. */
    private static final int SHORTEST = 30;

    private static final int EVENING = 120;

    /** Evenings begin five hours after noon. */
    private static final double AFTER_NOON = 5;

    /** A month this wet costs a quarter of the time outdoors; half of wet days can be worked. */
    private static final double WET = 200;

    private static final double LOST = 0.25;
    private static final int MOST_DAYS = 730;

    /** Days on which one works, the longest first. */
    private static final List<DayOfWeek> DAYS =
            List.of(
                    DayOfWeek.SATURDAY,
                    DayOfWeek.SUNDAY,
                    DayOfWeek.WEDNESDAY,
                    DayOfWeek.FRIDAY,
                    DayOfWeek.TUESDAY,
                    DayOfWeek.THURSDAY,
                    DayOfWeek.MONDAY);

    /**
     * One day's work.
     *
     * @param day on which
     * @param works in their order
     */
    public record Session(LocalDate day, List<Work> works) {
        /** Copies the list. */
        public Session {
            works = List.copyOf(works);
        }

        /** How long it is. */
        public int minutes() {
            return works.stream().mapToInt(Work::minutes).sum();
        }

        /** Whether a second pair of hands is wanted. */
        public boolean wantsHelp() {
            return works.stream().flatMap(w -> w.step().stream()).anyMatch(Step::twoPeople);
        }
    }

    /**
     * A piece of work.
     *
     * @param step which step; none while things are cut
     * @param minutes of it that fall into this session
     * @param begun whether some of it was done before
     */
    public record Work(Optional<Step> step, int minutes, boolean begun) {}

    /** Copies the list. */
    public Schedule {
        sessions = List.copyOf(sessions);
    }

    /**
     * Spreads the work.
     *
     * @param saw minutes left at the saw, which come first
     * @param left steps that are not done
     * @param from the first day there may be work
     */
    public static Schedule of(
            int saw,
            List<Step> left,
            Keeper keeper,
            Climate climate,
            boolean southern,
            LocalDate from) {
        Deque<Work> todo = new ArrayDeque<>();
        if (saw > 0) {
            todo.add(new Work(Optional.empty(), saw, false));
        }
        left.forEach(s -> todo.add(new Work(Optional.of(s), s.minutes(), false)));
        List<Session> sessions = new ArrayList<>();
        LocalDate day = from;
        Map<DayOfWeek, Integer> week = Map.of();
        for (int n = 0; n < MOST_DAYS && !todo.isEmpty(); n++) {
            if (n == 0 || day.getDayOfWeek() == DayOfWeek.MONDAY) {
                week = week(keeper.hoursAWeek() * 60, day, climate, southern);
            }
            int minutes = week.getOrDefault(day.getDayOfWeek(), 0);
            if (minutes >= SHORTEST) {
                sessions.add(new Session(day, take(todo, minutes)));
            }
            day = day.plusDays(1);
        }
        return new Schedule(sessions);
    }

    /** The minutes of the days of a week, by the light there is in it. */
    private static Map<DayOfWeek, Integer> week(
            int minutes, LocalDate day, Climate climate, boolean southern) {
        double light = Daylight.hours(day, southern);
        double dry = 1 - LOST * Math.min(1, climate.rain().get(day.getMonthValue() - 1) / WET);
        int left = minutes;
        Map<DayOfWeek, Integer> week = new LinkedHashMap<>();
        for (DayOfWeek each : DAYS) {
            boolean free = each == DayOfWeek.SATURDAY || each == DayOfWeek.SUNDAY;
            double most =
                    free
                            ? Math.min(LONGEST, (light - 1) * 60)
                            : Math.min(EVENING, (light / 2 - AFTER_NOON) * 60);
            int wanted = (int) Math.max(0, Math.min(left, most));
            week.put(each, (int) (wanted * dry));
            left -= wanted;
        }
        return week;
    }

    /** As much as there is time for; what must dry ends the day. */
    private static List<Work> take(Deque<Work> todo, int minutes) {
        List<Work> works = new ArrayList<>();
        int left = minutes;
        while (left > 0 && !todo.isEmpty()) {
            Work next = todo.removeFirst();
            int now = Math.min(left, next.minutes());
            works.add(new Work(next.step(), now, next.begun()));
            if (now < next.minutes()) {
                todo.addFirst(new Work(next.step(), next.minutes() - now, true));
            }
            left -= now;
            boolean done = now == next.minutes();
            if (done && next.step().filter(Step::dries).isPresent()) {
                return works;
            }
        }
        return works;
    }

    /** The day on which the last of it is done; nothing where nothing is left. */
    public Optional<LocalDate> ready() {
        return sessions.isEmpty() ? Optional.empty() : Optional.of(sessions.getLast().day());
    }
}
