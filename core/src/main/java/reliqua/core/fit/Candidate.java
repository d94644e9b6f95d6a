package reliqua.core.fit;

import java.util.Comparator;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import reliqua.core.check.Finding;
import reliqua.core.check.Findings;
import reliqua.core.coop.Coop;
import reliqua.core.coop.family.DesignSpec;
import reliqua.core.cutting.WorkPlan;
import reliqua.core.measure.Money;

/**
 * One house that was tried.
 *
 * @param spec its lengths and choices
 * @param coop the house
 * @param findings what the rules say of it
 * @param plan how it is cut from the heap
 */
public record Candidate(DesignSpec spec, Coop coop, List<Finding> findings, WorkPlan plan) {

    /**
     * No faults first, then nothing missing, then no corner out of reach, then the lowest bill
     * (with the work before the saw, as far as an hour counts), then the least of that work (boards
     * ripped, pallets broken down), then the fewest things cut into.
     */
    public static final Comparator<Candidate> ORDER =
            Comparator.comparingLong(Candidate::faults)
                    .thenComparingInt(c -> c.plan().missing().size())
                    .thenComparing(Candidate::leavesCorners)
                    .thenComparing(Candidate::weighed)
                    .thenComparingInt(c -> -c.spec().choices().finds().things().size())
                    .thenComparingInt(c -> c.plan().makingMinutes())
                    .thenComparingInt(c -> c.plan().tickets().size())
                    .thenComparing(c -> c.coop().measures().weight());

    /** The same order with the hardware on the bill. */
    static Comparator<Candidate> byBill(HardwareBill hardware) {
        Map<Coop, Money> known = new IdentityHashMap<>();
        Function<Candidate, Money> bill =
                c -> c.weighed().plus(known.computeIfAbsent(c.coop(), hardware::of));
        return Comparator.comparingLong(Candidate::faults)
                .thenComparingInt(c -> c.plan().missing().size())
                .thenComparing(Candidate::leavesCorners)
                .thenComparing(bill)
                .thenComparing(ORDER);
    }

    /** Copies the list. */
    public Candidate {
        findings = List.copyOf(findings);
    }

    public long faults() {
        return findings.stream().filter(f -> f.severity() == Finding.Severity.FAULT).count();
    }

    /** Whether the keeper does not reach every corner. */
    public boolean leavesCorners() {
        return Findings.leavesCorners(findings);
    }

    /** The bill, and work beforehand as far as it counts. */
    public Money weighed() {
        return plan.weighed();
    }

    public Money cost() {
        return plan.cost();
    }
}
