package reliqua.core.cutting;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A second way to use a flawed stick where some pieces have an end that will lie under another: its
 * stretches begin so much earlier, in the flaw before them, for the covered end of their first
 * piece. Whether there is such a piece is looked at pattern by pattern ({@link StickProblem#lies}).
 */
final class CoveredEnds {
    private final long longest;

    CoveredEnds(List<WantedPiece> wanted) {
        this.longest = wanted.stream().mapToLong(p -> p.covered().nm()).max().orElse(0);
    }

    /** Whether any piece has one. */
    boolean any() {
        return longest > 0;
    }

    /** The other way to use a bin; nothing where no stretch of it begins behind a flaw. */
    Optional<StickProblem.BinType> of(StickProblem.BinType plain) {
        if (!any()) {
            return Optional.empty();
        }
        List<StickProblem.Segment> segments = longer(plain.segments());
        if (segments.stream().allMatch(s -> s.flawed() == 0)) {
            return Optional.empty();
        }
        return Optional.of(
                new StickProblem.BinType(
                        plain.group(),
                        plain.own(),
                        plain.source(),
                        plain.way(),
                        plain.minutes(),
                        plain.price(),
                        plain.charge(),
                        plain.looks(),
                        true,
                        plain.lanes(),
                        segments,
                        longer(plain.relaxed())));
    }

    private List<StickProblem.Segment> longer(List<StickProblem.Segment> clear) {
        List<StickProblem.Segment> longer = new ArrayList<>();
        int lane = -1;
        long end = 0;
        for (StickProblem.Segment s : clear) {
            if (s.lane() != lane) {
                lane = s.lane();
                end = 0;
            }
            long flawed = Math.min(longest, Math.max(0, s.start() - end));
            long length = s.length() + flawed;
            longer.add(
                    new StickProblem.Segment(s.start() - flawed, length, s.lane(), length, flawed));
            end = s.start() + s.length();
        }
        return List.copyOf(longer);
    }
}
