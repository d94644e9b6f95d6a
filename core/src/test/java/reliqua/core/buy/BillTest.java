package reliqua.core.buy;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.Random;
import java.util.SortedMap;
import java.util.TreeMap;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Houses;
import reliqua.core.coop.Joints;
import reliqua.core.coop.Part;
import reliqua.core.coop.Role;
import reliqua.core.cutting.CoopPlanner;
import reliqua.core.cutting.CutPlanner;
import reliqua.core.cutting.Progress;
import reliqua.core.cutting.Ticket;
import reliqua.core.cutting.WorkPlan;
import reliqua.core.cutting.Workshop;
import reliqua.core.fit.Candidate;
import reliqua.core.fit.Yards;
import reliqua.core.flock.Practice;
import reliqua.core.measure.Length;
import reliqua.core.measure.Money;
import reliqua.core.project.Project;
import reliqua.core.stock.Hardware;
import reliqua.core.stock.Heap;
import reliqua.core.stock.PriceBook;

class BillTest {
    private static Project project;
    private static Candidate house;

    @BeforeAll
    static void fit() {
        project = Yards.project(6);
        house = Yards.fitted(6).candidate();
    }

    private static WorkPlan plan(Heap heap) {
        return new CoopPlanner(
                        heap,
                        project.prices(),
                        Workshop.plain(Length.mm(3)),
                        CutPlanner.Settings.LIVE)
                .plan(house.coop(), Progress.NONE);
    }

    @Test
    void hardwareIsCountedFromTheDesign() {
        SortedMap<Hardware.Kind, Integer> counts =
                Fixings.counts(Fixings.of(house.coop(), Practice.Finish.PAINTED));
        assertThat(counts)
                .containsKeys(Hardware.Kind.SCREWS, Hardware.Kind.STAPLES, Hardware.Kind.HINGES);
        int lids = house.coop().of(Role.NEST_LID).size();
        int hatches = house.coop().of(Role.HATCH_LEAF).size();
        assertThat(counts.get(Hardware.Kind.HINGES)).isEqualTo(2 * (lids + 1 + hatches));
        long sticks =
                Joints.of(house.coop()).stream()
                        .filter(j -> j.first() instanceof Part.StickPart)
                        .filter(j -> j.second() instanceof Part.StickPart)
                        .count();
        assertThat(counts.get(Hardware.Kind.SCREWS)).isGreaterThanOrEqualTo((int) (2 * sticks));
    }

    @Test
    void jointsAreFoundOnceAndBetweenNeighboursOnly() {
        Coop coop = Houses.random(new Random(61));
        assertThat(Joints.of(coop))
                .allSatisfy(
                        joint -> {
                            assertThat(joint.first()).isNotEqualTo(joint.second());
                            assertThat(joint.area()).isGreaterThanOrEqualTo(100);
                            assertThat(
                                            joint.first()
                                                    .solid()
                                                    .bounds()
                                                    .near(
                                                            joint.second().solid().bounds(),
                                                            Length.mm(1)))
                                    .isTrue();
                        })
                .doesNotHaveDuplicates();
    }

    @Test
    void packsAreWhole() {
        PriceBook prices =
                new PriceBook(
                        "made up",
                        project.prices().offers(),
                        new TreeMap<>(
                                Map.of(
                                        Hardware.Kind.SCREWS,
                                        new PriceBook.Pack(7, Money.of(1.1)))));
        Bill bill =
                Bill.of(house.coop(), house.plan(), prices, Heap.EMPTY, Practice.Finish.PAINTED);
        Bill.Line screws =
                bill.lines().stream()
                        .filter(l -> l.hardware().isPresent())
                        .findFirst()
                        .orElseThrow();
        assertThat(screws.units() * 7).isBetween(screws.needed(), screws.needed() + 6);
        assertThat(screws.total()).isEqualTo(Money.of(1.1).times(screws.units()));
    }

    @Test
    void whatLiesInTheShedIsNotBoughtAgain() {
        Bill without =
                Bill.of(
                        house.coop(),
                        house.plan(),
                        project.prices(),
                        Heap.EMPTY,
                        Practice.Finish.PAINTED);
        Heap few = Heap.EMPTY.plus(small("H1", Hardware.Kind.SCREWS, 3));
        assertThat(
                        needed(
                                Bill.of(
                                        house.coop(),
                                        house.plan(),
                                        project.prices(),
                                        few,
                                        Practice.Finish.PAINTED)))
                .isEqualTo(needed(without) - 3);
        Heap many = Heap.EMPTY.plus(small("H1", Hardware.Kind.SCREWS, 100_000));
        Bill with =
                Bill.of(
                        house.coop(),
                        house.plan(),
                        project.prices(),
                        many,
                        Practice.Finish.PAINTED);
        assertThat(needed(with)).isZero();
        assertThat(with.total()).isLessThan(without.total());
    }

    private static int needed(Bill bill) {
        return bill.lines().stream()
                .filter(l -> l.hardware().filter(Hardware.Kind.SCREWS::equals).isPresent())
                .mapToInt(Bill.Line::needed)
                .sum();
    }

    private static reliqua.core.stock.Lot small(String id, Hardware.Kind kind, int count) {
        return new reliqua.core.stock.Lot(
                id,
                count,
                new Hardware(kind, java.util.Optional.empty()),
                reliqua.core.stock.Lot.Provenance.UNKNOWN);
    }

    @Test
    void withoutAHeapNothingComesFromIt() {
        WorkPlan bought = plan(Heap.EMPTY);
        Bill bill =
                Bill.of(
                        house.coop(),
                        bought,
                        project.prices(),
                        Heap.EMPTY,
                        Practice.Finish.PAINTED);
        assertThat(bill.fromHeap()).isEqualTo(Money.ZERO);
        assertThat(bill.heapShare()).isZero();
        assertThat(bought.tickets()).allMatch(Ticket::bought);
        assertThat(bill.total())
                .isGreaterThan(
                        Bill.of(
                                        house.coop(),
                                        house.plan(),
                                        project.prices(),
                                        Heap.EMPTY,
                                        Practice.Finish.PAINTED)
                                .total());
    }

    @Test
    void aHeapThatHoldsEverythingLeavesOnlyTheHardware() {
        Heap rich = project.heap();
        for (var offer : project.prices().offers()) {
            rich =
                    rich.plus(
                            new reliqua.core.stock.Lot(
                                    "own " + offer.id(),
                                    60,
                                    offer.material(),
                                    reliqua.core.stock.Lot.Provenance.UNKNOWN));
        }
        WorkPlan plan = plan(rich);
        assertThat(plan.cost()).isEqualTo(Money.ZERO);
        assertThat(plan.proven()).isTrue();
        assertThat(plan.bought()).isEmpty();
        assertThat(
                        Bill.of(
                                        house.coop(),
                                        plan,
                                        project.prices(),
                                        Heap.EMPTY,
                                        Practice.Finish.PAINTED)
                                .lines())
                .allMatch(line -> line.hardware().isPresent());
    }

    @Test
    void theCostOfAPlanIsTheSumOfWhatItBuys() {
        Money sum = Money.ZERO;
        for (Map.Entry<String, Integer> e : house.plan().bought().entrySet()) {
            Money price =
                    project.prices().offers().stream()
                            .filter(o -> o.id().equals(e.getKey()))
                            .findFirst()
                            .orElseThrow()
                            .price();
            sum = sum.plus(price.times(e.getValue()));
        }
        assertThat(house.plan().cost()).isEqualTo(sum);
        assertThat(house.plan().lowerBound()).isLessThanOrEqualTo(sum);
        house.plan()
                .tickets()
                .forEach(
                        t ->
                                t.cuts()
                                        .forEach(
                                                c ->
                                                        assertThat(
                                                                        house.plan()
                                                                                .ticketOf(
                                                                                        c.parts()
                                                                                                .getFirst()
                                                                                                .mark()))
                                                                .contains(t)));
    }
}
