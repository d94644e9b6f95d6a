package reliqua.core.drawing;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import reliqua.core.coop.Axis;
import reliqua.core.coop.Corner;
import reliqua.core.coop.Solid;
import reliqua.core.measure.Length;

class SlantedPartingTest {
    private static Corner at(long u, long v) {
        return new Corner(Length.mm(u), Length.mm(v));
    }

    /** A lid that falls to the right, over the slanting top of a box. */
    private static final Solid LID =
            new Solid(
                    Axis.Y,
                    List.of(at(0, 400), at(300, 325), at(303, 337), at(3, 412)),
                    List.of(),
                    Length.ZERO,
                    Length.mm(600));

    private static final Solid DIVIDER =
            new Solid(
                    Axis.Y,
                    List.of(at(0, 100), at(300, 100), at(300, 325), at(0, 400)),
                    List.of(),
                    Length.mm(290),
                    Length.mm(302));

    @Test
    void aLidHidesWhatStandsUnderIt() {
        assertThat(SlantedParting.of(LID, DIVIDER)).contains(true);
        assertThat(SlantedParting.of(DIVIDER, LID)).contains(false);
    }

    @Test
    void whatRunsIntoAnotherIsNotParted() {
        Solid through =
                Solid.box(
                        Length.mm(100),
                        Length.mm(120),
                        Length.mm(100),
                        Length.mm(120),
                        Length.ZERO,
                        Length.mm(800));
        assertThat(SlantedParting.of(LID, through)).isEmpty();
    }
}
