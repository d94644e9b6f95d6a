package reliqua.core.fit;

import java.util.List;
import java.util.Optional;
import reliqua.core.measure.Sum;

/**
 * What a search found.
 *
 * @param best the best, if any house could be drawn up at all
 * @param others the best of other sizes, best first
 * @param standard the size one would build without looking at the heap
 * @param tried houses drawn up and planned
 * @param skipped sizes that could not be built or were ruled out by their bound
 * @param obstacle why most sizes could not be built, to be told when none could
 * @param scatter bill and birds housed of everything that was tried and holds
 */
public record FitResult(
        Optional<Candidate> best,
        List<Candidate> others,
        Optional<Candidate> standard,
        int tried,
        int skipped,
        Optional<Sum> obstacle,
        List<Tried> scatter) {
    /** Copies the lists. */
    public FitResult {
        others = List.copyOf(others);
        scatter = List.copyOf(scatter);
    }

    /** One point of the scatter: what a house would cost, about, and its floor in square metres. */
    public record Tried(double cost, double floor) {}
}
