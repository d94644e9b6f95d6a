package reliqua.core.cutting;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Part;
import reliqua.core.coop.madeup.MadeUp;
import reliqua.core.coop.madeup.MadeUps;
import reliqua.core.coop.madeup.Seam;

/**
 * Looks for parts that are had more cheaply, or at all, made up of several pieces: for the parts
 * that are missing or bought, every way to join them is tried, on all equal ones and on fewer, with
 * the quick planner; what helps is kept. A local search: it proves nothing, so a plan's bound holds
 * for the house with the joints it has.
 */
final class Joining {
    /** Quick plans it may take; about a few milliseconds each. */
    private static final int MOST_TRIALS = 45;

    /** While something cannot be had at all, it is worth looking longer. */
    private static final int MOST_WHILE_MISSING = 120;

    /** So that one kind of part does not use up all. */
    private static final int MOST_A_GROUP = 12;

    private final Coop coop;
    private final MadeUps ways;
    private final Function<List<Seam>, WorkPlan> quick;
    private final Progress progress;
    private int trials;

    Joining(Coop coop, MadeUps ways, Function<List<Seam>, WorkPlan> quick, Progress progress) {
        this.coop = coop;
        this.ways = ways;
        this.quick = quick;
        this.progress = progress;
    }

    /** The seams that help, the given ones among them. */
    List<Seam> seams(List<Seam> fixed, WorkPlan direct) {
        List<Seam> once = joined(fixed, direct);
        WorkPlan plan = quick.apply(once);
        // What is still missing may find its stuff now that other parts are made of something else.
        return plan.missing().isEmpty() || once.equals(fixed) ? once : joined(once, plan);
    }

    private List<Seam> joined(List<Seam> before, WorkPlan lacking) {
        List<Seam> chosen = new ArrayList<>(before);
        WorkPlan best = quick.apply(chosen);
        for (List<Part> group : wanting(lacking)) {
            Optional<List<Seam>> better = better(group, chosen, best);
            if (better.isPresent()) {
                chosen = better.get();
                best = quick.apply(chosen);
            }
        }
        return List.copyOf(chosen);
    }

    /** Equal parts of the house that are missing or bought, missing ones first, then longest. */
    private List<List<Part>> wanting(WorkPlan plan) {
        Map<String, List<Part>> groups = new LinkedHashMap<>();
        Stream<Part> bought =
                plan.tickets().stream()
                        .filter(Ticket::bought)
                        .flatMap(t -> t.cuts().stream())
                        .sorted(Comparator.comparing(Ticket.Cut::across).reversed())
                        .flatMap(c -> c.parts().stream());
        Stream.concat(plan.missing().stream(), bought)
                .filter(p -> coop.find(p.mark()).filter(p::equals).isPresent())
                .forEach(
                        p ->
                                groups.computeIfAbsent(PartShape.of(p), _ -> new ArrayList<>())
                                        .add(p));
        return List.copyOf(groups.values());
    }

    private Optional<List<Seam>> better(List<Part> group, List<Seam> chosen, WorkPlan best) {
        List<List<MadeUp>> options = group.stream().map(this.ways::options).toList();
        int ways = options.stream().mapToInt(List::size).min().orElse(0);
        List<Seam> found = null;
        WorkPlan lowest = best;
        int last = trials + MOST_A_GROUP;
        for (int way = 0; way < ways; way++) {
            for (int count = group.size(); count > 0; count /= 2) {
                int most = lowest.missing().isEmpty() ? MOST_TRIALS : MOST_WHILE_MISSING;
                if (trials > Math.min(most, last) || progress.cancelled()) {
                    return Optional.ofNullable(found);
                }
                List<Seam> fresh = seams(options.subList(0, count), way);
                if (!this.ways.keepClear(fresh, chosen)) {
                    continue;
                }
                trials++;
                List<Seam> tried = new ArrayList<>(chosen);
                tried.addAll(fresh);
                WorkPlan plan = quick.apply(tried);
                if (beats(plan, lowest)) {
                    lowest = plan;
                    found = tried;
                }
            }
        }
        return Optional.ofNullable(found);
    }

    private static List<Seam> seams(List<List<MadeUp>> options, int way) {
        return options.stream().map(o -> o.get(way).seam()).toList();
    }

    /** Fewer missing, then a lower bill with the work as far as it counts. */
    static boolean beats(WorkPlan plan, WorkPlan other) {
        int missing = plan.missing().size() - other.missing().size();
        return missing != 0 ? missing < 0 : plan.weighed().compareTo(other.weighed()) < 0;
    }
}
