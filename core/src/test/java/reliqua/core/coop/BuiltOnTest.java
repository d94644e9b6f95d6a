package reliqua.core.coop;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import reliqua.core.buy.Fixing;
import reliqua.core.buy.Fixings;
import reliqua.core.coop.family.AddOn;
import reliqua.core.coop.family.CoopFamily;
import reliqua.core.coop.family.Families;
import reliqua.core.flock.Practice;
import reliqua.core.measure.Length;
import reliqua.core.stock.FoundPart;
import reliqua.core.stock.Hardware;

/** What each thing that is built on is there for, on every kind that has room for it. */
class BuiltOnTest {
    private static List<Coop> with(AddOn addOn) {
        Random random = new Random(17);
        return Houses.families().stream()
                .filter(f -> f.addOns().contains(addOn))
                .map(f -> Houses.random(new Houses.Pair(f, addOn), random))
                .toList();
    }

    private static Bounds around(Coop coop, Role role) {
        return coop.of(role).stream()
                .map(p -> p.solid().bounds())
                .reduce(Bounds::with)
                .orElseThrow();
    }

    private static Opening door(Coop coop) {
        return coop.openings().stream()
                .filter(o -> o.kind() == Opening.Kind.CLEAN_OUT_DOOR)
                .findFirst()
                .orElseThrow();
    }

    @ParameterizedTest
    @MethodSource("droppings")
    void aDroppingsBoardLiesUnderEveryBar(Coop coop) {
        Bounds boards = around(coop, Role.DROPPINGS_BOARD);
        Bounds bars = around(coop, Role.ROOST_BAR);
        assertThat(boards.z1()).isLessThanOrEqualTo(bars.z0());
        assertThat(boards.y0()).isLessThanOrEqualTo(bars.y0());
        assertThat(boards.y1()).isGreaterThanOrEqualTo(bars.y1());
        assertThat(coop.of(Role.DROPPINGS_BOARD))
                .allMatch(p -> p.role().is(Duty.Trait.LOOSE), "comes out");
    }

    /** As many boards as there are pieces of it that are large enough, and none larger. */
    @Test
    void foundFlooringCoversTheDroppingsBoard() {
        List<Coop> lined =
                droppings().stream().filter(c -> !c.of(Role.BOARD_LINING).isEmpty()).toList();
        assertThat(lined).isNotEmpty();
        for (Coop coop : lined) {
            List<Part> boards = coop.of(Role.DROPPINGS_BOARD);
            for (Part lining : coop.of(Role.BOARD_LINING)) {
                Bounds b = lining.solid().bounds();
                assertThat(boards)
                        .extracting(p -> p.solid().bounds())
                        .anyMatch(
                                under ->
                                        under.z1().equals(b.z0())
                                                && under.x0().equals(b.x0())
                                                && under.x1().equals(b.x1())
                                                && under.y0().equals(b.y0())
                                                && under.y1().equals(b.y1()));
                Find.OfThing found = (Find.OfThing) ((Part.WholePart) lining).find();
                assertThat(found.kind()).isEqualTo(FoundPart.Kind.FLOORING);
                assertThat(found.sizes().stream().reduce(Length.ZERO, Length::max))
                        .isGreaterThanOrEqualTo(b.width().max(b.depth()));
            }
        }
    }

    static List<Coop> droppings() {
        return with(AddOn.DROPPINGS_BOARD);
    }

    @ParameterizedTest
    @MethodSource("barred")
    void aBarReachesBeyondTheDoorOnBothSides(Coop coop) {
        Bounds bar = around(coop, Role.DOOR_BAR);
        Bounds door = door(coop).place();
        assertThat(bar.x0()).isLessThan(door.x0());
        assertThat(bar.x1()).isGreaterThan(door.x1());
        assertThat(bar.z0()).isGreaterThan(door.z0());
        assertThat(bar.z1()).isLessThan(door.z1());
        Bounds brackets = around(coop, Role.BAR_BRACKET);
        assertThat(brackets.x0()).isLessThanOrEqualTo(bar.x0());
        assertThat(brackets.x1()).isGreaterThanOrEqualTo(bar.x1());
    }

    static List<Coop> barred() {
        return with(AddOn.DOOR_BAR);
    }

    @ParameterizedTest
    @MethodSource("guttered")
    void aGutterCatchesWhatRunsOffTheBack(Coop coop) {
        Bounds gutter = around(coop, Role.GUTTER);
        Length drip =
                coop.parts().stream()
                        .filter(Part.RoofPart.class::isInstance)
                        .map(p -> p.solid().bounds().y1())
                        .reduce(Length::max)
                        .orElseThrow();
        assertThat(gutter.y1()).isGreaterThan(drip);
        assertThat(gutter.width()).isGreaterThanOrEqualTo(coop.measures().width());
    }

    static List<Coop> guttered() {
        return with(AddOn.GUTTER);
    }

    @ParameterizedTest
    @MethodSource("wheeled")
    void wheelsStandOnTheGroundOutsideThePen(Coop coop) {
        Bounds pen = around(coop, Role.PEN_RAIL);
        assertThat(coop.of(Role.WHEEL)).hasSizeBetween(2, 3);
        for (Part wheel : coop.of(Role.WHEEL).subList(0, 2)) {
            Bounds b = wheel.solid().bounds();
            assertThat(b.z0().toMm()).isBetween(0.0, 5.0);
            assertThat(b.y1().compareTo(pen.y0()) <= 0 || b.y0().compareTo(pen.y1()) >= 0).isTrue();
        }
    }

    static List<Coop> wheeled() {
        return with(AddOn.WHEELS);
    }

    @ParameterizedTest
    @MethodSource("staked")
    void aStakeAtEveryCornerIsDrivenIn(Coop coop) {
        assertThat(coop.of(Role.ANCHOR))
                .hasSize(4)
                .allMatch(p -> p.solid().bounds().z0().toMm() <= -600);
        Bounds all = around(coop, Role.ANCHOR);
        assertThat(all.width().toMm()).isGreaterThan(coop.measures().width().toMm() / 2);
        assertThat(all.depth().toMm()).isGreaterThan(coop.measures().depth().toMm() / 2);
    }

    static List<Coop> staked() {
        return with(AddOn.ANCHORS);
    }

    @ParameterizedTest
    @MethodSource("brooding")
    void nothingRoostsOverABrooder(Coop coop) {
        Bounds brooder = around(coop, Role.BROODER_WALL);
        assertThat(brooder.width().toMetres() * brooder.depth().toMetres())
                .as("a dozen chicks of four weeks")
                .isGreaterThan(0.05 * 11);
        assertThat(coop.of(Role.ROOST_BAR))
                .noneMatch(bar -> isOver(bar.solid().bounds(), brooder), "roosts above it");
        assertThat(around(coop, Role.BROODER_MESH).z0()).isGreaterThan(brooder.z1());
    }

    static List<Coop> brooding() {
        return with(AddOn.BROODER);
    }

    private static boolean isOver(Bounds bar, Bounds place) {
        return bar.x0().compareTo(place.x1()) < 0
                && bar.x1().compareTo(place.x0()) > 0
                && bar.y0().compareTo(place.y1()) < 0
                && bar.y1().compareTo(place.y0()) > 0
                && bar.z0().compareTo(place.z0().plus(Length.mm(900))) < 0;
    }

    @ParameterizedTest
    @MethodSource("hung")
    void aFeederHangsFromTwoRafters(Coop coop) {
        Part bar = coop.of(Role.FEEDER_BAR).getFirst();
        assertThat(coop.of(Role.RAFTER))
                .filteredOn(r -> Contact.area(r.solid(), bar.solid()) > 50)
                .hasSize(2);
        Bounds room = coop.zones().getFirst().floor();
        assertThat(bar.solid().bounds().z0().minus(room.z0())).isGreaterThan(Length.mm(499));
    }

    @Test
    void aFoundBucketIsTheFeederUnderTheBar() {
        List<Coop> fed = hung().stream().filter(c -> !c.of(Role.FEEDER).isEmpty()).toList();
        assertThat(fed).isNotEmpty();
        for (Coop coop : fed) {
            Bounds bucket = coop.of(Role.FEEDER).getFirst().solid().bounds();
            Bounds bar = coop.of(Role.FEEDER_BAR).getFirst().solid().bounds();
            assertThat(bucket.z1()).isLessThan(bar.z0());
            assertThat(bucket.z0()).isEqualTo(coop.zones().getFirst().floorHeight());
            assertThat(bucket.x0()).isGreaterThanOrEqualTo(bar.x0());
            assertThat(bucket.x1()).isLessThanOrEqualTo(bar.x1());
            assertThat(bucket.y0()).isLessThan(bar.y0());
            assertThat(bucket.y1()).isGreaterThan(bar.y1());
        }
    }

    static List<Coop> hung() {
        return with(AddOn.FEEDER_BAR);
    }

    @ParameterizedTest
    @MethodSource("stormy")
    void everySecondVentStaysOpenInAStorm(Coop coop) {
        List<Opening> eaves =
                coop.openings().stream().filter(o -> o.kind() == Opening.Kind.EAVE_VENT).toList();
        assertThat(coop.of(Role.VENT_BOARD))
                .hasSizeBetween(1, (eaves.size() + 1) / 2)
                .allMatch(p -> p.role().is(Duty.Trait.LOOSE), "comes out again");
        for (Part board : coop.of(Role.VENT_BOARD)) {
            Bounds b = board.solid().bounds();
            assertThat(eaves)
                    .anyMatch(
                            o -> o.place().near(b, Length.mm(3)) && o.place().z1().atLeast(b.z1()));
        }
    }

    static List<Coop> stormy() {
        return with(AddOn.VENT_BOARDS);
    }

    @ParameterizedTest
    @MethodSource("opened")
    void anOpenerFindsTheDoorFreeToRun(Coop coop) {
        Bounds board = around(coop, Role.OPENER_BOARD);
        Bounds door = around(coop, Role.POP_DOOR);
        Bounds guides = around(coop, Role.POP_GUIDE);
        assertThat(board.y1()).as("in front of the wall").isLessThan(door.y1());
        boolean above = board.z0().atLeast(guides.z1());
        boolean beside = board.x0().atLeast(guides.x1()) || board.x1().atMost(guides.x0());
        assertThat(above || beside).isTrue();
    }

    static List<Coop> opened() {
        return with(AddOn.DOOR_OPENER);
    }

    @ParameterizedTest
    @MethodSource("meshedTwice")
    void aSecondMeshIsFinerAndOutside(Coop coop) {
        Bounds first = around(coop, Role.RUN_MESH);
        assertThat(coop.of(Role.SECOND_MESH))
                .isNotEmpty()
                .allMatch(p -> ((Part.MeshPart) p).aperture().atMost(Length.mm(13)));
        assertThat(around(coop, Role.SECOND_MESH).x0()).isLessThan(first.x0());
        assertThat(around(coop, Role.SECOND_MESH).x1()).isGreaterThan(first.x1());
    }

    static List<Coop> meshedTwice() {
        return with(AddOn.SECOND_MESH);
    }

    @ParameterizedTest
    @MethodSource("sheltered")
    void aWindbreakStandsInsideBothSidesOfTheRun(Coop coop) {
        Bounds run =
                coop.zones().stream()
                        .filter(z -> z.kind() == Zone.Kind.RUN)
                        .findFirst()
                        .orElseThrow()
                        .floor();
        Bounds both = around(coop, Role.WINDBREAK);
        assertThat(both.x0()).isEqualTo(run.x0());
        assertThat(both.x1()).isEqualTo(run.x1());
        assertThat(both.depth().toMm()).isGreaterThan(run.depth().toMm() * 0.9);
        for (Part each : coop.of(Role.WINDBREAK)) {
            assertThat(coop.of(Role.RUN_POST))
                    .anyMatch(p -> Contact.area(p.solid(), each.solid()) > 1000);
        }
    }

    static List<Coop> sheltered() {
        return with(AddOn.WINDBREAK);
    }

    /** Down the slope, under the curtain, into a tray that the lid uncovers; no mouse below. */
    @ParameterizedTest
    @MethodSource("rolling")
    void anEggRollsOutOfReachAndNothingNestsUnderTheSlope(Coop coop) {
        List<Part> slopes = coop.of(Role.NEST_SLOPE);
        assertThat(slopes).isNotEmpty();
        for (Part slope : slopes) {
            Bounds floor = slope.solid().bounds();
            assertThat(floor.height().toMm() / floor.width().toMm()).isBetween(0.1, 0.16);
            Part curtain = nearest(coop.of(Role.EGG_CURTAIN), floor);
            Bounds board = curtain.solid().bounds();
            assertThat(board.z0().minus(floor.z0()).toMm()).as("slot").isBetween(55.0, 110.0);
            assertThat(Contact.area(curtain.solid(), slope.solid())).as("hangs free").isZero();
            double tray = Math.min(gap(board.x0(), floor.x0()), gap(board.x1(), floor.x1()));
            assertThat(tray).as("tray behind it").isGreaterThan(100);
            Bounds lid = nearest(coop.of(Role.NEST_LID), floor).solid().bounds();
            assertThat(lid.x0()).isLessThanOrEqualTo(floor.x0());
            assertThat(lid.x1()).isGreaterThanOrEqualTo(floor.x1());
            assertThat(coop.of(Role.NEST_PANEL))
                    .filteredOn(p -> p.solid().bounds().z1().atMost(floor.z0()))
                    .as("a bottom under the slope")
                    .isEmpty();
        }
    }

    private static double gap(Length a, Length b) {
        return Math.abs(a.minus(b).toMm());
    }

    private static Part nearest(List<Part> parts, Bounds to) {
        return parts.stream()
                .min(Comparator.comparing(p -> gap(p.solid().bounds().x0(), to.x0())))
                .orElseThrow();
    }

    static List<Coop> rolling() {
        return with(AddOn.ROLL_AWAY_NESTS);
    }

    @ParameterizedTest
    @MethodSource("sawnInTwo")
    void theUpperLeafOpensWhileTheLowerHoldsTheBirds(Coop coop) {
        List<Opening> doors =
                coop.openings().stream()
                        .filter(o -> o.kind() == Opening.Kind.CLEAN_OUT_DOOR)
                        .toList();
        assertThat(doors).hasSize(2).allMatch(Opening::isHinged);
        Length joint = doors.getFirst().place().z1();
        assertThat(doors.getLast().place().z0()).isEqualTo(joint);
        assertThat(joint.minus(doors.getFirst().place().z0()).toMm()).isGreaterThan(700);
        Part lap = coop.of(Role.LEAF_LAP).getFirst();
        assertThat(lap.solid().bounds().z0()).isLessThan(joint);
        assertThat(lap.solid().bounds().z1()).isGreaterThan(joint);
        // Of sheets or of boards, both leaves lie on it.
        List<Part> leaves =
                Stream.of(Role.DOOR_LEAF, Role.LEAF_BOARD)
                        .flatMap(role -> coop.of(role).stream())
                        .filter(leaf -> Contact.area(leaf.solid(), lap.solid()) > 200)
                        .toList();
        assertThat(leaves).anyMatch(l -> l.solid().bounds().z1().atMost(joint));
        assertThat(leaves).anyMatch(l -> l.solid().bounds().z0().atLeast(joint));
    }

    static List<Coop> sawnInTwo() {
        return with(AddOn.TWO_LEAF_DOOR);
    }

    /** Also where it falls. */
    private static boolean standsOnTheGround(Coop coop, Bounds post) {
        Length below = coop.terrain().below(post.x0().plus(post.x1()).half(), post.y0());
        // To the next line on the tape.
        return post.z0().plus(below).abs().atMost(Length.mm(2));
    }

    @ParameterizedTest
    @MethodSource("withBalcony")
    void aBalconyLiesJustBelowThePopDoorAndTheRampBeginsAtItsEdge(Coop coop) {
        Bounds pop =
                coop.openings().stream()
                        .filter(o -> o.kind() == Opening.Kind.POP_DOOR)
                        .findFirst()
                        .orElseThrow()
                        .place();
        Bounds deck = around(coop, Role.BALCONY_DECK);
        assertThat(deck.x0()).isLessThan(pop.x0());
        assertThat(deck.x1()).isGreaterThan(pop.x1());
        assertThat(pop.z0().minus(deck.z1()).toMm()).isBetween(20.0, 40.0);
        assertThat(coop.of(Role.BALCONY_POST))
                .hasSize(2)
                .allMatch(p -> standsOnTheGround(coop, p.solid().bounds()));
        Bounds ramp = around(coop, Role.RAMP_BOARD);
        assertThat(ramp.y1()).isLessThanOrEqualTo(deck.y0());
        assertThat(deck.y0().minus(ramp.y1()).toMm()).as("no gap for a claw").isLessThan(60);
        assertThat(deck.z1().minus(ramp.z1()).abs().toMm()).isLessThan(40);
        assertThat(coop.of(Role.BALCONY_BEARER))
                .anyMatch(
                        b ->
                                coop.of(Role.RAMP_LEDGER).stream()
                                        .anyMatch(l -> Contact.area(l.solid(), b.solid()) > 500));
    }

    static List<Coop> withBalcony() {
        return with(AddOn.BALCONY);
    }

    @ParameterizedTest
    @MethodSource("withPorch")
    void aPorchIsRoofedOverTheDoorAndStandsOnPostsBesideIt(Coop coop) {
        Bounds door = door(coop).place();
        Length out =
                coop.of(Role.POST_PLATE).stream()
                        .map(p -> p.solid().bounds().y0())
                        .reduce(Length.ZERO, Length::min);
        assertThat(out.toMm()).isLessThan(-600);
        Bounds roof = around(coop, Role.ROOF_SHEET);
        assertThat(roof.y0()).isLessThan(out);
        assertThat(roof.x0()).isLessThan(door.x0());
        assertThat(roof.x1()).isGreaterThan(door.x1());
        List<Part> before =
                coop.of(Role.POST).stream()
                        .filter(p -> p.solid().bounds().y1().toMm() < -300)
                        .toList();
        assertThat(before).hasSizeGreaterThanOrEqualTo(2);
        assertThat(before)
                .allMatch(p -> p.solid().bounds().z0().toMm() < -400)
                .noneMatch(
                        p ->
                                p.solid().bounds().x1().compareTo(door.x0()) > 0
                                        && p.solid().bounds().x0().compareTo(door.x1()) < 0);
        List<Part> plates =
                coop.of(Role.POST_PLATE).stream()
                        .filter(p -> p.solid().bounds().y0().equals(out))
                        .toList();
        for (Part rafter : coop.of(Role.RAFTER)) {
            assertThat(plates)
                    .as("what carries " + rafter.mark())
                    .anyMatch(p -> Contact.area(p.solid(), rafter.solid()) > 500);
        }
    }

    static List<Coop> withPorch() {
        return with(AddOn.PORCH);
    }

    @ParameterizedTest
    @MethodSource("openBehind")
    void aBackThatOpensShutsAgainstStudsAndSillsAndHoldsTheLitterIn(Coop coop) {
        Bounds leaves = around(coop, Role.HATCH_LEAF);
        Bounds floor = coop.zones().getFirst().floor();
        assertThat(leaves.x0()).isLessThan(floor.x0());
        assertThat(leaves.x1()).isGreaterThan(floor.x1());
        assertThat(leaves.z0().minus(floor.z0()).toMm()).as("over the litter").isGreaterThan(120);
        for (Part leaf : coop.of(Role.HATCH_LEAF)) {
            assertThat(coop.of(Role.STUD))
                    .filteredOn(s -> Contact.area(s.solid(), leaf.solid()) > 1000)
                    .hasSizeGreaterThanOrEqualTo(2);
            assertThat(coop.of(Role.SILL))
                    .anyMatch(s -> Contact.area(s.solid(), leaf.solid()) > 1000);
        }
        long behind =
                coop.openings().stream()
                        .filter(o -> o.kind() == Opening.Kind.CLEAN_OUT_DOOR)
                        .filter(o -> o.place().y0().isPositive())
                        .count();
        assertThat(behind).isEqualTo(coop.of(Role.HATCH_LEAF).size());
    }

    static List<Coop> openBehind() {
        return with(AddOn.BACK_HATCH);
    }

    /** Of the floor, no point lies farther from the back than it is deep. */
    @ParameterizedTest
    @MethodSource("openBehind")
    void aBackThatOpensBringsTheFloorWithinReach(Coop coop) {
        Length deep = coop.measures().depth();
        assertThat(coop.measures().reach()).isLessThan(deep);
        double across = coop.measures().width().toMm();
        Coop shut = Houses.random(Families.find("raised").orElseThrow(), new Random((long) across));
        Bounds floor = shut.zones().getFirst().floor();
        Bounds door = door(shut).place();
        double left = door.x0().minus(floor.x0()).toMm();
        assertThat(shut.measures().reach().toMm())
                .isEqualTo(
                        Math.hypot(Math.max(left, 0), floor.y1().toMm()),
                        org.assertj.core.data.Offset.offset(1.0));
    }

    /** Hinged at the back, on legs in front; nothing else stands where it is swung. */
    @ParameterizedTest
    @MethodSource("swung")
    void roostsThatSwingUpHangAtTheBackAndStandInFront(Coop coop) {
        Bounds arms = around(coop, Role.ROOST_ARM);
        Bounds rail = around(coop, Role.ROOST_RAIL);
        Bounds bars = around(coop, Role.ROOST_BAR);
        Bounds legs = around(coop, Role.ROOST_LEG);
        Zone house = coop.zones().getFirst();
        assertThat(arms.y1()).isEqualTo(rail.y0());
        assertThat(bars.z0()).isEqualTo(arms.z1());
        assertThat(bars.y0()).isEqualTo(legs.y0());
        assertThat(legs.z0()).isEqualTo(house.floor().z0());
        assertThat(bars.x0()).as("air at the wall").isGreaterThan(house.floor().x0());
        assertThat(coop.of(Role.ROOST_LEG)).hasSameSizeAs(coop.of(Role.ROOST_ARM));
        assertThat(coop.of(Role.ROOST_LEDGER)).isEmpty();
    }

    /** Half way up the foremost bar and the arms meet nothing. */
    @ParameterizedTest
    @MethodSource("swung")
    void roostsThatSwingUpFindTheWayFree(Coop coop) {
        Bounds arms = around(coop, Role.ROOST_ARM);
        Bounds bars = around(coop, Role.ROOST_BAR);
        Corner hinge = new Corner(arms.y1(), arms.z1());
        double slant = Math.PI * 3 / 4;
        double square = Math.PI / 4;
        Corner end = hinge.along(arms.y1().minus(bars.y0()), slant);
        List<Corner> outline =
                List.of(
                        hinge.along(Length.mm(100), slant),
                        hinge.along(Length.mm(100), slant).along(bars.height(), square),
                        end.along(bars.height(), square),
                        end);
        Solid swung = new Solid(Axis.X, outline, List.of(), bars.x0(), bars.x1());
        assertThat(coop.parts())
                .filteredOn(p -> p.role().stage() != Stage.ROOSTS)
                .allMatch(p -> Contact.overlap(p.solid(), swung) < 10);
    }

    /** Eggs from outside, hens from inside, and nothing stands out but a drip board and rails. */
    @ParameterizedTest
    @MethodSource("walled")
    void nestsWithinTheWallAreEmptiedFromOutside(Coop coop) {
        Bounds floor = coop.zones().getFirst().floor();
        for (Opening hatch : openings(coop, Opening.Kind.HAND_HATCH)) {
            Opening entrance =
                    openings(coop, Opening.Kind.NEST_ENTRANCE).stream()
                            .filter(o -> o.place().y0().equals(hatch.place().y0()))
                            .filter(o -> near(o.place().x0(), hatch.place().x0(), 600))
                            .findFirst()
                            .orElseThrow();
            assertThat(hatch.isHinged()).isTrue();
            assertThat(hatch.place().z0()).isLessThan(entrance.place().z0());
            assertThat(entrance.place().x0()).isGreaterThan(floor.x0()).isLessThan(floor.x1());
        }
        assertThat(coop.of(Role.EGG_HATCH))
                .hasSameSizeAs(openings(coop, Opening.Kind.HAND_HATCH))
                .isNotEmpty();
        assertThat(coop.of(Role.NEST_PANEL))
                .allMatch(p -> p.solid().bounds().x0().negated().toMm() <= 0)
                .allMatch(p -> p.solid().bounds().x1().atMost(coop.measures().width()), "inside");
        assertThat(coop.that(Duty.Trait.LID)).isEmpty();
        Bounds nests = around(coop, Role.NEST_PANEL);
        assertThat(nests.z0().minus(floor.z0()).toMm()).as("room below").isGreaterThan(300);
    }

    private static boolean near(Length a, Length b, int mm) {
        return a.minus(b).abs().toMm() < mm;
    }

    private static List<Opening> openings(Coop coop, Opening.Kind kind) {
        return coop.openings().stream().filter(o -> o.kind() == kind).toList();
    }

    /** Filled from outside; what falls from the roosts falls elsewhere. */
    @ParameterizedTest
    @MethodSource("flapped")
    void aTubStandsBehindItsFlapClearOfTheRoosts(Coop coop) {
        Opening flap = openings(coop, Opening.Kind.HAND_HATCH).getFirst();
        Bounds leaf = around(coop, Role.HATCH_BOARD);
        assertThat(leaf.y0()).isLessThan(flap.place().y0());
        assertThat(leaf.y1()).isGreaterThan(flap.place().y1());
        assertThat(leaf.z1()).isGreaterThan(flap.place().z1());
        assertThat(flap.isHinged()).isTrue();
        coop.of(Role.ROOST_BAR)
                .forEach(
                        bar ->
                                assertThat(bar.solid().bounds().y0())
                                        .isGreaterThanOrEqualTo(flap.place().y1()));
        for (Part tub : coop.of(Role.WATER_TUB)) {
            Bounds b = tub.solid().bounds();
            assertThat(b.z1()).as("rim below the edge").isLessThan(flap.place().z1());
            assertThat(b.y0()).isGreaterThanOrEqualTo(flap.place().y0());
            assertThat(b.y1()).isLessThanOrEqualTo(flap.place().y1());
        }
    }

    /** Nothing that stays lies in its way out. */
    @ParameterizedTest
    @MethodSource("drawn")
    void aNestDrawerComesOut(Coop coop) {
        assertThat(coop.of(Role.DRAWER_FRONT)).isNotEmpty();
        for (Part front : coop.of(Role.DRAWER_FRONT)) {
            boolean right = front.solid().bounds().x0().isPositive();
            List<Part> drawer =
                    Stream.of(Role.DRAWER_FLOOR, Role.DRAWER_SIDE, Role.DRAWER_FRONT)
                            .flatMap(role -> coop.of(role).stream())
                            .filter(p -> p.solid().bounds().x0().isPositive() == right)
                            .toList();
            Length out = right ? Length.mm(250) : Length.mm(-250);
            for (Part part : drawer) {
                Bounds b = part.solid().bounds();
                Solid moved =
                        Solid.box(
                                b.x0().plus(out), b.x1().plus(out), b.y0(), b.y1(), b.z0(), b.z1());
                assertThat(coop.parts())
                        .filteredOn(p -> !drawer.contains(p))
                        .allMatch(p -> Contact.overlap(p.solid(), moved) < 10);
            }
        }
    }

    /** What comes up there meets mesh; what falls from the roosts falls elsewhere. */
    @ParameterizedTest
    @MethodSource("ventedBelow")
    void aFloorVentHasMeshBelowARimAndALidAndIsNoVentToRelyOn(Coop coop) {
        Opening vent = openings(coop, Opening.Kind.FLOOR_VENT).getFirst();
        Bounds hole = vent.place();
        Bounds mesh = around(coop, Role.FLOOR_VENT_MESH);
        assertThat(mesh.x0()).isLessThan(hole.x0());
        assertThat(mesh.x1()).isGreaterThan(hole.x1());
        assertThat(mesh.y0()).isLessThan(hole.y0());
        assertThat(mesh.z1()).isEqualTo(hole.z0());
        assertThat(vent.isVent()).isFalse();
        assertThat(coop.of(Role.FLOOR_VENT_RIM))
                .hasSize(4)
                .allMatch(p -> p.solid().bounds().z0().equals(coop.measures().floorHeight()));
        assertThat(coop.of(Role.ROOST_BAR))
                .allMatch(p -> p.solid().bounds().y0().compareTo(hole.y1()) > 0);
    }

    /** A ladder down to the ground, a lid over it, and netting round what is below. */
    @ParameterizedTest
    @MethodSource("inLevels")
    void birdsGoDownThroughTheFloorToGroundWithinFlaps(Coop coop) {
        Bounds hole = openings(coop, Opening.Kind.FLOOR_HATCH).getFirst().place();
        Bounds lid = around(coop, Role.FLOOR_HATCH_LID);
        assertThat(lid.x0()).isLessThan(hole.x0());
        assertThat(lid.x1()).isGreaterThan(hole.x1());
        assertThat(lid.y1()).isGreaterThan(hole.y1());
        assertThat(lid.z0()).isEqualTo(coop.measures().floorHeight());
        List<Part> ladders =
                coop.of(Role.RAMP_BOARD).stream()
                        .filter(p -> p.solid().bounds().y0().equals(hole.y0()))
                        .toList();
        assertThat(ladders).hasSize(1);
        Bounds ladder = ladders.getFirst().solid().bounds();
        assertThat(ladder.z0()).isEqualTo(Length.ZERO);
        assertThat(ladder.z1()).isEqualTo(hole.z0());
        assertThat(ladder.x0()).isGreaterThanOrEqualTo(hole.x0());
        Bounds net = around(coop, Role.GROUND_FLAP_NET);
        Bounds ground =
                coop.zones().stream()
                        .filter(z -> z.kind() == Zone.Kind.YARD)
                        .findFirst()
                        .orElseThrow()
                        .floor();
        assertThat(net.x0()).isLessThan(ground.x0());
        assertThat(net.x1()).isGreaterThan(ground.x1());
        assertThat(net.y1()).isGreaterThan(ground.y1());
        assertThat(net.z1()).isGreaterThan(ground.z1());
        assertThat(coop.of(Role.GROUND_FLAP))
                .allMatch(p -> p.solid().bounds().z0().isPositive(), "swings over the grass");
    }

    /** Two strips for each flap with screws for both their ends, and no latch. */
    @ParameterizedTest
    @MethodSource("inLevels")
    void everyGroundFlapHangsFromTwoStrips(Coop coop) {
        int flaps = coop.of(Role.GROUND_FLAP_NET).size();
        List<Fixing> hanging =
                Fixings.of(coop, Practice.Finish.BARE).stream()
                        .filter(f -> f.on() == Role.GROUND_FLAP_NET)
                        .filter(f -> f.kind() != Hardware.Kind.STAPLES)
                        .toList();
        assertThat(Fixings.counts(hanging))
                .containsOnly(
                        Map.entry(Hardware.Kind.STRIPS, 2 * flaps),
                        Map.entry(Hardware.Kind.SCREWS, 8 * flaps));
    }

    /** Flaps swing: their sticks are screwed to one another and to nothing else. */
    @ParameterizedTest
    @MethodSource("inLevels")
    void noScrewHoldsAFlapFastAndTheLidHangsOnHinges(Coop coop) {
        for (Fixing fixing : Fixings.of(coop, Practice.Finish.BARE)) {
            List<Role> held =
                    fixing.marks().stream().map(m -> coop.find(m).orElseThrow().role()).toList();
            if (fixing.kind() == Hardware.Kind.SCREWS && held.contains(Role.GROUND_FLAP)) {
                assertThat(held).containsOnly(Role.GROUND_FLAP);
            }
            if (fixing.kind() == Hardware.Kind.HINGES && held.contains(Role.DOOR_LEAF)) {
                assertThat(held).contains(Role.FLOOR_HATCH_LID);
            }
        }
    }

    @ParameterizedTest
    @MethodSource("inLevels")
    void theTimberOfTheWheelsHangsOnPostsThatAreBraced(Coop coop) {
        Part axle = coop.of(Role.CHASSIS_AXLE).getFirst();
        assertThat(coop.of(Role.AXLE_POST)).hasSize(2);
        for (Part post : coop.of(Role.AXLE_POST)) {
            assertThat(Contact.area(post.solid(), axle.solid())).isGreaterThan(1000);
            assertThat(coop.of(Role.CHASSIS_BEAM))
                    .anyMatch(b -> Contact.area(b.solid(), post.solid()) > 2000);
            assertThat(coop.of(Role.AXLE_BRACE))
                    .anyMatch(b -> Contact.area(b.solid(), post.solid()) > 500);
        }
        for (Part brace : coop.of(Role.AXLE_BRACE)) {
            assertThat(coop.of(Role.CHASSIS_BEAM))
                    .anyMatch(b -> Contact.area(b.solid(), brace.solid()) > 500);
        }
    }

    static List<Coop> inLevels() {
        return with(AddOn.GROUND_LEVEL);
    }

    static List<Coop> ventedBelow() {
        return with(AddOn.FLOOR_VENT);
    }

    static List<Coop> drawn() {
        return with(AddOn.NEST_DRAWER);
    }

    static List<Coop> flapped() {
        return with(AddOn.TUB_FLAP);
    }

    /** A head goes in, a bird does not, and the feed lies below the ports. */
    @ParameterizedTest
    @MethodSource("fed")
    void aFeedBoxHasAPortForThreeBirds(Coop coop) {
        Part front =
                coop.of(Role.FEED_BOX).stream()
                        .filter(p -> !p.solid().holes().isEmpty())
                        .findFirst()
                        .orElseThrow();
        Bounds box = around(coop, Role.FEED_BOX);
        Bounds house = coop.zones().getFirst().floor();
        assertThat(front.solid().holes()).hasSizeGreaterThanOrEqualTo(2);
        for (List<Corner> port : front.solid().holes()) {
            double low = port.stream().mapToDouble(c -> c.v().toMm()).min().orElseThrow();
            double high = port.stream().mapToDouble(c -> c.v().toMm()).max().orElseThrow();
            assertThat(high - low).isBetween(60.0, 90.0);
            assertThat(low - box.z0().toMm()).isGreaterThan(150);
        }
        assertThat(box.z0().equals(house.z0()) || standsOnTheGround(coop, box)).isTrue();
        assertThat(around(coop, Role.FEED_LID).z0()).isEqualTo(box.z1());
        assertThat(coop.of(Role.FEED_LID)).allMatch(p -> p.role().is(Duty.Trait.LOOSE));
    }

    /** No bar lies over it. */
    @ParameterizedTest
    @MethodSource("fed")
    void nothingFallsFromTheRoostsOnTheFeed(Coop coop) {
        List<Bounds> below = coop.of(Role.FEED_BOX).stream().map(p -> p.solid().bounds()).toList();
        assertThat(below).isNotEmpty();
        for (Part bar : coop.of(Role.ROOST_BAR)) {
            Bounds b = bar.solid().bounds();
            assertThat(below)
                    .noneMatch(
                            p ->
                                    b.x0().compareTo(p.x1()) < 0
                                            && b.x1().compareTo(p.x0()) > 0
                                            && b.y0().compareTo(p.y1()) < 0
                                            && b.y1().compareTo(p.y0()) > 0);
        }
    }

    static List<Coop> fed() {
        return with(AddOn.FEED_BOX);
    }

    static List<Coop> walled() {
        return with(AddOn.WALL_NESTS);
    }

    static List<Coop> swung() {
        return with(AddOn.SWING_UP_ROOSTS);
    }

    @Test
    void everyLeafIsBarred() {
        Random random = new Random(19);
        CoopFamily walkIn = Families.find("walkin").orElseThrow();
        Set<AddOn> both = EnumSet.of(AddOn.DOOR_BAR, AddOn.TWO_LEAF_DOOR);
        assertThat(Houses.random(walkIn, both, random).of(Role.DOOR_BAR)).hasSize(2);
        CoopFamily pole = Families.find("pole").orElseThrow();
        Set<AddOn> pens = EnumSet.of(AddOn.DOOR_BAR, AddOn.TWO_PENS);
        assertThat(Houses.random(pole, pens, random).of(Role.DOOR_BAR)).hasSize(2);
    }

    @ParameterizedTest
    @MethodSource("yards")
    void aYardIsNettedRoundAndOverAndStandsByItself(Coop coop) {
        Zone yard =
                coop.zones().stream()
                        .filter(z -> z.kind() == Zone.Kind.YARD)
                        .findFirst()
                        .orElseThrow();
        Bounds ground = yard.floor();
        Bounds net = around(coop, Role.YARD_NET);
        assertThat(net.x0()).isLessThan(ground.x0());
        assertThat(net.x1()).isGreaterThan(ground.x1());
        assertThat(net.y0()).isLessThan(ground.y0());
        assertThat(net.z1()).isGreaterThan(ground.z1());
        assertThat(coop.that(Duty.Trait.BY_DAY))
                .as("no post goes through an apron")
                .filteredOn(p -> isInTheGround(coop, p))
                .hasSizeGreaterThanOrEqualTo(5)
                .allMatch(
                        p ->
                                coop.that(Duty.Trait.LIES_OUT).stream()
                                        .noneMatch(m -> isOnPlan(p, m)));
        Opening gate = opening(coop, Opening.Kind.YARD_GATE);
        assertThat(gate.place().y0()).isEqualTo(ground.y0());
        assertThat(ground.y1().minus(ground.y0()).toMm()).isGreaterThan(1400);
    }

    /** Deeper than the ground reaches down a slope. */
    private static boolean isInTheGround(Coop coop, Part part) {
        Bounds b = part.solid().bounds();
        Length ground = coop.terrain().lowest(b.x0(), b.x1(), b.y0(), b.y1());
        return b.z0().plus(ground).compareTo(Length.mm(-5)) < 0;
    }

    private static boolean isOnPlan(Part post, Part mesh) {
        Bounds p = post.solid().bounds();
        Bounds m = mesh.solid().bounds();
        return p.x0().compareTo(m.x1()) < 0
                && p.x1().compareTo(m.x0()) > 0
                && p.y0().compareTo(m.y1()) < 0
                && p.y1().compareTo(m.y0()) > 0;
    }

    private static Opening opening(Coop coop, Opening.Kind kind) {
        return coop.openings().stream().filter(o -> o.kind() == kind).findFirst().orElseThrow();
    }

    /** Bare, and before a run where there can be one. */
    static List<Coop> yards() {
        List<Coop> all = new ArrayList<>(with(AddOn.YARD));
        Random random = new Random(20);
        Houses.familiesWithRun()
                .forEach(f -> all.add(Houses.random(f, EnumSet.of(AddOn.RUN, AddOn.YARD), random)));
        return all;
    }

    @ParameterizedTest
    @MethodSource("yards")
    void everyDoorThatOpensIntoAYardSwingsUnderItsNet(Coop coop) {
        Length net = around(coop, Role.YARD_NET).z1();
        assertThat(coop.openings())
                .filteredOn(Opening::isHinged)
                .filteredOn(o -> coop.of(Role.RUN_POST).isEmpty() || o.kind() == Opening.Kind.GATE)
                .allMatch(o -> o.place().z1().compareTo(net) < 0);
    }

    @ParameterizedTest
    @MethodSource("floored")
    void aWireFloorLiesUnderTheWholePen(Coop coop) {
        Bounds floor = around(coop, Role.WIRE_FLOOR);
        Bounds ground = coop.zones().getFirst().floor();
        assertThat(floor.z1()).isEqualTo(Length.ZERO);
        assertThat(floor.width()).isEqualTo(ground.width());
        assertThat(floor.depth()).isEqualTo(ground.depth());
    }

    static List<Coop> floored() {
        return with(AddOn.WIRE_FLOOR).stream()
                .filter(c -> !c.zones().getFirst().floorHeight().isPositive())
                .toList();
    }

    @ParameterizedTest
    @MethodSource("reliqua.core.coop.Houses#familiesWithWindow")
    void aWindowIsFramedAllRound(CoopFamily family) {
        Coop coop = Houses.random(new Houses.Pair(family, AddOn.WINDOW), new Random(18));
        Bounds window =
                coop.openings().stream()
                        .filter(o -> o.kind() == Opening.Kind.WINDOW)
                        .findFirst()
                        .orElseThrow()
                        .place();
        assertThat(touching(coop, Role.SILL, window.z0(), false)).isTrue();
        assertThat(touching(coop, Role.HEADER, window.z1(), true)).isTrue();
        boolean found = !coop.of(Role.WINDOW).isEmpty();
        assertThat(found).isNotEqualTo(!coop.of(Role.SHUTTER).isEmpty());
    }

    private static boolean touching(Coop coop, Role role, Length z, boolean below) {
        return coop.of(role).stream()
                .map(p -> p.solid().bounds())
                .filter(b -> b.x0().equals(Length.ZERO))
                .anyMatch(b -> (below ? b.z0() : b.z1()).equals(z));
    }
}
