package reliqua.core.coop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.EnumSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import reliqua.core.coop.family.DesignSpec;
import reliqua.core.coop.family.Unbuildable;
import reliqua.core.measure.Area;
import reliqua.core.measure.Length;
import reliqua.core.measure.Tape;

class RaisedHouseTest {
    private final Coop coop = Houses.ordinary();

    @Test
    void hasEverythingARaisedHouseIsBuiltOf() {
        Set<Role> has =
                EnumSet.of(
                        Role.LEG,
                        Role.RIM,
                        Role.JOIST,
                        Role.DECK,
                        Role.PLATE,
                        Role.STUD,
                        Role.SILL,
                        Role.HEADER,
                        Role.RAFTER,
                        Role.PURLIN,
                        Role.RAKE_FILLER,
                        Role.SKIN,
                        Role.ROOF_SHEET,
                        Role.DOOR_LEAF,
                        Role.DOOR_FRAME,
                        Role.POP_DOOR,
                        Role.POP_GUIDE,
                        Role.LITTER_BOARD,
                        Role.NEST_PANEL,
                        Role.NEST_LID,
                        Role.NEST_RAIL,
                        Role.DRIP_BOARD,
                        Role.ROOST_LEDGER,
                        Role.ROOST_POST,
                        Role.ROOST_BAR,
                        Role.RAMP_BOARD,
                        Role.RAMP_RUNNER,
                        Role.RAMP_LEDGER,
                        Role.RAMP_CLEAT,
                        Role.VENT_MESH,
                        Role.SKIRT,
                        Role.APRON);
        assertThat(coop.parts().stream().map(Part::role).distinct())
                .containsExactlyInAnyOrderElementsOf(has);
    }

    @Test
    void marksAreUniqueAndFindTheirPart() {
        assertThat(coop.parts().stream().map(Part::mark)).doesNotHaveDuplicates();
        coop.parts().forEach(part -> assertThat(coop.find(part.mark())).contains(part));
    }

    @Test
    void nestEntrancesLieBelowTheRoostsAndRoostsBelowTheVents() {
        Random random = new Random(41);
        for (int n = 0; n < 60; n++) {
            Coop house = Houses.random(random);
            Coop.Measures m = house.measures();
            assertThat(m.roostTop().minus(m.nestEntrance()))
                    .isGreaterThanOrEqualTo(Houses.needs(6).nestBelowRoost());
            house.openings().stream()
                    .filter(o -> o.kind() == Opening.Kind.EAVE_VENT)
                    .forEach(vent -> assertThat(vent.bottom()).isGreaterThan(m.roostTop()));
        }
    }

    @Test
    void roostsRestOnFramingNeverOnASkin() {
        for (Part bar : coop.of(Role.ROOST_BAR)) {
            assertThat(touching(bar)).contains(Role.ROOST_LEDGER);
            assertThat(touching(bar)).doesNotContain(Role.SKIN);
        }
        for (Part ledger : coop.of(Role.ROOST_LEDGER)) {
            assertThat(touching(ledger)).contains(Role.STUD);
        }
    }

    private List<Role> touching(Part part) {
        return coop.parts().stream()
                .filter(other -> other != part && Contact.area(part.solid(), other.solid()) > 100)
                .map(Part::role)
                .toList();
    }

    @Test
    void everythingIsCarriedDownToTheGround() {
        Random random = new Random(42);
        for (int n = 0; n < 15; n++) {
            Coop house = Houses.random(random);
            for (Part rafter : house.of(Role.RAFTER)) {
                long plates =
                        house.of(Role.PLATE).stream()
                                .filter(plate -> Contact.area(rafter.solid(), plate.solid()) > 100)
                                .count();
                assertThat(plates).isEqualTo(2);
            }
            house.of(Role.LEG)
                    .forEach(
                            leg ->
                                    assertThat(leg.solid().bounds().z0())
                                            .isLessThanOrEqualTo(Length.ZERO));
        }
    }

    @Test
    void outerSkinsAddTheirThicknessToTheSides() {
        Length sides =
                coop.of(Role.SKIN).stream()
                        .map(p -> (Part.PanelPart) p)
                        .filter(p -> p.lowSide().isPresent() && p.solid().from().nm() < 0)
                        .map(Part.PanelPart::width)
                        .reduce(Length.ZERO, Length::plus);
        assertThat(sides).isEqualTo(coop.measures().depth().plus(Length.mm(24)));
    }

    @Test
    void theDoorIsCutOutOfTheFrontAndNeedsNoMaterial() {
        Part.PanelPart leaf = (Part.PanelPart) coop.of(Role.DOOR_LEAF).getFirst();
        assertThat(leaf.cutFrom()).isPresent();
        Part.PanelPart front = (Part.PanelPart) coop.find(leaf.cutFrom().get()).orElseThrow();
        assertThat(front.solid().holes()).isNotEmpty();
    }

    @Test
    void rafterBlanksAreLongEnoughForTheirCuts() {
        Part.StickPart rafter = (Part.StickPart) coop.of(Role.RAFTER).getFirst();
        Bounds b = rafter.solid().bounds();
        double needed =
                Math.hypot(b.depth().toMm(), b.depth().toMm() * coop.measures().pitch().tan());
        assertThat(rafter.length().toMm()).isGreaterThan(needed);
        assertThat(rafter.startCut().degrees()).isEqualTo(coop.measures().pitch().degrees());
    }

    @Test
    void saysWhyItCannotBeBuilt() {
        DesignSpec flat = Houses.ordinarySpec().with("front", Length.mm(1150));
        assertThatThrownBy(() -> Houses.build(flat, Houses.needs(8)))
                .isInstanceOfSatisfying(
                        Unbuildable.class,
                        e -> assertThat(e.reason().words(Tape.METRIC)).contains("1150 mm"));
    }

    @Test
    void contactIsFoundByGeometry() {
        Solid a = Solid.box(mm(0), mm(100), mm(0), mm(100), mm(0), mm(100));
        Solid beside = Solid.box(mm(100), mm(200), mm(0), mm(50), mm(0), mm(100));
        Solid inside = Solid.box(mm(50), mm(150), mm(0), mm(100), mm(0), mm(100));
        Solid away = Solid.box(mm(300), mm(400), mm(0), mm(100), mm(0), mm(100));
        assertThat(Contact.area(a, beside))
                .isCloseTo(5000, org.assertj.core.data.Offset.offset(50.0));
        assertThat(Contact.overlap(a, beside)).isZero();
        assertThat(Contact.overlap(a, inside)).isEqualTo(500_000);
        assertThat(Contact.area(a, away)).isZero();
        Solid atTheEdge = Solid.box(mm(100), mm(200), mm(100), mm(200), mm(0), mm(100));
        assertThat(Contact.area(a, atTheEdge)).isZero();
        for (Axis along : Axis.values()) {
            assertThat(Contact.area(a.recast(along), beside)).isEqualTo(5000);
            assertThat(Contact.area(beside, a.recast(along))).isEqualTo(5000);
        }
        Solid wedge =
                new Solid(
                        Axis.X,
                        List.of(
                                new Corner(mm(0), mm(0)),
                                new Corner(mm(100), mm(0)),
                                new Corner(mm(0), mm(100))),
                        List.of(),
                        mm(0),
                        mm(100));
        Solid ridge =
                new Solid(
                        Axis.Y,
                        List.of(
                                new Corner(mm(0), mm(0)),
                                new Corner(mm(100), mm(0)),
                                new Corner(mm(0), mm(100))),
                        List.of(),
                        mm(0),
                        mm(100));
        // Both wedges share the corner pyramid: a third of base times height.
        assertThat(Contact.overlap(wedge, ridge))
                .isCloseTo(333_333, org.assertj.core.data.Offset.offset(500.0));
    }

    private static Length mm(long millimetres) {
        return Length.mm(millimetres);
    }

    @Test
    void strengthFollowsTheSpanFormulas() {
        // 1 kN/m over 2 m on 50 x 100 on edge: M = 500 Nm, Z = 83 333 mm3, 6 N/mm2.
        assertThat(Strength.bending(mm(50), mm(100), mm(2000), 1000))
                .isCloseTo(6 / 4.0, org.assertj.core.data.Offset.offset(1e-9));
        double sag = 5 * 1.0 * Math.pow(2000, 4) / (384 * 7000 * (50 * 1e6 / 12));
        assertThat(Strength.sag(mm(50), mm(100), mm(2000), 1000, 180))
                .isCloseTo(sag / (2000 / 180.0), org.assertj.core.data.Offset.offset(1e-9));
        assertThat(coop.measures().floor()).isGreaterThan(Area.ZERO);
    }
}
