package reliqua.core.keep;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static reliqua.core.keep.Kept.HENS;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Houses;
import reliqua.core.flock.BirdClass;
import reliqua.core.flock.Climate;
import reliqua.core.flock.Flock;
import reliqua.core.flock.Practice;
import reliqua.core.flock.Site;
import reliqua.core.flock.WhatIf;
import reliqua.core.measure.Area;
import reliqua.core.measure.Length;
import reliqua.core.measure.Temperature;
import reliqua.core.measure.UnitSystem;
import reliqua.core.measure.Volume;
import reliqua.core.measure.Weight;

class CapacitiesTest {
    private static Capacities of(Flock flock, Climate climate, Vessel... vessels) {
        return Capacities.of(List.of(vessels), flock, climate, Optional.empty());
    }

    @Test
    void feedAndWaterLastAsLongAsTheirVesselsHold() {
        // Eight hens eat 0.96 kg and drink 4 l.
        Capacities c =
                of(
                        HENS,
                        Climate.MILD,
                        Vessel.of(Vessel.Kind.FEEDER, 12),
                        Vessel.of(Vessel.Kind.BIN, 48),
                        Vessel.of(Vessel.Kind.DRINKER, 8),
                        Vessel.of(Vessel.Kind.BARREL, 200));

        assertThat(c.feed().grams()).isEqualTo(960);
        assertThat(c.water().litres()).isEqualTo(4);
        assertThat(c.feedDays()).isCloseTo(60 * 0.65 / 0.96, within(0.01));
        assertThat(c.waterDays()).isEqualTo(52);
    }

    @Test
    void somebodyMustShutTheDoorUnlessTheRunIsClosed() {
        Vessel[] plenty = {Vessel.of(Vessel.Kind.BIN, 100), Vessel.of(Vessel.Kind.BARREL, 200)};
        Flock ranging = HENS.withStyle(Flock.Style.OUT_ALL_DAY);
        Capacities out = of(ranging, Climate.MILD, plenty);
        assertThat(out.daysAway()).isZero();
        assertThat(out.away().getFirst().cause()).isEqualTo(Capacities.Cause.DOOR);

        Coop withRun =
                Houses.randomWithRun(Houses.familiesWithRun().getFirst(), new java.util.Random(3));
        Capacities in = Capacities.of(List.of(plenty), HENS, Climate.MILD, Optional.of(withRun));
        assertThat(in.away().getFirst()).isEqualTo(new Capacities.Limit(Capacities.Cause.EGGS, 2));
    }

    @Test
    void hotPlacesHalveTheWater() {
        Climate hot = Climate.MILD.withHottest(new Temperature(38));

        assertThat(of(HENS, hot, Vessel.of(Vessel.Kind.DRINKER, 8)).away())
                .contains(new Capacities.Limit(Capacities.Cause.WATER_HOT, 1));
    }

    @Test
    void nobodyThereNeedsNothing() {
        Capacities none = of(Flock.EMPTY, Climate.MILD);

        assertThat(none.feed().grams()).isZero();
        assertThat(none.feedDays()).isZero();
        assertThat(none.shell().grams()).isZero();
        assertThat(none.grit().grams()).isZero();
    }

    @Test
    void whoIsOutAllDayFindsItsOwnGrit() {
        Flock out = WhatIf.kept(HENS, Flock.Style.OUT_ALL_DAY);
        Flock in = WhatIf.kept(HENS, Flock.Style.RUN_ONLY);

        assertThat(of(out, Climate.MILD).grit().grams()).isZero();
        assertThat(of(in, Climate.MILD).grit().grams()).isEqualTo(30L * HENS.total());
    }

    @Test
    void smallWaterFreezesFirst() {
        List<Vessel> vessels =
                List.of(
                        Vessel.of(Vessel.Kind.NIPPLES, 15),
                        Vessel.of(Vessel.Kind.BARREL, 200),
                        Vessel.of(Vessel.Kind.FEEDER, 10));

        assertThat(Capacities.frost(vessels, Climate.MILD.withColdest(new Temperature(-3))))
                .hasSize(1);
        assertThat(Capacities.frost(vessels, Climate.MILD.withColdest(new Temperature(-12))))
                .hasSize(2);
    }

    @Test
    void placesFollowNipplesPortsAndEdges() {
        assertThat(new Vessel(Vessel.Kind.NIPPLES, new Volume(15), 3).birds()).isEqualTo(12);
        assertThat(new Vessel(Vessel.Kind.TUBE, new Volume(15), 2).birds()).isEqualTo(6);
        // A trough of 1 m and 120 x 120 mm holds 14.4 l: ten birds a side.
        assertThat(Vessel.of(Vessel.Kind.TROUGH, 14.4).birds()).isEqualTo(20);
        assertThatThrownBy(() -> Vessel.of(Vessel.Kind.BUCKET, 0))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("holds more than nothing");
    }

    @Test
    void deepLitterIsReckonedInBales() {
        Coop coop = Houses.ordinary();
        double floor = coop.measures().floor().toSquareMetres();

        LitterPlan deep = LitterPlan.of(coop, Practice.Litter.DEEP);

        assertThat(deep.start().litres()).isCloseTo(floor * 120, within(0.01));
        assertThat(deep.startBales()).isEqualTo((int) Math.ceil(floor * 120 / 220));
        assertThat(LitterPlan.of(coop, Practice.Litter.WIRE).yearBales()).isZero();
        assertThat(LitterPlan.of(coop, Practice.Litter.THIN).yearBales())
                .isGreaterThan(deep.yearBales());
    }

    @Test
    void aBedBelowSlatsIsMulchedAndGivesCompost() {
        Coop coop = Houses.ordinary();
        double floor = coop.measures().floor().toSquareMetres();

        LitterPlan bed = LitterPlan.of(coop, Practice.Litter.SLATTED);

        assertThat(bed.start().litres()).isCloseTo(floor * 100, within(0.01));
        assertThat(bed.topUp().litres()).isCloseTo(floor * 20, within(0.01));
        assertThat(bed.compost().litres()).isCloseTo(floor * (100 + 240) / 2, within(0.01));
        assertThat(bed.worms().toKilograms()).isCloseTo(floor, within(0.01));
        assertThat(LitterPlan.of(coop, Practice.Litter.DEEP).worms()).isEqualTo(Weight.ZERO);
    }

    @Test
    void rainIsNeitherLostNorMade() {
        Area roof = Area.ofSquareMetres(4);
        RainYear year = RainYear.of(roof, Climate.MILD, new Volume(4), new Volume(200));

        double rain = Climate.MILD.rain().stream().mapToInt(Integer::intValue).sum();
        double caught = year.months().stream().mapToDouble(RainYear.MonthOf::caught).sum();
        double gone = year.months().stream().mapToDouble(m -> m.used() + m.over()).sum();
        assertThat(caught).isCloseTo(rain * 4 * 0.9, within(1e-6));
        assertThat(gone).isCloseTo(caught, within(200.0));
        assertThat(year.dryDays()).isZero();
    }

    @Test
    void aSmallBarrelRunsDryInADrySummer() {
        Climate dry = Climate.MILD.withRain(List.of(60, 50, 40, 20, 5, 0, 0, 0, 10, 60, 70, 70));
        Area roof = Area.ofSquareMetres(4);
        RainYear small = RainYear.of(roof, dry, new Volume(4), new Volume(50));
        RainYear large = RainYear.of(roof, dry, new Volume(4), new Volume(1000));

        assertThat(small.dryDays()).isGreaterThan(60);
        assertThat(large.dryDays()).isLessThan(small.dryDays());
        assertThat(small.months().get(6).dryDays()).isGreaterThan(29);
    }

    @Test
    void aPenNeverStandsOnTheSameGroundTwiceInARound() {
        Site site =
                Site.BARE.plus(
                        reliqua.core.flock.SiteMark.at(
                                reliqua.core.flock.SiteMark.Kind.TREE,
                                Length.mm(3000),
                                Length.mm(3000)));
        Moves moves = Moves.of(site, Length.mm(1200), Length.mm(2400));

        assertThat(moves.places()).doesNotHaveDuplicates().isNotEmpty();
        assertThat(moves.days())
                .isLessThan(Moves.of(Site.BARE, moves.width(), moves.depth()).days());
        for (Moves.Place p : moves.places()) {
            assertThat(p.x().plus(moves.width()).atMost(site.width())).isTrue();
            assertThat(p.y().plus(moves.depth()).atMost(site.depth())).isTrue();
        }
        // From one day to the next the pen goes one length on, or over to the next strip.
        for (int n = 1; n < moves.days(); n++) {
            Moves.Place a = moves.places().get(n - 1);
            Moves.Place b = moves.places().get(n);
            assertThat(a.x().equals(b.x()) || b.x().minus(a.x()).equals(moves.width())).isTrue();
        }
    }

    @Test
    void moreBirdsThanItWasBuiltForAreTold() {
        Coop coop = Houses.ordinary();

        assertThat(
                        Outgrown.of(
                                coop,
                                Flock.of(BirdClass.STANDARD, 2),
                                Site.BARE,
                                UnitSystem.MILLIMETRES))
                .isEmpty();
        assertThat(
                        Outgrown.of(
                                coop,
                                Flock.of(BirdClass.STANDARD, 40),
                                Site.BARE,
                                UnitSystem.MILLIMETRES))
                .extracting(s -> s.key())
                .contains("outgrown.floor", "outgrown.roost");
    }
}
