package reliqua.standins;

import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import reliqua.core.measure.Length;
import reliqua.core.measure.MeasuringTape;
import reliqua.core.measure.Tape;

/**
 * A tape that is read by somebody in a yard: its hook gives a little, the eye is off by some tenths
 * of a millimetre, and the reading is to the next mark.
 */
public final class SimulatedTape implements MeasuringTape {
    /** Standard deviation of eye and hook, in millimetres. */
    private static final double UNSTEADY = 0.4;

    private final Tape tape;
    private final RandomGenerator random;

    /** A tape with the marks of {@code tape}; same seed, same readings. */
    public SimulatedTape(Tape tape, long seed) {
        this.tape = tape;
        this.random = RandomGeneratorFactory.of("L64X128MixRandom").create(seed);
    }

    @Override
    public String read(Length held) {
        double off = UNSTEADY * random.nextGaussian();
        Length seen = held.plus(Length.ofMm(Math.round(off * 1000) / 1000.0)).max(Length.ZERO);
        Length half = new Length(tape.step().nm() / 2);
        return tape.say(seen.plus(half).floorTo(tape.step()));
    }
}
