package reliqua.core.coop;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import reliqua.core.coop.family.AddOn;
import reliqua.core.coop.family.CoopFamily;

/** The house is closed: from among the roosts no way leads outside. */
class ClosedHouseTest {
    @ParameterizedTest
    @MethodSource("reliqua.core.coop.Houses#families")
    void noGapLeadsInside(CoopFamily family) {
        Random random = new Random(81);
        for (int n = 0; n < 3; n++) {
            Coop coop = Houses.random(family, random);
            Cubes cubes = new Cubes(coop);
            if (!coop.measures().floorHeight().isPositive()) {
                cubes.fillGround();
            }
            assertThat(cubes.leak(coop)).as("house %d %s", n, coop.measures()).isEqualTo("closed");
        }
    }

    @ParameterizedTest
    @MethodSource("reliqua.core.coop.Houses#familiesWithWindow")
    void noGapLeadsInThroughTheWindow(CoopFamily family) {
        Random random = new Random(83);
        for (int n = 0; n < 3; n++) {
            Coop coop = Houses.random(new Houses.Pair(family, AddOn.WINDOW), random);
            assertThat(new Cubes(coop).leak(coop))
                    .as("house %d %s", n, coop.measures())
                    .isEqualTo("closed");
        }
    }

    /** Droppings fall between slats; nothing comes up there, as the space below is closed. */
    @ParameterizedTest
    @MethodSource("reliqua.core.coop.Houses#familiesWithSlats")
    void noGapLeadsUpBetweenSlats(CoopFamily family) {
        Random random = new Random(84);
        for (int n = 0; n < 3; n++) {
            Coop coop = Houses.random(new Houses.Pair(family, AddOn.SLATTED_FLOOR), random);
            assertThat(coop.of(Role.DECK)).isEmpty();
            Cubes cubes = new Cubes(coop);
            cubes.fillGround();
            assertThat(cubes.leak(coop)).as("house %d %s", n, coop.measures()).isEqualTo("closed");
        }
    }

    @ParameterizedTest
    @MethodSource("reliqua.core.coop.Houses#familiesWithRun")
    void noGapLeadsIntoTheRun(CoopFamily family) {
        Random random = new Random(82);
        for (int n = 0; n < 1; n++) {
            Coop coop = Houses.randomWithRun(family, random);
            Cubes cubes = new Cubes(coop);
            cubes.fillGround();
            assertThat(cubes.leak(coop.measures().width().toMm() / 2, -700, 900))
                    .as("house %d %s", n, coop.measures())
                    .isEqualTo("closed");
        }
    }

    @Test
    void theTestItselfFindsAHole() {
        Coop coop = Houses.ordinary();
        Coop open =
                new Coop(
                        coop.parts().stream().filter(p -> p.role() != Role.VENT_MESH).toList(),
                        coop.openings(),
                        coop.zones(),
                        coop.measures());
        assertThat(new Cubes(open).leak(open)).isNotEqualTo("closed");
    }
}
