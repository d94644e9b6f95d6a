package reliqua.core.cutting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.util.List;
import java.util.Random;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** What the heuristic fills is held against the sticks themselves, stretch by stretch. */
class FillerTest {
    private static RandomGenerator dice() {
        return RandomGeneratorFactory.of("L64X128MixRandom").create(5);
    }

    private static Packing filled(StickProblem problem, int rounds) {
        return new Filler(problem, dice())
                .best(rounds, problem.demands(), problem.copies(), Progress.NONE);
    }

    private static List<StickProblem> problems(int jobs) {
        Random random = new Random(23);
        return IntStream.range(0, jobs)
                .mapToObj(n -> n % 3 == 0 ? Jobs.planted(random) : Jobs.yard(random))
                .flatMap(job -> StickProblem.split(job).stream())
                .toList();
    }

    @Test
    void everyPieceIsPlacedOnceOrMissingAndNoStickGivesMoreThanItHolds() {
        int placed = 0;
        for (StickProblem problem : problems(200)) {
            Packing packing = filled(problem, 3);
            int[] left = problem.demands();
            int[] copies = problem.copies();
            for (Pattern pattern : packing.patterns()) {
                pattern.takeFrom(left);
                assertStretches(problem, pattern);
                StickProblem.BinType bin = problem.bin(pattern);
                if (bin.own()) {
                    copies[bin.group()]--;
                }
                placed += IntStream.of(pattern.counts()).sum();
            }
            assertThat(left).isEqualTo(packing.missing());
            assertThat(IntStream.of(copies)).allMatch(n -> n >= 0);
        }
        assertThat(placed).isGreaterThan(2_000);
    }

    private static void assertStretches(StickProblem problem, Pattern pattern) {
        StickProblem.BinType bin = problem.bin(pattern);
        for (int s = 0; s < bin.segments().size(); s++) {
            long used = 0;
            int pieces = 0;
            for (int i = 0; i < problem.size(); i++) {
                int count = pattern.bySegment()[s][i];
                pieces += count;
                used += count * problem.pieces().get(i).length();
                if (count > 0) {
                    assertThat(bin.lane(s).allowed().get(i)).isTrue();
                }
            }
            long kerfs = Math.max(0, pieces - 1) * problem.kerf();
            assertThat(used + kerfs).isLessThanOrEqualTo(bin.segments().get(s).length());
        }
    }

    @Test
    void moreRoundsAreNeverWorse() {
        for (StickProblem problem : problems(60)) {
            Packing one = filled(problem, 1);
            Packing many = filled(problem, 8);
            assertThat(one.betterThan(many, problem)).isFalse();
        }
    }

    @Test
    void whatCanBeBoughtIsNeverMissing() {
        for (StickProblem problem : problems(100)) {
            int[] missing = filled(problem, 2).missing();
            for (int i = 0; i < missing.length; i++) {
                if (problem.buyable(i)) {
                    assertThat(missing[i]).isZero();
                }
            }
        }
    }

    @Test
    void onlyWhatIsAskedForIsFilledFromTheCopiesThatAreLeft() {
        for (StickProblem problem : problems(60)) {
            int[] wanted = IntStream.of(problem.demands()).map(n -> n / 2).toArray();
            int[] copies = IntStream.of(problem.copies()).map(n -> n / 2).toArray();
            Packing packing = new Filler(problem, dice()).best(2, wanted, copies, Progress.NONE);
            int[] left = wanted.clone();
            packing.patterns().forEach(p -> p.takeFrom(left));
            assertThat(left).isEqualTo(packing.missing());
            for (int g = 0; g < copies.length; g++) {
                int group = g;
                long used =
                        packing.patterns().stream()
                                .map(problem::bin)
                                .filter(b -> b.own() && b.group() == group)
                                .count();
                assertThat(used).isLessThanOrEqualTo(Math.max(0, copies[g]));
            }
        }
    }

    @Test
    void aSearchThatIsStoppedGivesWhatItHas() {
        Progress stopped = mock(Progress.class);
        when(stopped.cancelled()).thenReturn(true);
        for (StickProblem problem : problems(20)) {
            Packing packing =
                    new Filler(problem, dice())
                            .best(100, problem.demands(), problem.copies(), stopped);
            int[] left = problem.demands();
            packing.patterns().forEach(p -> p.takeFrom(left));
            assertThat(left).isEqualTo(packing.missing());
        }
    }
}
