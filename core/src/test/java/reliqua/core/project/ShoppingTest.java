package reliqua.core.project;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import reliqua.core.buy.Bill;
import reliqua.core.coop.family.Unbuildable;
import reliqua.core.cutting.Progress;
import reliqua.core.cutting.WorkPlan;
import reliqua.core.fit.Yards;
import reliqua.core.measure.Money;
import reliqua.core.measure.Tape;
import reliqua.core.stock.Hardware;
import reliqua.core.stock.Heap;
import reliqua.core.stock.Lot;

/** The bill of a house settled on: prices changed, things brought home, nothing bought. */
class ShoppingTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 11, 27);
    private static Project project;
    private static Design design;

    @BeforeAll
    static void settle() throws Unbuildable {
        Project yard = Yards.project(5).withHeap(Heap.EMPTY);
        Design found = derive(yard);
        project = yard.settledOn(found.candidate());
        design = derive(project);
    }

    private static Design derive(Project project) throws Unbuildable {
        return Design.derive(project, Optional.empty(), Progress.NONE, _ -> {})
                .design()
                .orElseThrow();
    }

    private static Bill.Line line(Hardware.Kind kind) {
        return design.bill().lines().stream()
                .filter(l -> l.hardware().equals(Optional.of(kind)))
                .findFirst()
                .orElseThrow();
    }

    private static List<Bill.Line> bought() {
        return design.bill().lines().stream().filter(l -> l.hardware().isEmpty()).toList();
    }

    private static Bill.Line wood() {
        return bought().getFirst();
    }

    @Test
    void whatIsBroughtHomeIsOnTheHeapAndOffTheBill() throws Unbuildable {
        Money paid = Money.of(3.33);
        Project home = Shopping.fetched(project, line(Hardware.Kind.SCREWS), paid, TODAY);

        Lot lot = home.heap().lots().getLast();
        assertThat(lot.provenance().source()).isEqualTo(project.prices().merchant());
        assertThat(lot.provenance().since()).contains(TODAY);
        assertThat(Shopping.spent(home).amount())
                .isBetween(paid.amount() - 0.01, paid.amount() + 0.01);
        Bill after =
                Bill.of(
                        design.candidate().coop(),
                        design.candidate().plan(),
                        home.prices(),
                        home.heap(),
                        home.flock().practice().finish());
        assertThat(after.lines())
                .noneMatch(l -> l.hardware().equals(Optional.of(Hardware.Kind.SCREWS)));
        assertThat(design.bill().total().minus(after.total()))
                .isEqualTo(line(Hardware.Kind.SCREWS).total());
    }

    @Test
    void whateverIsBroughtHomeIsCutAndNotBoughtAgain() throws Unbuildable {
        for (Bill.Line line : bought()) {
            Project home = Shopping.fetched(project, line, line.total(), TODAY);
            Lot lot = home.heap().lots().getLast();

            WorkPlan before = design.candidate().plan();
            Design after =
                    Design.derive(home, Optional.of(before), Progress.NONE, _ -> {})
                            .design()
                            .orElseThrow();

            assertThat(lot.quantity()).isEqualTo(line.units());
            assertThat(after.bill().total())
                    .as(line.name())
                    .isLessThanOrEqualTo(design.bill().total().minus(line.total()));
            assertThat(after.candidate().plan().tickets())
                    .anyMatch(t -> t.source().equals(lot.id()));
        }
    }

    @Test
    void anotherPriceIsThatOfTheLineAndOfNoOther() {
        Bill.Line screws = line(Hardware.Kind.SCREWS);
        Project dearer = Shopping.priced(project, screws, Money.of(9.99), 250);

        assertThat(Shopping.inPack(screws, dearer.prices())).isEqualTo(250);
        assertThat(dearer.prices().hardware().get(Hardware.Kind.SCREWS).price())
                .isEqualTo(Money.of(9.99));
        assertThat(dearer.prices().offers()).isEqualTo(project.prices().offers());

        Project wood = Shopping.priced(project, wood(), Money.of(1.5), 1);
        assertThat(wood.prices().offers())
                .filteredOn(o -> o.id().equals(wood().id()))
                .allMatch(o -> o.price().equals(Money.of(1.5)));
        assertThat(wood.prices().hardware()).isEqualTo(project.prices().hardware());
    }

    @Test
    void eachLineWaitsForTheStageThatNeedsIt() {
        assertThat(Shopping.neededFor(line(Hardware.Kind.SCREWS), design, project.prices()))
                .contains(design.candidate().coop().parts().getFirst().role().stage());
        assertThat(Shopping.neededFor(wood(), design, project.prices())).isPresent();
    }

    @Test
    void theListForThePocketHasEveryLineAndTheTotal() {
        String text = Shopping.text(design, Tape.METRIC);

        assertThat(text.lines().filter(l -> l.startsWith("[ ]")))
                .hasSize(design.bill().lines().size());
        assertThat(text.lines().filter(l -> l.startsWith("      ")))
                .isNotEmpty()
                .allMatch(l -> l.matches(" +\\d+ of \\d+ mm.*"));
        assertThat(text).contains(Tape.METRIC.say(design.bill().total()));
    }

    @Test
    void anEmptyHeapAloneGivesNothingAndTellsWhatDoesTheWorkOfScrews() {
        NoBuying found = NoBuying.of(project, design, Progress.NONE);

        assertThat(found.holds()).isFalse();
        assertThat(found.instead()).extracting(s -> s.key()).contains("nobuy.SCREWS");
    }
}
