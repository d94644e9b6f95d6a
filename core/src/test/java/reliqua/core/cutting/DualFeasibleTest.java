package reliqua.core.cutting;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;

/** What fits side by side is worth one at most, whatever the function and however it is cut. */
class DualFeasibleTest {
    @Test
    void stretchesThatFitAddUpToOneAtMost() {
        Random random = new Random(5);
        for (int n = 0; n < 2000; n++) {
            long whole = 1000 + random.nextInt(2000);
            List<Long> row = row(random, whole);
            LongStream lengths = row.stream().mapToLong(Long::longValue);
            for (DualFeasible each : DualFeasible.telling(lengths, whole, 40)) {
                double sum = row.stream().mapToDouble(a -> each.of(a, whole)).sum();
                assertThat(sum)
                        .as("%s of %s in %d", each, row, whole)
                        .isLessThanOrEqualTo(1 + 1e-9);
            }
        }
    }

    /** Filled to the last, often with equal stretches and simple parts, where functions jump. */
    private static List<Long> row(Random random, long whole) {
        List<Long> row = new ArrayList<>();
        long left = whole;
        while (left > 0 && row.size() < 12) {
            long next =
                    switch (random.nextInt(3)) {
                        case 0 -> Math.max(1, whole / (1 + random.nextInt(6)));
                        case 1 -> row.isEmpty() ? 1 + whole / 2 : row.getLast();
                        default -> 1 + random.nextInt((int) left);
                    };
            if (next > left) {
                next = left;
            }
            row.add(next);
            left -= next;
        }
        return row;
    }

    @Test
    void moreThanHalfCountsAsAll() {
        DualFeasible half = new DualFeasible.Steps(1);
        assertThat(half.of(501, 1000)).isEqualTo(1);
        assertThat(half.of(500, 1000)).isEqualTo(0.5);
        assertThat(half.of(499, 1000)).isZero();
    }
}
