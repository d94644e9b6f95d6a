package reliqua.files;

import biweekly.ICalendar;
import biweekly.component.VEvent;
import biweekly.util.DateTimeComponents;
import biweekly.util.ICalDate;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.Date;

/** Whole days in a calendar: the same day wherever it is read, so that no time zone moves it. */
final class CalendarDays {
    private CalendarDays() {}

    static ICalendar calendar() {
        ICalendar calendar = new ICalendar();
        calendar.setProductId("-//Reliqua//EN");
        return calendar;
    }

    static VEvent event(String id, LocalDate day, LocalDateTime made, String summary) {
        VEvent event = new VEvent();
        event.setUid(id.replaceAll("[^A-Za-z0-9@-]+", "-"));
        event.setDateTimeStamp(Date.from(made.toInstant(ZoneOffset.UTC)));
        event.setSummary(summary);
        // The library writes the fields of a day as they are: no clock, no zone.
        event.setDateStart(
                new ICalDate(
                        new DateTimeComponents(
                                day.getYear(), day.getMonthValue(), day.getDayOfMonth()),
                        false),
                false);
        return event;
    }
}
