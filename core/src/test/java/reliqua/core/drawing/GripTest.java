package reliqua.core.drawing;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Houses;
import reliqua.core.coop.family.DesignSpec;
import reliqua.core.measure.Length;

class GripTest {
    private static final DesignSpec SPEC = Houses.ordinarySpec();
    private static final Coop COOP = Houses.ordinary();

    private static List<String> keys(Elevation.View view) {
        return Grip.of(COOP, SPEC.lengths(), view).stream().map(Grip::key).toList();
    }

    private static Grip grip(Elevation.View view, String key) {
        return Grip.of(COOP, SPEC.lengths(), view).stream()
                .filter(g -> g.key().equals(key))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void everyViewHasGripsForTheLengthsItShows() {
        assertThat(keys(Elevation.View.FRONT)).containsExactly("width", "legs");
        assertThat(keys(Elevation.View.SIDE)).containsExactly("depth", "front", "back");
        assertThat(keys(Elevation.View.PLAN)).containsExactly("width", "depth");
    }

    @Test
    void aGripLiesAtTheEndOfItsLength() {
        assertThat(grip(Elevation.View.FRONT, "width").at().x()).isEqualTo(SPEC.width().toMm());
        assertThat(grip(Elevation.View.PLAN, "depth").at().y()).isEqualTo(-SPEC.depth().toMm());
    }

    @Test
    void pullingToTheRightOrUpMakesItLongerOnWholeSteps() {
        Length step = Length.mm(5);
        Length before = Length.mm(1600);
        Grip width = grip(Elevation.View.FRONT, "width");
        assertThat(width.pulled(before, 101, 400, step)).isEqualTo(Length.mm(1700));
        assertThat(width.pulled(before, -53, 0, step)).isEqualTo(Length.mm(1545));
        Grip legs = grip(Elevation.View.FRONT, "legs");
        assertThat(legs.pulled(Length.mm(500), 70, -40, step)).isEqualTo(Length.mm(540));
        assertThat(legs.pulled(Length.mm(500), 0, 9000, step)).isEqualTo(step);
    }
}
