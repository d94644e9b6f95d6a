package reliqua.core.coop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import reliqua.core.check.WeakSpot;
import reliqua.core.coop.addon.CoopBuilder;
import reliqua.core.coop.family.AddOn;
import reliqua.core.coop.family.Brief;
import reliqua.core.coop.family.Choices;
import reliqua.core.coop.family.CoopFamily;
import reliqua.core.coop.family.DesignSpec;
import reliqua.core.coop.family.Families;
import reliqua.core.coop.family.Finds;
import reliqua.core.coop.family.Unbuildable;
import reliqua.core.flock.BirdClass;
import reliqua.core.flock.Flock;
import reliqua.core.flock.Keeper;
import reliqua.core.flock.Needs;
import reliqua.core.flock.Practice;
import reliqua.core.flock.Predator;
import reliqua.core.flock.Site;
import reliqua.core.measure.Bearing;
import reliqua.core.measure.Length;
import reliqua.core.measure.Tape;
import reliqua.core.stock.FoundPart;
import reliqua.core.stock.Section;

/** A wall that stands in the yard and is one side of a run. */
class RunWallTest {
    private static final Choices BARE =
            Houses.choices(Section.mm(38, 64), Section.mm(19, 38), Length.mm(12), Length.mm(1));

    private static Coop built(CoopFamily family, Needs needs, int length, int height)
            throws Unbuildable {
        FoundPart wall =
                new FoundPart(
                        FoundPart.Kind.STANDING_WALL,
                        List.of(Length.mm(length), Length.mm(height), Length.mm(110)));
        Choices choices =
                BARE.with(BARE.finds().with(new Finds.Thing(FoundPart.Use.RUN_WALL, wall, 1)));
        return built(family, needs, choices);
    }

    private static Coop built(CoopFamily family, Needs needs, Choices choices) throws Unbuildable {
        Brief brief = new Brief(needs, Keeper.with(Tape.METRIC), Set.of(AddOn.RUN));
        DesignSpec sized = family.sized(choices, brief, Map.of(), Length.mm(2100), Length.mm(1900));
        // Eaves so high that the door opens under the run.
        String eaves = family.keys().contains("eaves") ? "eaves" : "front";
        DesignSpec high = sized.with(eaves, sized.length(eaves).plus(Length.mm(450)));
        DesignSpec close = high.with("overhang", Length.mm(100));
        return CoopBuilder.build(close.with("run-length", Length.mm(2700)), brief);
    }

    private static Needs needs(Practice.Apron apron) {
        return Needs.of(Flock.of(BirdClass.STANDARD, 6).with(Practice.DEFAULT.withApron(apron)));
    }

    @ParameterizedTest
    @MethodSource("reliqua.core.coop.Houses#familiesWithRun")
    void itClosesTheLeftOfTheRunAndALedgerLiesOnIt(CoopFamily family) throws Unbuildable {
        Coop with = built(family, Houses.needs(6), 4000, 3200);
        Coop without = built(family, Houses.needs(6), BARE);
        Bounds wall = with.of(Role.STANDING_WALL).getFirst().solid().bounds();
        assertThat(with.of(Role.RUN_MESH))
                .hasSizeLessThanOrEqualTo(without.of(Role.RUN_MESH).size());
        assertThat(area(with)).isLessThan(area(without));
        assertThat(with.of(Role.RUN_RAIL))
                .filteredOn(r -> Contact.area(r.solid(), wallSolid(with)) > 50)
                .isNotEmpty();
        assertThat(wall.z0()).isEqualTo(Length.ZERO);
        assertThat(Weights.of(with.of(Role.STANDING_WALL)).grams()).isZero();
        assertThat(HouseGeometryTest.overlaps(with)).isEmpty();
        assertThat(HouseGeometryTest.hanging(with)).isEmpty();
        assertThat(new Cubes(with).leak(with)).isEqualTo("closed");
    }

    private static Solid wallSolid(Coop coop) {
        return coop.of(Role.STANDING_WALL).getFirst().solid();
    }

    private static double area(Coop coop) {
        return coop.of(Role.RUN_MESH).stream()
                .mapToDouble(m -> ((Part.MeshPart) m).area().toSquareMetres())
                .sum();
    }

    @ParameterizedTest
    @EnumSource(Practice.Apron.class)
    void noApronGoesUnderIt(Practice.Apron apron) throws Unbuildable {
        CoopFamily raised = Families.find("raised").orElseThrow();
        Coop coop = built(raised, needs(apron), 4000, 3200);
        assertThat(HouseGeometryTest.overlaps(coop)).isEmpty();
        assertThat(HouseGeometryTest.hanging(coop)).isEmpty();
        Bounds wall = wallSolid(coop).bounds();
        assertThat(coop.of(Role.APRON))
                .extracting(p -> p.solid().bounds())
                .noneMatch(b -> b.x0().compareTo(wall.x1()) < 0 && b.y0().compareTo(wall.y1()) < 0);
    }

    @ParameterizedTest
    @CsvSource({"4000, 700, wallLow", "2440, 2430, wallShort"})
    void tooLowOrShortIsRefusedInWords(int length, int height, String why) {
        CoopFamily raised = Families.find("raised").orElseThrow();
        assertThatThrownBy(() -> built(raised, Houses.needs(6), length, height))
                .isInstanceOfSatisfying(
                        Unbuildable.class,
                        e -> assertThat(e.reason().key()).isEqualTo("family." + why));
    }

    @Test
    void whatDigsIsToldOfAtItsFootWithMeshForIt() throws Unbuildable {
        CoopFamily raised = Families.find("raised").orElseThrow();
        Coop coop = built(raised, Houses.needs(6), 4000, 3200);
        assertThat(WeakSpot.of(coop, Set.of(Predator.FOX)))
                .filteredOn(s -> s.what().key().equals("audit.wall"))
                .singleElement()
                .satisfies(
                        s -> {
                            assertThat(s.lets()).containsExactly(Predator.FOX);
                            assertThat(s.mending().parts()).isNotEmpty();
                        });
        assertThat(WeakSpot.of(coop, Set.of(Predator.HAWK)))
                .noneMatch(s -> s.what().key().equals("audit.wall"));
    }

    @Test
    void downASlopeItIsRefused() {
        Needs slope =
                Needs.of(Flock.of(BirdClass.STANDARD, 6), Site.BARE.withSlope(new Bearing(90), 8));
        CoopFamily raised = Families.find("raised").orElseThrow();
        assertThatThrownBy(() -> built(raised, slope, 4000, 3200))
                .isInstanceOfSatisfying(
                        Unbuildable.class,
                        e -> assertThat(e.reason().key()).isEqualTo("family.wallSlope"));
    }
}
