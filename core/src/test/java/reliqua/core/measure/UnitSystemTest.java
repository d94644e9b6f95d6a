package reliqua.core.measure;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class UnitSystemTest {
    /** Pairs that the trade names for one another. */
    @ParameterizedTest
    @CsvSource({
        "50, 4",
        "100, 8",
        "150, 12",
        "200, 16",
        "250, 20",
        "300, 24",
        "350, 28",
        "400, 32",
        "450, 36",
        "600, 48",
        "900, 72",
        "1200, 96"
    })
    void naturalFiguresOfBothTapesMeet(long mm, long halves) {
        Length metric = Length.mm(mm);
        Length inches = Length.inches(halves, 2);
        assertThat(UnitSystem.INCHES.natural(metric)).isEqualTo(inches);
        assertThat(UnitSystem.MILLIMETRES.natural(inches)).isEqualTo(metric);
    }

    @Test
    void aNaturalFigureStaysAsItIs() {
        for (int half = 1; half < 200; half++) {
            for (UnitSystem system : UnitSystem.values()) {
                Length once = system.natural(Length.inches(half, 2));
                assertThat(system.natural(once)).isEqualTo(once);
            }
        }
        assertThat(UnitSystem.INCHES.natural(Length.ZERO)).isEqualTo(Length.ZERO);
    }

    @Test
    void aTapeIsKnownByItsSteps() {
        assertThat(UnitSystem.ofStep(Tape.METRIC.step())).isEqualTo(UnitSystem.MILLIMETRES);
        assertThat(UnitSystem.ofStep(Tape.INCH.step())).isEqualTo(UnitSystem.INCHES);
    }
}
