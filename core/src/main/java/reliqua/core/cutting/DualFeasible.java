package reliqua.core.cutting;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.LongStream;

/**
 * A dual feasible function: of stretches that find room in a whole side by side, the values add up
 * to one at most. For panels that lie on a sheet without overlap the products of two such
 * functions, one for each side, add up to one at most as well (Fekete and Schepers 2004), which
 * says more than their areas where much of a sheet must be lost. Stretches are exact, in
 * nanometres.
 */
sealed interface DualFeasible {
    /** Value of a stretch in a whole, between 0 and 1. */
    double of(long stretch, long whole);

    /** The share it takes. */
    record Share() implements DualFeasible {
        @Override
        public double of(long stretch, long whole) {
            return (double) stretch / whole;
        }
    }

    /**
     * By how many parts of the whole it is longer than: with one, more than half counts as all.
     *
     * @param parts one or more
     */
    record Steps(int parts) implements DualFeasible {
        @Override
        public double of(long stretch, long whole) {
            long scaled = stretch * (parts + 1);
            return scaled % whole == 0
                    ? (double) stretch / whole
                    : (double) (scaled / whole) / parts;
        }
    }

    /**
     * Nothing where it is shorter than a length; all where no more than that length is left beside
     * it.
     *
     * @param least at most half of the whole
     */
    record Cut(long least) implements DualFeasible {
        @Override
        public double of(long stretch, long whole) {
            if (stretch > whole - least) {
                return 1;
            }
            return stretch < least ? 0 : (double) stretch / whole;
        }
    }

    /**
     * How many of a length it takes the place of, as a share of those that find room.
     *
     * @param least at most half of the whole
     */
    record Rounded(long least) implements DualFeasible {
        @Override
        public double of(long stretch, long whole) {
            double room = whole / least;
            if (2 * stretch > whole) {
                return 1 - ((whole - stretch) / least) / room;
            }
            return stretch < least ? 0 : 1 / room;
        }
    }

    /** Those that tell stretches of these lengths apart in a whole, at most so many of a kind. */
    static List<DualFeasible> telling(LongStream lengths, long whole, int most) {
        List<DualFeasible> all = new ArrayList<>();
        all.add(new Share());
        for (int parts = 1; parts <= 4; parts++) {
            all.add(new Steps(parts));
        }
        long[] least =
                lengths.map(a -> 2 * a <= whole ? a : whole - a + 1)
                        .filter(a -> a > 0 && 2 * a <= whole)
                        .distinct()
                        .sorted()
                        .toArray();
        int stride = Math.max(1, Math.ceilDiv(least.length, most));
        for (int n = 0; n < least.length; n += stride) {
            all.add(new Cut(least[n]));
            all.add(new Rounded(least[n]));
        }
        return all;
    }
}
