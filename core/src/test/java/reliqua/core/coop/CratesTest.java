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

/** Found crates as nests in a house that one walks into. */
class CratesTest {
    private static final Choices BARE =
            Houses.choices(Section.mm(38, 64), Section.mm(19, 38), Length.mm(12), Length.mm(1));

    private static Choices with(int count) {
        FoundPart crate =
                new FoundPart(
                        FoundPart.Kind.CRATE,
                        List.of(Length.mm(340), Length.mm(320), Length.mm(340)));
        return BARE.with(BARE.finds().with(new Finds.Thing(FoundPart.Use.NEST, crate, count)));
    }

    private static Coop built(CoopFamily family, int count, Set<AddOn> addOns) throws Unbuildable {
        Brief brief = new Brief(Houses.needs(6), Keeper.with(Tape.METRIC), addOns);
        return CoopBuilder.build(
                family.sized(with(count), brief, Map.of(), Length.mm(2100), Length.mm(1700)),
                brief);
    }

    static Stream<CoopFamily> kinds() {
        return Stream.of("walkin", "gable", "split").map(id -> Families.find(id).orElseThrow());
    }

    @ParameterizedTest
    @MethodSource("kinds")
    void theyStandInsideWhereNothingFallsIntoThem(CoopFamily family) throws Unbuildable {
        Coop coop = built(family, 3, Set.of());
        int nests = Houses.needs(6).nests();
        assertThat(coop.measures().nests()).isEqualTo(nests);
        assertThat(coop.of(Role.NEST_CRATE)).hasSize(nests);
        assertThat(coop.of(Role.NEST_LID)).isEmpty();
        Bounds room = coop.zones().getFirst().floor();
        for (Part crate : coop.of(Role.NEST_CRATE)) {
            Bounds b = crate.solid().bounds();
            assertThat(b.x0()).isGreaterThanOrEqualTo(room.x0());
            assertThat(b.z0().minus(room.z0())).as("birds go under").isGreaterThan(Length.mm(300));
            assertThat(coop.of(Role.ROOST_BAR))
                    .allSatisfy(
                            bar -> {
                                Bounds roost = bar.solid().bounds();
                                assertThat(roost.z1()).isGreaterThan(b.z0());
                                assertThat(roost.y0()).isGreaterThan(b.y1());
                            });
        }
        assertThat(HouseGeometryTest.overlaps(coop)).isEmpty();
        assertThat(HouseGeometryTest.hanging(coop)).isEmpty();
    }

    @Test
    void tooFewOrOtherNestsAreRefusedInWords() {
        CoopFamily walkin = kinds().findFirst().orElseThrow();
        assertThatThrownBy(() -> built(walkin, 1, Set.of()))
                .isInstanceOfSatisfying(
                        Unbuildable.class,
                        e -> assertThat(e.reason().key()).isEqualTo("family.nestFew"));
        for (AddOn other : EnumSet.of(AddOn.WALL_NESTS, AddOn.ROLL_AWAY_NESTS)) {
            assertThatThrownBy(() -> built(walkin, 3, EnumSet.of(other)))
                    .isInstanceOfSatisfying(
                            Unbuildable.class,
                            e -> assertThat(e.reason().key()).isEqualTo("family.cratesOrOther"));
        }
    }
}
