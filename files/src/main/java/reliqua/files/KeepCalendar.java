package reliqua.files;

import biweekly.Biweekly;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import biweekly.util.Frequency;
import biweekly.util.Recurrence;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import reliqua.core.keep.Chore;
import reliqua.core.keep.Due;
import reliqua.core.measure.Words;

/**
 * Chores as a calendar other programs read (iCalendar): a day each, repeated as the chore is. Days
 * are days wherever one is, so no time zone moves them.
 */
public final class KeepCalendar {
    private static final int YEAR = 365;

    private KeepCalendar() {}

    /**
     * The calendar; what is overdue stands on the day it is written.
     *
     * @param project name of the project
     * @param made when it is written; the same moment gives the same text
     */
    public static String write(String project, List<Due> dues, LocalDateTime made) {
        ICalendar calendar = CalendarDays.calendar();
        dues.forEach(due -> calendar.addEvent(event(project, due, made)));
        return Biweekly.write(calendar).go();
    }

    private static VEvent event(String project, Due due, LocalDateTime made) {
        Chore chore = due.chore();
        LocalDate from = made.toLocalDate();
        VEvent event =
                CalendarDays.event(
                        chore.id() + "@" + project,
                        from.isAfter(due.day()) ? from : due.day(),
                        made,
                        Words.say("chore." + chore.id()));
        event.setDescription(
                Words.say(
                        "keep.ics",
                        Words.say("chore." + chore.id() + ".sign"),
                        Words.say("chore." + chore.id() + ".have"),
                        chore.minutes()));
        event.setRecurrenceRule(rule(chore));
        return event;
    }

    private static Recurrence rule(Chore chore) {
        int days = chore.rhythm().days();
        if (days == 0) {
            return new Recurrence.Builder(Frequency.YEARLY).interval(1).build();
        }
        return days % YEAR == 0
                ? new Recurrence.Builder(Frequency.YEARLY).interval(days / YEAR).build()
                : new Recurrence.Builder(Frequency.DAILY).interval(days).build();
    }
}
