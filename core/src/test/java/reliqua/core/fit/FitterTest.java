package reliqua.core.fit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import reliqua.core.coop.family.AddOn;
import reliqua.core.coop.family.Families;
import reliqua.core.coop.madeup.Seam;
import reliqua.core.cutting.Progress;
import reliqua.core.cutting.Workshop;
import reliqua.core.measure.Length;
import reliqua.core.measure.Tape;
import reliqua.core.project.Project;
import reliqua.core.stock.Heap;
import reliqua.core.stock.Lot;
import reliqua.core.stock.Sheet;

class FitterTest {
    private static final Map<FitRequest, FitResult> FOUND = new HashMap<>();

    /** What is found, sought once. */
    private static FitResult fit(Project project) {
        return FOUND.computeIfAbsent(project.fitRequest(), _ -> anew(project));
    }

    private static FitResult anew(Project project) {
        return Fitter.fit(project.fitRequest(), Progress.NONE, _ -> {});
    }

    @Test
    void theBestHasNoFaultAndCostsNoMoreThanAnythingElseFound() {
        FitResult result = fit(Yards.project(8));
        Candidate best = result.best().orElseThrow();
        assertThat(best.faults()).isZero();
        assertThat(best.plan().missing()).isEmpty();
        assertThat(best.coop().measures().floor())
                .isGreaterThanOrEqualTo(Yards.project(8).needs().floor());
        HardwareBill hardware = Yards.project(8).fitRequest().hardware();
        result.others().forEach(other -> assertCostsNoMore(best, other, hardware));
        assertCostsNoMore(best, result.standard().orElseThrow(), hardware);
        assertThat(result.tried()).isGreaterThan(50);
        assertThat(result.scatter())
                .contains(FitResult.Tried.of(best))
                .isSortedAccordingTo(Comparator.comparing(FitResult.Tried::floor));
        for (FitAxis axis : FitAxis.values()) {
            assertThat(result.scatter()).allMatch(t -> axis.of(t) >= 0);
            assertThat(axis.words(FitResult.Tried.of(best), Tape.METRIC)).isNotBlank();
        }
    }

    /** With its hardware, where the other serves as well. */
    private static void assertCostsNoMore(Candidate best, Candidate other, HardwareBill hardware) {
        boolean serves =
                other.faults() == 0 && other.plan().missing().isEmpty() && !other.leavesCorners();
        if (serves) {
            assertThat(best.weighed().plus(hardware.of(best.coop())))
                    .isLessThanOrEqualTo(other.weighed().plus(hardware.of(other.coop())));
        }
    }

    @Test
    void everyPartOfTheBestComesFromExactlyOneTicket() {
        Candidate best = fit(Yards.project(6)).best().orElseThrow();
        List<String> cut = new ArrayList<>();
        best.plan()
                .tickets()
                .forEach(t -> t.cuts().forEach(c -> c.parts().forEach(p -> cut.add(p.mark()))));
        List<String> wanted = best.coop().parts().stream().map(p -> p.mark()).toList();
        assertThat(cut).containsExactlyInAnyOrderElementsOf(wanted);
    }

    @Test
    void aHouseWithACornerOutOfReachIsTakenOnlyWhereThereIsNoOther() {
        Project project = Yards.project(6);
        Candidate reached = fit(project).best().orElseThrow();
        assertThat(reached.leavesCorners()).isFalse();
        assertThat(reached.coop().measures().reach())
                .isLessThanOrEqualTo(project.keeper().body().reach());
        assertThat(reached.spec().addOns()).contains(AddOn.BACK_HATCH);
        assertThat(project.seeks(reached.spec())).isTrue();

        Project crawling = project.with(AddOn.BACK_HATCH, false);
        Candidate cheaper = fit(crawling).best().orElseThrow();
        assertThat(cheaper.spec().addOns()).doesNotContain(AddOn.BACK_HATCH);
        assertThat(cheaper.findings()).noneMatch(f -> f.rule().equals("reach"));
        assertThat(cheaper.cost()).isLessThanOrEqualTo(reached.cost());

        // A deep house is all there is.
        Project deep = Yards.project(8).hold("depth", Length.mm(1300));
        assertThat(fit(deep).best().orElseThrow().leavesCorners()).isTrue();
    }

    @Test
    void theSameRequestGivesTheSameHouse() {
        Candidate one = anew(Yards.project(7)).best().orElseThrow();
        Candidate two = anew(Yards.project(7)).best().orElseThrow();
        assertThat(one.spec()).isEqualTo(two.spec());
        assertThat(one.plan()).isEqualTo(two.plan());
    }

    @Test
    void whatIsHeldStays() {
        Project project = Yards.project(8).hold("depth", Length.mm(1300));
        assertThat(fit(project).best().orElseThrow().spec().depth()).isEqualTo(Length.mm(1300));
    }

    @Test
    void aBoardMoreNeverMakesTheBillHigher() {
        Project project = Yards.project(8);
        Heap more = project.heap();
        for (var lot : project.heap().lots()) {
            more = more.replace(lot.with(lot.quantity() * 3, lot.material()));
        }
        assertThat(fit(project.withHeap(more)).best().orElseThrow().cost())
                .isLessThanOrEqualTo(fit(project).best().orElseThrow().cost());
    }

    @Test
    void anEmptyHeapIsBuiltFromTheShopAndNothingAtAllIsSaid() {
        assertThat(fit(Yards.project(5).withHeap(Heap.EMPTY)).best()).isPresent();
        assertThat(
                        fit(Yards.project(5)
                                        .withHeap(Heap.EMPTY)
                                        .withPrices(reliqua.core.stock.PriceBook.EMPTY))
                                .best())
                .isEmpty();
    }

    /** Its gable is wider than any roll sold, and bears on purlins that are laid flat. */
    @Test
    void aPenIsBuiltWholeAndStrongFromTheShopAlone() {
        Project project =
                Yards.project(4)
                        .withHeap(Heap.EMPTY)
                        .seeking(Families.find("aframe").orElseThrow());
        Candidate pen = fit(project).best().orElseThrow();
        assertThat(pen.plan().missing()).isEmpty();
        assertThat(pen.faults()).isZero();
        assertThat(pen.plan().seams()).extracting(Seam::kind).contains(Seam.Kind.LACED_WIDE);
    }

    @Test
    void smallSheetsOnlyDoNotKeepAHouseFromBeingFound() {
        Project project = Yards.project(8);
        Heap heap = project.heap();
        for (Lot lot : project.heap().lots()) {
            if (lot.material() instanceof Sheet s) {
                Sheet small =
                        new Sheet(
                                s.kind(), s.thickness(), Length.mm(640), Length.mm(640), List.of());
                heap = heap.replace(lot.with(4, small));
            }
        }
        for (int extra = 0; extra < 6; extra++) {
            Sheet other =
                    new Sheet(
                            Sheet.Kind.PLYWOOD,
                            Length.mm(12),
                            Length.mm(640),
                            Length.mm(700 + 10L * extra),
                            List.of());
            heap = heap.plus(new Lot("Q" + extra, 1, other, Lot.Provenance.UNKNOWN));
        }
        assertThat(fit(project.withHeap(heap)).best()).isPresent();
    }

    @Test
    void aCancelledSearchStillAnswers() {
        Progress cancelSoon =
                new Progress() {
                    private int reports;

                    @Override
                    public void report(double share, String words) {
                        reports++;
                    }

                    @Override
                    public boolean cancelled() {
                        return reports > 1;
                    }
                };
        FitResult result = Fitter.fit(Yards.project(8).fitRequest(), cancelSoon, _ -> {});
        assertThat(result.best()).isPresent();
    }

    @Test
    void theCheapBoundIsNeverAboveTheBill() {
        Project project = Yards.project(8);
        CheapBound bound =
                new CheapBound(project.heap(), project.prices(), Workshop.of(project.keeper()));
        FitResult result = fit(project);
        result.others()
                .forEach(
                        c ->
                                assertThat(bound.of(c.coop().parts()))
                                        .isLessThanOrEqualTo(c.cost().amount() + 1e-6));
    }
}
