package reliqua.core.cutting;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import reliqua.core.coop.Part;
import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.flock.Site;
import reliqua.core.measure.Bearing;
import reliqua.core.measure.Length;
import reliqua.core.stock.Flaw;
import reliqua.core.stock.Heap;
import reliqua.core.stock.Latitude;
import reliqua.core.stock.Lot;
import reliqua.core.stock.PriceBook;
import reliqua.core.stock.Roofing;

class RoofDemandTest {
    private static final PriceBook NONE = new PriceBook("closed", List.of(), new TreeMap<>());

    @Test
    void rustGoesUnderTheSheetAbove() {
        Roofing rusty = sheet(1200, 840, List.of(rust(0, 150)), List.of());
        CutPlan plan = plan(heap(rusty), roof("R1", 0, 1100, 840, 150));
        assertThat(plan.unplaced()).isEmpty();
        assertThat(plan(heap(rusty), roof("R1", 0, 1100, 840, 0)).unplaced()).isNotEmpty();
    }

    @Test
    void theUpperSheetComesFromSoundTinAndTheLowerOneTakesTheRust() {
        Roofing rusty = sheet(2400, 840, List.of(rust(1100, 1200)), List.of());
        CutPlan plan =
                plan(heap(rusty), roof("R1", 0, 1100, 840, 0), roof("R2", 0, 1290, 840, 150));
        assertThat(plan.unplaced()).isEmpty();
        assertThat(plan.sticks()).hasSize(1);
    }

    @Test
    void aWiderSheetOfTheSameProfileServesAndOneOfAnotherDoesNot() {
        Roofing wide = sheet(1200, 1000, List.of(), List.of());
        Roofing asked = sheet(300, 840, List.of(), List.of());
        assertThat(plan(heap(asked, wide), roof("R1", 0, 1100, 840, 0)).unplaced()).isEmpty();
        Roofing box = wide.with(Roofing.Profile.BOX);
        assertThat(plan(heap(asked, box), roof("R1", 0, 1100, 840, 0)).unplaced()).isNotEmpty();
    }

    @Test
    void theSoundestSheetLiesOnTheWeatherSide() {
        Roofing holed = sheet(1200, 840, List.of(), List.of(Length.mm(300), Length.mm(900)));
        Roofing sound = sheet(1250, 840, List.of(), List.of());
        Heap heap = heap(holed, sound);
        assertThat(sources(heap, Decided.Windward.START)).containsEntry("R1", id(heap, sound));
        assertThat(sources(heap, Decided.Windward.END)).containsEntry("R1", id(heap, holed));
    }

    @Test
    void theWeatherSideFollowsWindAndFront() {
        Site southFacing = Site.BARE.withFacing(new Bearing(180));
        assertThat(Decided.windward(southFacing.withWindFrom(new Bearing(270))))
                .as("from the west: to the left of who looks at the front")
                .isEqualTo(Decided.Windward.START);
        assertThat(Decided.windward(southFacing.withWindFrom(new Bearing(90))))
                .isEqualTo(Decided.Windward.END);
    }

    /** Whatever is covered: plans are valid, and never dearer than without. */
    @Test
    void coveredEndsNeverMakeAPlanWorse() {
        Random random = new Random(55);
        int better = 0;
        for (int n = 0; n < 100; n++) {
            CutJob plain = n % 2 == 0 ? Jobs.yard(random) : Jobs.workable(random);
            CutJob job = covered(plain, random);
            CutPlan plan = new CutPlanner(CutPlanner.Settings.LIVE).plan(job, Progress.NONE);
            assertThat(PlanChecker.faults(job, plan)).as("job %d", n).isEmpty();
            CutPlan bare = new CutPlanner(CutPlanner.Settings.LIVE).plan(plain, Progress.NONE);
            int missing = total(plan) - total(bare);
            assertThat(missing).as("job %d", n).isLessThanOrEqualTo(0);
            if (missing == 0) {
                assertThat(plan.lowerBound()).as("job %d", n).isLessThanOrEqualTo(bare.cost());
            }
            better += missing < 0 || plan.cost().compareTo(bare.cost()) < 0 ? 1 : 0;
        }
        assertThat(better).isPositive();
    }

    private static int total(CutPlan plan) {
        return plan.unplaced().values().stream().mapToInt(Integer::intValue).sum();
    }

    private static CutJob covered(CutJob job, Random random) {
        return new CutJob(
                job.kerf(),
                job.sticks(),
                job.workables(),
                List.of(),
                job.shop(),
                job.pieces().stream()
                        .map(
                                p ->
                                        new WantedPiece(
                                                p.id(),
                                                p.thickness(),
                                                p.width(),
                                                p.length(),
                                                p.quantity(),
                                                p.maxBow(),
                                                Set.of(),
                                                Set.of(),
                                                Latitude.NONE,
                                                Optional.empty(),
                                                false,
                                                Length.mm(random.nextInt(2) * 140)))
                        .toList(),
                List.of());
    }

    private static Map<String, String> sources(Heap heap, Decided.Windward windward) {
        Decided decided = new Decided(List.of(), new TreeSet<>(), List.of(), windward);
        Workshop workshop = Workshop.plain(Length.mm(3));
        List<Part> parts = List.of(roof("R1", 0, 1100, 840, 0), roof("R2", 760, 1100, 840, 0));
        Demand demand =
                new Demand(
                        parts,
                        heap,
                        NONE,
                        workshop,
                        new Workables(Heap.EMPTY, workshop, Set.of()),
                        decided);
        Gathered gathered = new Gathered(demand, heap);
        gathered.add(demand.roofing(), CutPlanner.Settings.FULL, Progress.NONE);
        Map<String, String> sources = new HashMap<>();
        gathered.plan(List.of(), workshop)
                .tickets()
                .forEach(t -> t.cuts().forEach(c -> sources.put(c.marks(), t.source())));
        return sources;
    }

    private static CutPlan plan(Heap heap, Part... parts) {
        CutJob job =
                new RoofDemand(heap, NONE)
                        .job(List.of(parts), Decided.Windward.START, (_, _) -> {});
        CutPlan plan = new CutPlanner(CutPlanner.Settings.FULL).plan(job, Progress.NONE);
        assertThat(PlanChecker.faults(job, plan)).isEmpty();
        return plan;
    }

    private static Part roof(String mark, long x, long length, long width, long covered) {
        return new Part.RoofPart(
                mark,
                Role.ROOF_SHEET,
                Length.mm(length),
                Length.mm(width),
                Length.mm(covered),
                Solid.box(
                        Length.mm(x),
                        Length.mm(x + width),
                        Length.ZERO,
                        Length.mm(length),
                        Length.ZERO,
                        Length.mm(18)));
    }

    private static Flaw rust(long from, long to) {
        return new Flaw(Flaw.Kind.RUST, Length.mm(from), Length.mm(to));
    }

    private static Roofing sheet(long length, long full, List<Flaw> flaws, List<Length> holes) {
        return new Roofing(
                Length.mm(length),
                Length.mm(full),
                Length.mm(full - 80),
                Roofing.Profile.CORRUGATED,
                Optional.of(Length.mm(76)),
                holes,
                flaws);
    }

    private static Heap heap(Roofing... sheets) {
        List<Lot> lots = new ArrayList<>();
        for (Roofing sheet : sheets) {
            lots.add(new Lot("T" + (lots.size() + 1), 1, sheet, Lot.Provenance.UNKNOWN));
        }
        return new Heap(lots);
    }

    private static String id(Heap heap, Roofing sheet) {
        return heap.lots().stream()
                .filter(l -> l.material().equals(sheet))
                .findFirst()
                .orElseThrow()
                .id();
    }
}
