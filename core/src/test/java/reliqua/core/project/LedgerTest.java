package reliqua.core.project;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import reliqua.core.coop.family.Unbuildable;
import reliqua.core.cutting.Ticket;
import reliqua.core.cutting.WorkPlan;
import reliqua.core.fit.Yards;
import reliqua.core.measure.Money;
import reliqua.core.stock.Lot;

class LedgerTest {
    private final Project project = Yards.project(8);

    private WorkPlan plan() throws Unbuildable {
        return Yards.fitted(8).candidate().plan();
    }

    @Test
    void withoutAPlanEverythingIsFree() {
        Ledger ledger = Ledger.of(project, Optional.empty());
        assertThat(ledger.lines()).hasSameSizeAs(project.heap().lots());
        assertThat(ledger.lines()).allMatch(l -> l.state() == Ledger.State.FREE);
    }

    @Test
    void whatThePlanWantsIsReservedAndNeverMoreThanThereIs() throws Unbuildable {
        Ledger ledger = Ledger.of(project, Optional.of(plan()));
        assertThat(ledger.lines()).allMatch(l -> l.reserved() <= l.left());
        assertThat(ledger.lines()).anyMatch(l -> l.state() == Ledger.State.RESERVED);
    }

    @Test
    void whatIsCutIsUsedAndItsOffcutsAreNotCountedTwice() throws Unbuildable {
        WorkPlan plan = plan();
        Ledger before = Ledger.of(project, Optional.of(plan));
        Project after = project;
        for (Ticket ticket : plan.tickets()) {
            after = SawLog.cut(after, ticket, Set.of());
        }
        Ledger ledger = Ledger.of(after, Optional.empty());
        for (Ledger.Line line : before.lines()) {
            Ledger.Line now = ledger.line(line.lot().id()).orElseThrow();
            assertThat(now.used()).isEqualTo(line.reserved());
            assertThat(now.left() + now.used()).isEqualTo(line.left());
            assertThat(now.worth()).isEqualTo(line.worth());
        }
        for (Lot lot : after.heap().lots()) {
            assertThat(Ledger.line(after, Optional.empty(), lot))
                    .isEqualTo(ledger.line(lot.id()).orElseThrow());
        }
        assertThat(ledger.lines()).anyMatch(l -> l.state() == Ledger.State.USED_UP);
        assertThat(total(ledger)).isEqualTo(total(before));
    }

    private static Money total(Ledger ledger) {
        return ledger.origins().stream().map(Ledger.Origin::worth).reduce(Money.ZERO, Money::plus);
    }

    @Test
    void originsAddUpWhatCameFromOnePlace() {
        Project two = project;
        for (Lot lot : project.heap().lots()) {
            Lot.Provenance from =
                    new Lot.Provenance(
                            "", lot.id().hashCode() % 2 == 0 ? "barn" : "skip", "", Money.of(2));
            two = two.withHeap(two.heap().replace(lot.with(from)));
        }
        Ledger ledger = Ledger.of(two, Optional.empty());
        assertThat(ledger.origins())
                .hasSize(2)
                .isSortedAccordingTo((a, b) -> b.worth().compareTo(a.worth()));
        Money paid =
                ledger.origins().stream().map(Ledger.Origin::paid).reduce(Money.ZERO, Money::plus);
        assertThat(paid).isEqualTo(Money.of(2).times(project.heap().lots().size()));
    }
}
