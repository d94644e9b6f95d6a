package reliqua.core.cutting;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.stream.IntStream;
import reliqua.core.measure.Length;
import reliqua.core.stock.Latitude;
import reliqua.core.stock.Span;

/**
 * How a tapering pole can be used: one way for every range of diameters that is wanted, over the
 * stretch of the pole that lies in that range. A piece may also come from the stretch of a range
 * that lies within its own. The bound reckons with the stretches of all ranges together, so it
 * holds for pieces of different ranges on one pole as well.
 */
final class PoleBins {
    private final OwnStick pole;
    private final List<WantedPiece> wanted;
    private final long kerf;

    PoleBins(OwnStick pole, List<WantedPiece> wanted, Length kerf) {
        this.pole = pole;
        this.kerf = kerf.nm();
        this.wanted = wanted;
    }

    /** The bins, of group zero; empty where nothing wanted can be round. */
    List<StickProblem.BinType> bins(String source) {
        List<StickProblem.BinType> bins = new ArrayList<>();
        List<Boolean> round = wanted.stream().map(p -> StickLanes.round(source, pole, p)).toList();
        StickProblem.Lane any = lane(round);
        List<Latitude.Round> ranges =
                IntStream.range(0, wanted.size())
                        .filter(round::get)
                        .mapToObj(i -> wanted.get(i).latitude().round().orElseThrow())
                        .distinct()
                        .toList();
        long first = ranges.stream().mapToLong(this::start).min().orElse(0);
        long last = ranges.stream().mapToLong(this::end).max().orElse(0);
        List<StickProblem.Segment> relaxed = stretches(first, last, 1, 0);
        for (Latitude.Round range : ranges) {
            List<StickProblem.Segment> stretches = stretches(start(range), end(range), 0, kerf);
            if (!stretches.isEmpty()) {
                StickProblem.Lane lane =
                        lane(
                                IntStream.range(0, wanted.size())
                                        .mapToObj(i -> round.get(i) && within(range, wanted.get(i)))
                                        .toList());
                bins.add(
                        new StickProblem.BinType(
                                0,
                                true,
                                source,
                                "",
                                0,
                                0,
                                0,
                                pole.looks(),
                                false,
                                List.of(lane, any),
                                stretches,
                                relaxed));
            }
        }
        return bins;
    }

    private static boolean within(Latitude.Round range, WantedPiece piece) {
        Latitude.Round own = piece.latitude().round().orElseThrow();
        return own.from().atMost(range.from()) && own.to().atLeast(range.to());
    }

    private StickProblem.Lane lane(List<Boolean> allowed) {
        return new StickProblem.Lane(allowed, Collections.nCopies(allowed.size(), 0.0));
    }

    /** Where the pole is no longer too thick, rounded towards the tip. */
    private long start(Latitude.Round range) {
        return thick() <= range.to().nm() ? 0 : (long) Math.ceil(at(range.to()));
    }

    /** Where it becomes too thin, rounded towards the thick end. */
    private long end(Latitude.Round range) {
        return thin() >= range.from().nm()
                ? pole.length().nm()
                : (long) Math.floor(at(range.from()));
    }

    /**
     * Where the diameter is so much, were the pole long enough; beyond its end where it is even.
     */
    private double at(Length diameter) {
        double taper = (double) (thick() - thin()) / pole.length().nm();
        double more = thick() - diameter.nm();
        return taper == 0 ? Math.copySign(2.0 * pole.length().nm(), more) : more / taper;
    }

    private long thick() {
        return pole.thickness().nm();
    }

    private long thin() {
        return pole.tip().orElseThrow().nm();
    }

    private List<StickProblem.Segment> stretches(long from, long to, int lane, long apart) {
        List<StickProblem.Segment> stretches = new ArrayList<>();
        // Two pieces keep a kerf between them even across a flaw narrower than the kerf.
        long free = Math.max(0, from);
        for (Span clear : pole.clearSpans()) {
            long start = Math.max(free, clear.from().nm());
            long end = Math.min(to, clear.to().nm());
            if (end > start) {
                stretches.add(new StickProblem.Segment(start, end - start, lane));
                free = end + apart;
            }
        }
        return stretches;
    }
}
