package reliqua.core.drawing;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import reliqua.core.coop.Bounds;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Houses;
import reliqua.core.coop.Part;
import reliqua.core.coop.family.CoopFamily;
import reliqua.core.flock.BirdClass;
import reliqua.core.flock.Flock;

class DwellersTest {
    private static final int HENS = 6;

    private static List<Part> birds(Coop coop) {
        return coop.parts().stream().filter(p -> p.mark().isEmpty()).toList();
    }

    @ParameterizedTest
    @MethodSource("reliqua.core.coop.Houses#families")
    void birdsLiveInEveryKindOfCoopAndNoMoreThanThereAre(CoopFamily family) {
        Random random = new Random(6);
        for (int n = 0; n < 4; n++) {
            Coop coop = Houses.random(family, random);
            Coop peopled = Dwellers.in(coop, Flock.of(BirdClass.STANDARD, HENS));
            List<Part> birds = birds(peopled);
            assertThat(birds).hasSizeBetween(1, HENS);
            Bounds all = coop.bounds();
            for (Part bird : birds) {
                Bounds b = bird.solid().bounds();
                assertThat(b.x0()).isGreaterThanOrEqualTo(all.x0());
                assertThat(b.x1()).isLessThanOrEqualTo(all.x1());
                assertThat(b.z1()).isLessThanOrEqualTo(all.z1());
            }
            assertThat(peopled.parts()).containsAll(coop.parts());
        }
    }

    @ParameterizedTest
    @MethodSource("reliqua.core.coop.Houses#families")
    void noBirdIsCutWhenOneLooksIn(CoopFamily family) {
        Coop coop =
                Dwellers.in(Houses.random(family, new Random(7)), Flock.of(BirdClass.BANTAM, HENS));
        List<Part> whole = birds(coop);
        for (Cutaway.From from : Cutaway.From.values()) {
            for (double share : new double[] {0, 0.3, 0.5, 0.8}) {
                Coop cut = new Cutaway(from, share).of(coop, FromCorner.FRONT_RIGHT);
                assertThat(whole).containsAll(birds(cut));
                Picture picture = Oblique.of(cut, FromCorner.BACK_LEFT, p -> true, Set.of());
                assertThat(picture.shapes()).isNotEmpty();
            }
        }
    }
}
