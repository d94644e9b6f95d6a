package reliqua.core.project;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import reliqua.core.check.Finding;
import reliqua.core.coop.Part;
import reliqua.core.coop.family.AddOn;
import reliqua.core.coop.family.Families;
import reliqua.core.coop.family.Unbuildable;
import reliqua.core.cutting.Progress;
import reliqua.core.fit.Yards;
import reliqua.core.measure.Length;
import reliqua.core.stock.Condition;
import reliqua.core.stock.FoundPart;
import reliqua.core.stock.Heap;
import reliqua.core.stock.Lot;
import reliqua.core.stock.Material;

/** What the keeper says must go in. */
class PinnedThingTest {
    private static final FoundPart MANY = door(400, 520);
    private static final FoundPart ONE = door(460, 600);
    private static final FoundPart WINDOW =
            new FoundPart(FoundPart.Kind.WINDOW, List.of(Length.mm(420), Length.mm(320)));

    private static final FoundPart WHEEL =
            new FoundPart(FoundPart.Kind.WHEEL, List.of(Length.mm(300), Length.mm(60)));

    private static FoundPart door(long wide, long high) {
        return new FoundPart(
                FoundPart.Kind.CABINET_DOOR,
                List.of(Length.mm(wide), Length.mm(high), Length.mm(18)));
    }

    private final Project project = withThings();

    private static Project withThings() {
        Project bare = Yards.project(6);
        Heap heap = with(with(bare.heap(), MANY, 3), ONE, 1);
        return bare.withHeap(with(with(heap, WINDOW, 1), WHEEL, 1));
    }

    private static Heap with(Heap heap, Material thing, int count) {
        return heap.plus(new Lot(heap.freshId(thing), count, thing, Lot.Provenance.UNKNOWN));
    }

    private String lot(FoundPart thing) {
        return project.heap().lots().stream()
                .filter(l -> l.material().equals(thing))
                .findFirst()
                .orElseThrow()
                .id();
    }

    private static Design fitted(Project project) throws Unbuildable {
        return Design.derive(project, Optional.empty(), Progress.NONE, _ -> {})
                .design()
                .orElseThrow();
    }

    private static boolean holds(Design design, FoundPart thing) {
        return design.candidate().coop().parts().stream()
                .anyMatch(p -> p instanceof Part.WholePart w && w.find().takes(thing));
    }

    @Test
    void aPinnedDoorGoesInWhateverTheOthersAre() throws Unbuildable {
        for (FoundPart each : List.of(MANY, ONE)) {
            Design design = fitted(project.pinning(lot(each), true));
            assertThat(holds(design, each)).isTrue();
            assertThat(design.candidate().faults()).isZero();
            assertThat(design.candidate().findings())
                    .filteredOn(f -> f.rule().equals("pinned"))
                    .allMatch(f -> f.severity() == Finding.Severity.GOOD);
        }
    }

    @Test
    void aPinnedWindowBringsTheWallThatHasAPlaceForIt() throws Unbuildable {
        Project pinned =
                project.seeking(Families.find("walkin").orElseThrow()).pinning(lot(WINDOW), true);
        assertThat(pinned.addOns()).contains(AddOn.WINDOW);
        assertThat(pinned.pinning(lot(WINDOW), false).addOns()).contains(AddOn.WINDOW);
    }

    @Test
    void whereThereIsNoPlaceForItThatIsAFaultInWords() throws Unbuildable {
        Project rolled = project.pinning(lot(WHEEL), true);
        assertThat(fitted(rolled).candidate().findings())
                .filteredOn(f -> f.rule().equals("pinned"))
                .singleElement()
                .satisfies(f -> assertThat(f.severity()).isEqualTo(Finding.Severity.FAULT))
                .satisfies(
                        f ->
                                assertThat(f.sum().words(rolled.keeper().tape()))
                                        .contains("must go in"));
    }

    @Test
    void itCanBeLetGoAgain() {
        String id = lot(ONE);
        Project free = project.pinning(id, true).pinning(id, false);
        assertThat(free.heap().find(id).orElseThrow().condition().verdict())
                .isEqualTo(Condition.Verdict.OPEN);
    }
}
