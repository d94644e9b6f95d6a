package reliqua.core.keep;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Houses;
import reliqua.core.coop.Part;
import reliqua.core.coop.Role;
import reliqua.core.flock.Siting;
import reliqua.core.measure.Bearing;

class SideSaidTest {
    private static final Bearing FACING = new Bearing(135);

    /** The bearing is where the front looks to. */
    @ParameterizedTest
    @CsvSource({
        "135, fox dug at the front, FRONT",
        "135, rat hole behind the house, BACK",
        "135, fox dug on the left, RIGHT",
        "135, zorro cavó a la derecha, LEFT",
        "135, mink at the gate, FRONT",
        "170, something dug at the apron south side, FRONT",
        "170, algo cavó en el lado norte, BACK",
        "0, dug in from the east, RIGHT",
        "0, cavó por el oeste, LEFT"
    })
    void aLineNamesASide(double facing, String line, Siting.Wall wall) {
        assertThat(SideSaid.of(line, new Bearing(facing))).contains(wall);
    }

    @Test
    void aLineWithoutASideNamesNone() {
        assertThat(SideSaid.of("lost hen Ada to hawk", FACING)).isEmpty();
        assertThat(SideSaid.of("northern goshawk seen", FACING)).isEmpty();
    }

    /** Seen from before the front the left is where x begins. */
    @Test
    void partsAreOnTheirSide() {
        Coop coop = Houses.ordinary();
        for (Part part : coop.of(Role.POP_DOOR)) {
            assertThat(SideSaid.isAt(part, coop, Siting.Wall.FRONT)).isTrue();
            assertThat(SideSaid.isAt(part, coop, Siting.Wall.BACK)).isFalse();
        }
        assertThat(coop.of(Role.NEST_LID))
                .allMatch(p -> SideSaid.isAt(p, coop, Siting.Wall.LEFT))
                .noneMatch(p -> SideSaid.isAt(p, coop, Siting.Wall.RIGHT));
    }
}
