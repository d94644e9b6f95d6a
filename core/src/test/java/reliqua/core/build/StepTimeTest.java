package reliqua.core.build;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import reliqua.core.buy.Fixing;
import reliqua.core.buy.Fixings;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Houses;
import reliqua.core.coop.Part;
import reliqua.core.coop.Role;
import reliqua.core.flock.Keeper;
import reliqua.core.flock.Practice;
import reliqua.core.stock.Hardware;

class StepTimeTest {
    private final Coop coop = Houses.ordinary();

    private static Fixing screws(int count) {
        return new Fixing(
                Hardware.Kind.SCREWS,
                Fixing.Where.FRAME,
                Optional.empty(),
                Optional.empty(),
                false,
                Role.STUD,
                0,
                count,
                List.of());
    }

    @Test
    void tenScrewsMoreTakeFourMinutesMore() {
        List<Part> studs = coop.of(Role.STUD);
        int few = StepTime.minutes(studs, List.of(screws(10)));
        assertThat(StepTime.minutes(studs, List.of(screws(20)))).isEqualTo(few + 4);
    }

    @Test
    void everyPieceMoreTakesLonger() {
        List<Part> studs = coop.of(Role.STUD);
        assertThat(StepTime.minutes(studs, List.of()))
                .isGreaterThan(StepTime.minutes(studs.subList(0, 1), List.of()));
    }

    @Test
    void theStepsOfACoopCountWhatIsDrivenInThem() {
        List<Step> steps = Steps.of(coop, Keeper.Body.MIDDLING.lift());
        List<Step> bare = Steps.of(coop, Keeper.Body.MIDDLING.lift(), List.of());
        double screws =
                Fixings.of(coop, Practice.Finish.PAINTED).stream()
                        .filter(f -> f.kind() == Hardware.Kind.SCREWS)
                        .mapToInt(Fixing::count)
                        .sum();
        int more = minutes(steps) - minutes(bare);
        assertThat(more).isGreaterThan((int) (screws * 0.4));
    }

    private static int minutes(List<Step> steps) {
        return steps.stream().mapToInt(Step::minutes).sum();
    }
}
