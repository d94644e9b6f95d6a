package reliqua.core.cutting;

import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Part;
import reliqua.core.coop.madeup.MadeUp;
import reliqua.core.coop.madeup.MadeUps;
import reliqua.core.coop.madeup.Seam;
import reliqua.core.measure.Money;
import reliqua.core.stock.Heap;

/**
 * The whole cutting of a coop, in all its materials.
 *
 * @param tickets one a thing that is cut
 * @param missing parts that neither heap nor shop can give
 * @param cost of everything bought to be cut
 * @param lowerBound proven: this coop cannot be had for less from this heap, the work beforehand
 *     included as far as it counts
 * @param proven whether cost and bound meet
 * @param remark what the planner wants said; may be empty
 * @param made what has been cut already, in that order, with the parts its pieces serve now
 * @param wishes how much cheaper a plan without each of the keeper's wishes would be
 * @param workshop kerf and tools it was made for: with others its marks are wrong
 * @param seams of the parts that are made up of several pieces
 * @param joiningMinutes of work at the seams
 */
public record WorkPlan(
        List<Ticket> tickets,
        List<Part> missing,
        Money cost,
        Money lowerBound,
        boolean proven,
        String remark,
        List<Ticket> made,
        Map<CutWish, Money> wishes,
        Workshop workshop,
        List<Seam> seams,
        int joiningMinutes) {
    /** Copies the lists. */
    public WorkPlan {
        made = List.copyOf(made);
        seams = List.copyOf(seams);
        wishes = Collections.unmodifiableMap(new TreeMap<>(wishes));
        tickets = List.copyOf(tickets);
        missing = List.copyOf(missing);
    }

    WorkPlan withWishes(Map<CutWish, Money> costs) {
        return with(lowerBound, proven, remark, costs, seams, joiningMinutes);
    }

    /** For a house with these joints. */
    WorkPlan joined(List<MadeUp> madeUp) {
        return with(
                lowerBound,
                proven,
                remark,
                wishes,
                madeUp.stream().map(MadeUp::seam).toList(),
                madeUp.stream().mapToInt(MadeUp::minutes).sum());
    }

    /** The same with the bound another plan for the same has proven. */
    WorkPlan provenBy(WorkPlan other) {
        boolean meets = missing.isEmpty() && weighed().compareTo(other.lowerBound) <= 0;
        return with(other.lowerBound, meets, other.remark, wishes, seams, joiningMinutes);
    }

    private WorkPlan with(
            Money bound,
            boolean isProven,
            String said,
            Map<CutWish, Money> costs,
            List<Seam> joints,
            int minutes) {
        return new WorkPlan(
                tickets, missing, cost, bound, isProven, said, made, costs, workshop, joints,
                minutes);
    }

    /** The house with the joints of this plan, from the house in whole pieces. */
    public Coop built(Coop whole) {
        return whole.with(new MadeUps(whole, Heap.EMPTY).of(seams));
    }

    /** The ticket a part comes from. */
    public Optional<Ticket> ticketOf(String mark) {
        return Stream.concat(made.stream(), tickets.stream())
                .filter(
                        t ->
                                t.cuts().stream()
                                        .anyMatch(
                                                c ->
                                                        c.parts().stream()
                                                                .anyMatch(
                                                                        p ->
                                                                                p.mark()
                                                                                        .equals(
                                                                                                mark))))
                .findFirst();
    }

    /** How many of each offer are bought. */
    public Map<String, Integer> bought() {
        return tickets.stream()
                .filter(Ticket::bought)
                .collect(
                        Collectors.groupingBy(
                                Ticket::source, TreeMap::new, Collectors.summingInt(_ -> 1)));
    }

    /** Minutes to work things into sticks before they are cut, each thing once. */
    public int makingMinutes() {
        return minutesByThing().values().stream().mapToInt(Integer::intValue).sum();
    }

    private Map<String, Integer> minutesByThing() {
        return tickets.stream()
                .filter(t -> t.made().isPresent())
                .collect(
                        Collectors.toMap(
                                Ticket::thing,
                                t -> t.made().orElseThrow().making().minutes(),
                                (a, _) -> a));
    }

    /**
     * What was made as small as it can be: the cost, and the work beforehand as far as it counts.
     */
    public Money weighed() {
        return minutesByThing().values().stream()
                .map(workshop::charge)
                .reduce(cost.plus(workshop.charge(joiningMinutes)), Money::plus);
    }

    /** How many cuts the saw and the snips make, about: one a piece. */
    public int cutCount() {
        return tickets.stream().mapToInt(t -> t.cuts().size()).sum();
    }
}
