package reliqua.core.drawing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import reliqua.core.coop.Axis;
import reliqua.core.coop.Bounds;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Houses;
import reliqua.core.coop.Part;
import reliqua.core.coop.Solid;
import reliqua.core.coop.family.CoopFamily;
import reliqua.core.measure.Length;

class CutawayTest {
    static List<CoopFamily> families() {
        return Houses.families();
    }

    @ParameterizedTest
    @MethodSource("families")
    void whatIsLeftLiesBehindThePlane(CoopFamily family) {
        Random random = new Random(51);
        for (int n = 0; n < 6; n++) {
            Coop coop = Houses.random(family, random);
            double share = random.nextDouble();
            Coop open = new Cutaway(Cutaway.From.FRONT, share).of(coop, FromCorner.FRONT_RIGHT);
            Bounds all = coop.bounds();
            Length plane = all.y0().plus(all.depth().scaled(share));
            for (Part part : open.parts()) {
                assertThat(part.solid().bounds().y0().minus(plane).toMm()).isGreaterThan(-0.01);
            }
            assertThat(volume(open)).isLessThan(volume(coop));
        }
    }

    @Test
    void fromBehindTheBackIsCutOff() {
        Coop coop = Houses.random(new Random(52));
        Bounds all = coop.bounds();
        Coop open = new Cutaway(Cutaway.From.FRONT, 0.25).of(coop, FromCorner.BACK_LEFT);
        assertThat(open.bounds().y0()).isEqualTo(all.y0());
        assertThat(open.bounds().y1()).isLessThan(all.y1());
        Coop side = new Cutaway(Cutaway.From.SIDE, 0.25).of(coop, FromCorner.BACK_LEFT);
        assertThat(side.bounds().x0()).isGreaterThan(all.x0());
    }

    /** Both sides of a plane together are the whole, doors and windows cut out of it and all. */
    @Test
    void nothingIsLostAtThePlane() {
        Random random = new Random(53);
        for (int n = 0; n < 10; n++) {
            Coop coop = Houses.random(random);
            Bounds all = coop.bounds();
            for (Part part : coop.parts()) {
                for (Axis axis : Axis.values()) {
                    Length low = Length.mm(-5000);
                    Length high = Length.mm(5000);
                    Length at = all.x0().plus(all.width().scaled(random.nextDouble()));
                    double whole = part.solid().cubicMetres();
                    double both =
                            volume(part.solid().pieces(axis, low, at))
                                    + volume(part.solid().pieces(axis, at, high));
                    assertThat(both).as(part.mark()).isCloseTo(whole, within(1e-9));
                }
            }
        }
    }

    @Test
    void aShareIsFromNoughtToOne() {
        assertThatThrownBy(() -> new Cutaway(Cutaway.From.ABOVE, 1.01))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Cutaway(Cutaway.From.ABOVE, Double.NaN))
                .isInstanceOf(IllegalArgumentException.class);
    }

    private static double volume(Coop coop) {
        return volume(coop.parts().stream().map(Part::solid).toList());
    }

    private static double volume(List<Solid> solids) {
        return solids.stream().mapToDouble(Solid::cubicMetres).sum();
    }
}
