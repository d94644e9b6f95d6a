package reliqua.core.build;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Houses;
import reliqua.core.coop.family.Families;
import reliqua.core.flock.Climate;
import reliqua.core.flock.Keeper;
import reliqua.core.measure.Tape;

class ScheduleTest {
    /** A Monday in June. */
    private static final LocalDate JUNE = LocalDate.of(2026, 6, 1);

    private static final List<Step> STEPS =
            Steps.of(Houses.ordinary(), Keeper.Body.MIDDLING.lift());

    private static Keeper keeper(int hours) {
        return Keeper.with(Tape.METRIC).withHours(hours);
    }

    private static Schedule of(int saw, int hours, LocalDate from) {
        return Schedule.of(saw, STEPS, keeper(hours), Climate.MILD, false, from);
    }

    @Test
    void allOfTheWorkIsSpreadOnceAndInItsOrder() {
        Schedule schedule = of(300, 6, JUNE);

        int all = 300 + STEPS.stream().mapToInt(Step::minutes).sum();
        assertThat(schedule.sessions().stream().mapToInt(Schedule.Session::minutes).sum())
                .isEqualTo(all);
        List<Step> order =
                schedule.sessions().stream()
                        .flatMap(s -> s.works().stream())
                        .flatMap(w -> w.step().stream())
                        .distinct()
                        .toList();
        assertThat(order).isEqualTo(STEPS);
        assertThat(schedule.sessions().getFirst().works().getFirst().step()).isEmpty();
    }

    @Test
    void noWeekHasMoreHoursThanTheKeeperAndNoDayMoreThanHandsTake() {
        Schedule schedule = of(600, 5, JUNE);

        for (Schedule.Session session : schedule.sessions()) {
            int week =
                    schedule.sessions().stream()
                            .filter(s -> monday(s.day()).equals(monday(session.day())))
                            .mapToInt(Schedule.Session::minutes)
                            .sum();
            assertThat(week).isLessThanOrEqualTo(5 * 60);
            assertThat(session.minutes()).isLessThanOrEqualTo(240);
        }
        assertThat(schedule.sessions())
                .extracting(s -> s.day().getDayOfWeek())
                .containsOnly(DayOfWeek.SATURDAY, DayOfWeek.SUNDAY);
    }

    @Test
    void nothingIsDoneOnTheDaySomethingDries() {
        Schedule schedule = of(0, 14, JUNE);
        assertThat(STEPS).anyMatch(Step::dries);
        for (Schedule.Session session : schedule.sessions()) {
            List<Schedule.Work> works = session.works();
            for (int n = 0; n + 1 < works.size(); n++) {
                assertThat(works.get(n).step().filter(Step::dries)).isEmpty();
            }
        }
    }

    @Test
    void theSiteComesFirstAndTheBirdsLast() {
        assertThat(STEPS.getFirst().id()).isEqualTo("SITE");
        assertThat(STEPS.getFirst().check()).isPresent();
        assertThat(STEPS.getLast().id()).isEqualTo("MOVE_IN");
        List<String> order = STEPS.stream().map(Step::id).toList();
        assertThat(order.indexOf("PRIME")).isLessThan(order.indexOf("SKIN"));
        assertThat(order.indexOf("PAINT")).isLessThan(order.indexOf("VENT_MESH"));
    }

    @Test
    void whatIsMovedHasNoSite() {
        Coop pen = Houses.random(Families.find("aframe").orElseThrow(), new Random(3));
        assertThat(Steps.of(pen, Keeper.Body.MIDDLING.lift()))
                .extracting(Step::id)
                .doesNotContain("SITE")
                .contains("MOVE_IN");
    }

    private static LocalDate monday(LocalDate day) {
        return day.with(java.time.temporal.TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY));
    }

    @Test
    void eveningsAreOnlyWorkedWhileThereIsLight() {
        Schedule summer = of(0, 14, JUNE);
        Schedule winter = of(0, 14, LocalDate.of(2026, 12, 7));

        assertThat(summer.sessions()).anyMatch(s -> s.day().getDayOfWeek() == DayOfWeek.WEDNESDAY);
        assertThat(winter.sessions())
                .allMatch(s -> s.day().getDayOfWeek().compareTo(DayOfWeek.FRIDAY) > 0);
        long summerDays = JUNE.until(summer.ready().orElseThrow()).toTotalMonths();
        assertThat(summerDays).isLessThan(4);
    }

    @Test
    void moreHoursAreReadySoonerAndNothingLeftIsReady() {
        assertThat(of(300, 12, JUNE).ready().orElseThrow())
                .isBefore(of(300, 3, JUNE).ready().orElseThrow());
        assertThat(Schedule.of(0, List.of(), keeper(5), Climate.MILD, false, JUNE).ready())
                .isEmpty();
    }
}
