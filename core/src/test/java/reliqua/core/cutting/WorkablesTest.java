package reliqua.core.cutting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import reliqua.core.fit.Yards;
import reliqua.core.flock.Tool;
import reliqua.core.measure.Length;
import reliqua.core.measure.Money;
import reliqua.core.stock.Heap;
import reliqua.core.stock.Lot;
import reliqua.core.stock.Pallet;
import reliqua.core.stock.Section;
import reliqua.core.stock.Stick;

class WorkablesTest {
    private static final Section BATTEN = Section.mm(38, 38);
    private static final Section LATH = Section.mm(19, 38);
    private static final Workshop SHOP =
            new Workshop(Length.mm(3), Set.of(Tool.TABLE_SAW, Tool.PRY_BAR), Money.ZERO);

    private static CutPlan plan(CutJob job) {
        return new CutPlanner(CutPlanner.Settings.FULL).plan(job, Progress.NONE);
    }

    @Test
    void everyPlanOfThingsToBeWorkedIsValidAndAProvenOneAtItsBound() {
        Random random = new Random(71);
        int worked = 0;
        for (int n = 0; n < 300; n++) {
            CutJob job = Jobs.workable(random);
            CutPlan plan = plan(job);
            CutPlan quick = new CutPlanner(CutPlanner.Settings.QUICK).plan(job, Progress.NONE);
            assertThat(PlanChecker.faults(job, plan)).as("job %d", n).isEmpty();
            assertThat(PlanChecker.faults(job, quick)).as("quick, job %d", n).isEmpty();
            worked += plan.sticks().stream().anyMatch(s -> !s.way().isEmpty()) ? 1 : 0;
        }
        assertThat(worked).isGreaterThan(150);
    }

    /**
     * Every choice of ways makes a job of plain sticks; the best of them all is the best there is.
     */
    @Test
    void noChoiceOfWaysIsCheaperThanThePlanned() {
        Random random = new Random(72);
        for (int n = 0; n < 60; n++) {
            CutJob job = small(random);
            Money best =
                    choices(job.workables()).stream()
                            .map(sticks -> plan(plain(job, sticks)))
                            .map(CutPlan::cost)
                            .min(Money::compareTo)
                            .orElseThrow();
            CutPlan plan = plan(job);
            assertThat(plan.isComplete()).isTrue();
            assertThat(plan.lowerBound()).as("job %d", n).isLessThanOrEqualTo(best);
            assertThat(plan.cost()).as("job %d", n).isGreaterThanOrEqualTo(best);
            if (plan.status() == CutPlan.Status.OPTIMAL) {
                assertThat(plan.cost()).as("job %d", n).isEqualTo(best);
            }
        }
    }

    private static CutJob small(Random random) {
        List<CutJob.Workable> things = new ArrayList<>();
        for (int t = 0; t < 3; t++) {
            things.add(
                    new CutJob.Workable(
                            "T" + t,
                            1,
                            List.of(
                                    new CutJob.Way("a", 0, List.of(own(BATTEN, random))),
                                    new CutJob.Way(
                                            "b",
                                            5,
                                            List.of(own(LATH, random), own(LATH, random))))));
        }
        List<WantedPiece> pieces = new ArrayList<>();
        for (Section section : List.of(BATTEN, LATH)) {
            for (int i = 0; i < 3; i++) {
                pieces.add(piece(section, 300 + random.nextInt(900), 1 + random.nextInt(2)));
            }
        }
        List<CutJob.ShopItem> shop =
                List.of(sold("B1", BATTEN, 1800, 4), sold("B2", LATH, 1800, 3));
        return new CutJob(
                Length.mm(3), List.of(), things, List.of(), shop, numbered(pieces), List.of());
    }

    private static List<List<OwnStick>> choices(List<CutJob.Workable> things) {
        List<List<OwnStick>> all = List.of(List.of());
        for (CutJob.Workable thing : things) {
            List<List<OwnStick>> more = new ArrayList<>();
            for (List<OwnStick> before : all) {
                for (CutJob.Way way : thing.ways()) {
                    List<OwnStick> next = new ArrayList<>(before);
                    next.addAll(way.each());
                    more.add(next);
                }
            }
            all = more;
        }
        return all;
    }

    private static CutJob plain(CutJob job, List<OwnStick> sticks) {
        List<OwnStick> named = new ArrayList<>();
        for (OwnStick s : sticks) {
            named.add(
                    new OwnStick(
                            "S" + named.size(),
                            s.thickness(),
                            s.width(),
                            s.length(),
                            1,
                            s.flaws(),
                            s.bow()));
        }
        return new CutJob(job.kerf(), named, List.of(), job.shop(), job.pieces(), List.of());
    }

    private static OwnStick own(Section section, Random random) {
        return YardStock.ownStick(
                "x", Stick.sound(section, Length.mm(400 + random.nextInt(1500))), 1);
    }

    private static WantedPiece piece(Section section, int length, int quantity) {
        return new WantedPiece(
                "p",
                section.thickness(),
                section.width(),
                Length.mm(length),
                quantity,
                Optional.empty());
    }

    private static List<WantedPiece> numbered(List<WantedPiece> pieces) {
        List<WantedPiece> named = new ArrayList<>();
        for (WantedPiece p : pieces) {
            named.add(
                    new WantedPiece(
                            "p" + named.size(),
                            p.thickness(),
                            p.width(),
                            p.length(),
                            p.quantity(),
                            p.maxBow()));
        }
        return named;
    }

    private static CutJob.ShopItem sold(String id, Section section, int length, int price) {
        return new CutJob.ShopItem(
                id,
                false,
                section.thickness(),
                section.width(),
                Length.mm(length),
                Money.of(price));
    }

    @Test
    void nothingIsWorkedWhenPlainSticksDoAndTheQuickerWayWinsAtTheSameBill() {
        OwnStick board = YardStock.ownStick("b", Stick.sound(BATTEN, Length.mm(1000)), 1);
        CutJob.Workable thing =
                new CutJob.Workable(
                        "W",
                        1,
                        List.of(
                                new CutJob.Way("slow", 20, List.of(board)),
                                new CutJob.Way("quick", 5, List.of(board))));
        CutJob both =
                new CutJob(
                        Length.mm(3),
                        List.of(YardStock.ownStick("S", Stick.sound(BATTEN, Length.mm(900)), 1)),
                        List.of(thing),
                        List.of(),
                        List.of(),
                        List.of(piece(BATTEN, 880, 1)),
                        List.of());
        assertThat(plan(both).sticks()).extracting(CutPlan.StickCut::source).containsExactly("S");
        CutJob alone =
                new CutJob(
                        Length.mm(3),
                        List.of(),
                        List.of(thing),
                        List.of(),
                        List.of(),
                        List.of(piece(BATTEN, 950, 1)),
                        List.of());
        assertThat(plan(alone).sticks()).extracting(CutPlan.StickCut::way).containsExactly("quick");
    }

    @Test
    void lanesWithTheirKerfsFitTheWidthAndNoneMoreWould() {
        Random random = new Random(73);
        for (int n = 0; n < 300; n++) {
            Set<Section> wanted =
                    Set.of(
                            Section.mm(38, 38 + random.nextInt(30)),
                            Section.mm(38, 70 + random.nextInt(40)),
                            Section.mm(19, 38 + random.nextInt(60)));
            Section section = Section.mm(38, 60 + random.nextInt(180));
            Map<String, Making> ways =
                    new Ripping(SHOP, wanted).ways(Stick.sound(section, Length.mm(2000)));
            for (Making making : ways.values()) {
                assertThat(making.gives()).isNotEmpty().allMatch(s -> wanted.contains(s.section()));
                assertThat(making.minutes()).isPositive();
                if (making.how() == Making.How.RIPPED) {
                    rippedFits(making, section, wanted);
                }
            }
        }
    }

    private static void rippedFits(Making making, Section from, Set<Section> wanted) {
        long used = Workshop.LOST_EDGE.nm();
        for (Section lane : making.gives().stream().map(Stick::section).toList()) {
            assertThat(lane.thickness()).isEqualTo(from.thickness());
            used += lane.width().nm();
        }
        long kerfs = SHOP.kerf().nm() * (making.gives().size() - 1);
        long room = from.width().nm() - used - kerfs;
        assertThat(room).isNotNegative();
        long narrowest =
                wanted.stream()
                        .filter(s -> s.thickness().equals(from.thickness()))
                        .mapToLong(s -> s.width().nm())
                        .min()
                        .orElseThrow();
        assertThat(room < narrowest + SHOP.kerf().nm() || making.gives().size() == 4).isTrue();
    }

    @Test
    void theToolsDecideWhatIsOffered() {
        Stick plank = Stick.sound(Section.mm(38, 140), Length.mm(2000));
        Set<Section> wanted = Set.of(Section.mm(38, 64), Section.mm(16, 140));
        assertThat(new Ripping(Workshop.plain(Length.mm(3)), wanted).ways(plank)).isEmpty();
        Workshop guided = new Workshop(Length.mm(3), Set.of(Tool.CIRCULAR_SAW), Money.ZERO);
        assertThat(new Ripping(guided, wanted).ways(plank).values())
                .extracting(Making::how)
                .containsExactly(Making.How.RIPPED);
        Map<String, Making> all = new Ripping(SHOP, wanted).ways(plank);
        assertThat(all.values())
                .extracting(Making::how)
                .containsExactly(Making.How.RIPPED, Making.How.THINNED);
        assertThat(all.values()).extracting(m -> m.gives().size()).containsExactly(2, 2);
        assertThat(guided.minutes(2, Length.mm(2000)))
                .isGreaterThan(SHOP.minutes(2, Length.mm(2000)));
    }

    @Test
    void aPalletIsBrokenDownOnlyInTheWaysLeftOpen() {
        Pallet pallet = Yards.pallet();
        Set<Section> wanted = Set.of(Pallet.USUAL_DECK.section());
        assertThat(ways(pallet, SHOP, wanted)).containsExactly("SAWN", "PRIED");
        assertThat(ways(pallet, Workshop.plain(Length.mm(3)), wanted)).containsExactly("SAWN");
        assertThat(ways(pallet.with(Pallet.Breaking.PRIED), SHOP, wanted)).containsExactly("PRIED");
        assertThat(ways(pallet.with(Pallet.Breaking.WHOLE), SHOP, wanted)).isEmpty();
        assertThat(ways(pallet, SHOP, Set.of(BATTEN))).isEmpty();
        double metres = YardLength.metres(heap(pallet), SHOP, Pallet.USUAL_DECK.section());
        assertThat(metres).isBetween(8.0, 12.0);
    }

    private static Heap heap(Pallet pallet) {
        return Heap.EMPTY.plus(new Lot("T1", 1, pallet, Lot.Provenance.UNKNOWN));
    }

    private static List<String> ways(Pallet pallet, Workshop workshop, Set<Section> wanted) {
        return new Workables(heap(pallet), workshop, wanted)
                .jobs().stream().flatMap(j -> j.ways().stream()).map(CutJob.Way::id).toList();
    }

    @Test
    void aThingWithoutAWayIsRefused() {
        assertThatThrownBy(() -> new CutJob.Workable("W", 1, List.of()))
                .hasMessageContaining("at least one way");
        assertThatThrownBy(() -> new CutJob.Way("a", -1, List.of()))
                .hasMessageContaining("zero or more");
    }

    @Test
    void wishesAreObeyedAndNeverMakeABillSmaller() {
        Random random = new Random(74);
        int obeyed = 0;
        for (int n = 0; n < 200; n++) {
            CutJob job = Jobs.workable(random);
            CutJob wished = Jobs.wished(job, random);
            CutPlan plan = plan(wished);
            assertThat(PlanChecker.faults(wished, plan)).as("job %d", n).isEmpty();
            CutPlan free = plan(job);
            if (plan.isComplete() && free.isComplete()) {
                obeyed++;
                assertThat(plan.cost()).as("job %d", n).isGreaterThanOrEqualTo(free.lowerBound());
            }
        }
        assertThat(obeyed).isGreaterThan(10);
    }
}
