package reliqua.core.project;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Zone;
import reliqua.core.fit.Candidate;
import reliqua.core.measure.Length;
import reliqua.core.measure.Sum;

/** Designs worth choosing between, each for a reason of its own, none a near copy of another. */
public final class Spread {
    /** Two houses of a kind whose sides differ by less are the same to a keeper. */
    private static final Length NEAR = Length.mm(100);

    private Spread() {}

    /** What one may choose a design for, in the order they are shown. */
    public enum Reason {
        CHEAPEST,
        ROOMIEST,
        LEAST_WORK,
        LIGHTEST,
        EASIEST
    }

    /**
     * One of them.
     *
     * @param design which
     * @param reasons what it is best at, one or more
     */
    public record Pick(Design design, List<Reason> reasons) {
        /** Copies the list. */
        public Pick {
            reasons = List.copyOf(reasons);
        }

        /** Why it is there, a sum for each reason. */
        public List<Sum> why() {
            return reasons.stream().map(this::why).toList();
        }

        private Sum why(Reason reason) {
            Coop.Measures m = design.candidate().coop().measures();
            return switch (reason) {
                case CHEAPEST -> Sum.of("spread.CHEAPEST");
                case ROOMIEST -> Sum.of("spread.ROOMIEST");
                case LEAST_WORK -> Sum.of("spread.LEAST_WORK", Math.round(design.minutes() / 60.0));
                case LIGHTEST -> Sum.of("spread.LIGHTEST", m.weight());
                case EASIEST ->
                        stands(design)
                                ? Sum.of("spread.EASIEST.stand")
                                : Sum.of("spread.EASIEST", m.reach());
            };
        }
    }

    /** The picks among designs, of which only those are taken that can be built. */
    public static List<Pick> of(List<Design> designs) {
        List<Design> sound = designs.stream().filter(d -> holds(d.candidate())).toList();
        List<Pick> picks = new ArrayList<>();
        for (Reason reason : Reason.values()) {
            sound.stream().min(order(reason)).ifPresent(d -> add(picks, d, reason));
        }
        return picks;
    }

    private static boolean holds(Candidate c) {
        return c.faults() == 0 && c.plan().missing().isEmpty();
    }

    private static void add(List<Pick> picks, Design design, Reason reason) {
        Optional<Pick> same = picks.stream().filter(p -> near(p.design(), design)).findFirst();
        if (same.isEmpty()) {
            picks.add(new Pick(design, List.of(reason)));
            return;
        }
        List<Reason> more = new ArrayList<>(same.get().reasons());
        more.add(reason);
        picks.set(picks.indexOf(same.get()), new Pick(same.get().design(), more));
    }

    private static boolean near(Design a, Design b) {
        var one = a.candidate().spec();
        var other = b.candidate().spec();
        return one.family().equals(other.family())
                && one.width().minus(other.width()).abs().atMost(NEAR)
                && one.depth().minus(other.depth()).abs().atMost(NEAR);
    }

    private static Comparator<Design> order(Reason reason) {
        Comparator<Design> bill = Comparator.comparing(d -> d.bill().total());
        Comparator<Design> by =
                switch (reason) {
                    case CHEAPEST -> bill;
                    case ROOMIEST -> Comparator.comparingDouble(Spread::forItsRoom);
                    case LEAST_WORK -> Comparator.comparingInt(Design::minutes);
                    case LIGHTEST ->
                            Comparator.comparing(d -> d.candidate().coop().measures().weight());
                    case EASIEST ->
                            Comparator.<Design, Boolean>comparing(d -> !stands(d))
                                    .thenComparing(
                                            d ->
                                                    stands(d)
                                                            ? Length.ZERO
                                                            : d.candidate()
                                                                    .coop()
                                                                    .measures()
                                                                    .reach());
                };
        return by.thenComparing(bill);
    }

    /** Money for each square metre of floor; what costs nothing goes by its floor alone. */
    private static double forItsRoom(Design design) {
        double floor = design.candidate().coop().measures().floor().toSquareMetres();
        return (1 + design.bill().total().amount()) / floor;
    }

    private static boolean stands(Design design) {
        return design.candidate().coop().zones().stream()
                .anyMatch(z -> z.kind() == Zone.Kind.HOUSE && z.stand());
    }
}
