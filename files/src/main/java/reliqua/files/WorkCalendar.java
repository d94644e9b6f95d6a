package reliqua.files;

import biweekly.Biweekly;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import java.time.LocalDateTime;
import java.util.stream.Collectors;
import reliqua.core.build.Schedule;
import reliqua.core.measure.Tape;
import reliqua.core.measure.Words;

/** The days of a build as a calendar other programs read (iCalendar), a whole day each. */
public final class WorkCalendar {
    private WorkCalendar() {}

    /** The calendar; the same moment gives the same text. */
    public static String write(String project, Schedule schedule, LocalDateTime made) {
        ICalendar calendar = CalendarDays.calendar();
        for (Schedule.Session session : schedule.sessions()) {
            VEvent event =
                    CalendarDays.event(
                            "build-" + session.day() + "@" + project,
                            session.day(),
                            made,
                            Words.say("schedule.title", project, session.minutes()));
            event.setDescription(
                    session.works().stream()
                            .map(WorkCalendar::words)
                            .collect(Collectors.joining("\n")));
            calendar.addEvent(event);
        }
        return Biweekly.write(calendar).go();
    }

    /** A piece of work in a line. */
    public static String words(Schedule.Work work) {
        String what =
                work.step()
                        .map(s -> s.words().words(Tape.METRIC))
                        .orElseGet(() -> Words.say("schedule.saw"));
        String line = Words.say("schedule.work", what, work.minutes());
        return work.step().filter(s -> s.twoPeople()).isPresent()
                ? line + " " + Words.say("schedule.two")
                : line;
    }
}
