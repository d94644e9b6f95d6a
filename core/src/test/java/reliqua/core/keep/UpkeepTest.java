package reliqua.core.keep;

import static org.assertj.core.api.Assertions.assertThat;
import static reliqua.core.keep.Kept.HENS;
import static reliqua.core.keep.Kept.TODAY;

import java.time.LocalDate;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Houses;
import reliqua.core.flock.Flock;
import reliqua.core.flock.Practice;
import reliqua.core.measure.Words;

class UpkeepTest {
    private static final Coop COOP = Houses.ordinary();

    private static Due due(KeepBook book, Chore chore, LocalDate today) {
        return Upkeep.of(book, COOP, HENS, false, today).stream()
                .filter(d -> d.chore() == chore)
                .findFirst()
                .orElseThrow();
    }

    @Test
    void comesRoundAfterItWasDone() {
        KeepBook book = Kept.book(3, "turned litter 10 min");

        assertThat(due(book, Chore.TURN_LITTER, TODAY).day()).isEqualTo(TODAY.plusDays(4));
        assertThat(due(book, Chore.TURN_LITTER, TODAY).state()).isEqualTo(Due.State.SOON);
        assertThat(due(book, Chore.TURN_LITTER, TODAY.plusDays(4)).isNow()).isTrue();
        assertThat(due(book, Chore.TURN_LITTER, TODAY.plusDays(5)).state())
                .isEqualTo(Due.State.OVERDUE);
    }

    @Test
    void countsFromTheDayBirdsMovedInWhileItWasNeverDone() {
        KeepBook book = KeepBook.EMPTY.since(TODAY.minusDays(5));

        assertThat(due(book, Chore.WASH_DRINKERS, TODAY).day()).isEqualTo(TODAY.plusDays(2));
    }

    @Test
    void nothingIsLateThatWasBoughtForBeforeBirdsMovedIn() {
        KeepBook before = Kept.book(90, "hinges 12.00").plus(Kept.said(60, "note: ask about wire"));

        assertThat(before.log()).hasSize(2);
        assertThat(due(before, Chore.WASH_DRINKERS, TODAY).state()).isNotEqualTo(Due.State.OVERDUE);
        KeepBook inUse = before.plus(Kept.said(30, "6 eggs"));
        assertThat(due(inUse, Chore.WASH_DRINKERS, TODAY).state()).isEqualTo(Due.State.OVERDUE);
    }

    @Test
    void canBePutOffUntilItIsDone() {
        KeepBook late = KeepBook.EMPTY.since(TODAY.minusDays(60));
        KeepBook off = late.puttingOff(Chore.APRON, TODAY.plusDays(7));

        assertThat(due(late, Chore.APRON, TODAY).state()).isEqualTo(Due.State.OVERDUE);
        assertThat(due(off, Chore.APRON, TODAY).day()).isEqualTo(TODAY.plusDays(7));

        KeepBook done = off.plus(Kept.said(0, "checked apron"));
        assertThat(done.putOff()).isEmpty();
        assertThat(due(done, Chore.APRON, TODAY).day()).isEqualTo(TODAY.plusDays(30));
    }

    @Test
    void whatGoesByMonthsComesOnceAYearAndIsTurnedRoundInTheSouth() {
        KeepBook book = KeepBook.EMPTY.since(LocalDate.of(2025, 6, 1));
        assertThat(due(book, Chore.VENTS_DOWN, TODAY).day()).isEqualTo(LocalDate.of(2025, 11, 1));

        KeepBook early = book.plus(Kept.said(0, "shut vents"));
        assertThat(due(early, Chore.VENTS_DOWN, TODAY).day()).isEqualTo(LocalDate.of(2026, 11, 1));
        assertThat(Upkeep.months(Chore.VENTS_DOWN, true)).containsExactly(java.time.Month.MAY);
    }

    @Test
    void leapDaysAndTurnsOfTheYearShiftNothing() {
        LocalDate day = LocalDate.of(2028, 2, 26);
        KeepBook book =
                KeepBook.EMPTY.plus(
                        List.of(new Entry(day, new Happening.Worked(Chore.TURN_LITTER, 0), "")));

        assertThat(due(book, Chore.TURN_LITTER, day).day()).isEqualTo(LocalDate.of(2028, 3, 4));
    }

    @Test
    void asksOnlyForWhatTheCoopAndItsBirdsHave() {
        Flock wire = HENS.with(Practice.DEFAULT.withLitter(Practice.Litter.WIRE));

        assertThat(Upkeep.of(KeepBook.EMPTY, COOP, wire, false, TODAY))
                .extracting(Due::chore)
                .contains(Chore.UNDER_WIRE, Chore.LATCHES, Chore.ROOF_SCREWS)
                .doesNotContain(Chore.TURN_LITTER, Chore.GUTTER, Chore.WHEELS, Chore.MOVE);
    }

    @Test
    void partsOfAChoreStandInTheCoopOfEveryKind() {
        Random random = new Random(5);
        for (var family : Houses.families()) {
            Coop coop = Houses.random(family, random);
            for (Due due : Upkeep.of(KeepBook.EMPTY, coop, HENS, false, TODAY)) {
                assertThat(due.chore().marks(coop))
                        .allSatisfy(mark -> assertThat(coop.find(mark)).isPresent());
            }
        }
    }

    @ParameterizedTest
    @EnumSource(Chore.class)
    void everyChoreHasItsWords(Chore chore) {
        String key = "chore." + chore.id();
        assertThat(List.of(Words.say(key), Words.say(key + ".sign"), Words.say(key + ".have")))
                .noneMatch(String::isBlank);
        assertThat(chore.rhythm().days() > 0).isNotEqualTo(!chore.rhythm().months().isEmpty());
    }
}
