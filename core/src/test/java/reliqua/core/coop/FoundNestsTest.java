package reliqua.core.coop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import reliqua.core.coop.addon.CoopBuilder;
import reliqua.core.coop.family.AddOn;
import reliqua.core.coop.family.Brief;
import reliqua.core.coop.family.Choices;
import reliqua.core.coop.family.CoopFamily;
import reliqua.core.coop.family.Families;
import reliqua.core.coop.family.Finds;
import reliqua.core.coop.family.Unbuildable;
import reliqua.core.flock.Keeper;
import reliqua.core.measure.Length;
import reliqua.core.measure.Tape;
import reliqua.core.stock.FoundPart;
import reliqua.core.stock.Section;

/** A box of nests from another coop, hung on as it is. */
class FoundNestsTest {
    private static final Choices BARE =
            Houses.choices(Section.mm(38, 64), Section.mm(19, 38), Length.mm(12), Length.mm(1));

    private static Coop built(CoopFamily family, int row, Set<AddOn> addOns) throws Unbuildable {
        FoundPart box =
                new FoundPart(
                        FoundPart.Kind.NEST_BOX,
                        List.of(Length.mm(row), Length.mm(380), Length.mm(340)));
        Choices choices =
                BARE.with(BARE.finds().with(new Finds.Thing(FoundPart.Use.NEST_BOX, box, 1)));
        Brief brief = new Brief(Houses.needs(6), Keeper.with(Tape.METRIC), addOns);
        return CoopBuilder.build(
                family.sized(choices, brief, Map.of(), Length.mm(2000), Length.mm(2100)), brief);
    }

    static Stream<CoopFamily> kinds() {
        return Families.all().stream().filter(f -> f.places().contains(FoundPart.Use.NEST_BOX));
    }

    @ParameterizedTest
    @MethodSource("kinds")
    void itHangsBeforeItsOpeningAndNoOtherIsBuilt(CoopFamily family) throws Unbuildable {
        Coop coop = built(family, 700, Set.of());
        Bounds box = coop.of(Role.FOUND_NESTS).getFirst().solid().bounds();
        assertThat(coop.of(Role.NEST_LID)).isEmpty();
        assertThat(coop.of(Role.NEST_PANEL)).isEmpty();
        assertThat(coop.openings())
                .filteredOn(o -> o.kind() == Opening.Kind.NEST_ENTRANCE)
                .hasSize(1)
                .allSatisfy(
                        o -> {
                            assertThat(o.place().y0()).isGreaterThanOrEqualTo(box.y0());
                            assertThat(o.place().y1()).isLessThanOrEqualTo(box.y1());
                            assertThat(o.place().z1()).isLessThanOrEqualTo(box.z1());
                        });
        assertThat(coop.that(Duty.Trait.GIVES_EGGS))
                .as("emptied from outside")
                .extracting(Part::role)
                .contains(Role.FOUND_NESTS);
        assertThat(HouseGeometryTest.overlaps(coop)).isEmpty();
        assertThat(HouseGeometryTest.hanging(coop)).isEmpty();
        assertThat(new Cubes(coop).leak(coop)).isEqualTo("closed");
    }

    @Test
    void tooFewNestsOrOthersAreRefusedInWords() {
        CoopFamily raised = Families.find("raised").orElseThrow();
        assertThatThrownBy(() -> built(raised, 300, Set.of()))
                .isInstanceOfSatisfying(
                        Unbuildable.class,
                        e -> assertThat(e.reason().key()).isEqualTo("family.nestFew"));
        assertThatThrownBy(() -> built(raised, 700, EnumSet.of(AddOn.NEST_DRAWER)))
                .isInstanceOfSatisfying(
                        Unbuildable.class,
                        e -> assertThat(e.reason().key()).isEqualTo("family.boxOrOther"));
    }
}
