package reliqua.core.coop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.Test;
import reliqua.core.flock.Ground;
import reliqua.core.measure.Length;

class TerrainTest {
    private final Random random = new Random(17);

    private Terrain random() {
        Ground ground = new Ground(random.nextDouble(-0.15, 0.15), random.nextDouble(-0.15, 0.15));
        return new Terrain(ground, mm(-800), mm(1700), mm(-2500), mm(1400));
    }

    private static Length mm(long mm) {
        return Length.mm(mm);
    }

    /** Heights are measured from there. */
    @Test
    void noPointOfThePlotIsHigherThanItsHighestCorner() {
        for (int n = 0; n < 200; n++) {
            Terrain terrain = random();
            assertThat(all(terrain, true)).isEqualTo(Length.ZERO);
            Length x = mm(random.nextInt(-800, 1701));
            Length y = mm(random.nextInt(-2500, 1401));
            assertThat(terrain.below(x, y)).isBetween(Length.ZERO, all(terrain, false));
        }
    }

    private static Length all(Terrain t, boolean highest) {
        return highest
                ? t.highest(t.x0(), t.x1(), t.y0(), t.y1())
                : t.lowest(t.x0(), t.x1(), t.y0(), t.y1());
    }

    @Test
    void itFallsEvenlyInAnyDirection() {
        for (int n = 0; n < 200; n++) {
            Terrain terrain = random();
            Length x = mm(random.nextInt(-400, 1300));
            Length y = mm(random.nextInt(-2000, 1000));
            double here = terrain.below(x, y).toMm();
            double further = terrain.below(x.plus(mm(300)), y.plus(mm(200))).toMm();
            double fall = 300 * terrain.ground().right() + 200 * terrain.ground().back();
            assertThat(further - here).isCloseTo(fall, within(0.01));
        }
    }

    /** What stands uphill of the plot is let into the ground, never lifted off it. */
    @Test
    void uphillOfThePlotNothingIsBelowZero() {
        Terrain terrain = new Terrain(new Ground(0.1, 0), mm(0), mm(2000), mm(0), mm(1000));
        assertThat(terrain.below(mm(-500), mm(0))).isEqualTo(Length.ZERO);
        assertThat(terrain.below(mm(2500), mm(0))).isEqualTo(mm(250));
        assertThat(Terrain.LEVEL.below(mm(2500), mm(700))).isEqualTo(Length.ZERO);
    }
}
