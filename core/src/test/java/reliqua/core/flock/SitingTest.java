package reliqua.core.flock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.Test;
import reliqua.core.measure.Bearing;
import reliqua.core.measure.Length;
import reliqua.core.measure.Tape;

/** The way a coop should look follows from sun, wind and ground, and turns with them. */
class SitingTest {
    private static Bearing point(String name) {
        return Bearing.ofPoint(name).orElseThrow();
    }

    @Test
    void northOfTheEquatorTheFrontLooksToTheMorningSunAndAwayFromTheWind() {
        Site site = Site.BARE.withWindFrom(point("NW"));
        assertThat(Siting.of(site).best()).isEqualTo(point("SE"));
        assertThat(Siting.of(site.withSouthern(true).withWindFrom(point("SW"))).best())
                .isEqualTo(point("NE"));
    }

    @Test
    void theBestIsNeverWorseThanAnyPointOfTheCompass() {
        Random random = new Random(3);
        for (int n = 0; n < 200; n++) {
            Site site =
                    Site.BARE
                            .withWindFrom(new Bearing(random.nextInt(360)))
                            .withSlope(new Bearing(random.nextInt(360)), random.nextInt(20))
                            .withSouthern(random.nextBoolean());
            double best = Siting.worth(site, Siting.of(site).best());
            for (int d = 0; d < 16; d++) {
                assertThat(Siting.worth(site, new Bearing(d * 22.5))).isLessThan(best + 1e-6);
            }
        }
    }

    @Test
    void aFrontIntoTheWindIsSaidToBeWrong() {
        Site site = Site.BARE.withWindFrom(point("SW")).withFacing(point("SW"));
        assertThat(Siting.of(site).faults())
                .anySatisfy(f -> assertThat(f.words(Tape.METRIC)).contains("strong wind from SW"));
        assertThat(Siting.of(site.withFacing(Siting.of(site).best())).faults()).isEmpty();
    }

    @Test
    void aRoofThatDrainsUphillIsSaidToBeWrong() {
        Site site = Site.BARE.withFacing(point("S")).withSlope(point("S"), 8);
        assertThat(Siting.of(site).faults())
                .anySatisfy(f -> assertThat(f.words(Tape.METRIC)).contains("uphill"));
    }

    @Test
    void everyDutyFindsAWallAndNestsAreNotOnTheSunnySide() {
        for (int degrees = 0; degrees < 360; degrees += 15) {
            Site site = Site.BARE.withFacing(new Bearing(degrees));
            Siting siting = Siting.of(site);
            assertThat(siting.walls().values().stream().flatMap(java.util.List::stream))
                    .contains(Siting.Duty.values());
            Siting.Wall nests =
                    siting.walls().entrySet().stream()
                            .filter(e -> e.getValue().contains(Siting.Duty.NESTS))
                            .findFirst()
                            .orElseThrow()
                            .getKey();
            assertThat(nests).isIn(Siting.Wall.LEFT, Siting.Wall.RIGHT);
            double sun = nests.looks(site.facing()).agreement(Siting.morningSun(site));
            assertThat(sun).isLessThan(1e-9);
        }
    }

    @Test
    void bearingsOnThePlanTurnWithIt() {
        Site site =
                Site.BARE.plus(
                        SiteMark.at(SiteMark.Kind.HOUSE_DOOR, Length.mm(6000), Length.mm(500)));
        SiteMark door = site.find(SiteMark.Kind.HOUSE_DOOR).orElseThrow();
        assertThat(site.towards(door).degrees()).isCloseTo(0, within(1e-6));
        assertThat(site.withUp(point("E")).towards(door).point()).isEqualTo("E");
        assertThat(site.coop().distance(door)).isEqualTo(Length.mm(4000));
    }

    @Test
    void marksStayOnThePlanAndTheCoopStays() {
        Site site = Site.BARE.plus(SiteMark.at(SiteMark.Kind.TREE, Length.mm(99_000), Length.ZERO));
        assertThat(site.marks().get(1).x()).isEqualTo(site.width());
        Site smaller = site.withExtent(Length.mm(5000), Length.mm(4000));
        assertThat(smaller.marks())
                .allSatisfy(m -> assertThat(m.x().atMost(smaller.width())).isTrue());
        assertThat(site.without(1).marks()).hasSize(1);
        assertThatThrownBy(() -> site.without(0)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> site.withExtent(Length.mm(1), Length.mm(4000)))
                .hasMessageContaining("between 2 and 200 m");
        assertThatThrownBy(() -> site.withSlope(Bearing.NORTH, 90)).hasMessageContaining("60 %");
    }

    @Test
    void pointsOfTheCompassAreReadBack() {
        for (int n = 0; n < 16; n++) {
            Bearing bearing = new Bearing(n * 22.5);
            assertThat(Bearing.ofPoint(bearing.point())).contains(bearing);
            assertThat(bearing.opposite().opposite()).isEqualTo(bearing);
            assertThat(bearing.apart(bearing.turned(90))).isCloseTo(90, within(1e-6));
        }
        assertThat(Bearing.ofPoint("UP")).isEmpty();
        assertThat(new Bearing(-90).point()).isEqualTo("W");
    }
}
