package reliqua.core.project;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import reliqua.core.cutting.CutMade;
import reliqua.core.cutting.Ticket;
import reliqua.core.cutting.WorkPlan;
import reliqua.core.measure.Money;
import reliqua.core.stock.Lot;

/**
 * Where everything came from and what became of it.
 *
 * @param lines one a lot, of the heap first, then what is used up; in the order they were recorded
 */
public record Ledger(List<Line> lines) {
    /** Copies the list. */
    public Ledger {
        lines = List.copyOf(lines);
    }

    /** What becomes of a lot. */
    public enum State {
        /** No plan wants it. */
        FREE,
        /** Some of it, or all, is wanted by the plan. */
        RESERVED,
        /** Some is cut, some is left. */
        PARTLY_CUT,
        /** Nothing is left but off-cuts. */
        USED_UP
    }

    /**
     * A lot.
     *
     * @param lot as it is now; as it was, where nothing is left
     * @param left how many lie there
     * @param reserved how many of those the plan wants
     * @param used how many are cut
     * @param worth of all there were, new
     */
    public record Line(Lot lot, int left, int reserved, int used, Money worth) {
        /** What becomes of it. */
        public State state() {
            if (left == 0) {
                return State.USED_UP;
            }
            if (used > 0) {
                return State.PARTLY_CUT;
            }
            return reserved > 0 ? State.RESERVED : State.FREE;
        }

        /** Paid for it, all of it. */
        public Money paid() {
            return lot.provenance().paid();
        }

        /** Whether it was brought home, and not cut from something that was. */
        public boolean original() {
            return lot.provenance().parent().isEmpty();
        }
    }

    /**
     * What came from one source.
     *
     * @param source in the keeper's words; empty when unknown
     * @param things how many
     * @param paid for all of them
     * @param worth of all of them, new
     * @param used how many are cut
     * @param reserved how many the plan wants
     */
    public record Origin(
            String source, int things, Money paid, Money worth, int used, int reserved) {}

    private static Map<String, Integer> reserved(Optional<WorkPlan> plan) {
        Map<String, Integer> reserved = new HashMap<>();
        Set<String> counted = new HashSet<>();
        plan.ifPresent(
                p ->
                        p.tickets().stream()
                                .filter(t -> !t.bought() && counted.add(t.thing()))
                                .map(Ticket::source)
                                .forEach(id -> reserved.merge(id, 1, Integer::sum)));
        return reserved;
    }

    /** One line alone, without pricing the rest of a large heap. */
    public static Line line(Project project, Optional<WorkPlan> plan, Lot lot) {
        int used =
                (int)
                        project.cuts().stream()
                                .filter(c -> !c.bought() && c.taken().id().equals(lot.id()))
                                .count();
        int wanted = reserved(plan).getOrDefault(lot.id(), 0);
        return line(project, lot, lot.quantity(), wanted, used);
    }

    /** The ledger of a project under its plan, if it has one. */
    public static Ledger of(Project project, Optional<WorkPlan> plan) {
        Map<String, Integer> reserved = reserved(plan);
        Map<String, Integer> used = new LinkedHashMap<>();
        Map<String, Lot> before = new HashMap<>();
        for (CutMade cut : project.cuts()) {
            if (!cut.bought()) {
                used.merge(cut.taken().id(), 1, Integer::sum);
                before.putIfAbsent(cut.taken().id(), cut.taken());
            }
        }
        List<Line> lines = new ArrayList<>();
        for (Lot lot : project.heap().lots()) {
            int gone = used.getOrDefault(lot.id(), 0);
            lines.add(line(project, lot, lot.quantity(), reserved.getOrDefault(lot.id(), 0), gone));
        }
        used.forEach(
                (id, gone) -> {
                    if (project.heap().find(id).isEmpty()) {
                        lines.add(line(project, before.get(id), 0, 0, gone));
                    }
                });
        return new Ledger(lines);
    }

    private static Line line(Project project, Lot lot, int left, int reserved, int used) {
        Money worth = project.prices().worth(lot.material()).times(left + used);
        return new Line(lot, left, reserved, used, worth);
    }

    /** The line of a lot. */
    public Optional<Line> line(String lot) {
        return lines.stream().filter(l -> l.lot().id().equals(lot)).findFirst();
    }

    /**
     * What was brought home, by source, dearest first; off-cuts are in it with what they were of.
     */
    public List<Origin> origins() {
        Map<String, Origin> bySource = new LinkedHashMap<>();
        for (Line line : lines) {
            if (line.original()) {
                String source = line.lot().provenance().source();
                bySource.merge(
                        source,
                        new Origin(
                                source,
                                line.left() + line.used(),
                                line.paid(),
                                line.worth(),
                                line.used(),
                                line.reserved()),
                        Ledger::sum);
            }
        }
        return bySource.values().stream().sorted((a, b) -> b.worth().compareTo(a.worth())).toList();
    }

    /** All origins together under a name; nothing for an empty heap. */
    public Optional<Origin> total(String name) {
        return origins().stream()
                .reduce(Ledger::sum)
                .map(
                        o ->
                                new Origin(
                                        name,
                                        o.things(),
                                        o.paid(),
                                        o.worth(),
                                        o.used(),
                                        o.reserved()));
    }

    private static Origin sum(Origin a, Origin b) {
        return new Origin(
                a.source(),
                a.things() + b.things(),
                a.paid().plus(b.paid()),
                a.worth().plus(b.worth()),
                a.used() + b.used(),
                a.reserved() + b.reserved());
    }
}
