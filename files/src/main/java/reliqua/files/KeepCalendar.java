package reliqua.files;

import biweekly.Biweekly;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import biweekly.util.Frequency;
import biweekly.util.ICalDate;
import biweekly.util.Recurrence;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.Date;
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
        ICalendar calendar = new ICalendar();
        calendar.setProductId("-//Reliqua//Keep//EN");
        Date stamp = Date.from(made.toInstant(ZoneOffset.UTC));
        for (Due due : dues) {
            calendar.addEvent(event(project, due, made.toLocalDate(), stamp));
        }
        return Biweekly.write(calendar).go();
    }

    private static VEvent event(String project, Due due, LocalDate from, Date stamp) {
        Chore chore = due.chore();
        VEvent event = new VEvent();
        event.setUid(chore.id() + "@" + project.replaceAll("[^A-Za-z0-9]+", "-"));
        event.setDateTimeStamp(stamp);
        event.setSummary(Words.say("chore." + chore.id()));
        event.setDescription(
                Words.say(
                        "keep.ics",
                        Words.say("chore." + chore.id() + ".sign"),
                        Words.say("chore." + chore.id() + ".have"),
                        chore.minutes()));
        event.setDateStart(day(from.isAfter(due.day()) ? from : due.day()), false);
        event.setRecurrenceRule(rule(chore));
        return event;
    }

    private static ICalDate day(LocalDate day) {
        // The library writes the fields of a day as they are: no clock, no zone.
        return new ICalDate(
                new biweekly.util.DateTimeComponents(
                        day.getYear(), day.getMonthValue(), day.getDayOfMonth()),
                false);
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
