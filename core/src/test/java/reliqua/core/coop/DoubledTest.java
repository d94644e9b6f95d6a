package reliqua.core.coop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import reliqua.core.build.Frame;
import reliqua.core.build.Frames;
import reliqua.core.build.Step;
import reliqua.core.build.StepParts;
import reliqua.core.build.Steps;
import reliqua.core.buy.Fixing;
import reliqua.core.buy.Fixings;
import reliqua.core.coop.addon.CoopBuilder;
import reliqua.core.coop.family.AddOn;
import reliqua.core.coop.family.Brief;
import reliqua.core.coop.family.Choices;
import reliqua.core.coop.family.CoopFamily;
import reliqua.core.coop.family.DesignSpec;
import reliqua.core.coop.family.Families;
import reliqua.core.coop.family.Unbuildable;
import reliqua.core.fit.AsBuilt;
import reliqua.core.flock.BirdClass;
import reliqua.core.flock.Flock;
import reliqua.core.flock.Keeper;
import reliqua.core.flock.Needs;
import reliqua.core.flock.Practice;
import reliqua.core.measure.Length;
import reliqua.core.measure.Tape;
import reliqua.core.measure.Weight;
import reliqua.core.stock.Hardware;
import reliqua.core.stock.Section;

/** Two houses wall to wall. */
class DoubledTest {
    private static final CoopFamily RAISED = Families.find("raised").orElseThrow();
    private static final Choices CHOICES =
            Houses.choices(Section.mm(38, 64), Section.mm(19, 38), Length.mm(12), Length.mm(1));

    private static Brief brief(int hens, AddOn... addOns) {
        Set<AddOn> all = EnumSet.noneOf(AddOn.class);
        all.addAll(List.of(addOns));
        return new Brief(Houses.needs(hens), Keeper.with(Tape.METRIC), all);
    }

    private static DesignSpec sized(Brief brief) {
        return RAISED.sized(CHOICES, brief, Map.of(), Length.mm(1700), Length.mm(1400));
    }

    private static Coop built(Brief brief) throws Unbuildable {
        return CoopBuilder.build(sized(brief), brief);
    }

    private static Coop doubled(int hens) throws Unbuildable {
        return built(brief(hens, AddOn.DOUBLED));
    }

    static Stream<CoopFamily> kinds() {
        return Families.all().stream().filter(f -> f.addOns().contains(AddOn.DOUBLED));
    }

    /** What the second house and something else are built on together, or why not in words. */
    @ParameterizedTest
    @MethodSource("kinds")
    void allElseThatIsBuiltOnFits(CoopFamily family) {
        Random random = new Random(21);
        Set<AddOn> never =
                EnumSet.of(
                        AddOn.DOUBLED,
                        AddOn.WINDOW,
                        AddOn.SLATTED_FLOOR,
                        AddOn.PALLET_FLOOR,
                        AddOn.LIFTING_ROOF);
        for (AddOn other : family.addOns()) {
            if (never.contains(other)) {
                continue;
            }
            Set<AddOn> all = EnumSet.of(AddOn.DOUBLED, other);
            if (other.wantsRun()) {
                all.add(AddOn.RUN);
            }
            for (int n = 0; n < 3; n++) {
                Coop coop = Houses.random(family, all, random);
                assertThat(HouseGeometryTest.overlaps(coop)).as("%s %s", other, n).isEmpty();
                assertThat(HouseGeometryTest.hanging(coop)).as("%s %s", other, n).isEmpty();
            }
        }
    }

    @Test
    void whatIsInTheWayIsRefusedInWords() {
        for (AddOn other : List.of(AddOn.WINDOW, AddOn.SLATTED_FLOOR)) {
            assertThatThrownBy(() -> built(brief(10, AddOn.DOUBLED, other)))
                    .isInstanceOfSatisfying(
                            Unbuildable.class,
                            e -> assertThat(e.reason().key()).startsWith("family.doubled"));
        }
    }

    @ParameterizedTest
    @MethodSource("kinds")
    void birdsGoThroughTheWallAndNothingElseComesIn(CoopFamily family) {
        Random random = new Random(22);
        for (int n = 0; n < 2; n++) {
            Coop coop = Houses.random(family, Set.of(AddOn.DOUBLED), random);
            Cubes cubes = new Cubes(coop);
            List<Bounds> rooms =
                    coop.zones().stream()
                            .filter(z -> z.kind() == Zone.Kind.HOUSE)
                            .map(Zone::floor)
                            .toList();
            assertThat(rooms).hasSize(2);
            double[] first = middle(rooms.get(0));
            double[] second = middle(rooms.get(1));
            assertThat(cubes.leak(first[0], first[1], first[2])).isEqualTo("closed");
            assertThat(cubes.reached(second[0], second[1], second[2]))
                    .as("the passage of house %d", n)
                    .isTrue();
        }
    }

    private static double[] middle(Bounds room) {
        return new double[] {
            room.x0().plus(room.x1()).half().toMm(), room.y0().toMm() + 60, room.z0().toMm() + 60
        };
    }

    @Test
    void bothTogetherHoldTheBirds() throws Unbuildable {
        for (int hens : new int[] {6, 9, 12}) {
            Brief brief = brief(hens, AddOn.DOUBLED);
            Length width = RAISED.leastOther(Length.mm(1400), CHOICES, brief);
            DesignSpec spec =
                    RAISED.sized(
                            CHOICES, brief, Map.of(), width.max(Length.mm(1300)), Length.mm(1400));
            Coop coop = CoopBuilder.build(spec, brief);
            Coop.Measures m = coop.measures();
            assertThat(m.floor().atLeast(brief.needs().floor())).isTrue();
            assertThat(m.roost().atLeast(brief.needs().roost())).isTrue();
            assertThat(m.nests()).isEqualTo(brief.needs().nests());
            assertThat(m.vents().atLeast(brief.needs().vents().scaled(0.99))).isTrue();
            assertThat(m.headroom().atLeast(brief.needs().headroom())).isTrue();
            assertThat(m.width()).isEqualTo(spec.width().times(2).plus(CHOICES.skin()));
        }
    }

    /** So birds that go to bed in the second are shut in with one door. */
    @Test
    void thereIsOneWayOutAndEachHasADoorForTheKeeper() throws Unbuildable {
        Coop coop = doubled(12);
        assertThat(coop.openings()).filteredOn(o -> o.kind() == Opening.Kind.POP_DOOR).hasSize(1);
        for (Building each : coop.buildings()) {
            assertThat(each.coop().openings())
                    .filteredOn(o -> o.kind() == Opening.Kind.CLEAN_OUT_DOOR)
                    .hasSize(1);
            assertThat(each.coop().of(Role.ROOST_BAR)).isNotEmpty();
            assertThat(each.coop().of(Role.NEST_LID)).hasSize(1);
        }
    }

    @Test
    void theLowerRoofEndsBelowTheHigherOne() throws Unbuildable {
        Coop coop = doubled(12);
        Bounds high = roof(coop.buildings().get(0));
        Bounds low = roof(coop.buildings().get(1));
        assertThat(low.x1().minus(high.x0())).as("lap").isGreaterThan(Length.mm(70));
        assertThat(high.z1()).isGreaterThan(low.z1());
    }

    private static Bounds roof(Building house) {
        return house.coop().of(Role.ROOF_SHEET).stream()
                .map(p -> p.solid().bounds())
                .reduce(Bounds::with)
                .orElseThrow();
    }

    /** The skin between them is screwed on from where the second will stand. */
    @Test
    void theFirstStandsBeforeTheSecondIsBegun() throws Unbuildable {
        Coop coop = doubled(12);
        List<Step> steps = Steps.of(coop, Weight.ofKilograms(30));
        List<String> ids = steps.stream().map(Step::id).toList();
        assertThat(ids).doesNotHaveDuplicates();
        assertThat(ids.indexOf("SKIN")).isLessThan(ids.indexOf("WALL_FRONT_2"));
        assertThat(ids.indexOf("WALL_FRONT_2")).isLessThan(ids.indexOf("RAFTER_2"));
        assertThat(ids.indexOf("RAFTER_2")).isLessThan(ids.indexOf("SKIRT"));
        assertThat(ids.getLast()).isEqualTo("MOVE_IN");
        assertThat(steps.stream().flatMap(s -> s.marks().stream()))
                .containsExactlyInAnyOrderElementsOf(
                        coop.parts().stream().map(Part::mark).toList());
        List<String> headings = steps.stream().map(s -> s.heading().words(Tape.METRIC)).toList();
        for (int n = 1; n < headings.size(); n++) {
            String heading = headings.get(n);
            if (!heading.equals(headings.get(n - 1))) {
                assertThat(headings.subList(0, n)).as("begun once").doesNotContain(heading);
            }
        }
        for (Step step : steps) {
            assertThat(step.words().words(Tape.METRIC)).doesNotContain("step.");
        }
    }

    @Test
    void whatIsDrivenIsCountedAtOneOfTheHousesOnly() throws Unbuildable {
        Coop coop = doubled(12);
        List<Fixing> all = Fixings.of(coop, Practice.DEFAULT.finish());
        Set<String> driven =
                Steps.of(coop, Weight.ofKilograms(30), all).stream()
                        .filter(s -> s.id().endsWith("_2"))
                        .flatMap(s -> s.fixings().stream())
                        .filter(f -> f.kind() == Hardware.Kind.HINGES)
                        .flatMap(f -> f.marks().stream())
                        .collect(Collectors.toSet());
        Building second = coop.buildings().get(1);
        assertThat(driven).isNotEmpty();
        assertThat(second.coop().parts()).extracting(Part::mark).containsAll(driven);
    }

    @Test
    void everyWallIsMarkedOutByItself() throws Unbuildable {
        Coop coop = doubled(12);
        Length width = sized(brief(12, AddOn.DOUBLED)).width();
        for (int house = 0; house < 2; house++) {
            int number = house;
            List<Frame> own = Frames.of(coop).stream().filter(f -> f.building() == number).toList();
            assertThat(own)
                    .extracting(Frame::side)
                    .contains(
                            Frame.Side.FLOOR,
                            Frame.Side.FRONT,
                            Frame.Side.BACK,
                            Frame.Side.LEFT,
                            Frame.Side.RIGHT);
            assertThat(own)
                    .filteredOn(f -> f.side() == Frame.Side.FRONT)
                    .extracting(Frame::width)
                    .containsExactly(width);
        }
    }

    /** Next year's half: what stands of the first is in the doubled house as it stands. */
    @Test
    void aHouseThatStandsIsDoubledAsItIs() throws Unbuildable {
        Needs doubledNeeds = Houses.needs(12);
        Brief now = new Brief(doubledNeeds.half(true), Keeper.with(Tape.METRIC), Set.of());
        Brief next = brief(12, AddOn.DOUBLED);
        DesignSpec later = sized(next);
        DesignSpec first = new DesignSpec("raised", later.lengths(), CHOICES, Set.of());
        Coop stands = CoopBuilder.build(first, now);
        Coop both = CoopBuilder.build(later, next);
        List<StepParts> steps = StepParts.of(stands);
        for (StepParts step : steps) {
            if (step.stage().compareTo(Stage.RUN) >= 0) {
                continue;
            }
            var group = new AsBuilt.Group(step.id(), step.isWhole(), 0, Length.ZERO, step.parts());
            var built = new AsBuilt(first, List.of(group));
            assertThat(built.isIn(both)).as(step.id()).isTrue();
        }
    }

    /** Ducks do not roost, meat birds sleep low, bantams are small: all go through. */
    @Test
    void thePassageIsHighEnoughForAnyBird() {
        for (BirdClass kind : BirdClass.values()) {
            Needs needs = Needs.of(Flock.of(kind, 10));
            Brief brief = new Brief(needs, Keeper.with(Tape.METRIC), Set.of(AddOn.DOUBLED));
            DesignSpec spec =
                    RAISED.sized(CHOICES, brief, Map.of(), Length.mm(2200), Length.mm(1600));
            try {
                assertThat(CoopBuilder.build(spec, brief).buildings()).hasSize(2);
            } catch (Unbuildable e) {
                assertThat(e.reason().key()).as("%s", kind).isNotEqualTo("family.doubledPassage");
            }
        }
    }
}
