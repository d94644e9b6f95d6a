package reliqua.core.cutting;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import reliqua.core.measure.Length;

class ExactChoiceTest {
    @Test
    void sticksCutIntoThreesArePutTogetherAgain() {
        Random random = new Random(17);
        for (int n = 0; n < 20; n++) {
            StickProblem problem = StickProblem.split(threes(random, 12 + n)).getFirst();
            List<Pattern> patterns = leavingNothing(problem);
            Optional<Packing> found = new ExactChoice(problem, patterns, n, Progress.NONE).found();
            assertThat(found).isPresent();
            assertThat(found.get().unplaced()).isZero();
            assertThat(given(problem, found.get())).isEqualTo(problem.demands());
            assertThat(found.get().patterns()).hasSizeLessThanOrEqualTo(12 + n);
        }
    }

    @Test
    void whatCannotBeMadeUpIsNotFound() {
        Random random = new Random(18);
        StickProblem problem = StickProblem.split(threes(random, 8)).getFirst();
        List<Pattern> fewer =
                leavingNothing(problem).stream().filter(p -> p.counts()[0] == 0).toList();
        assertThat(new ExactChoice(problem, fewer, 1, Progress.NONE).found()).isEmpty();
    }

    private static CutJob threes(Random random, int sticks) {
        List<WantedPiece> pieces = new ArrayList<>();
        for (int s = 0; s < sticks; s++) {
            int first = 600 + random.nextInt(300);
            int second = 600 + random.nextInt(300);
            for (int mm : new int[] {first, second, 2400 - 6 - first - second}) {
                pieces.add(piece("p" + pieces.size(), mm));
            }
        }
        return new CutJob(
                Length.mm(3), List.of(stick(sticks)), List.of(), List.of(), pieces, List.of());
    }

    private static OwnStick stick(int quantity) {
        return new OwnStick(
                "own",
                Length.mm(38),
                Length.mm(89),
                Length.mm(2400),
                quantity,
                List.of(),
                Length.ZERO);
    }

    private static WantedPiece piece(String id, int mm) {
        return new WantedPiece(
                id, Length.mm(38), Length.mm(89), Length.mm(mm), 1, Optional.empty());
    }

    private static List<Pattern> leavingNothing(StickProblem problem) {
        double[] byLength =
                problem.pieces().stream().mapToDouble(p -> p.length() + problem.kerf()).toArray();
        return PatternEnumeration.within(problem, byLength, 0, 0, 5_000, 1_000_000, Progress.NONE)
                .orElseThrow();
    }

    private static int[] given(StickProblem problem, Packing packing) {
        int[] given = new int[problem.size()];
        packing.patterns()
                .forEach(
                        p -> {
                            for (int i = 0; i < given.length; i++) {
                                given[i] += p.counts()[i];
                            }
                        });
        return given;
    }
}
