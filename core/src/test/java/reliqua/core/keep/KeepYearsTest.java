package reliqua.core.keep;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static reliqua.core.keep.Kept.HENS;
import static reliqua.core.keep.Kept.TODAY;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import reliqua.core.coop.Houses;
import reliqua.core.flock.BirdClass;
import reliqua.core.flock.Daylight;
import reliqua.core.measure.Money;
import reliqua.core.measure.Speed;
import reliqua.core.measure.Temperature;

class KeepYearsTest {
    private static KeepYears years(KeepBook book) {
        return KeepYears.of(book, HENS, Money.of(80), false, TODAY);
    }

    @Test
    void anEggCostsWhatWasPaidLessWhatWasTaken() {
        KeepBook book =
                KeepBook.EMPTY
                        .plus(Kept.said(10, "fed 20 kg 14.00"))
                        .plus(Kept.said(9, "2 bales shavings 6.00"))
                        .plus(Kept.said(8, "40 eggs, 2 cracked"))
                        .plus(Kept.said(7, "sold 12 eggs 4.00"));

        KeepYears years = years(book);

        // Eleven days of eight years of a coop of 80.
        double share = 80 * 11 / (365.25 * 8);
        assertThat(years.egg().amount()).isCloseTo((14 + 6 - 4 + share) / 40, within(1e-6));
        assertThat(years.saved().amount()).isCloseTo(40 * 0.35 - (16 + share), within(1e-5));
        assertThat(years.months().stream().mapToInt(KeepMonth::cracked).sum()).isEqualTo(2);
    }

    @Test
    void monthsHaveNoGapsAndCountHensOfTheirDay() {
        KeepBook book =
                KeepBook.EMPTY
                        .plus(Kept.said(100, "3 eggs"))
                        .plus(Kept.said(50, "lost 2 hens to fox"))
                        .plus(Kept.said(5, "6 eggs"));

        KeepYears years = years(book);

        assertThat(years.months()).hasSize(5);
        // Eight now, ten before two were lost.
        assertThat(years.months().getFirst().henDays()).isEqualTo(10);
        assertThat(years.months().getLast().henDays()).isZero();
        assertThat(years.months().get(3).henDays()).isEqualTo(8);
        assertThat(years.months().stream().mapToInt(KeepMonth::lost).sum()).isEqualTo(2);
    }

    @Test
    void anEmptyBookTellsNothing() {
        assertThat(years(KeepBook.EMPTY).egg()).isEqualTo(Money.ZERO);
        assertThat(years(KeepBook.EMPTY).months()).isEmpty();
    }

    @Test
    void hensLayMostInLongDays() {
        LocalDate june = LocalDate.of(2026, 6, 21);
        LocalDate december = LocalDate.of(2026, 12, 21);

        assertThat(Daylight.hours(june, false)).isBetween(16.0, 16.6);
        assertThat(Daylight.hours(december, false)).isBetween(7.6, 8.2);
        assertThat(Daylight.hours(june, true))
                .isCloseTo(Daylight.hours(december, false), within(0.1));
        assertThat(Laying.usual(BirdClass.STANDARD, june, false))
                .isGreaterThan(2 * Laying.usual(BirdClass.STANDARD, december, false));
    }

    @Test
    void fewEggsInSummerHaveCausesAndAsManyAsUsualHaveNone() {
        KeepBook few = KeepBook.EMPTY;
        KeepBook usual = KeepBook.EMPTY;
        for (int day = 1; day <= 14; day++) {
            few = few.plus(Kept.said(day, "2 eggs"));
            usual = usual.plus(Kept.said(day, "6 eggs"));
        }
        few = few.plus(Kept.said(3, "Dora broody"));

        assertThat(laying(usual).orElseThrow().causes()).isEmpty();
        assertThat(laying(few).orElseThrow().causes())
                .extracting(s -> s.key())
                .contains("laying.broody")
                .doesNotContain("laying.light", "laying.moult");
        assertThat(laying(Kept.book(1, "2 eggs"))).isEmpty();
    }

    private static Optional<LowLaying> laying(KeepBook book) {
        return LowLaying.of(book, HENS, List.of(), false, TODAY);
    }

    @Test
    void whatDugIsLookedAtAndForgottenAfterTwoWeeks() {
        KeepBook book = Kept.book(3, "badger dug at gate");

        Optional<After> after = After.of(book, Houses.ordinary(), TODAY);

        assertThat(after.orElseThrow().look())
                .extracting(s -> s.key())
                .anyMatch(k -> k.equals("after.apron") || k.equals("after.noApron"))
                .contains("after.back");
        assertThat(After.of(book, Houses.ordinary(), TODAY.plusDays(20))).isEmpty();
        assertThat(
                        After.of(Kept.book(1, "hen sneezing and hunched"), Houses.ordinary(), TODAY)
                                .orElseThrow()
                                .look())
                .extracting(s -> s.key())
                .contains("after.isolate", "after.vet");
    }

    @Test
    void theFirstHardWeatherOfEachKindIsWarnedOf() {
        List<Forecast> days =
                List.of(
                        day(0, 8, 15, 12, 3),
                        day(1, 5, 12, 26, 9),
                        day(2, -7, 1, 5, 0),
                        day(3, -9, 0, 6, 12));

        List<Warning> warnings =
                Warning.of(days, Houses.ordinary(), List.of(Vessel.of(Vessel.Kind.NIPPLES, 15)));

        assertThat(warnings)
                .extracting(Warning::kind)
                .containsExactly(Warning.Kind.STORM, Warning.Kind.FROST, Warning.Kind.SNOW);
        assertThat(warnings.get(1).todo())
                .extracting(s -> s.key())
                .contains("warn.freezes", "warn.lamp");
    }

    private static Forecast day(int in, int low, int high, int gust, int rain) {
        return new Forecast(
                TODAY.plusDays(in),
                new Temperature(low),
                new Temperature(high),
                new Speed(gust),
                rain);
    }
}
