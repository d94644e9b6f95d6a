package reliqua.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Duty;
import reliqua.core.coop.Part;
import reliqua.core.flock.Keeper;
import reliqua.core.flock.Needs;
import reliqua.core.flock.Practice;
import reliqua.core.measure.Length;
import reliqua.core.measure.Sum;
import reliqua.core.stock.Condition;
import reliqua.core.stock.Heap;
import reliqua.core.stock.Lot;
import reliqua.core.stock.Section;
import reliqua.core.stock.Stick;
import reliqua.core.stock.Treatment;

/**
 * What keepers wish they had been told: reach, pitch, space below, ramp, limits of the place,
 * doubtful paint.
 */
final class RegretRule implements Rule {
    private static final Length CLEAR_LOW = Length.mm(450);
    private static final Length CLOSED = Length.mm(50);
    private static final double PLAIN_LAPS = 3.0 / 12;
    private static final double SEALED_LAPS = 1.0 / 12;

    @Override
    public List<Finding> check(Subject subject) {
        Coop.Measures m = subject.coop().measures();
        List<Finding> found = new ArrayList<>();
        cleaning(m, subject.needs(), subject.keeper()).ifPresent(found::add);
        boolean meshed = !subject.coop().that(Duty.Trait.CLOSES_BELOW).isEmpty();
        found.add(
                warning(
                        "clearBelow",
                        meshed
                                || m.clearBelow().atLeast(CLEAR_LOW)
                                || m.clearBelow().atMost(CLOSED)
                                || !subject.coop().that(Duty.Trait.ROLLS).isEmpty(),
                        m.clearBelow(),
                        CLEAR_LOW));
        found.add(pitch(m));
        limit(found, "limit.width", m.width(), subject.keeper().limits().width());
        limit(found, "limit.depth", m.depth(), subject.keeper().limits().depth());
        limit(found, "limit.height", m.height(), subject.keeper().limits().height());
        groundContact(subject, found);
        paint(subject, found);
        return found;
    }

    /**
     * One who goes in must be able to stand; one who does not must reach every corner, or see to it
     * otherwise.
     */
    static Optional<Finding> cleaning(Coop.Measures m, Needs needs, Keeper keeper) {
        Keeper.Body body = keeper.body();
        if (m.standing().isPositive()) {
            boolean stands = m.standing().atLeast(body.height());
            return Optional.of(warning("standing", stands, m.standing(), body.height()));
        }
        if (needs.cleaning() == Practice.Cleaning.OWN) {
            return Optional.empty();
        }
        boolean reached = m.reach().atMost(body.reach());
        return Optional.of(warning("reach", reached, m.reach(), body.reach()));
    }

    private static Finding warning(String rule, boolean holds, Object... terms) {
        return Finding.of(rule, holds, Finding.Severity.WARNING, Sum.of("check." + rule, terms));
    }

    private static Finding pitch(Coop.Measures m) {
        // A nanometre of rounding in the walls must not turn a pitch of just 3 in 12 into a
        // finding.
        double slope = m.pitch().tan() + 1e-3;
        if (slope < SEALED_LAPS) {
            return new Finding(
                    "pitch",
                    Finding.Severity.FAULT,
                    Sum.of("check.pitch.flat", m.pitch()),
                    List.of());
        }
        return warning("pitch", slope >= PLAIN_LAPS, m.pitch());
    }

    private static void limit(List<Finding> found, String rule, Length has, Optional<Length> most) {
        most.ifPresent(
                limit ->
                        found.add(
                                Finding.of(
                                        rule,
                                        has.atMost(limit),
                                        Finding.Severity.FAULT,
                                        Sum.of("check." + rule, has, limit))));
    }

    private static void groundContact(Subject subject, List<Finding> found) {
        boolean treated =
                subject.coop().parts().stream()
                        .filter(RegretRule::standsOnGround)
                        .map(p -> ((Part.StickPart) p).section())
                        .allMatch(section -> hasTreated(subject.heap(), section));
        found.add(warning("groundContact", treated));
    }

    /** Upright or level; a ramp leans, and is soon renewed. */
    private static boolean standsOnGround(Part part) {
        return part instanceof Part.StickPart
                && part.solid().isBox()
                && !part.solid().bounds().z0().isPositive();
    }

    private static boolean hasTreated(Heap heap, Section section) {
        return heap.lots().stream()
                .anyMatch(
                        lot ->
                                lot.material() instanceof Stick s
                                        && s.treatment() == Treatment.PRESSURE_TREATED
                                        && s.section().equals(section));
    }

    /** Painted and not yet judged: what the keeper decided is not asked again. */
    private static void paint(Subject subject, List<Finding> found) {
        List<String> painted =
                subject.heap().lots().stream()
                        .filter(
                                lot ->
                                        lot.material() instanceof Stick s
                                                && s.treatment() == Treatment.PAINTED
                                                && lot.condition().verdict()
                                                        == Condition.Verdict.OPEN)
                        .map(Lot::id)
                        .toList();
        if (!painted.isEmpty()) {
            Sum sum = Sum.of("check.paint", String.join(", ", painted));
            found.add(new Finding("paint", Finding.Severity.WARNING, sum, painted));
        }
    }
}
