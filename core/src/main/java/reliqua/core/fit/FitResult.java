package reliqua.core.fit;

import java.util.List;
import java.util.Optional;
import reliqua.core.cutting.Ticket;
import reliqua.core.measure.Area;
import reliqua.core.measure.Money;
import reliqua.core.measure.Sum;
import reliqua.core.measure.Weight;

/**
 * What a search found.
 *
 * @param best the best, if any house could be drawn up at all
 * @param others the best of other sizes, best first
 * @param standard the size one would build without looking at the heap
 * @param tried houses drawn up and planned
 * @param skipped sizes that could not be built or were ruled out by their bound
 * @param obstacle why most sizes could not be built, to be told when none could
 * @param scatter a point for everything that was tried and holds
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

    /**
     * One point of the scatter.
     *
     * @param cost what its wood, sheets and mesh would cost, about
     * @param floor room in it
     * @param weight of all that stands
     * @param pieces parts it is made of, each to be measured, cut and fixed
     * @param bought share of the things it is cut from that are bought
     */
    public record Tried(Money cost, Area floor, Weight weight, int pieces, double bought) {
        /** The point of a house. */
        public static Tried of(Candidate house) {
            List<Ticket> tickets = house.plan().tickets();
            long bought = tickets.stream().filter(Ticket::bought).count();
            return new Tried(
                    house.cost(),
                    house.coop().measures().floor(),
                    house.coop().measures().weight(),
                    house.coop().parts().size(),
                    tickets.isEmpty() ? 0 : (double) bought / tickets.size());
        }
    }
}
