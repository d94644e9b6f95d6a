package reliqua.core.drawing;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import reliqua.core.coop.Axis;
import reliqua.core.coop.Bounds;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Houses;
import reliqua.core.coop.Part;
import reliqua.core.coop.Role;
import reliqua.core.measure.Length;

class FromCornerTest {
    private static final Coop COOP = Houses.ordinary();

    private static Set<String> marks(Role role) {
        return Set.copyOf(COOP.of(role).stream().map(Part::mark).toList());
    }

    private static double topmost(Picture picture, String mark) {
        return picture.shapes().stream()
                .filter(s -> s instanceof Picture.Area a && a.tag().equals(mark))
                .flatMap(s -> ((Picture.Area) s).outline().stream())
                .mapToDouble(p -> picture.tagAt(p.x(), p.y()).equals(mark) ? 1 : 0)
                .sum();
    }

    @Test
    void aPartMirroredTwiceIsWhereItWas() {
        for (Axis axis : Axis.values()) {
            for (Part part : Houses.random(new Random(3)).parts()) {
                Length twice = Length.mm(1234);
                Bounds there = part.solid().mirrored(axis, twice).bounds();
                Bounds back = part.solid().mirrored(axis, twice).mirrored(axis, twice).bounds();
                assertThat(back).isEqualTo(part.solid().bounds());
                assertThat(there.width()).isEqualTo(part.solid().bounds().width());
                assertThat(there.depth()).isEqualTo(part.solid().bounds().depth());
                assertThat(there.height()).isEqualTo(part.solid().bounds().height());
            }
        }
    }

    @Test
    void fourTurnsLeadBack() {
        FromCorner corner = FromCorner.FRONT_RIGHT;
        for (int n = 0; n < 4; n++) {
            assertThat(corner.next().before()).isEqualTo(corner);
            corner = corner.next();
        }
        assertThat(corner).isEqualTo(FromCorner.FRONT_RIGHT);
    }

    @ParameterizedTest
    @EnumSource
    void everyCornerShowsThePartsAskedForAndNoOthers(FromCorner corner) {
        Set<String> legs = marks(Role.LEG);
        Picture picture = Oblique.of(COOP, corner, p -> legs.contains(p.mark()), legs);
        assertThat(picture.shapes())
                .isNotEmpty()
                .allMatch(s -> s instanceof Picture.Area a && legs.contains(a.tag()))
                .allMatch(s -> ((Picture.Area) s).fill() == Ink.CHOSEN);
    }

    @Test
    void theRampIsInFrontFromTheFrontAndHiddenFromBehind() {
        String ramp = marks(Role.RAMP_BOARD).iterator().next();
        Picture front = Oblique.of(COOP, FromCorner.FRONT_LEFT, _ -> true, Set.of());
        Picture back = Oblique.of(COOP, FromCorner.BACK_RIGHT, _ -> true, Set.of());
        assertThat(topmost(front, ramp)).isGreaterThan(topmost(back, ramp));
    }

    @Test
    void nestsOnTheRightAreShownFromTheRight() {
        Set<String> nests = marks(Role.NEST_PANEL);
        List<Part> parts = COOP.parts();
        FromCorner corner = FromCorner.nearest(parts, nests, COOP.bounds());
        assertThat(corner).isIn(FromCorner.FRONT_RIGHT, FromCorner.BACK_RIGHT);
    }
}
