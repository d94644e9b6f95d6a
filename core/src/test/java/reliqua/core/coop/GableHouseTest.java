package reliqua.core.coop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import reliqua.core.coop.addon.CoopBuilder;
import reliqua.core.coop.family.Brief;
import reliqua.core.coop.family.Choices;
import reliqua.core.coop.family.CoopFamily;
import reliqua.core.coop.family.DesignSpec;
import reliqua.core.coop.family.Families;
import reliqua.core.coop.family.Finds;
import reliqua.core.coop.family.Unbuildable;
import reliqua.core.flock.Keeper;
import reliqua.core.measure.Length;
import reliqua.core.measure.Tape;
import reliqua.core.stock.FoundPart;

class GableHouseTest {
    private static final CoopFamily GABLE = Families.find("gable").orElseThrow();
    private static final Brief BRIEF =
            new Brief(Houses.needs(10), Keeper.with(Tape.METRIC), Set.of());

    private static DesignSpec spec(Choices choices) {
        return GABLE.sized(choices, BRIEF, Map.of(), Length.mm(2600), Length.mm(2200));
    }

    private static Choices withDoor(long width, long height) {
        Choices choices = Houses.bareChoices(GABLE);
        FoundPart door =
                new FoundPart(
                        FoundPart.Kind.DOOR,
                        List.of(Length.mm(height), Length.mm(width), Length.mm(35)));
        return choices.with(choices.finds().with(new Finds.Thing(FoundPart.Use.DOOR, door, 1)));
    }

    @Test
    void raftersStandInPairsAgainstTheRidge() throws Unbuildable {
        Coop coop = CoopBuilder.build(spec(Houses.bareChoices(GABLE)), BRIEF);
        Bounds ridge = coop.of(Role.RIDGE_BOARD).getFirst().solid().bounds();
        assertThat(ridge.y0().plus(ridge.y1()).half()).isEqualTo(Length.mm(1100));
        List<Part> rafters = coop.of(Role.RAFTER);
        long front =
                rafters.stream().filter(p -> p.solid().bounds().y1().equals(ridge.y0())).count();
        assertThat(front * 2).isEqualTo(rafters.size());
        assertThat(rafters)
                .allMatch(
                        p ->
                                Contact.area(
                                                p.solid(),
                                                coop.of(Role.RIDGE_BOARD).getFirst().solid())
                                        > 1000);
    }

    @Test
    void nobodyHitsTheirHeadOnATie() throws Unbuildable {
        Coop coop = CoopBuilder.build(spec(Houses.bareChoices(GABLE)), BRIEF);
        Length floor = coop.measures().floorHeight();
        assertThat(coop.of(Role.COLLAR_TIE)).isNotEmpty();
        for (Part tie : coop.of(Role.COLLAR_TIE)) {
            assertThat(tie.solid().bounds().z0().minus(floor))
                    .isGreaterThanOrEqualTo(BRIEF.keeper().body().height());
        }
    }

    @Test
    void theOpeningIsMadeForTheFoundDoor() throws Unbuildable {
        Coop coop = CoopBuilder.build(spec(withDoor(720, 1850)), BRIEF);
        Bounds leaf = coop.of(Role.FOUND_LEAF).getFirst().solid().bounds();
        assertThat(leaf.width()).isEqualTo(Length.mm(720));
        assertThat(leaf.height()).isEqualTo(Length.mm(1850));
        Bounds door =
                coop.openings().stream()
                        .filter(o -> o.kind() == Opening.Kind.CLEAN_OUT_DOOR)
                        .findFirst()
                        .orElseThrow()
                        .place();
        assertThat(leaf.x0()).isLessThan(door.x0());
        assertThat(leaf.x1()).isGreaterThan(door.x1());
        assertThat(coop.of(Role.DOOR_LEAF)).isEmpty();
    }

    @Test
    void aDoorTooWideForTheFrontIsRefusedInWords() {
        DesignSpec wide =
                GABLE.sized(
                        withDoor(1000, 1850), BRIEF, Map.of(), Length.mm(1600), Length.mm(2400));
        assertThatThrownBy(() -> CoopBuilder.build(wide, BRIEF))
                .isInstanceOf(Unbuildable.class)
                .extracting(e -> ((Unbuildable) e).reason().words(Tape.METRIC))
                .asString()
                .contains("1000 mm wide");
    }

    @Test
    void everyPlaneIsRoofedToTheRidge() {
        Random random = new Random(21);
        for (int n = 0; n < 5; n++) {
            Coop coop = Houses.random(GABLE, random);
            Bounds ridge = coop.of(Role.RIDGE_BOARD).getFirst().solid().bounds();
            long front =
                    coop.of(Role.ROOF_SHEET).stream()
                            .filter(p -> p.solid().bounds().y1().compareTo(ridge.y1()) <= 0)
                            .count();
            assertThat(front * 2).isEqualTo(coop.of(Role.ROOF_SHEET).size());
            assertThat(coop.of(Role.RIDGE_CAP)).hasSize(2);
        }
    }
}
