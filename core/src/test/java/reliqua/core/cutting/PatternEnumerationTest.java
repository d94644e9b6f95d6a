package reliqua.core.cutting;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class PatternEnumerationTest {
    /**
     * Whatever the worths of the pieces, good or poor: no plan that reaches the total is left out.
     */
    @Test
    void everyPlanThatReachesTheTotalIsCoveredByTheList() {
        Random random = new Random(61);
        int checked = 0;
        for (int n = 0; n < 150; n++) {
            CutJob job = n % 2 == 0 ? Jobs.yard(random) : Jobs.planted(random);
            for (StickProblem problem : StickProblem.split(job)) {
                Packing plan =
                        new StickPlanner(problem, CutPlanner.Settings.FULL)
                                .plan(Progress.NONE)
                                .packing();
                if (plan.unplaced() == 0) {
                    checked += covered(problem, plan, random) ? 1 : 0;
                }
            }
        }
        assertThat(checked).isGreaterThan(60);
    }

    private static boolean covered(StickProblem problem, Packing plan, Random random) {
        double scale = random.nextInt(3) == 0 ? 1e-3 : 1;
        double[] worths =
                problem.pieces().stream()
                        .mapToDouble(p -> scale * p.length() * random.nextDouble() / 400)
                        .toArray();
        double[] fair = new Pricing(problem).price(worths, problem.demands()).fairDuals();
        long charge = plan.charge(problem);
        Optional<List<Pattern>> listed =
                PatternEnumeration.reaching(problem, fair, charge, charge, 20_000, Progress.NONE);
        listed.ifPresent(
                list ->
                        assertThat(plan.patterns())
                                .allMatch(used -> list.stream().anyMatch(l -> covers(l, used))));
        return listed.isPresent();
    }

    private static boolean covers(Pattern listed, Pattern used) {
        return listed.bin() == used.bin()
                && IntStream.range(0, used.counts().length)
                        .allMatch(i -> listed.counts()[i] >= used.counts()[i]);
    }
}
