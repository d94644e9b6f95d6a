package reliqua.core.drawing;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Duty;
import reliqua.core.coop.Houses;
import reliqua.core.coop.Part;
import reliqua.core.measure.Length;

/** An assembly drawn apart: all of it, by name, larger than it is, with its screws. */
class ExplodedTest {
    private static final Coop HOUSE = Houses.ordinary();

    private static Set<String> floor() {
        return HOUSE.parts().stream()
                .filter(p -> p.role().duty().assembly().equals(of(Duty.Assembly.FLOOR_FRAME)))
                .map(Part::mark)
                .collect(Collectors.toSet());
    }

    private static java.util.Optional<Duty.Assembly> of(Duty.Assembly assembly) {
        return java.util.Optional.of(assembly);
    }

    private static List<String> named(Picture picture) {
        return picture.shapes().stream()
                .filter(Picture.Label.class::isInstance)
                .map(s -> ((Picture.Label) s).text())
                .toList();
    }

    @ParameterizedTest
    @EnumSource(FromCorner.class)
    void everyPieceIsNamedOnceFromEveryCorner(FromCorner corner) {
        Set<String> marks = floor();
        assertThat(named(Exploded.of(HOUSE, marks, corner)))
                .containsExactlyInAnyOrderElementsOf(marks);
    }

    @Test
    void itIsWiderThanTheAssemblyAndShowsWhereScrewsGo() {
        Set<String> marks = floor();
        Picture apart = Exploded.of(HOUSE, marks, FromCorner.FRONT_RIGHT);
        Picture whole =
                Oblique.of(HOUSE, FromCorner.FRONT_RIGHT, p -> marks.contains(p.mark()), Set.of());
        assertThat(apart.width()).isGreaterThan(whole.width() * 1.15);
        long dots =
                apart.shapes().stream()
                        .filter(s -> s instanceof Picture.Area a && a.fill() == Ink.CHOSEN)
                        .count();
        assertThat(dots).as("a joist is screwed at both ends").isGreaterThan(marks.size());
    }

    @Test
    void nothingIsDrawnOfNothing() {
        assertThat(Exploded.of(HOUSE, Set.of(), FromCorner.FRONT_RIGHT).shapes()).isEmpty();
    }

    @Test
    void aSolidThatIsMovedKeepsItsShape() {
        for (Part part : HOUSE.parts()) {
            var before = part.solid();
            var after = before.shifted(Length.mm(10), Length.mm(20), Length.mm(30));
            assertThat(after.bounds().x0()).isEqualTo(before.bounds().x0().plus(Length.mm(10)));
            assertThat(after.bounds().y1()).isEqualTo(before.bounds().y1().plus(Length.mm(20)));
            assertThat(after.bounds().z0()).isEqualTo(before.bounds().z0().plus(Length.mm(30)));
            assertThat(after.shifted(Length.mm(-10), Length.mm(-20), Length.mm(-30)))
                    .isEqualTo(before);
        }
    }
}
