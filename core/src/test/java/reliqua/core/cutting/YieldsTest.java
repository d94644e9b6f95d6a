package reliqua.core.cutting;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import reliqua.core.coop.family.Unbuildable;
import reliqua.core.fit.Yards;
import reliqua.core.measure.Length;
import reliqua.core.measure.Money;
import reliqua.core.project.Project;
import reliqua.core.stock.Stick;

class YieldsTest {
    @Test
    void nothingIsLostTwiceAndTheBillIsThatOfThePlan() throws Unbuildable {
        Project project = Yards.project(8);
        WorkPlan plan = Yards.fitted(8).candidate().plan();
        List<Yields.Line> lines = Yields.of(plan, project.keeper().kerf(), project.prices());
        long sticks = plan.tickets().stream().filter(t -> t.material() instanceof Stick).count();
        assertThat(lines.stream().mapToInt(Yields.Line::sticks).sum()).isEqualTo((int) sticks);
        for (Yields.Line line : lines) {
            assertThat(line.lost().nm()).as("%s", line).isNotNegative();
            assertThat(line.pieces()).isGreaterThan(Length.ZERO);
        }
        Money timber =
                plan.tickets().stream()
                        .filter(t -> t.bought() && t.material() instanceof Stick)
                        .map(
                                t ->
                                        project.prices().offers().stream()
                                                .filter(o -> o.id().equals(t.source()))
                                                .findFirst()
                                                .orElseThrow()
                                                .price())
                        .reduce(Money.ZERO, Money::plus);
        assertThat(lines.stream().map(Yields.Line::bill).reduce(Money.ZERO, Money::plus))
                .isEqualTo(timber);
    }

    @Test
    void ticketsStandBySectionThePickiestFirstThenTheLongest() throws Unbuildable {
        WorkPlan plan = Yards.fitted(8).candidate().plan();
        List<Stick> sticks =
                plan.tickets().stream()
                        .filter(t -> t.material() instanceof Stick)
                        .map(t -> (Stick) t.material())
                        .toList();
        long changes = 0;
        for (int n = 1; n < sticks.size(); n++) {
            changes += sticks.get(n).section().equals(sticks.get(n - 1).section()) ? 0 : 1;
        }
        long sections = sticks.stream().map(Stick::section).distinct().count();
        assertThat(changes).isEqualTo(sections - 1);
        assertThat(plan.tickets()).isSortedAccordingTo(TicketOrder.comparator());
    }
}
