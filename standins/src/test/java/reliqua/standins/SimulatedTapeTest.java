package reliqua.standins;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import reliqua.core.measure.Length;
import reliqua.core.measure.Tape;

class SimulatedTapeTest {
    @Test
    void readingsAreNearAndInTheUnitOfTheTape() {
        for (Tape tape : new Tape[] {Tape.INCH, Tape.METRIC}) {
            SimulatedTape simulated = new SimulatedTape(tape, 1);
            Length held = Length.ofMm(1638.3);
            for (int n = 0; n < 300; n++) {
                Length read = tape.reader().read(simulated.read(held));
                assertThat(Math.abs(read.toMm() - held.toMm())).isLessThan(3);
                assertThat(read.nm() % tape.step().nm()).isZero();
            }
        }
    }

    @Test
    void itIsUnsteadyButTheSameForTheSameSeed() {
        SimulatedTape one = new SimulatedTape(Tape.METRIC, 5);
        SimulatedTape same = new SimulatedTape(Tape.METRIC, 5);
        java.util.Set<String> seen = new java.util.HashSet<>();
        for (int n = 0; n < 50; n++) {
            String reading = one.read(Length.ofMm(1000.5));
            assertThat(reading).isEqualTo(same.read(Length.ofMm(1000.5)));
            seen.add(reading);
        }
        assertThat(seen).hasSizeGreaterThan(1);
        assertThat(one.read(Length.ZERO)).doesNotStartWith("-");
    }
}
