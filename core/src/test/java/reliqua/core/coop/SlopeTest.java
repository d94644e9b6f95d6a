package reliqua.core.coop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import reliqua.core.build.Step;
import reliqua.core.build.Steps;
import reliqua.core.coop.family.CoopFamily;
import reliqua.core.coop.family.Families;
import reliqua.core.coop.family.Unbuildable;
import reliqua.core.flock.BirdClass;
import reliqua.core.flock.Flock;
import reliqua.core.flock.Needs;
import reliqua.core.flock.Site;
import reliqua.core.measure.Bearing;
import reliqua.core.measure.Length;
import reliqua.core.measure.Tape;
import reliqua.core.measure.Weight;

/** What stands on the ground follows it down a slope, and the floor stays level. */
class SlopeTest {
    private static final int PERCENT = 10;

    /** The front looks north, so that its right is the west and its back the south. */
    private static Coop falling(double towards) throws Unbuildable {
        Site site = Site.BARE.withFacing(Bearing.NORTH).withSlope(new Bearing(towards), PERCENT);
        return Houses.build(Houses.ordinarySpec(), Needs.of(Flock.of(BirdClass.STANDARD, 6), site));
    }

    /** How far the ground has fallen at a point, seen as walking down it from the origin. */
    private static double ground(double x, double y, double towards) {
        double east = -x;
        double south = y;
        double angle = Math.toRadians(towards);
        return PERCENT / 100.0 * (east * Math.sin(angle) - south * Math.cos(angle));
    }

    @ParameterizedTest
    @ValueSource(doubles = {0, 45, 90, 135, 180, 250, 300})
    void legsReachTheGroundAndCarryALevelFloor(double towards) throws Unbuildable {
        Coop coop = falling(towards);
        List<Part> legs = coop.of(Role.LEG);
        assertThat(legs.stream().map(l -> l.solid().bounds().z1()).distinct()).hasSize(1);
        double w = coop.measures().width().toMm();
        double d = coop.measures().depth().toMm();
        double highest =
                Stream.of(
                                ground(0, 0, towards),
                                ground(w, 0, towards),
                                ground(0, d, towards),
                                ground(w, d, towards))
                        .mapToDouble(g -> g)
                        .min()
                        .orElseThrow();
        for (Part leg : legs) {
            Bounds b = leg.solid().bounds();
            double x = b.x0().plus(b.x1()).half().toMm();
            double y = b.y0().plus(b.y1()).half().toMm();
            assertThat(-b.z0().toMm()).isCloseTo(ground(x, y, towards) - highest, within(1.5));
            assertThat(((Part.StickPart) leg).length()).isEqualTo(b.height());
        }
    }

    @ParameterizedTest
    @ValueSource(doubles = {0, 90, 180, 270})
    void theRampComesDownToTheGroundAndTheSkirtClosesToIt(double towards) throws Unbuildable {
        Coop coop = falling(towards);
        double lowest =
                coop.of(Role.LEG).stream()
                        .mapToDouble(l -> l.solid().bounds().z0().toMm())
                        .min()
                        .orElseThrow();
        double skirt =
                coop.of(Role.SKIRT).stream()
                        .mapToDouble(m -> m.solid().bounds().z0().toMm())
                        .min()
                        .orElseThrow();
        assertThat(skirt).isLessThanOrEqualTo(lowest);
        Coop level = Houses.ordinary();
        Bounds ramp = coop.of(Role.RAMP_BOARD).getFirst().solid().bounds();
        Bounds usual = level.of(Role.RAMP_BOARD).getFirst().solid().bounds();
        assertThat(ramp.z1().toMm())
                .as("at the pop door")
                .isCloseTo(usual.z1().toMm(), within(6.0));
        if (towards == 0) {
            assertThat(ramp.z0()).as("downhill before the front").isLessThan(usual.z0());
        }
        if (towards == 180) {
            assertThat(ramp.z0().toMm()).isCloseTo(usual.z0().toMm(), within(1.0));
        }
    }

    /** On skids, with runs: whatever stands is level, and reaches down to the ground all round. */
    @ParameterizedTest
    @MethodSource("reliqua.core.coop.Houses#familiesWithRun")
    void aRunStandsLevelAndIsClosedDownToTheGround(CoopFamily family) {
        Random random = new Random(91);
        int sloped = 0;
        while (sloped < 4) {
            Coop coop = Houses.randomWithRun(family, random);
            if (coop.terrain().isLevel()) {
                continue;
            }
            sloped++;
            assertThat(tops(coop, Role.RUN_POST)).as("level").hasSize(1);
            for (Part foot : coop.of(Role.RUN_FOOT)) {
                assertThat(-foot.solid().bounds().z0().toMm())
                        .isCloseTo(ground(coop, foot), within(1.6));
            }
            assertClosedTo(coop, Role.RUN_POST);
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"walkin", "gable", "split"})
    void skidsAreLevelOnPostsThatReachTheGround(String family) {
        Random random = new Random(92);
        int sloped = 0;
        while (sloped < 3) {
            Coop coop = Houses.random(Families.find(family).orElseThrow(), random);
            if (coop.terrain().isLevel()) {
                continue;
            }
            sloped++;
            assertThat(tops(coop, Role.SKID)).hasSize(1);
            assertThat(coop.of(Role.LEG)).isNotEmpty();
            for (Part leg : coop.of(Role.LEG)) {
                assertThat(-leg.solid().bounds().z0().toMm())
                        .isCloseTo(ground(coop, leg), within(1.6));
                assertThat(coop.of(Role.SKID))
                        .as("bolted to a skid")
                        .anyMatch(s -> Contact.area(s.solid(), leg.solid()) > 1000);
            }
            assertClosedTo(coop, Role.SKID);
        }
    }

    private static List<Length> tops(Coop coop, Role role) {
        return coop.of(role).stream().map(p -> p.solid().bounds().z1()).distinct().toList();
    }

    /** Below the middle of a part's foot. */
    private static double ground(Coop coop, Part part) {
        Bounds b = part.solid().bounds();
        return coop.terrain().below(b.x0().plus(b.x1()).half(), b.y0().plus(b.y1()).half()).toMm();
    }

    /** Round what stands there some skirt reaches down as far as the ground has fallen. */
    private static void assertClosedTo(Coop coop, Role role) {
        Bounds all =
                coop.of(role).stream()
                        .map(p -> p.solid().bounds())
                        .reduce(Bounds::with)
                        .orElseThrow();
        for (Length x : List.of(all.x0(), all.x1())) {
            for (Length y : List.of(all.y0(), all.y1())) {
                double below = coop.terrain().below(x, y).toMm();
                assertThat(coop.of(Role.SKIRT))
                        .as("at %s, %s", x, y)
                        .anyMatch(s -> -s.solid().bounds().z0().toMm() >= below - 1 || below < 1);
            }
        }
    }

    @Test
    void theStepTellsHowMuchLongerTheLegsAreDownhill() throws Unbuildable {
        assertThat(checks(falling(180))).anyMatch(c -> c.contains("the ground falls"));
        assertThat(checks(Houses.ordinary())).noneMatch(c -> c.contains("the ground falls"));
    }

    private static List<String> checks(Coop coop) {
        return Steps.of(coop, Weight.ofKilograms(25)).stream()
                .map(Step::check)
                .flatMap(c -> c.stream())
                .map(c -> c.words(Tape.METRIC))
                .toList();
    }

    @Test
    void aSlopeThatASpadeLevelsChangesNothing() throws Unbuildable {
        Site site = Site.BARE.withSlope(new Bearing(10), 1);
        Needs needs = Needs.of(Flock.of(BirdClass.STANDARD, 6), site);
        assertThat(
                        needs.ground()
                                .below(
                                        Length.mm(500),
                                        Length.mm(500),
                                        Length.mm(2000),
                                        Length.mm(1000)))
                .isEqualTo(Length.ZERO);
    }
}
