package reliqua.core.coop;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import reliqua.core.check.Finding;
import reliqua.core.check.Findings;
import reliqua.core.coop.family.DesignSpec;
import reliqua.core.coop.family.Finds;
import reliqua.core.coop.family.Unbuildable;
import reliqua.core.flock.BirdClass;
import reliqua.core.flock.Climate;
import reliqua.core.flock.Flock;
import reliqua.core.flock.Keeper;
import reliqua.core.flock.Needs;
import reliqua.core.flock.Practice;
import reliqua.core.flock.Predator;
import reliqua.core.flock.Site;
import reliqua.core.flock.Tool;
import reliqua.core.flock.Wish;
import reliqua.core.measure.Bearing;
import reliqua.core.measure.Length;
import reliqua.core.measure.Pressure;
import reliqua.core.measure.Speed;
import reliqua.core.measure.Tape;
import reliqua.core.stock.Block;
import reliqua.core.stock.Heap;

/** Ground, weather, animals and keeper change the house and what is said of it. */
class GroundAndAnimalsTest {
    private static Needs needs(Practice practice, Site site) {
        return Needs.of(Flock.of(BirdClass.STANDARD, 6).with(practice), site);
    }

    private static Coop house(Needs needs) {
        try {
            return Houses.build(Houses.ordinarySpec(), needs);
        } catch (Unbuildable e) {
            throw new AssertionError(e.reason().words(Tape.METRIC), e);
        }
    }

    private static List<Length> apertures(Coop coop, Role role) {
        return coop.of(role).stream().map(p -> ((Part.MeshPart) p).aperture()).distinct().toList();
    }

    private static List<String> warnings(Coop coop, Needs needs, Keeper keeper) {
        return Findings.of(coop, needs, keeper, Heap.EMPTY).stream()
                .filter(f -> f.severity() != Finding.Severity.GOOD)
                .map(Finding::rule)
                .toList();
    }

    @Test
    void weaselsGetFinerMeshAtTheVents() {
        Site site = Site.BARE.with(Predator.WEASEL, true);
        assertThat(apertures(house(needs(Practice.DEFAULT, site)), Role.VENT_MESH))
                .containsExactly(Length.mm(6));
        assertThat(apertures(house(needs(Practice.DEFAULT, Site.BARE)), Role.VENT_MESH))
                .containsExactly(Length.inches(1, 2));
    }

    @Test
    void ratsGetFinerMeshRoundTheSpaceBelowButNotOnTheGround() {
        Coop coop = house(needs(Practice.DEFAULT, Site.BARE.with(Predator.RAT, true)));
        assertThat(apertures(coop, Role.SKIRT)).hasSize(1).allMatch(a -> a.atMost(Length.mm(13)));
        assertThat(apertures(coop, Role.APRON)).containsExactly(Length.inches(1));
    }

    @Test
    void buriedMeshGoesStraightDown() {
        Needs needs = needs(Practice.DEFAULT.withApron(Practice.Apron.BURIED), Site.BARE);
        Coop coop = house(needs);
        for (Part part : coop.of(Role.APRON)) {
            Bounds b = part.solid().bounds();
            assertThat(b.z1()).isEqualTo(Length.ZERO);
            assertThat(b.z0()).isEqualTo(needs.apronBuried().negated());
        }
    }

    private static Coop paved(Block slab, int count) {
        return paved(slab, count, Site.BARE);
    }

    private static Coop paved(Block slab, int count, Site site) {
        Needs needs = needs(Practice.DEFAULT.withApron(Practice.Apron.PAVED), site);
        DesignSpec spec = Houses.ordinarySpec();
        Finds slabs = spec.choices().finds().paved(Optional.of(new Finds.Footing(slab, count)));
        try {
            return Houses.build(spec.with(spec.choices().with(slabs)), needs);
        } catch (Unbuildable e) {
            throw new AssertionError(e.reason().words(Tape.METRIC), e);
        }
    }

    /** A digger finds a slab before it wherever it stands near the wall. */
    @Test
    void slabsLieTightAllRoundAndNoneIsCut() {
        for (Block slab :
                List.of(
                        Block.of(Length.mm(50), Length.mm(400), Length.mm(600)),
                        Block.of(Length.mm(50), Length.mm(300), Length.mm(450)),
                        Block.of(Length.mm(60), Length.mm(200), Length.mm(200)))) {
            Coop coop = paved(slab, 200);
            assertThat(coop.of(Role.APRON)).isEmpty();
            List<Part> slabs = coop.of(Role.PAVING);
            assertThat(slabs)
                    .allSatisfy(
                            p -> {
                                Bounds b = p.solid().bounds();
                                assertThat(List.of(b.width(), b.depth()))
                                        .containsExactlyInAnyOrder(slab.width(), slab.length());
                                assertThat(b.z1()).isEqualTo(Length.ZERO);
                            });
            double w = coop.measures().width().toMm();
            double d = coop.measures().depth().toMm();
            for (double along = -390; along < Math.max(w, d) + 390; along += 35) {
                for (double out = 10; out < 400; out += 65) {
                    if (along < w + 390) {
                        assertThat(isPaved(slabs, along, -out)).as("before %s", along).isTrue();
                        assertThat(isPaved(slabs, along, d + out)).as("behind").isTrue();
                    }
                    if (along < d + 390) {
                        assertThat(isPaved(slabs, -out, along)).as("left").isTrue();
                        assertThat(isPaved(slabs, w + out, along)).as("right").isTrue();
                    }
                }
            }
        }
    }

    private static boolean isPaved(List<Part> slabs, double x, double y) {
        return slabs.stream()
                .map(p -> p.solid().bounds())
                .anyMatch(
                        b ->
                                b.x0().toMm() <= x
                                        && b.x1().toMm() >= x
                                        && b.y0().toMm() <= y
                                        && b.y1().toMm() >= y);
    }

    @Test
    void tooFewSlabsLeaveTheApronToMesh() {
        Block slab = Block.of(Length.mm(50), Length.mm(400), Length.mm(600));
        int all = paved(slab, 200).of(Role.PAVING).size();
        assertThat(paved(slab, all).of(Role.PAVING)).hasSize(all);
        Coop meshed = paved(slab, all - 1);
        assertThat(meshed.of(Role.PAVING)).isEmpty();
        assertThat(meshed.of(Role.APRON)).isNotEmpty();
        Coop sloping = paved(slab, 200, Site.BARE.withSlope(new Bearing(180), 9));
        assertThat(sloping.of(Role.PAVING)).as("they slide apart").isEmpty();
        assertThat(sloping.of(Role.APRON)).isNotEmpty();
    }

    @Test
    void thinLitterNeedsALowerBoardAtTheDoor() {
        Coop deep = house(needs(Practice.DEFAULT, Site.BARE));
        Coop thin = house(needs(Practice.DEFAULT.withLitter(Practice.Litter.THIN), Site.BARE));
        assertThat(board(thin)).isEqualTo(Length.mm(100));
        assertThat(board(deep)).isEqualTo(Length.mm(200));
    }

    private static Length board(Coop coop) {
        Bounds b = coop.of(Role.LITTER_BOARD).getFirst().solid().bounds();
        return b.z1().minus(b.z0());
    }

    @Test
    void deepSnowBreaksRaftersThatCarryAUsualWinter() {
        Needs usual = needs(Practice.DEFAULT, Site.BARE);
        Site snowy = Site.BARE.withClimate(Climate.MILD.withSnow(new Pressure(12)));
        Keeper keeper = Keeper.with(Tape.METRIC);
        assertThat(warnings(house(usual), usual, keeper)).doesNotContain("rafters", "purlins");
        Needs deep = needs(Practice.DEFAULT, snowy);
        assertThat(warnings(house(deep), deep, keeper)).containsAnyOf("rafters", "purlins");
    }

    @Test
    void aStormTipsWhatABreezeDoesNot() {
        Site calm = Site.BARE.withClimate(Climate.MILD.withWind(new Speed(5)));
        Site storm = Site.BARE.withClimate(Climate.MILD.withWind(new Speed(60)));
        Keeper keeper = Keeper.with(Tape.METRIC);
        Needs calmNeeds = needs(Practice.DEFAULT, calm);
        Needs stormNeeds = needs(Practice.DEFAULT, storm);
        assertThat(warnings(house(calmNeeds), calmNeeds, keeper)).doesNotContain("wind");
        assertThat(warnings(house(stormNeeds), stormNeeds, keeper)).contains("wind");
    }

    @Test
    void wishesAndMissingToolsAreSaid() {
        Needs needs = needs(Practice.DEFAULT, Site.BARE);
        Coop coop = house(needs);
        Keeper keeper =
                Keeper.with(Tape.METRIC)
                        .with(Wish.STAND_UP, true)
                        .with(Wish.ROLL_AWAY, true)
                        .with(Tool.SNIPS, false);
        assertThat(warnings(coop, needs, keeper))
                .contains("wish.standUp", "wish.rollAway", "tool.SNIPS")
                .doesNotContain("wish.outsideEggs", "tool.DRILL", "tool.saw");
    }
}
