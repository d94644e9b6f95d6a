package reliqua.core.build;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import reliqua.core.buy.Fixing;
import reliqua.core.buy.Fixings;
import reliqua.core.coop.Bounds;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Duty;
import reliqua.core.coop.Houses;
import reliqua.core.coop.Joints;
import reliqua.core.coop.Part;
import reliqua.core.coop.Role;
import reliqua.core.coop.Stage;
import reliqua.core.coop.family.CoopFamily;
import reliqua.core.flock.Keeper;
import reliqua.core.flock.Practice;
import reliqua.core.measure.Length;
import reliqua.core.measure.Tape;
import reliqua.core.stock.Hardware;

/** What goes on in one step: a role's parts, or a wall that is tipped up whole. */
class StepPartsTest {
    private static StepParts find(Coop coop, String id) {
        return StepParts.of(coop).stream().filter(s -> s.id().equals(id)).findFirst().orElseThrow();
    }

    @ParameterizedTest
    @MethodSource("reliqua.core.coop.Houses#families")
    void everyPartGoesOnInOneStepAndStagesAreInOrder(CoopFamily family) {
        Coop coop = Houses.random(family, new Random(41));
        List<StepParts> all = StepParts.of(coop);
        List<Part> parts = all.stream().flatMap(s -> s.parts().stream()).toList();
        assertThat(parts).doesNotHaveDuplicates().containsExactlyInAnyOrderElementsOf(coop.parts());
        assertThat(all).extracting(StepParts::id).doesNotHaveDuplicates();
        assertThat(all).extracting(StepParts::stage).isSorted();
        for (Step step : Steps.of(coop, Keeper.Body.MIDDLING.lift())) {
            assertThat(step.words().words(Tape.METRIC)).doesNotContain("step.");
            assertThat(step.name().words(Tape.METRIC)).doesNotContain("task.");
        }
    }

    @Test
    void aHouseOfStudsHasFourWallsEachInItsPlane() {
        Coop coop = Houses.ordinary();
        assertThat(StepParts.of(coop))
                .extracting(StepParts::id)
                .containsAll(StepParts.outerWalls())
                .doesNotContain("STUD", "PLATE");
        for (String id : StepParts.outerWalls()) {
            StepParts wall = find(coop, id);
            assertThat(wall.role()).isEqualTo(Optional.empty());
            assertThat(wall.stage()).isEqualTo(Stage.WALLS);
            Bounds all =
                    wall.parts().stream()
                            .map(p -> p.solid().bounds())
                            .reduce(Bounds::with)
                            .orElseThrow();
            assertThat(all.width().min(all.depth())).isLessThan(Length.mm(161));
            assertThat(wall.parts()).allMatch(p -> p.role().is(Duty.Trait.TIPPED_UP));
        }
    }

    /** Rims and joists, the parts of a ramp, those of a nest box: nobody hangs them one by one. */
    @Test
    void whatIsPutTogetherFirstIsOneStep() {
        Coop coop = Houses.ordinary();
        StepParts frame = find(coop, "FLOOR_FRAME");
        assertThat(frame.parts())
                .containsAll(coop.of(Role.RIM))
                .containsAll(coop.of(Role.JOIST))
                .hasSize(coop.of(Role.RIM).size() + coop.of(Role.JOIST).size());
        assertThat(frame.isWhole()).isTrue();
        assertThat(find(coop, "WALL_FRONT").isWhole()).isFalse();
        assertThat(find(coop, "RAMP").parts())
                .extracting(Part::role)
                .contains(Role.RAMP_BOARD, Role.RAMP_CLEAT);
        List<Step> steps = Steps.of(coop, Keeper.Body.MIDDLING.lift());
        assertThat(check(steps, "FLOOR_FRAME")).isEqualTo("build.check.square");
        assertThat(steps)
                .filteredOn(s -> s.id().equals("DOOR"))
                .singleElement()
                .satisfies(
                        s ->
                                assertThat(s.fixings())
                                        .as("hung and latched in the same step")
                                        .extracting(Fixing::kind)
                                        .contains(Hardware.Kind.HINGES));
        assertThat(steps.size()).as("no step for each sort of stick").isLessThan(34);
    }

    @Test
    void aLevelWallIsTrueByItsDiagonalsASlopedOneByThePlumb() {
        List<Step> steps = Steps.of(Houses.ordinary(), Keeper.Body.MIDDLING.lift());
        assertThat(check(steps, "WALL_FRONT")).isEqualTo("build.check.square");
        assertThat(check(steps, "WALL_LEFT")).isEqualTo("build.check.plumb");
        assertThat(steps)
                .filteredOn(s -> s.id().startsWith("WALL_"))
                .allMatch(Step::twoPeople)
                .allMatch(s -> s.caution().equals(Optional.of("build.caution.raise")))
                .allMatch(s -> s.minutes() > 10);
    }

    private static String check(List<Step> steps, String id) {
        return steps.stream()
                .filter(s -> s.id().equals(id))
                .flatMap(s -> s.check().stream())
                .findFirst()
                .orElseThrow()
                .key();
    }

    /** Each screw is driven in one step only. */
    @Test
    void screwsOfTheWallsAddUpToThoseOfTheirParts() {
        Coop coop = Houses.ordinary();
        int byWall = 0;
        Set<Role> roles = new HashSet<>();
        for (String id : StepParts.outerWalls()) {
            StepParts wall = find(coop, id);
            wall.parts().forEach(p -> roles.add(p.role()));
            byWall += count(Fixings.on(Joints.of(coop), Set.copyOf(wall.marks())));
        }
        int byRole =
                count(
                        Fixings.of(coop, Practice.Finish.BARE).stream()
                                .filter(f -> roles.contains(f.on()))
                                .filter(f -> !f.where().isBrushed())
                                .toList());
        assertThat(byWall).isPositive();
        // Fractions of a screw are rounded up once more for each wall and length.
        assertThat(byWall).isBetween(byRole, byRole + 16);
    }

    /** Paint and preserver belong to their own steps, not to the first part that gets them. */
    @Test
    void allThatIsNeededIsPutOnInOneStep() {
        List<Step> steps = Steps.of(Houses.ordinary(), Keeper.Body.MIDDLING.lift());
        assertThat(steps)
                .filteredOn(s -> s.fixings().stream().anyMatch(f -> f.where().isBrushed()))
                .extracting(Step::id)
                .containsExactly("PRIME", "PAINT");
        int all = count(Fixings.of(Houses.ordinary(), Practice.Finish.PAINTED));
        int bySteps = steps.stream().mapToInt(s -> count(s.fixings())).sum();
        assertThat(bySteps).isBetween(all, all + 16);
    }

    private static int count(List<Fixing> fixings) {
        return fixings.stream().mapToInt(Fixing::count).sum();
    }
}
