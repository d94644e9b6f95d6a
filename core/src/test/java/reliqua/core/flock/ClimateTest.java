package reliqua.core.flock;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import reliqua.core.measure.Length;
import reliqua.core.measure.Pressure;
import reliqua.core.measure.Tape;

class ClimateTest {
    private static final Climate COAST =
            new Climate(
                    "Coast",
                    Climate.MILD.snow(),
                    Climate.MILD.wind(),
                    Climate.MILD.coldest(),
                    Climate.MILD.hottest(),
                    Climate.MILD.rain(),
                    Length.mm(300));

    @Test
    void theFrostOfARegionIsAFigureOfTheKeepersTape() {
        assertThat(COAST.frost(Tape.INCH)).isEqualTo(Length.inches(12));
        assertThat(COAST.frost(Tape.METRIC)).isEqualTo(Length.mm(300));
        Climate snowy = COAST.withSnow(new Pressure(1));
        assertThat(snowy.frost(Tape.INCH)).isEqualTo(Length.inches(12));
    }

    @Test
    void whatTheKeeperTypedStaysAsItIs() {
        Climate typed = COAST.withFrost(Length.inches(25));
        assertThat(typed.frost(Tape.INCH)).isEqualTo(Length.inches(25));
    }
}
