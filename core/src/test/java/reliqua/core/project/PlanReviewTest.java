package reliqua.core.project;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import reliqua.core.coop.family.Unbuildable;
import reliqua.core.cutting.Progress;
import reliqua.core.cutting.WorkPlan;
import reliqua.core.fit.Candidate;
import reliqua.core.fit.Yards;
import reliqua.core.flock.Tool;
import reliqua.core.measure.Money;
import reliqua.core.stock.Heap;
import reliqua.core.stock.Lot;

class PlanReviewTest {
    private static Project wanting;

    @BeforeAll
    static void aYard() throws Unbuildable {
        wanting = wanting();
    }

    private static Candidate house(Project project) throws Unbuildable {
        return Design.derive(project, Optional.empty(), Progress.NONE, _ -> {})
                .design()
                .orElseThrow()
                .candidate();
    }

    /** A yard without any sheet: some must be bought. */
    private static Project wanting() throws Unbuildable {
        Project project = Yards.project(8);
        Project settled = project.settledOn(Yards.fitted(8).candidate());
        Heap heap = settled.heap();
        for (Lot lot : heap.lots()) {
            if (lot.material() instanceof reliqua.core.stock.Sheet) {
                heap = heap.minus(lot.id());
            }
        }
        return settled.withHeap(heap);
    }

    @Test
    void aFindThatIsNamedSavesWhatIsSaidWhenItTurnsUp() throws Unbuildable {
        Project project = wanting;
        Candidate house = house(project);
        PlanReview review = PlanReview.of(project, house.coop(), house.plan(), Progress.NONE);
        assertThat(review.improvements()).isNotEmpty();
        assertThat(review.improvements())
                .extracting(PlanReview.Improvement::saving)
                .isSortedAccordingTo((a, b) -> b.compareTo(a))
                .allMatch(m -> m.micros() > 0);
        PlanReview.Improvement.Find best =
                review.improvements().stream()
                        .filter(i -> i instanceof PlanReview.Improvement.Find)
                        .map(PlanReview.Improvement.Find.class::cast)
                        .findFirst()
                        .orElseThrow();
        String id = project.freshId(best.like().material());
        Lot found = new Lot(id, 1, best.like().material(), Lot.Provenance.UNKNOWN);
        WorkPlan after = house(project.withHeap(project.heap().plus(found))).plan();
        assertThat(house.plan().weighed().minus(after.weighed())).isEqualTo(best.saving());
    }

    @Test
    void aToolAtHandIsNotToBeBorrowedAndACancelledReviewSaysNothing() throws Unbuildable {
        Project project = wanting;
        Project equipped =
                project.withKeeper(
                        project.keeper().with(Tool.TABLE_SAW, true).with(Tool.PRY_BAR, true));
        Candidate house = house(equipped);
        assertThat(
                        PlanReview.of(equipped, house.coop(), house.plan(), Progress.NONE)
                                .improvements())
                .noneMatch(i -> i instanceof PlanReview.Improvement.Borrow);
        Progress stopped =
                new Progress() {
                    @Override
                    public void report(double share, String words) {}

                    @Override
                    public boolean cancelled() {
                        return true;
                    }
                };
        assertThat(PlanReview.of(equipped, house.coop(), house.plan(), stopped))
                .isEqualTo(PlanReview.NONE);
    }

    @Test
    void anHourThatCountsNeverMakesThePlanWorkMore() throws Unbuildable {
        Project project = wanting;
        Project ripping = project.withKeeper(project.keeper().with(Tool.TABLE_SAW, true));
        WorkPlan free = house(ripping).plan();
        WorkPlan dear = house(ripping.withKeeper(ripping.keeper().withHour(Money.of(1000)))).plan();
        assertThat(dear.makingMinutes()).isLessThanOrEqualTo(free.makingMinutes());
        assertThat(dear.cost()).isGreaterThanOrEqualTo(free.cost());
    }
}
