package reliqua.core.cutting;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Houses;
import reliqua.core.coop.Part;
import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.flock.Tool;
import reliqua.core.measure.Angle;
import reliqua.core.measure.Length;
import reliqua.core.measure.Money;
import reliqua.core.stock.Heap;
import reliqua.core.stock.Lot;
import reliqua.core.stock.PriceBook;
import reliqua.core.stock.Section;
import reliqua.core.stock.Stick;

/** One plank, one piece cut from it, and another that is wanted afterwards. */
class PatchTest {
    private static final Section WIDE = Section.mm(38, 140);
    private static final Section NARROW = Section.mm(38, 64);
    private static final Workshop SHOP =
            new Workshop(Length.mm(3), Set.of(Tool.TABLE_SAW), Money.ZERO);

    private static Part part(String mark, Section section, long length) {
        return new Part.StickPart(
                mark,
                Role.STUD,
                section,
                Length.mm(length),
                Angle.ZERO,
                Angle.ZERO,
                Solid.box(
                        Length.ZERO,
                        section.thickness(),
                        Length.ZERO,
                        section.width(),
                        Length.ZERO,
                        Length.mm(length)));
    }

    private static Coop coop(Part... parts) {
        return new Coop(List.of(parts), List.of(), List.of(), Houses.ordinary().measures());
    }

    private static CoopPlanner planner() {
        Heap heap =
                Heap.EMPTY.plus(
                        new Lot(
                                "S1",
                                1,
                                Stick.sound(WIDE, Length.mm(2400)),
                                Lot.Provenance.UNKNOWN));
        PriceBook closed = new PriceBook("closed", List.of(), new TreeMap<>());
        return new CoopPlanner(heap, closed, SHOP, CutPlanner.Settings.LIVE);
    }

    private static WorkPlan mended(Part more, CutWish... wishes) {
        Part first = part("C1", WIDE, 900);
        WorkPlan before = planner().plan(coop(first), Progress.NONE);
        Decided decided = new Decided(List.of(), new TreeSet<>(List.of(wishes)), List.of());
        return planner().mended(coop(first, more), decided, before, Progress.NONE);
    }

    @Test
    void aPieceOfTheSameSectionGoesOntoTheEnd() {
        WorkPlan plan = mended(part("C2", WIDE, 1000));
        assertThat(plan.missing()).isEmpty();
        assertThat(plan.tickets()).hasSize(1);
        List<Length> at = new ArrayList<>();
        plan.tickets().getFirst().cuts().forEach(c -> at.add(c.x()));
        assertThat(at).containsExactly(Length.ZERO, Length.mm(903));
    }

    /** Half a plank cannot be ripped while the other half is to stay whole. */
    @Test
    void anEndIsNeverRipped() {
        WorkPlan plan = mended(part("C2", NARROW, 700));
        assertThat(plan.missing()).extracting(Part::mark).containsExactly("C2");
        assertThat(plan.tickets()).hasSize(1);
        assertThat(plan.tickets().getFirst().cuts()).hasSize(1);
    }

    @Test
    void whatMustNotComeFromAThingDoesNotComeFromItsEnd() {
        WorkPlan plan = mended(part("C2", WIDE, 1000), new CutWish("C2", "S1", false));
        assertThat(plan.missing()).extracting(Part::mark).containsExactly("C2");
        assertThat(plan.tickets().getFirst().cuts()).hasSize(1);
    }
}
