package reliqua.core.check;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Assumptions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import reliqua.core.coop.Bounds;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Duty;
import reliqua.core.coop.Houses;
import reliqua.core.coop.Part;
import reliqua.core.coop.Role;
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
import reliqua.core.flock.Climate;
import reliqua.core.flock.Flock;
import reliqua.core.flock.Keeper;
import reliqua.core.flock.Needs;
import reliqua.core.flock.Site;
import reliqua.core.measure.Length;
import reliqua.core.measure.Pressure;
import reliqua.core.measure.Tape;
import reliqua.core.stock.FoundPart;
import reliqua.core.stock.Hardware;
import reliqua.core.stock.Heap;
import reliqua.core.stock.Lot;

class HabitRuleTest {
    private static final Keeper KEEPER = Keeper.with(Tape.METRIC);
    private static final CoopFamily RAISED = Families.find("raised").orElseThrow();

    private static List<String> broken(Coop coop, Needs needs) {
        return Findings.of(coop, needs, KEEPER, Heap.EMPTY).stream()
                .filter(f -> f.severity() != Finding.Severity.GOOD)
                .map(Finding::rule)
                .toList();
    }

    private static Coop with(CoopFamily family, AddOn... addOns) throws Unbuildable {
        return sized(family, Length.mm(2000), Length.mm(1400), addOns);
    }

    private static Coop sized(CoopFamily family, Length width, Length depth, AddOn... addOns)
            throws Unbuildable {
        Brief brief = new Brief(Houses.needs(6), KEEPER, Set.of(addOns));
        DesignSpec spec = family.sized(Houses.bareChoices(family), brief, Map.of(), width, depth);
        return CoopBuilder.build(spec, brief);
    }

    private static Coop without(Coop coop, Duty.Trait trait) {
        List<Part> left = coop.parts().stream().filter(p -> !p.role().is(trait)).toList();
        return new Coop(left, coop.openings(), coop.zones(), coop.measures());
    }

    /** Under the eaves of a house that is low enough. */
    @Test
    void aRunOneStoopsInIsRegretted() throws Unbuildable {
        Brief brief = new Brief(Houses.needs(6), KEEPER, Set.of(AddOn.RUN));
        DesignSpec spec =
                RAISED.sized(
                        Houses.bareChoices(RAISED),
                        brief,
                        Map.of(),
                        Length.mm(2000),
                        Length.mm(1400));
        DesignSpec onShortLegs = spec.with("legs", Length.mm(300));
        DesignSpec onLongLegs = spec.with("legs", Length.mm(900));
        assertThat(broken(CoopBuilder.build(onShortLegs, brief), Houses.needs(6)))
                .contains("runLow");
        assertThat(broken(CoopBuilder.build(onLongLegs, brief), Houses.needs(6)))
                .doesNotContain("runLow");
    }

    /** What keeps litter in at every door of every kind that stands where it is. */
    @ParameterizedTest
    @MethodSource("reliqua.core.coop.Houses#families")
    void byDesignNothingFallsOutAndNobodySlips(CoopFamily family) throws Unbuildable {
        Coop coop = sized(family, Length.mm(2400), Length.mm(2000));
        assertThat(broken(coop, Houses.needs(6))).doesNotContain("litterSill", "treads");
    }

    /** One before the house and one below it. */
    @Test
    void twoRampsAreNotOneWithAGap() {
        CoopFamily wheeled = Families.find("wheeled").orElseThrow();
        Coop coop = Houses.random(new Houses.Pair(wheeled, AddOn.GROUND_LEVEL), new Random(5));
        assertThat(coop.of(Role.RAMP_BOARD)).hasSize(2);
        assertThat(broken(coop, Houses.needs(6))).doesNotContain("treads");
    }

    @Test
    void aDoorWithoutItsBoardLetsTheLitterOut() throws Unbuildable {
        Coop coop = with(Families.find("walkin").orElseThrow());
        assertThat(broken(coop, Houses.needs(6))).doesNotContain("litterSill");
        assertThat(broken(without(coop, Duty.Trait.HOLDS_LITTER), Houses.needs(6)))
                .contains("litterSill");
    }

    @Test
    void staplesThatAreShortAreNotForMesh() throws Unbuildable {
        Coop coop = with(RAISED);
        assertThat(with(coop, Length.mm(10), Length.mm(25))).contains("staples");
        assertThat(with(coop, Length.mm(25))).doesNotContain("staples");
        assertThat(with(coop)).doesNotContain("staples");
    }

    /** What is said where staples of these lengths lie on the heap. */
    private static List<String> with(Coop coop, Length... staples) {
        List<Lot> lots = new ArrayList<>();
        for (Length each : staples) {
            Hardware box = new Hardware(Hardware.Kind.STAPLES, Optional.of(each));
            lots.add(new Lot("H" + lots.size(), 200, box, Lot.Provenance.UNKNOWN));
        }
        return Findings.of(coop, Houses.needs(6), KEEPER, new Heap(lots)).stream()
                .filter(f -> f.severity() != Finding.Severity.GOOD)
                .map(Finding::rule)
                .toList();
    }

    @Test
    void aRampWithATreadMissingIsSlippery() throws Unbuildable {
        Coop coop = with(RAISED);
        List<Part> treads = coop.that(Duty.Trait.TREAD);
        assertThat(treads).hasSizeGreaterThan(4);
        List<Part> left =
                coop.parts().stream().filter(p -> !p.mark().equals(treads.get(2).mark())).toList();
        Coop gappy = new Coop(left, coop.openings(), coop.zones(), coop.measures());
        assertThat(broken(coop, Houses.needs(6))).doesNotContain("treads");
        assertThat(broken(gappy, Houses.needs(6))).contains("treads");
    }

    @Test
    void snowIsDrivenInWhereVentsStayOpenAndBoardsKeepItOut() throws Unbuildable {
        Site snowy = Site.BARE.withClimate(Climate.MILD.withSnow(new Pressure(3)));
        Needs needs = Needs.of(Flock.of(BirdClass.STANDARD, 6), snowy);
        assertThat(broken(with(RAISED), needs)).contains("ventSnow");
        assertThat(broken(with(RAISED), Houses.needs(6))).doesNotContain("ventSnow");
        assertThat(broken(with(RAISED, AddOn.VENT_BOARDS), needs)).doesNotContain("ventSnow");
    }

    private static Coop widePen(int wheels) throws Unbuildable {
        CoopFamily pen = Families.find("boxpen").orElseThrow();
        FoundPart wheel = new FoundPart(FoundPart.Kind.WHEEL, List.of(Length.mm(260)));
        Choices bare = Houses.bareChoices(pen);
        Choices rolling =
                bare.with(
                        bare.finds()
                                .with(
                                        List.of(
                                                new Finds.Thing(
                                                        FoundPart.Use.WHEELS, wheel, wheels))));
        Brief brief = new Brief(Houses.needs(6), KEEPER, Set.of(AddOn.WHEELS));
        return CoopBuilder.build(
                pen.sized(rolling, brief, Map.of(), Length.mm(2600), Length.mm(2200)), brief);
    }

    /** Of three the middle one hangs a little higher, outside the others' timber, on two arms. */
    @Test
    void aThirdWheelCarriesTheMiddleOfAWideBack() throws Unbuildable {
        assertThat(broken(widePen(2), Houses.needs(6))).contains("wideBack");
        Coop coop = widePen(3);
        assertThat(broken(coop, Houses.needs(6))).doesNotContain("wideBack");
        List<Part> wheels = coop.of(Role.WHEEL);
        assertThat(wheels).hasSize(3);
        Bounds middle = wheels.getLast().solid().bounds();
        Bounds outer = wheels.get(0).solid().bounds().with(wheels.get(1).solid().bounds());
        assertThat(middle.z0().toMm()).isEqualTo(15);
        assertThat(middle.y0().plus(middle.y1())).isEqualTo(outer.y0().plus(outer.y1()));
        assertThat(coop.of(Role.AXLE_ARM)).hasSize(2);
    }

    @Test
    void aWideBackOnTwoWheelsIsRegretted() throws Unbuildable {
        CoopFamily wheeled = Families.find("wheeled").orElseThrow();
        Coop wide = sized(wheeled, Length.mm(2300), Length.mm(1200));
        Coop slim = sized(wheeled, Length.mm(1500), Length.mm(1700));
        assertThat(broken(wide, Houses.needs(6))).contains("wideBack");
        assertThat(broken(slim, Houses.needs(6))).doesNotContain("wideBack");
    }

    /** Pallet houses have room beside their roosts. */
    @ParameterizedTest
    @MethodSource("reliqua.core.coop.Houses#families")
    void aBoardUnderTheRoostsKeepsADrinkerBelowItClean(CoopFamily family) throws Unbuildable {
        Assumptions.assumeTrue(
                family.addOns().containsAll(Set.of(AddOn.DROPPINGS_BOARD, AddOn.DRINKER_STAND)));
        Assumptions.assumeTrue(family.builtOf().isEmpty());
        Length width = family.width(Houses.bareChoices(family)).least().max(Length.mm(1200));
        Coop fouled = sized(family, width, Length.mm(1400), AddOn.DRINKER_STAND);
        Coop clean =
                sized(family, width, Length.mm(1400), AddOn.DRINKER_STAND, AddOn.DROPPINGS_BOARD);
        assertThat(broken(fouled, Houses.needs(6))).contains("underRoost");
        assertThat(broken(clean, Houses.needs(6))).doesNotContain("underRoost");
    }

    @Test
    void whatStandsUnderTheRoostsIsFouled() throws Unbuildable {
        CoopFamily walkIn = Families.find("walkin").orElseThrow();
        Coop coop = sized(walkIn, Length.mm(2800), Length.mm(2200), AddOn.DRINKER_STAND);
        assertThat(broken(coop, Houses.needs(6))).doesNotContain("underRoost");
        Part bar =
                coop.parts().stream()
                        .filter(p -> p.role().duty().load() == Duty.Load.ROOST)
                        .findFirst()
                        .orElseThrow();
        Part top = coop.that(Duty.Trait.KEPT_CLEAN).getFirst();
        var b = bar.solid().bounds();
        Length z = top.solid().bounds().z0();
        List<Part> moved =
                coop.parts().stream()
                        .map(
                                p ->
                                        p.mark().equals(top.mark())
                                                ? p.at(
                                                        reliqua.core.coop.Solid.box(
                                                                b.x0(),
                                                                b.x0().plus(Length.mm(300)),
                                                                b.y0(),
                                                                b.y0().plus(Length.mm(300)),
                                                                z,
                                                                z.plus(Length.mm(12))))
                                                : p)
                        .toList();
        Coop fouled = new Coop(moved, coop.openings(), coop.zones(), coop.measures());
        assertThat(broken(fouled, Houses.needs(6))).contains("underRoost");
    }
}
