package reliqua.core.coop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import reliqua.core.coop.addon.CoopBuilder;
import reliqua.core.coop.family.AddOn;
import reliqua.core.coop.family.Brief;
import reliqua.core.coop.family.CoopFamily;
import reliqua.core.coop.family.Families;
import reliqua.core.coop.family.Unbuildable;
import reliqua.core.flock.Keeper;
import reliqua.core.measure.Length;
import reliqua.core.measure.Tape;

/** Mesh in place of the deck of a house on legs. */
class WireFloorTest {
    private static final CoopFamily RAISED = Families.find("raised").orElseThrow();

    @Test
    void meshLiesOnTheFrameFromEdgeToEdgeAndWallsClampIt() {
        for (int seed = 0; seed < 20; seed++) {
            Coop coop = Houses.random(RAISED, Set.of(AddOn.WIRE_FLOOR), new Random(seed));
            assertThat(coop.of(Role.DECK)).isEmpty();
            assertThat(coop.of(Role.WIRE_FLOOR)).isEmpty();
            Part mesh = coop.of(Role.FLOOR_MESH).getFirst();
            Bounds floor = mesh.solid().bounds();
            Bounds joist = coop.of(Role.JOIST).getFirst().solid().bounds();
            assertThat(floor.z0()).isEqualTo(joist.z1());
            assertThat(floor.width()).isEqualTo(coop.measures().width());
            assertThat(floor.depth()).isEqualTo(coop.measures().depth());
            assertThat(coop.zones().getFirst().floorHeight()).isEqualTo(floor.z1());
            assertThat(coop.of(Role.JOIST).stream().map(j -> j.solid().bounds().x0()).sorted())
                    .as("no bird steps through a wide bay")
                    .isSortedAccordingTo(Length::compareTo)
                    .satisfies(WireFloorTest::areClose);
        }
    }

    @Test
    void wallsAreScrewedThroughItAndPostsStandOnJoists() {
        boolean posted = false;
        for (int seed = 0; seed < 20; seed++) {
            Coop coop = Houses.random(RAISED, Set.of(AddOn.WIRE_FLOOR), new Random(seed));
            assertThat(Joints.of(coop))
                    .filteredOn(j -> j.first().role() == Role.RIM)
                    .filteredOn(j -> j.second().role() == Role.PLATE)
                    .hasSizeGreaterThanOrEqualTo(2);
            for (Part post : coop.of(Role.ROOST_POST)) {
                posted = true;
                assertThat(Joints.of(coop))
                        .as("what carries " + post.mark())
                        .anyMatch(j -> j.second() == post && j.first().role() == Role.JOIST);
            }
        }
        assertThat(posted).isTrue();
    }

    private static void areClose(List<? extends Length> edges) {
        for (int n = 1; n < edges.size(); n++) {
            assertThat(edges.get(n).minus(edges.get(n - 1))).isLessThan(Length.mm(470));
        }
    }

    @Test
    void slatsOrAVentAreForAnotherFloor() {
        for (AddOn other : EnumSet.of(AddOn.SLATTED_FLOOR, AddOn.FLOOR_VENT)) {
            Set<AddOn> both = EnumSet.of(AddOn.WIRE_FLOOR, other);
            Brief brief = new Brief(Houses.needs(6), Keeper.with(Tape.METRIC), both);
            assertThatThrownBy(
                            () ->
                                    CoopBuilder.build(
                                            RAISED.sized(
                                                    Houses.bareChoices(RAISED),
                                                    brief,
                                                    Map.of(),
                                                    Length.mm(1500),
                                                    Length.mm(1200)),
                                            brief))
                    .isInstanceOfSatisfying(
                            Unbuildable.class,
                            e -> assertThat(e.reason().key()).matches("family\\.(wire|vent)Or.*"));
        }
    }
}
