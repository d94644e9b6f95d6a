package reliqua.core.coop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import reliqua.core.coop.addon.CoopBuilder;
import reliqua.core.coop.family.AddOn;
import reliqua.core.coop.family.Brief;
import reliqua.core.coop.family.Choices;
import reliqua.core.coop.family.CoopFamily;
import reliqua.core.coop.family.Families;
import reliqua.core.coop.family.Unbuildable;
import reliqua.core.flock.Keeper;
import reliqua.core.measure.Length;
import reliqua.core.measure.Tape;
import reliqua.core.stock.Section;

class TwoPensTest {
    private static final CoopFamily POLE = Families.find("pole").orElseThrow();
    private static final Choices CHOICES =
            Houses.choices(Section.mm(38, 89), Section.mm(19, 38), Length.mm(12), Length.mm(1))
                    .with(Choices.Cladding.BOARDS);

    private static Coop pens(int width, Set<AddOn> addOns) throws Unbuildable {
        Brief brief = new Brief(Houses.needs(8), Keeper.with(Tape.METRIC), addOns);
        return CoopBuilder.build(
                POLE.sized(CHOICES, brief, Map.of(), Length.mm(width), Length.mm(1700)), brief);
    }

    private static Coop pens(int width) throws Unbuildable {
        return pens(width, Set.of(AddOn.TWO_PENS));
    }

    private static long inside(Zone zone, List<Bounds> places) {
        return places.stream()
                .filter(
                        b ->
                                b.x0().atLeast(zone.floor().x0().minus(Length.mm(60)))
                                        && b.x1().atMost(zone.floor().x1().plus(Length.mm(60))))
                .count();
    }

    @Test
    void eachHasBothDoorsRoostsAndANestOfItsOwn() throws Unbuildable {
        Coop coop = pens(3400);
        assertThat(coop.zones()).hasSize(2);
        for (Zone zone : coop.zones()) {
            for (Opening.Kind kind :
                    List.of(
                            Opening.Kind.POP_DOOR,
                            Opening.Kind.CLEAN_OUT_DOOR,
                            Opening.Kind.NEST_ENTRANCE)) {
                List<Bounds> places =
                        coop.openings().stream()
                                .filter(o -> o.kind() == kind)
                                .map(Opening::place)
                                .toList();
                assertThat(inside(zone, places)).as("%s in %s", kind, zone).isEqualTo(1);
            }
            List<Bounds> bars =
                    coop.of(Role.ROOST_BAR).stream().map(p -> p.solid().bounds()).toList();
            assertThat(inside(zone, bars)).isEqualTo(bars.size() / 2);
        }
    }

    @Test
    void theWallBetweenThemHasNoHoleABirdGoesThrough() throws Unbuildable {
        Coop coop = pens(3400);
        Length middle = Length.mm(1700);
        Length highest =
                coop.of(Role.PEN_MESH).stream()
                        .map(p -> p.solid().bounds().z1())
                        .reduce(Length.ZERO, Length::max);
        Zone room = coop.zones().getFirst();
        for (int y = 20; y < 1000; y += 60) {
            Length at = room.floor().y0().plus(Length.mm(y));
            for (int z = 110; z < highest.toMm() - 400; z += 40) {
                Length up = Length.mm(z);
                boolean closed =
                        coop.parts().stream()
                                .map(p -> p.solid().bounds())
                                .filter(b -> b.x0().atMost(middle.plus(Length.mm(20))))
                                .filter(b -> b.x1().atLeast(middle.minus(Length.mm(60))))
                                .anyMatch(
                                        b ->
                                                b.y0().atMost(at.plus(Length.mm(10)))
                                                        && b.y1().atLeast(at)
                                                        && b.z0().atMost(up.plus(Length.mm(20)))
                                                        && b.z1().atLeast(up));
                assertThat(closed).as("hole at %s, %s", at, up).isTrue();
            }
        }
    }

    @Test
    void aFrontWithoutRoomForFourDoorsIsRefused() {
        assertThatThrownBy(() -> pens(2200))
                .isInstanceOfSatisfying(
                        Unbuildable.class,
                        e -> assertThat(e.reason().words(Tape.METRIC)).contains("two pens"));
    }

    @Test
    void aDroppingsBoardAcrossBothIsRefused() {
        assertThatThrownBy(() -> pens(3400, Set.of(AddOn.TWO_PENS, AddOn.DROPPINGS_BOARD)))
                .isInstanceOfSatisfying(
                        Unbuildable.class,
                        e -> assertThat(e.reason().words(Tape.METRIC)).contains("two pens"));
    }
}
