package reliqua.core.fit;

import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import reliqua.core.coop.family.DesignSpec;
import reliqua.core.cutting.Progress;
import reliqua.core.cutting.Ticket;
import reliqua.core.stock.Roofing;
import reliqua.core.stock.Sheet;
import reliqua.core.stock.Stick;

/** The last changes of a search, for a house that is planned exactly and still asks for wood. */
final class Sparing {
    private static final int PASSES = 3;

    /** Houses of each kind of change that are planned exactly. */
    private static final int LIKELIEST = 4;

    private final FitRequest request;
    private final Progress progress;
    private final Trial trial;
    private final Moves moves;

    Sparing(FitRequest request, Progress progress, Trial trial, Moves moves) {
        this.request = request;
        this.progress = progress;
        this.trial = trial;
        this.moves = moves;
    }

    /**
     * The same house with sections of which there is little, or with those of two groups exchanged,
     * where that leaves less to buy. The likeliest are planned exactly: sticks that just do are
     * found by no heuristic.
     */
    Candidate of(Candidate exact) {
        if (request.built().isPresent()) {
            return exact;
        }
        Comparator<Candidate> order = Candidate.byBill(request.hardware());
        Candidate best = exact;
        for (int pass = 0; pass < PASSES && wantsWood(best); pass++) {
            Candidate before = best;
            for (Candidate planned : trial.exact(likely(best))) {
                best = order.compare(planned, best) < 0 ? planned : best;
            }
            if (best == before || progress.cancelled()) {
                break;
            }
        }
        return best;
    }

    /** Mesh and hardware are the same a hair to either side. */
    private static boolean wantsWood(Candidate candidate) {
        return !candidate.plan().missing().isEmpty()
                || candidate.plan().tickets().stream()
                        .filter(Ticket::bought)
                        .map(Ticket::material)
                        .anyMatch(
                                m ->
                                        m instanceof Stick
                                                || m instanceof Sheet
                                                || m instanceof Roofing);
    }

    /**
     * Those most likely to leave less to buy: of other sections; of a hair another size; and of
     * both other sections and another overhang, as what just fits with one may not with the other.
     */
    private List<Candidate> likely(Candidate best) {
        List<Candidate> scarce = trial.all(moves.scarce(best));
        List<DesignSpec> both =
                scarce.stream()
                        .sorted(Comparator.comparing(Candidate::weighed))
                        .limit(LIKELIEST)
                        .flatMap(c -> moves.otherFree(c).stream())
                        .toList();
        return Stream.of(scarce, trial.all(moves.nudged(best)), trial.all(both))
                .flatMap(some -> some.stream().limit(LIKELIEST))
                .distinct()
                .toList();
    }
}
