package reliqua.core.cutting;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import reliqua.core.coop.Axis;
import reliqua.core.coop.Corner;
import reliqua.core.coop.Part;
import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.measure.Length;

class PartShapeTest {
    @Test
    void aWallWithAnOpeningIsNoWallWithout() {
        assertThat(PartShape.of(wall(List.of(opening(300)))))
                .isNotEqualTo(PartShape.of(wall(List.of())))
                .isNotEqualTo(PartShape.of(wall(List.of(opening(310)))))
                .isEqualTo(PartShape.of(wall(List.of(opening(300)))));
    }

    @Test
    void aPieceNotedBeforeOpeningsWereToldStillServesItsOwnPart() {
        String noted = PartShape.of(wall(List.of()));
        assertThat(PartShape.isOf(wall(List.of(opening(300))), noted)).isTrue();
        assertThat(PartShape.isOf(wall(List.of()), PartShape.of(wall(List.of(opening(300))))))
                .isFalse();
    }

    private static List<Corner> opening(long from) {
        return Solid.rectangle(Length.mm(from), Length.mm(700), Length.mm(300), Length.mm(800));
    }

    private static Part wall(List<List<Corner>> openings) {
        return new Part.PanelPart(
                "E1",
                Role.SKIN,
                Length.mm(12),
                Length.mm(1000),
                Length.mm(900),
                Optional.empty(),
                Optional.empty(),
                new Solid(
                        Axis.Y,
                        Solid.rectangle(Length.ZERO, Length.mm(1000), Length.ZERO, Length.mm(900)),
                        openings,
                        Length.ZERO,
                        Length.mm(12)));
    }
}
