package reliqua.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Random;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class TapeTest {
    private static final TapeReader INCH = new TapeReader(UnitSystem.INCHES);
    private static final TapeReader METRIC = new TapeReader(UnitSystem.MILLIMETRES);

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "5' 4 1/2\" | 64.5",
                "5ft 4.5in | 64.5",
                "5 ft 4 1/2 | 64.5",
                "64 1/2 | 64.5",
                "64-1/2\" | 64.5",
                "64½ | 64.5",
                "5′ 4½″ | 64.5",
                "5’4” | 64",
                "1/2 | 0.5",
                ".75 | 0.75",
                "8' | 96",
                "7 ft. | 84",
                "3 feet 2 inches | 38",
                "92 5/8 in | 92.625"
            })
    void readsInchesEveryWayTheyAreCalled(String text, double inches) {
        assertThat(INCH.read(text).toInches()).isEqualTo(inches);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "1.64 m | 1640",
                "163.8cm | 1638",
                "1638 | 1638",
                "1638 mm | 1638",
                "1,5 m | 1500",
                "0.5 | 0.5"
            })
    void readsMillimetresEveryWayTheyAreCalled(String text, double mm) {
        assertThat(METRIC.read(text)).isEqualTo(Length.ofMm(mm));
    }

    @Test
    void aNamedUnitWinsOverTheKeepersOwn() {
        assertThat(INCH.read("1638 mm")).isEqualTo(Length.mm(1638));
        assertThat(METRIC.read("64 1/2 in")).isEqualTo(Length.inches(129, 2));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "  ",
                "long",
                "5' 4' 3",
                "1/0",
                "12 x 4",
                "-3",
                "1e99",
                "99999999999999999999",
                "5 4 1"
            })
    void saysWhatIsWrongWithWhatIsNoLength(String text) {
        assertThatThrownBy(() -> INCH.read(text))
                .isInstanceOf(MeasureException.class)
                .hasMessageMatching("(?s).*[a-z].*");
    }

    @Test
    void everyMarkOfTheTapeReadsBackExactly() {
        Random random = new Random(3);
        Tape fine = new Tape(UnitSystem.INCHES, 32, "$");
        for (int n = 0; n < 2000; n++) {
            Length inch = Length.inches(random.nextInt(6000), 32);
            assertThat(INCH.read(fine.mark(inch))).isEqualTo(inch);
            assertThat(INCH.read(fine.sayLong(inch))).isEqualTo(inch);
            Length mm = Length.mm(random.nextInt(9000));
            assertThat(METRIC.read(Tape.METRIC.say(mm))).isEqualTo(mm);
        }
    }

    @Test
    void bothSystemsAreExact() {
        assertThat(Length.inches(1, 64).times(64)).isEqualTo(Length.inches(1));
        assertThat(Length.inches(10)).isEqualTo(Length.mm(254));
        assertThat(Area.of(Length.mm(3), Length.mm(7)).toSquareMetres()).isEqualTo(21e-6);
    }

    @Test
    void printsInTheKeepersWay() {
        assertThat(Tape.INCH.mark(Length.inches(129, 2))).isEqualTo("64 1/2");
        assertThat(Tape.INCH.sayLong(Length.inches(129, 2))).isEqualTo("5' 4 1/2\"");
        assertThat(Tape.INCH.mark(Length.mm(100))).isEqualTo("3 15/16");
        assertThat(Tape.INCH.mark(Length.inches(-1, 4))).isEqualTo("-1/4");
        assertThat(Tape.METRIC.say(Length.ofMm(163.84))).isEqualTo("163.8 mm");
        assertThat(Tape.INCH.say(Money.cents(-1250))).isEqualTo("-$12.50");
        assertThat(Tape.INCH.say(Area.ofSquareFeet(20.4))).isEqualTo("20.4 sq ft");
    }

    @Test
    void refusesFractionsNobodyMarks() {
        assertThatThrownBy(() -> new Tape(UnitSystem.INCHES, 10, "$")).hasMessageContaining("1/10");
    }

    @Test
    void moneyAddsUpBeyondTheCent() {
        Money third = Money.of(0.333333);
        assertThat(third.times(3)).isEqualTo(new Money(999_999));
        assertThat(Money.cents(995).plus(Money.cents(5))).isEqualTo(Money.of(10));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "3.5 | 3.5",
                "3.5 sq ft | 3.5",
                "4 Square Feet | 4",
                "1 sq m | 10.7639",
                "0,5 m2 | 5.382",
                "2 square metres | 21.5278",
            })
    void areasAreReadInTheKeepersUnitUnlessSaid(String text, double squareFeet) {
        assertThat(Tape.INCH.areas().read(text).toSquareFeet())
                .isCloseTo(squareFeet, Offset.offset(1e-3));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "much", "-3", "3 ft", "3.5.5"})
    void whatIsNoAreaIsRefusedWithHowToSayIt(String text) {
        assertThatThrownBy(() -> Tape.METRIC.areas().read(text))
                .isInstanceOf(MeasureException.class)
                .hasMessageContaining("sq ft");
    }

    @Test
    void loadsWindsAndWarmthAreTheSameInBothSystems() {
        assertThat(Tape.INCH.say(Pressure.ofPoundsPerSquareFoot(40))).isEqualTo("40 psf");
        assertThat(Tape.METRIC.say(Pressure.ofPoundsPerSquareFoot(40))).isEqualTo("1.92 kN/m²");
        assertThat(Tape.INCH.say(Speed.ofMilesPerHour(90))).isEqualTo("90 mph");
        assertThat(Tape.METRIC.say(Speed.ofKilometresPerHour(36))).isEqualTo("10 m/s");
        assertThat(Tape.METRIC.say(Temperature.ofFahrenheit(-40))).isEqualTo("-40 °C");
        assertThat(Tape.METRIC.say(Weight.ofPounds(44))).isEqualTo("20 kg");
    }

    @Test
    void anAngleIsSetOnASquareByItsRise() {
        Angle quarter = Angle.ofSlope(Length.mm(25), Length.mm(100));
        assertThat(Tape.INCH.rise(quarter)).isEqualTo("3 in 12");
        assertThat(Tape.METRIC.rise(quarter)).isEqualTo("25 in 100");
    }

    @Test
    void anAmountIsReadWithItsSignOrWithout() {
        assertThat(Money.read("4.50")).contains(Money.of(4.5));
        assertThat(Money.read(" $12 ")).contains(Money.of(12));
        assertThat(Money.read("3 EUR")).contains(Money.of(3));
        for (String nonsense : java.util.List.of("", "lots", "-4", "1.234", "4 or 5")) {
            assertThat(Money.read(nonsense)).as(nonsense).isEmpty();
        }
    }
}
